import type { Species } from "../../../core/bird/anatomy";
import { type CutGuide, cutGuide, guidesFor } from "../../../core/kitchen/cutGuides";
import { CUT_WORDS, cutStepWords } from "../../../words/guides";
import { CutDrawing } from "../../bird-view/CutDrawing";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";
import type { PanelProps } from "./panelProps";

/** What to do at the board for this bird, step by step on drawings of it. */
export function CutSheets({ bird }: Pick<PanelProps["plan"], "bird">) {
  return guidesFor(bird).map((id) => {
    const { name } = CUT_WORDS[id];
    return (
      <Sheet key={id} opens={`${name}: how`} title={name}>
        <Guide guide={cutGuide(id, bird.species)} species={bird.species} />
      </Sheet>
    );
  });
}

function Guide({ guide, species }: { readonly guide: CutGuide; readonly species: Species }) {
  const { tools, toPot, cautions } = CUT_WORDS[guide.id];
  return (
    <>
      <p className="text-soft">
        {guide.minutes} minutes. To hand: {tools.join(", ")}.
      </p>
      <ol className="grid gap-5">
        {guide.steps.map((step, n) => {
          const words = cutStepWords(guide.id, step.id);
          return (
            <li key={step.id} className="grid grid-cols-[9.5rem_1fr] items-center gap-4 max-sm:grid-cols-[7.5rem_1fr]">
              <CutDrawing step={step} words={words} species={species} />
              <div>
                <h3 className="font-semibold">
                  {n + 1}. {words.does}
                </h3>
                <p className="text-soft">{words.how}</p>
              </div>
            </li>
          );
        })}
      </ol>
      <p>
        <span className="font-semibold">To the stock pot:</span> {toPot.join(", ")}.
      </p>
      {cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
    </>
  );
}
