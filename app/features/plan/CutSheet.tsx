import { cutGuide, guidesFor } from "../../../core/kitchen/cutGuides";
import { CUT_WORDS } from "../../../words/guides";
import { CutGuideView } from "../../bird-view/CutGuideView";
import { Sheet } from "../../ui/Sheet";
import type { PanelProps } from "./panelProps";

/** What to do at the board for this bird, step by step on drawings of it. */
export function CutSheets({ bird }: Pick<PanelProps["plan"], "bird">) {
  return guidesFor(bird).map((id) => {
    const { name } = CUT_WORDS[id];
    return (
      <Sheet key={id} opens={`${name}: how`} title={name}>
        <CutGuideView guide={cutGuide(id, bird.species)} species={bird.species} />
      </Sheet>
    );
  });
}
