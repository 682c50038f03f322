import type { Species } from "../../../core/bird/anatomy";
import { type CutGuide, cutGuide, guidesFor } from "../../../core/kitchen/cutGuides";
import { CutDrawing } from "../../bird-view/CutDrawing";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";
import type { PanelProps } from "./panelProps";

/** What to do at the board for this bird, step by step on drawings of it. */
export function CutSheets({ bird }: Pick<PanelProps["plan"], "bird">) {
  return guidesFor(bird).map((id) => {
    const guide = cutGuide(id, bird.species);
    return (
      <Sheet key={id} opens={`${guide.name}: how`} title={guide.name}>
        <Guide guide={guide} species={bird.species} />
      </Sheet>
    );
  });
}

function Guide({ guide, species }: { readonly guide: CutGuide; readonly species: Species }) {
  return (
    <>
      <p className="text-soft">
        {guide.minutes} minutes. To hand: {guide.tools.join(", ")}.
      </p>
      <ol className="grid gap-5">
        {guide.steps.map((step, n) => (
          <li key={step.does} className="grid grid-cols-[9.5rem_1fr] items-center gap-4 max-sm:grid-cols-[7.5rem_1fr]">
            <CutDrawing step={step} species={species} />
            <div>
              <h3 className="font-semibold">
                {n + 1}. {step.does}
              </h3>
              <p className="text-soft">{step.how}</p>
            </div>
          </li>
        ))}
      </ol>
      <p>
        <span className="font-semibold">To the stock pot:</span> {guide.toPot.join(", ")}.
      </p>
      {guide.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
    </>
  );
}
