import type { Species } from "../../core/bird/species";
import type { Drawn } from "../../core/kitchen/cutGuides";
import type { StepWords } from "../../words/guides";
import { CutDrawing } from "./CutDrawing";

interface Props {
  readonly steps: readonly { readonly id: string; readonly step: Drawn; readonly words: StepWords }[];
  readonly species: Species;
  /** At the board they are read from further away. */
  readonly size: "sheet" | "board";
}

/** Steps in their order, each drawn on the bird's own solid. */
export function GuideSteps({ steps, species, size }: Props) {
  const board = size === "board";
  return (
    <ol className="grid gap-5">
      {steps.map(({ id, step, words }, n) => (
        <li
          key={id}
          className={`grid items-center ${board ? "grid-cols-[11rem_1fr] gap-5 max-sm:grid-cols-[8rem_1fr]" : "grid-cols-[9.5rem_1fr] gap-4 max-sm:grid-cols-[7.5rem_1fr]"}`}
        >
          <CutDrawing step={step} words={words} species={species} />
          <div>
            <h3 className={board ? "font-display text-2xl font-semibold" : "font-semibold"}>
              {n + 1}. {words.does}
            </h3>
            <p className={board ? "text-lg text-soft" : "text-soft"}>{words.how}</p>
          </div>
        </li>
      ))}
    </ol>
  );
}
