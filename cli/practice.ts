/** `practice --seed N [--count M] [--policy P] [--day D]`: roasts played without a screen, and what they truly came to. */
import { figuresOf, type Played, POLICIES, type Policy, play } from "../core/practice/policies";
import { DIFFICULTIES } from "../core/practice/scenarios";
import { parseNumber } from "../core/units/quantity";
import { oneOf, readOptions, required } from "./options";

const MOST = 1000;
const hundredth = (value: number): number => Math.round(100 * value) / 100;

const shown = ({ plan, outMin, lateMin, isAtGuideline, juicesBreast, peakC }: Played) => ({
  bird: `${plan.bird.species}, ${plan.bird.cut}, ${plan.bird.massKg} kg`,
  inTheHeatMin: Math.round(outMin),
  lateMin,
  isAtGuideline,
  highestC: Object.fromEntries(Object.entries(peakC).map(([centre, celsius]) => [centre, Math.round(celsius)])),
  juices: juicesBreast === null ? null : hundredth(juicesBreast),
});

/** @throws CommandError for an unknown policy or day; QuantityError for a number out of range */
export function practice(args: readonly string[]): unknown {
  const { values } = readOptions(args, {
    seed: { type: "string" },
    count: { type: "string" },
    policy: { type: "string" },
    day: { type: "string" },
  });
  const seed = parseNumber("seed", required("--seed", values.seed, "--seed 1"), 0, 1e9);
  const count = parseNumber("count", values.count ?? "1", 1, MOST);
  const day = oneOf("--day", values.day, DIFFICULTIES, "usual");
  const policies: readonly Policy[] = values.policy ? [oneOf("--policy", values.policy, POLICIES, "bruma")] : POLICIES;
  return {
    day,
    policies: policies.map((policy) => {
      const played = Array.from({ length: count }, (_, n) => play(seed + n, day, policy)).filter(
        (each) => each !== null,
      );
      const { onTimeShare, guidelineShare, shortK, medianOffMin, juices } = figuresOf(played);
      return {
        policy,
        roasts: played.length,
        onTimeShare: hundredth(onTimeShare),
        guidelineShare: hundredth(guidelineShare),
        shortC: hundredth(shortK),
        medianOffMin,
        juices: hundredth(juices),
        ...(count <= 20 && { played: played.map(shown) }),
      };
    }),
  };
}
