import { plannedInput } from "../../../../core/forecast/plannedInput";
import { publishedThaw } from "../../../../core/kitchen/thaw";
import type { Plan } from "../../../../core/plan/schema";
import { formatDuration, formatMass } from "../../../../core/units/quantity";
import { usePreferences } from "../../../shell/preferences";
import { type Cooked, useCooks } from "../../../simulation/useCooks";
import { planOf, weightsKg } from "../birds";
import { Answers, Waiting } from "./Answers";

const WAYS = ["fridge", "water"] as const;

/** Thaws of turkeys: the published range, and this model's hours. */
export function ThawTable() {
  const { units } = usePreferences();
  const weights = weightsKg("turkey", units);
  const plans = weights.flatMap((massKg) =>
    WAYS.map((thawIn): Plan => ({ ...planOf({ massKg, state: "frozen" }, units), thawIn })),
  );
  const answers = useCooks(plans.map(plannedInput), "settled");
  return (
    <Answers
      caption="Turkeys from the freezer; published: USDA FSIS, The big thaw; simulated: a fridge and a tap as under Kitchen by default"
      columns={["As bought", "Fridge, published", "simulated", "Cold water, published", "simulated"]}
      rows={weights.map((massKg, n) => ({
        id: String(massKg),
        cells: [
          formatMass(massKg, units),
          ...WAYS.flatMap((where, way) => [published(massKg, where), simulated(answers[2 * n + way])]),
        ],
      }))}
    />
  );
}

function published(massKg: number, where: (typeof WAYS)[number]): string {
  const { fromHours, toHours } = publishedThaw(massKg, where);
  return where === "fridge"
    ? `${Math.round(fromHours / 24)} to ${Math.round(toHours / 24)} days`
    : `${Math.round(fromHours)} to ${Math.round(toHours)} h`;
}

function simulated(answer: Cooked | undefined) {
  if (answer?.kind === "cooked") return <b>{formatDuration(Math.round(answer.cook.thawHours) * 3600)}</b>;
  return answer?.kind === "failed" ? answer.why : <Waiting />;
}
