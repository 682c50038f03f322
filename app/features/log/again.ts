import { type Roast, RoastSchema } from "../../../core/plan/schema";
import { alone } from "../../../core/plan/together";
import { inTime } from "../../../core/schedule/inTime";
import { DAY_MS } from "../../../core/units/time";
import { kitchenOf } from "../../../storage/kitchen";
import { saveRoast } from "../../../storage/roasts";
import { lastTime } from "../../../words/log";
import type { Reader } from "../../../words/time";
import { titleOf } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { stored } from "../../shell/stored";
import { fieldTime, instantOf } from "../../ui/time";
import type { Line } from "./line";

const WEEK_MS = 7 * DAY_MS;

/** The same plan for the same hour a week from now, in the kitchen as it is; what was noted last time goes with it. */
async function madeAgain({ note, roast }: Line, reader: Reader): Promise<Roast> {
  const { plan, thermometer } = roast;
  const nowMs = clockNow();
  const day = fieldTime(nowMs + WEEK_MS, plan.zone).slice(0, 10);
  const hour = fieldTime(Date.parse(plan.serveAt), plan.zone).slice(10);
  const serveAt = new Date(instantOf(`${day}${hour}`, plan.zone)).toISOString();
  const equipment = await kitchenOf(database(), reader.units);
  const made = inTime({ ...plan, serveAt, equipment }, nowMs);
  return RoastSchema.parse(
    alone({
      id: crypto.randomUUID(),
      title: titleOf(made, reader),
      createdAt: new Date(nowMs).toISOString(),
      plan: made,
      happened: {},
      notes: note ? lastTime(note, Date.parse(plan.serveAt), plan.zone, reader) : "",
      thermometer,
    }),
  );
}

/** @returns the id of the new roast; null where it could not be stored, which has been said */
export async function cookAgain(line: Line, reader: Reader): Promise<string | null> {
  const roast = await madeAgain(line, reader);
  return (await stored("The new roast was", saveRoast(database(), roast))) ? roast.id : null;
}
