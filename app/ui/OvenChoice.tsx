import { useLiveQuery } from "dexie-react-hooks";
import { Link } from "react-router";
import { ovenIn } from "../../core/plan/heats";
import type { Plan } from "../../core/plan/schema";
import { asPlanned, ovensOf } from "../../storage/ovens";
import { learnedWords } from "../../words/ovens";
import { clockNow } from "../shell/clock";
import { database } from "../shell/database";
import { useHabits } from "../shell/preferences";
import { Segmented } from "./Segmented";

interface Props {
  readonly plan: Pick<Plan, "oven" | "heat">;
  onChoose(oven: Plan["oven"]): void;
}

const NONE = "";

/** In which of the kitchen's ovens, and what is known of it. */
export function OvenChoice({ plan, onChoose }: Props) {
  const reader = useHabits();
  const ovens = useLiveQuery(() => ovensOf(database(), clockNow()), []);
  const those = (ovens ?? []).filter(({ oven }) => oven.heat === plan.heat);
  const current = ovenIn(plan);
  if (!ovens) return null;
  if (those.length === 0) {
    return (
      <p className="text-sm text-soft">
        Give it a name under{" "}
        <Link to="/kitchen" className="underline underline-offset-4">
          Kitchen
        </Link>
        , and the roasts in it tell how hot it truly is.
      </p>
    );
  }
  return (
    <div className="grid gap-1">
      <Segmented
        label="Which one"
        value={current?.id ?? NONE}
        choices={[
          ...those.map(({ oven }) => ({ value: oven.id, label: oven.name })),
          { value: NONE, label: "Another" },
        ]}
        onChange={(id) => {
          const here = those.find(({ oven }) => oven.id === id);
          onChoose(here ? asPlanned(here) : null);
        }}
      />
      {current?.learned && <p className="text-sm text-soft">{learnedWords(current.learned, plan.heat, reader)}</p>}
    </div>
  );
}
