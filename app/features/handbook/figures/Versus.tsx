import { plannedInput } from "../../../../core/forecast/plannedInput";
import { withSaltMethod, withSeason } from "../../../../core/plan/edits";
import type { Plan } from "../../../../core/plan/schema";
import { formatDuration, type UnitSystem } from "../../../../core/units/quantity";
import type { FigureId } from "../../../../words/handbook/chapter";
import { usePreferences } from "../../../shell/preferences";
import { type Cooked, useCooks } from "../../../simulation/useCooks";
import { planOf } from "../birds";
import { Answers, Waiting } from "./Answers";

interface Side {
  readonly name: string;
  readonly plan: Plan;
}

export type VersusId = Extract<
  FigureId,
  "two-birds" | "faster-salted" | "faster-cut" | "counter" | "basting" | "stuffed"
>;

/** The same bird with one thing different: first as it usually is. */
function sidesOf(id: VersusId, units: UnitSystem): readonly [Side, ...Side[]] {
  const usual = planOf({}, units);
  switch (id) {
    case "two-birds":
      return [
        { name: "One", plan: usual },
        { name: "Two of half the weight", plan: planOf({ massKg: usual.bird.massKg / 2, count: 2 }, units) },
      ];
    case "faster-salted":
      return [
        { name: "No salt", plan: withSaltMethod("none")(usual) },
        { name: "Dry salt, a day", plan: usual },
        { name: "Brine, by the hour", plan: withSaltMethod("brine")(usual) },
      ];
    case "faster-cut":
      return [
        { name: "Whole", plan: usual },
        { name: "Spatchcocked", plan: planOf({ cut: "spatchcock" }, units) },
        { name: "In parts", plan: planOf({ cut: "parts" }, units) },
      ];
    case "counter":
      return [
        { name: "Straight from the fridge", plan: usual },
        { name: "An hour on the counter", plan: withSeason({ counterMin: 60 })(usual) },
      ];
    case "basting":
      return [
        { name: "Door shut", plan: usual },
        { name: "Basted every half hour", plan: withSeason({ basteEveryMin: 30 })(usual) },
      ];
    case "stuffed": {
      const stuffed = planOf({ cavity: "stuffed" }, units);
      return [
        { name: "Stuffing beside it", plan: usual },
        { name: "Inside, warm", plan: stuffed },
        { name: "Inside, cold", plan: withSeason({ stuffing: "cold" })(stuffed) },
      ];
    }
  }
}

const percent = (share: number | undefined): string => (share === undefined ? "" : `${Math.round(100 * share)} %`);

/** One bird, simulated with and without: minutes and what it costs. */
export function Versus({ id }: { readonly id: VersusId }) {
  const { units } = usePreferences();
  const sides = sidesOf(id, units);
  const answers = useCooks(
    sides.map(({ plan }) => plannedInput(plan)),
    "settled",
  );
  const first = minutesOf(answers[0]);
  return (
    <Answers
      caption="One whole turkey of middling weight, one steady temperature, simulated"
      columns={["", "In the heat", "Against the first", "Juices kept, breast"]}
      rows={sides.map(({ name }, n) => {
        const answer = answers[n];
        const minutes = minutesOf(answer);
        return {
          id: name,
          cells: [
            name,
            timeOf(answer),
            n === 0 || minutes === null || first === null ? "" : difference(minutes - first),
            answer?.kind === "cooked" ? percent(answer.cook.indices?.juicesKept.breast) : "",
          ],
        };
      })}
    />
  );
}

const minutesOf = (answer: Cooked | undefined): number | null =>
  answer?.kind === "cooked" ? answer.cook.pullMinute : null;

function timeOf(answer: Cooked | undefined) {
  const minutes = minutesOf(answer);
  if (minutes !== null) return <b>{formatDuration(minutes * 60)}</b>;
  return answer?.kind === "failed" ? answer.why : <Waiting />;
}

const difference = (minutes: number): string => {
  const whole = Math.round(minutes);
  return whole === 0 ? "the same" : `${Math.abs(whole)} min ${whole > 0 ? "longer" : "sooner"}`;
};
