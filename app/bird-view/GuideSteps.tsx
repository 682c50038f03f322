import { lazy, Suspense, useState } from "react";
import type { Species } from "../../core/bird/species";
import type { Drawn } from "../../core/kitchen/cutGuides";
import type { StepWords } from "../../words/guides";
import { Segmented } from "../ui/Segmented";
import { CutDrawing } from "./CutDrawing";

interface Props {
  readonly steps: readonly { readonly id: string; readonly step: Drawn; readonly words: StepWords }[];
  readonly species: Species;
  /** At the board they are read from further away. */
  readonly size: "sheet" | "board";
  /** They can be gone through on the solid too: of a raw bird, or of one from the oven. */
  readonly solid?: "raw" | "roasted";
}

/** Large, and wanted only where the bird is turned. */
const GuideSolid = lazy(() => import("./solid/GuideSolid"));
type Shown = "all" | "one";

/** Steps in their order, each drawn on the bird's own solid. */
export function GuideSteps({ solid, ...props }: Props) {
  const [shown, setShown] = useState<Shown>("all");
  if (!solid) return <AllSteps {...props} />;
  return (
    <div className="grid gap-4">
      <Segmented<Shown>
        label="Shown are"
        value={shown}
        choices={[
          { value: "all", label: "All steps" },
          { value: "one", label: "One at a time, to turn" },
        ]}
        onChange={setShown}
      />
      {shown === "all" ? (
        <AllSteps {...props} />
      ) : (
        <Suspense fallback={null}>
          <GuideSolid steps={props.steps} species={props.species} roasted={solid === "roasted"} />
        </Suspense>
      )}
    </div>
  );
}

function AllSteps({ steps, species, size }: Omit<Props, "solid">) {
  const board = size === "board";
  // At the board they are the page's own; in a sheet they stand under its title.
  const Heading = board ? "h2" : "h3";
  return (
    <ol className="grid gap-5">
      {steps.map(({ id, step, words }, n) => (
        <li
          key={id}
          className={`grid items-center ${board ? "grid-cols-[11rem_1fr] gap-5 max-sm:grid-cols-[8rem_1fr]" : "grid-cols-[9.5rem_1fr] gap-4 max-sm:grid-cols-[7.5rem_1fr]"}`}
        >
          <CutDrawing step={step} words={words} species={species} />
          <div>
            <Heading className={board ? "font-display text-2xl font-semibold" : "font-semibold"}>
              {n + 1}. {words.does}
            </Heading>
            <p className={board ? "text-lg text-soft" : "text-soft"}>{words.how}</p>
          </div>
        </li>
      ))}
    </ol>
  );
}
