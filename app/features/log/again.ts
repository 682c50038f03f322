import { logRow } from "../../../core/log/rows";
import { unheld } from "../../../core/plan/holding";
import { planOtherwise } from "../../../core/plan/otherwise";
import { type OtherwiseId, type Roast, RoastSchema } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import { waitingAgain } from "../../../core/plan/signs";
import { alone } from "../../../core/plan/together";
import { inTime } from "../../../core/schedule/inTime";
import { DAY_MS, minutesBetween } from "../../../core/units/time";
import { kitchenOf } from "../../../storage/kitchen";
import { asPlanned, ovensOf } from "../../../storage/ovens";
import { saveRoast } from "../../../storage/roasts";
import { lastTime } from "../../../words/log";
import { otherwiseWords } from "../../../words/record";
import type { Reader } from "../../../words/time";
import { titleOf } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { stored } from "../../shell/stored";
import { fieldTime, instantOf } from "../../ui/time";

const WEEK_MS = 7 * DAY_MS;

/** The plan with everything that was to be done otherwise; what cannot be done any more is left out. */
function corrected(roast: Roast): { readonly plan: Plan; readonly changes: readonly OtherwiseId[] } {
  const { inAt = "", pulledAt = "", carvedAt, stagesDone } = roast.happened;
  const went = { outMin: minutesBetween(inAt, pulledAt), restMin: carvedAt ? minutesBetween(pulledAt, carvedAt) : 0 };
  let plan: Plan = { ...roast.plan, stages: waitingAgain(unheld(roast.plan, stagesDone)) };
  const changes: OtherwiseId[] = [];
  for (const id of roast.nextTime ?? []) {
    const next = planOtherwise(id, plan, went);
    if (!next) continue;
    plan = next;
    changes.push(id);
  }
  return { plan, changes };
}

/**
 * The same plan for the same hour a week from now, in the kitchen as it is, with what was to be done otherwise; that, and
 * what was noted last time, is named in its notes.
 */
async function madeAgain(roast: Roast, reader: Reader): Promise<Roast> {
  const { thermometer } = roast;
  const { plan, changes } = corrected(roast);
  const nowMs = clockNow();
  const day = fieldTime(nowMs + WEEK_MS, plan.zone).slice(0, 10);
  const hour = fieldTime(Date.parse(plan.serveAt), plan.zone).slice(10);
  const serveAt = new Date(instantOf(`${day}${hour}`, plan.zone)).toISOString();
  const equipment = await kitchenOf(database(), reader.units);
  // What is known of the oven by now, that roast with the others.
  const ovens = await ovensOf(database(), nowMs);
  const here = ovens.find(({ oven }) => oven.id === plan.oven?.id);
  const oven = here ? asPlanned(here) : plan.oven && { ...plan.oven, learned: null };
  const made = inTime({ ...plan, serveAt, equipment, oven }, nowMs);
  return RoastSchema.parse(
    alone({
      id: crypto.randomUUID(),
      title: titleOf(made, reader),
      createdAt: new Date(nowMs).toISOString(),
      plan: made,
      happened: {},
      notes: takenOver(roast, changes, reader),
      thermometer,
    }),
  );
}

function takenOver(roast: Roast, changes: readonly OtherwiseId[], reader: Reader): string {
  const { plan } = roast;
  const note = logRow(roast)?.note;
  const said = [...changes.map((id) => otherwiseWords(id, plan, reader)), ...(note ? [note] : [])];
  return said.length > 0 ? lastTime(said.join(". "), Date.parse(plan.serveAt), plan.zone, reader) : "";
}

/** @returns the id of the new roast; null where it could not be stored, which has been said */
export async function cookAgain(roast: Roast, reader: Reader): Promise<string | null> {
  const made = await madeAgain(roast, reader);
  return (await stored("The new roast was", saveRoast(database(), made))) ? made.id : null;
}
