/** When signs come: what a roast goes through, as the birds that its readings point to show it. */
import { CENTRES } from "../bird/solid";
import type { HistoryPoint } from "../processes/bird";
import { hasCentre, type Member, middleShownAt } from "./member";

/** A bird that takes longer than the usual one is followed on in steps of so many minutes. */
const STEP_MIN = 2;

/**
 * @param history of the usual bird, which alone tells of its skin and its coldest point
 * @returns the same, each centre as the middle one of the members shows it, on to where they all are done
 */
export function asShown(history: readonly HistoryPoint[], members: readonly Member[]): readonly HistoryPoint[] {
  const last = history.at(-1);
  if (!last || members.length === 0) return history;
  const endMin = Math.max(...members.map(({ minutes }) => minutes.at(-1) ?? 0));
  const more = Array.from({ length: Math.max(0, Math.floor((endMin - last.minute) / STEP_MIN)) }, (_, n) => ({
    ...last,
    minute: last.minute + (n + 1) * STEP_MIN,
  }));
  const centres = CENTRES.filter((centre) => members.every((member) => hasCentre(member, centre)));
  return [...history, ...more].map((point) => ({
    ...point,
    centresC: {
      ...point.centresC,
      ...Object.fromEntries(centres.map((centre) => [centre, middleShownAt(members, centre, point.minute)])),
    },
  }));
}
