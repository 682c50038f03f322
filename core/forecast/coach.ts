/**
 * What to say at the stove: what is due by the plan, and what the readings show. Each says what to do, why, and what
 * happens otherwise; data, so that the words can be in the cook's units.
 */
import type { Centre, CentreTemperatures } from "../bird/solid";
import type { Plan } from "../formats/roast";
import { constant } from "../sources";
import type { Forecast } from "./assimilate";
import { UNKNOWNS } from "./prior";
import { stageNow } from "./whatIf";

/** Newest reading of each centre. */
export const newestC = (readings: readonly { readonly part: Centre; readonly celsius: number }[]): CentreTemperatures =>
  Object.fromEntries(readings.map(({ part, celsius }) => [part, celsius]));

export type Advice =
  /** The plan's next change of the heat is due. */
  | { readonly kind: "stage"; readonly n: number; readonly because: "time" | "temperature" }
  | { readonly kind: "baste"; readonly n: number }
  | { readonly kind: "soon"; readonly minutes: number }
  | { readonly kind: "slipped"; readonly part: Centre }
  | { readonly kind: "breast-ahead"; readonly minutes: number }
  | { readonly kind: "oven-cold" | "oven-hot"; readonly kelvin: number }
  | { readonly kind: "read-again"; readonly part: Centre; readonly inMin: number };

export interface Watched {
  readonly plan: Plan;
  readonly nowMin: number;
  readonly readings: readonly { readonly minute: number; readonly part: Centre; readonly celsius: number }[];
  readonly forecast: Pick<Forecast, "targets" | "pull" | "estimate" | "setAside"> | null;
  /** Stages that have been done, by their number; the first is on from the start. */
  readonly stagesDone: number;
  readonly bastingsDone: number;
}

/** An early word before the early end of the band, min. */
export const EARLY_WORD_MIN = 15;
/** So far ahead of the thigh, the breast wants a shield. */
const AHEAD_MIN = 12;
/** An oven is off when the readings put it further from its dial than most are, in standard deviations of the prior. */
const OVEN_OFF_SD = 1.2;
/** A band this wide is worth another reading; and not sooner than this after the last. */
const DOUBT_MIN = 12;
const READ_EVERY_MIN = 20;

/** Most urgent first. */
export function adviceFor({ plan, nowMin, readings, forecast, stagesDone, bastingsDone }: Watched): Advice[] {
  const advice: Advice[] = [];
  const due = stageNow(plan.stages, nowMin, newestC(readings));
  if (due > stagesDone) {
    advice.push({ kind: "stage", n: due, because: plan.stages[due]?.when ? "temperature" : "time" });
  }
  const every = plan.season.basteEveryMin;
  if (every > 0 && Math.floor(nowMin / every) > bastingsDone) {
    advice.push({ kind: "baste", n: Math.floor(nowMin / every) });
  }
  if (!forecast) return advice;
  for (const part of new Set(
    forecast.setAside.filter(({ why }) => why === "slipped").map(({ reading }) => reading.part),
  )) {
    advice.push({ kind: "slipped", part });
  }
  const untilEarly = forecast.pull.p10 - nowMin;
  if (untilEarly <= EARLY_WORD_MIN && forecast.pull.p50 > nowMin) {
    advice.push({ kind: "soon", minutes: Math.max(0, Math.round(untilEarly)) });
  }
  const { breast, thigh } = forecast.targets;
  if (breast && thigh && thigh.p50 - breast.p50 > AHEAD_MIN && breast.p50 > nowMin) {
    advice.push({ kind: "breast-ahead", minutes: Math.round(thigh.p50 - breast.p50) });
  }
  const offset = forecast.estimate[UNKNOWNS.indexOf("ovenOffset")] ?? 0;
  if (Math.abs(offset) > OVEN_OFF_SD) {
    const kelvin = Math.round(Math.abs(offset) * constant("ovenOffsetSdK"));
    advice.push({ kind: offset < 0 ? "oven-cold" : "oven-hot", kelvin });
  }
  const next = nextReading(readings, forecast, nowMin);
  if (next) advice.push(next);
  return advice;
}

/**
 * The reading by hand that would take away most doubt: of the centre that is last, since it decides, once a third of
 * what is left has passed; a reading right after another says the same again.
 */
function nextReading(
  readings: Watched["readings"],
  { targets, pull }: Pick<Forecast, "targets" | "pull">,
  nowMin: number,
): Advice | null {
  if (pull.p90 - pull.p10 < DOUBT_MIN || pull.p50 <= nowMin) return null;
  const [last] = (Object.entries(targets) as [Centre, { p50: number }][]).sort((a, b) => b[1].p50 - a[1].p50);
  if (!last) return null;
  const [part] = last;
  const own = readings.filter((reading) => reading.part === part);
  const sinceMin = nowMin - (own.at(-1)?.minute ?? Number.NEGATIVE_INFINITY);
  const waitMin = Math.max(0, READ_EVERY_MIN - sinceMin, own.length === 0 ? 0 : (pull.p50 - nowMin) / 3 - sinceMin);
  return { kind: "read-again", part, inMin: Math.round(waitMin) };
}
