/** `thaw`: how long until the last ice is gone, simulated. */
import { coarseCellM, makeBody } from "../core/bird/body";
import { hasCavity } from "../core/bird/form";
import { constant } from "../core/constants";
import { LivingBird } from "../core/processes/bird";
import { drain } from "../core/processes/cook";
import { thawing } from "../core/processes/thaw";
import { parseTemperatureC } from "../core/units/quantity";
import { CommandError, NEVER_MET } from "./errors";
import { BIRD_OPTIONS, birdOf, oneOf, readOptions, required, tenth } from "./options";

/** Cell size in metres of a turkey: days are simulated, and nothing in them is quick. */
const CELL_M = 0.01;
const SERIES_MIN = { fridge: 120, water: 10, brine: 20 } as const;

/** @throws CommandError with the exit code of the contract; QuantityError for values out of range */
export function thaw(args: readonly string[]): unknown {
  const { values } = readOptions(args, {
    ...BIRD_OPTIONS,
    in: { type: "string" },
    medium: { type: "string" },
    from: { type: "string" },
  });
  const { species, cut, boughtKg } = birdOf(values);
  const medium = oneOf("--in", values.in, ["fridge", "water", "brine"], "fridge");
  const mediumC = parseTemperatureC(required("--medium", values.medium, "--medium 3C"));
  const fromC = parseTemperatureC(values.from ?? "-18C");
  // Neck and giblets are still inside a frozen bird.
  const cavity = hasCavity(cut) ? "giblets" : "empty";
  const form = { species, cut, cavity } as const;
  const bird = new LivingBird(makeBody(form, boughtKg, coarseCellM(form, CELL_M)), { watched: false });
  bird.startAt(fromC);
  const outcome = drain(thawing(bird, { medium, mediumC }));
  if (outcome.kind === "still-frozen") {
    const why = `at ${tenth(mediumC)} °C the medium is hardly warmer than melting meat (${constant("freezingPointC")} °C)`;
    throw new CommandError(
      NEVER_MET,
      `never thawed: highest at the coldest point was ${tenth(outcome.coldestC)} °C after ${Math.round(outcome.afterHours)} h, because ${why}`,
    );
  }
  return {
    hours: tenth(outcome.hours),
    days: tenth(outcome.hours / 24),
    waterChanges: medium === "water" ? outcome.changes : undefined,
    surfaceAbove4CHours: tenth(outcome.surfaceWarmMin / 60),
    massKg: tenth(bird.body.massKg),
    series: bird.history
      .filter((point, n, all) => n === all.length - 1 || point.minute % SERIES_MIN[medium] === 0)
      .map((point) => ({
        hour: tenth(point.minute / 60),
        mediumC: tenth(point.airC),
        breastC: point.centresC.breast === undefined ? null : tenth(point.centresC.breast),
        coldestC: tenth(point.coldestC),
      })),
  };
}
