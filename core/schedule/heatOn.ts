/** When a roast's heat is turned on, or its fire lit. */
import { heatLeadMin } from "../kitchen/broughtUp";
import type { Plan } from "../plan/schema";
import { MINUTE_MS } from "../units/time";
import type { Schedule } from "./backward";

/** What of a roast's dinner its heat hangs on. */
interface BesideHeat {
  readonly ovenIsOn?: boolean;
  readonly piece?: { readonly follows: boolean };
}

/** Whether it is on already, for another roast of the dinner. */
export const isOnAlready = ({ ovenIsOn, piece }: BesideHeat): boolean => ovenIsOn === true || piece?.follows === true;

/** Nobody turns on what is on, or brings up what the bird goes into cold. */
export const withoutPreheating = (schedule: Schedule): Schedule => ({
  ...schedule,
  tasks: schedule.tasks.filter(({ id }) => id !== "preheat"),
});

/** @returns null where it is on already */
export const heatOnMs = (
  { schedule, beside }: { readonly schedule: Schedule; readonly beside: BesideHeat },
  plan: Pick<Plan, "heat" | "preheat">,
): number | null => (isOnAlready(beside) ? null : schedule.inAtMs - heatLeadMin(plan) * MINUTE_MS);
