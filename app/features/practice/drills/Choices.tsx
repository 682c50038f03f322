import { useLiveQuery } from "dexie-react-hooks";
import { type ReactNode, useMemo, useState } from "react";
import { type DrillId, doneQuestions, sideQuestions, spoonQuestions, VERDICTS } from "../../../../core/practice/drills";
import { type Guideline, guidelineFor } from "../../../../core/safety/guideline";
import { formatTemperature, type UnitSystem } from "../../../../core/units/quantity";
import { kitchenOf } from "../../../../storage/kitchen";
import { spoonWeight, spoonWords, VERDICT_NAMES } from "../../../../words/drills";
import { CutDrawing } from "../../../bird-view/CutDrawing";
import { database } from "../../../shell/database";
import { usePreferences } from "../../../shell/preferences";
import { Button } from "../../../ui/Button";
import type { DrillProps } from "./drillProps";

interface Question {
  readonly id: string;
  readonly asks: ReactNode;
  readonly choices: readonly string[];
  readonly right: string;
}

const SIDE_NAMES = { breast: "Breast up", back: "Back up" } as const;

function questionsOf(drill: DrillId, seed: number, units: UnitSystem, { meatC }: Guideline): readonly Question[] {
  if (drill === "breast-side") {
    return sideQuestions(seed, 8).map(({ species, view }, n) => ({
      id: `${n}`,
      asks: (
        <div className="w-64">
          <CutDrawing
            step={{ form: { cut: "whole", legs: "tied" }, view, lines: [] }}
            words={{ does: "A bird on the board", how: "which side is up?" }}
            species={species}
          />
        </div>
      ),
      choices: Object.values(SIDE_NAMES),
      right: SIDE_NAMES[view],
    }));
  }
  if (drill === "spoons") {
    return spoonQuestions(seed, 6).map((question, n) => ({
      id: `${n}`,
      asks: <p className="text-2xl">{spoonWords(question, units)}</p>,
      choices: question.choices.map((each) => spoonWeight(each, units)),
      right: spoonWeight(question.grams, units),
    }));
  }
  return doneQuestions(seed, 9, meatC).map(({ readings, right }, n) => ({
    id: `${n}`,
    asks: (
      <div className="grid gap-2">
        <p className="text-soft">Your guideline asks for {formatTemperature(meatC, units)} at every place.</p>
        <ul className="grid gap-1 text-2xl">
          {readings.map(({ place, celsius }) => (
            <li key={place}>
              <span className="inline-block w-44 text-soft first-letter:uppercase">{place}</span>
              <b>{formatTemperature(celsius, units)}</b>
            </li>
          ))}
        </ul>
      </div>
    ),
    choices: VERDICTS.map((each) => VERDICT_NAMES[each]),
    right: VERDICT_NAMES[right],
  }));
}

/** Asked by the guideline of the cook's own kitchen. */
export function Choices(props: DrillProps) {
  const { units } = usePreferences();
  const kitchen = useLiveQuery(() => kitchenOf(database(), units), [units]);
  return kitchen ? <Questions {...props} guideline={guidelineFor(kitchen.guideline, "whole")} /> : null;
}

/** One question after the other, each with what was right at once. */
function Questions({ drill, seed, onDone, guideline }: DrillProps & { readonly guideline: Guideline }) {
  const { units } = usePreferences();
  const questions = useMemo(() => questionsOf(drill, seed, units, guideline), [drill, seed, units, guideline]);
  const [n, setN] = useState(0);
  const [said, setSaid] = useState<string | null>(null);
  const [right, setRight] = useState(0);
  const question = questions[n] as Question;
  const isLast = n === questions.length - 1;
  const answer = (choice: string): void => {
    setSaid(choice);
    if (choice === question.right) setRight(right + 1);
  };
  const next = (): void => {
    if (isLast) onDone({ drill, right, of: questions.length });
    else {
      setSaid(null);
      setN(n + 1);
    }
  };
  return (
    <section aria-label={`Question ${n + 1} of ${questions.length}`} className="grid justify-items-start gap-4">
      <p className="text-soft">
        {n + 1} of {questions.length}
      </p>
      {question.asks}
      <div className="flex flex-wrap gap-2">
        {question.choices.map((choice) => (
          <Button key={choice} tone="plain" disabled={said !== null} onClick={() => answer(choice)}>
            {choice}
          </Button>
        ))}
      </div>
      {said !== null && (
        <div className="grid justify-items-start gap-3">
          <p role="status" className="text-xl font-medium">
            {said === question.right ? "Right." : `Not so. Right is “${question.right}”.`}
          </p>
          <Button tone="primary" onClick={next}>
            {isLast ? "What it came to" : "Next"}
          </Button>
        </div>
      )}
    </section>
  );
}
