/** `learn FILE`: what the roasts of a file teach of the ovens they were in, and what each was said before and after it. */
import { countedReadings } from "../core/day/counted";
import { bandShares } from "../core/forecast/band";
import { bandAsked, goalsAtPull, plannedCook } from "../core/forecast/planned";
import { plannedInput, roastOptions } from "../core/forecast/plannedInput";
import { mapLate } from "../core/forecast/shares";
import type { RoastEntry } from "../core/formats/file";
import { inOvens, isHeard, learnedOf, ovenSays } from "../core/log/ovens";
import { ovenIn } from "../core/plan/heats";
import type { Roast } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { drain } from "../core/processes/cook";
import { MINUTE_MS } from "../core/units/time";
import { called } from "./called";
import { tenth } from "./options";
import { fileIn, readNamed } from "./readFile";

const hundredth = (value: number): number => Math.round(100 * value) / 100;

/** The roast with what it says of its oven, as it stands in the file or by its readings. */
function heard({ roast, readings }: RoastEntry): Roast {
  const { plan, happened, says } = roast;
  if (says !== undefined || !ovenIn(plan) || !happened.pulledAt || !happened.inAt) return roast;
  const cook = drain(plannedCook(plannedInput({ ...plan, oven: null }), "preview"));
  const options = roastOptions({ plan, happened }, goalsAtPull(plan, cook.kind === "done" ? cook : null));
  const inMs = Date.parse(happened.inAt);
  const taken = countedReadings(readings, roast)
    .map(({ at, part, side, celsius }) => {
      const minute = (Date.parse(at) - inMs) / MINUTE_MS;
      return { minute, part, celsius, ...(side && { side }) };
    })
    .filter(({ minute }) => minute >= 0 && minute <= (Date.parse(happened.pulledAt ?? "") - inMs) / MINUTE_MS);
  return { ...roast, says: drain(ovenSays(options, taken)) };
}

/** Minutes in the heat as a plan has them; null where it never gets there. */
function saidOf(plan: Plan) {
  const input = plannedInput(plan);
  const cook = drain(plannedCook(input, "preview"));
  if (cook.kind === "never-met") return null;
  const { p10, p90 } = drain(bandShares(bandAsked(input, cook)));
  const { pullMinute } = cook;
  return {
    p10: tenth(p10 * pullMinute),
    p50: tenth(pullMinute),
    p90: mapLate(p90, (share) => tenth(share * pullMinute)),
  };
}

/** @throws CommandError when the file cannot be read, or is none of ours */
export function learn(args: readonly string[]): unknown {
  const { path, text } = readNamed("learn", args);
  const file = fileIn("learn", path, text);
  const nowMs = Date.parse(file.exportedAt);
  const roasts = file.roasts.map(heard);
  const ovens = inOvens(file.ovens ?? [], roasts, nowMs);
  return {
    roastsWithoutOven: roasts.filter(({ plan, happened }) => !ovenIn(plan) && happened.pulledAt).length,
    ovens: ovens.map(({ oven, learned, isChanged, roasts: own }) => ({
      name: oven.name,
      heat: oven.heat,
      learned: learned && {
        roasts: learned.roasts,
        hotterC: tenth(learned.hotterK),
        giveOrTakeC: tenth(learned.hotterSdK),
        bandShare: hundredth(learned.bandShare),
      },
      looksChanged: isChanged,
      roasts: own.map((roast, n) => {
        const { id, plan, happened, says } = roast;
        const before = learnedOf(oven, own.slice(0, n), nowMs).learned;
        const known = plan.oven && { ...plan.oven, learned: before };
        return {
          title: called(roast),
          inAt: happened.inAt,
          heard: isHeard(oven, { id, says, happened }),
          slowerShare: says ? hundredth(Math.exp(says.slower) - 1) : null,
          saidKnowingNothing: saidOf({ ...plan, oven: null }),
          saidByThoseBefore: before ? saidOf({ ...plan, oven: known }) : null,
          tookMin: tenth((Date.parse(happened.pulledAt ?? "") - Date.parse(happened.inAt ?? "")) / MINUTE_MS),
        };
      }),
    })),
  };
}
