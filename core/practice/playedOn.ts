/** A roast as it stood at a moment of its own, to be played on from there. */
import { feedMinutes } from "../kitchen/fuel";
import type { Roast } from "../plan/roast";
import { basteMinutes } from "../plan/season";
import { waitingAgain } from "../plan/signs";
import { minutesBetween } from "../units/time";

type Happened = Roast["happened"];

/** What has a time of its own, as far as it had happened by an instant. */
function happenedUntil(happened: Happened, instant: string): Happened {
  const until = Date.parse(instant);
  const isThen = (at: string | undefined): boolean => at !== undefined && Date.parse(at) <= until;
  const { inAt, pulledAt, carvedAt, closedAt: _, heatOnAt, doors, heatOffs, seated, left, outs, ...rest } = happened;
  return {
    ...rest,
    ...(isThen(heatOnAt) && { heatOnAt }),
    ...(isThen(inAt) && { inAt }),
    ...(isThen(pulledAt) && { pulledAt }),
    ...(isThen(carvedAt) && { carvedAt }),
    ...(doors && { doors: doors.filter(({ at }) => isThen(at)) }),
    ...(heatOffs && {
      heatOffs: heatOffs
        .filter(({ offAt }) => isThen(offAt))
        .map(({ offAt, onAt }) => ({ offAt, ...(isThen(onAt) && { onAt }) })),
    }),
    ...(seated && { seated: seated.filter(({ at }) => isThen(at)) }),
    ...(left && { left: left.filter(({ at }) => isThen(at)) }),
    ...(outs && { outs: outs.filter(({ backAt }) => isThen(backAt)) }),
  };
}

/**
 * The roast as it stood at an instant. Of what is only counted, no more had been done than was due by then; a change of the
 * heat that was made later is to come, by its sign where it had waited for one.
 */
export function roastUntil(roast: Roast, instant: string): Roast {
  const { plan, happened } = roast;
  const { inAt = instant, stagesDone, bastingsDone, fuelsDone } = happened;
  const minute = minutesBetween(inAt, instant);
  const due = plan.stages.findLastIndex(({ fromMin }, n) => n === 0 || fromMin <= minute);
  const stages = waitingAgain(plan.stages, due + 1);
  const fed = feedMinutes({ ...plan, stages }, minute, ({ fromMin }, n) => (n <= due ? fromMin : null));
  return {
    ...roast,
    plan: { ...plan, stages },
    happened: {
      ...happenedUntil(happened, instant),
      ...(stagesDone !== undefined && { stagesDone: Math.min(stagesDone, due) }),
      ...(bastingsDone !== undefined && {
        bastingsDone: Math.min(bastingsDone, basteMinutes(plan.season, minute).length),
      }),
      ...(fuelsDone !== undefined && { fuelsDone: Math.min(fuelsDone, fed.length) }),
    },
  };
}
