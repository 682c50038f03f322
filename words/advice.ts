/** Advice in words: what to do, why, and what happens otherwise. */

import { placeOf } from "../core/bird/probe";
import { constant } from "../core/constants";
import type { Advice } from "../core/day/coach";
import type { LateBefore } from "../core/day/late";
import { isFire, shutBy } from "../core/heat/sources";
import { preheatedC } from "../core/plan/methods";
import type { Plan } from "../core/plan/schema";
import { isColour } from "../core/processes/conditions";
import type { TaskId } from "../core/schedule/backward";
import {
  formatDuration,
  formatTemperature,
  formatTemperatureDifference,
  type UnitSystem,
} from "../core/units/quantity";
import { sides } from "./amounts";
import { basteWords } from "./basting";
import { capital, uncapitalised } from "./capital";
import { fuelWords } from "./chores";
import { conditionName, conditionWords } from "./conditions";
import { HEAT_NAMES, heatWords, PART_NAMES, probeName, quickly, TASK_NAMES } from "./names";
import { stageWords } from "./stages";
import { birdIn } from "./tasks";
import type { TimetableRow } from "./timetable";

export interface AdviceWords {
  /** Stays the same while it is the same advice: it rings once. */
  readonly key: string;
  readonly does: string;
  readonly why: string;
  /** Whether a hand is wanted now: it rings. */
  readonly rings: boolean;
}

/** A row of the timetable that is due. */
export const dueWords = ({ id, what, detail }: TimetableRow): AdviceWords => ({
  key: `due ${id}`,
  does: what,
  why: detail || "By the plan, now; later, and what follows waits.",
  rings: true,
});

/** What was to begin days ago, of which nobody has said that it has. @param at when, in words */
export const beginWords = (task: TaskId, at: string): AdviceWords => ({
  key: `begin ${task}`,
  does: `${TASK_NAMES[task]} was to begin ${at}`,
  why: "Tick it off where it has: without it nothing that follows is in time. Where it has not, the plan says what can still be done.",
  rings: false,
});

/** Another roast of the same dinner is late. @param at the table, in words */
export const awaitedWords = (name: string, at: string): AdviceWords => ({
  key: "awaited",
  does: `Dinner at about ${at}: it waits for ${name}`,
  why: "That is on the table no sooner, as its own day goes now. What is still to come here has moved with it, so that both are hot together.",
  rings: false,
});

/** What should have happened and has not: what to do now. */
export function lateWords({ what }: LateBefore, plan: Plan, units: UnitSystem): Pick<AdviceWords, "key" | "does"> {
  const heat = formatTemperature(preheatedC(plan), units);
  switch (what) {
    case "heat":
      return {
        key: "late heat",
        does: isFire(plan.heat)
          ? `Light the fire now, to be at ${heat}`
          : `${HEAT_NAMES[plan.heat]} on now, at ${heat}`,
      };
    case "wait":
      return { key: "late wait", does: `${birdIn(plan, units)}, once that is hot` };
    case "bird":
      return { key: "late bird", does: birdIn(plan, units, " now") };
  }
}

/** @param isIn the heat that it is in now */
export function adviceWords(advice: Advice, plan: Plan, units: UnitSystem, isIn = plan.heat): AdviceWords {
  const heat = heatWords(isIn);
  const door = shutBy(isIn);
  const t = (celsius: number): string => formatTemperature(celsius, units);
  switch (advice.kind) {
    case "stage": {
      const when = plan.stages[advice.n]?.when;
      const does = stageWords(plan, advice.n, units, advice.after);
      const told = { key: `stage ${advice.n}`, rings: true };
      const asked = (asks: string, otherwise: string): AdviceWords => ({
        ...told,
        does: `${asks}: once ${when && conditionWords(when, t)}, ${uncapitalised(does)}`,
        why: `By now it should have come so far; where it has not, ${otherwise}.`,
      });
      if (when && isColour(when)) return asked("Look", "look again in some minutes");
      if (advice.isUnread) return asked("Read it", "note what it shows, and it is waited for again");
      const since = when
        ? `The ${PART_NAMES[when.centre]} has come to where the plan changes the heat`
        : "The plan changes the heat now";
      return { ...told, does, why: `${since}; left as it is, it goes on as before.` };
    }
    case "colour": {
      const when = plan.stages[advice.n]?.when;
      return {
        key: `colour ${advice.n}`,
        does: `${when ? capital(conditionName(when, t)) : ""} already? ${stageWords(plan, advice.n, units, advice.after)}`,
        why: "By the bird that is computed it has not come so far, but how fast a skin colours no two ovens agree on: go by what you see.",
        rings: false,
      };
    }
    case "baste":
      return {
        key: `baste ${advice.n}`,
        does: `${basteWords(plan.season)}, quickly`,
        why: door
          ? `The open ${door} costs more than it gives; skipping it loses nothing but colour.`
          : "What runs off it cools the skin a little; skipping it loses nothing but colour.",
        rings: true,
      };
    case "soon":
      return {
        key: "soon",
        does:
          advice.minutes > 0
            ? `Stay near: it may be there in ${advice.minutes} min`
            : "Stay near: it may be there any minute",
        why: "It could be as early as that. Platter, foil and a clear board now; later there is no hand free.",
        rings: true,
      };
    case "slipped":
      return {
        key: `slipped ${advice.probe}`,
        does: `Look at the probe in the ${probeName(advice.probe)}: it has slipped`,
        why: "Its readings jumped as no meat does. Push it back into the deepest meat, and say so here: until then the forecast goes by the others, and by how the place warms where it lies now.",
        rings: true,
      };
    case "out":
      return {
        key: `out ${advice.probe}`,
        does: `The probe in the ${probeName(advice.probe)} is out of the meat`,
        why: "It shows the air around the bird. Push it back into the deepest meat, and say so here: until then its readings are set aside.",
        rings: true,
      };
    case "absent":
      return {
        key: `absent ${advice.probe}`,
        does: `Readings of the ${probeName(advice.probe)} are not counted`,
        why: `This bird has no ${PART_NAMES[placeOf(advice.probe).part]}: they are kept. Where a probe is called so and sits elsewhere, say it under Correct something.`,
        rings: false,
      };
    case "misplaced":
      return {
        key: `misplaced ${advice.part}`,
        does: `Check where the ${PART_NAMES[advice.part]}'s tip sits`,
        why:
          advice.shortCm > 0
            ? `The readings fit a tip about ${sides([advice.shortCm], units)} short of the deepest meat, where it calls too early: push it on, off the bone, say here that you moved it, and read a second place.`
            : "The readings fit a tip past the deepest meat, near bone or the cavity: draw it back a little, say here that you moved it, and read a second place.",
        rings: false,
      };
    case "late":
      return {
        key: "late",
        does: `Dinner will be about ${advice.minutes} min late`,
        why: `After its shortest rest. Tell the table now, or see under What if what a hotter ${heat.is} gains and costs; done late, it will not help.`,
        rings: false,
      };
    case "stalled":
      return {
        key: `stalled ${advice.part}`,
        does: `The ${PART_NAMES[advice.part]} has all but stopped rising`,
        why: `Half an hour has brought it ${formatTemperatureDifference(advice.kelvinPerHour / 2, units)}. Is the heat on? If it is, evaporation takes all of it: wrap it tight or turn the heat up, or it stands for hours.`,
        rings: true,
      };
    case "heat-off": {
      const isLong = advice.sinceMin >= 60 * constant("outHours");
      const hours = formatDuration(3600 * constant("outHours"));
      return {
        key: isLong ? "heat off long" : "heat off",
        does: isLong
          ? `Without heat for ${hours}: is it safe to eat?`
          : `The ${heat.is} is ${heat.off}${door ? `: leave the ${door} shut` : ""}`,
        why: isLong
          ? "By the usual guidance, meat that is not done has stood so long where bacteria grow that cooking it on does not make it safe. Follow your local food-safety authority."
          : `What is warm in there goes on cooking it for a while. The forecast counts on heat from now on. Without it ${hours} are the usual limit for meat that is not done: if it stays ${heat.off}, cook it on elsewhere before that.`,
        rings: isLong,
      };
    }
    case "cooled":
      return {
        key: "cooled",
        does: door ? `Is the ${door} shut, and the heat on?` : "Is the fire as it should be?",
        why: `Everything warms at ${Math.round(100 * Math.max(0, advice.paceShare))} % of the pace it should. ${[
          door && `A ${door} that stood open is noted under Correct something, and the forecast counts with it`,
          isFire(isIn) && "A fire that is low costs every minute of it",
        ]
          .filter(Boolean)
          .join(". ")}.`,
        rings: true,
      };
    case "dark-early":
      return {
        key: "dark early",
        does: "Loose foil over all of it",
        why: "The skin is golden by now and has long to go: left open, it will be dark before it is done.",
        rings: true,
      };
    case "fuel":
      return {
        key: `fuel ${advice.n}`,
        does: fuelWords(plan, advice.n + 1, isIn)[0],
        why: `An hour has burnt as many. ${door ? `${capital(quickly(isIn))}; without` : "Without"} them the heat falls within half an hour.`,
        rings: true,
      };
    case "breast-ahead":
      return {
        key: "breast ahead",
        does: "Foil over the breast",
        why: `The breast will be there ${advice.minutes} min before the thigh, and dries while it waits.`,
        rings: false,
      };
    case "oven-cold":
    case "oven-hot": {
      const cold = advice.kind === "oven-cold";
      const off = formatTemperatureDifference(advice.kelvin, units);
      return {
        key: advice.kind,
        does: isFire(isIn)
          ? `The fire is about ${off} ${cold ? "cooler" : "hotter"} than set`
          : `The oven is about ${off} ${cold ? "below" : "above"} its dial`,
        why: cold
          ? "The meat warms more slowly than it would at that heat. Bring it up by as much, and say so under What if, or eat later; the forecast counts with it."
          : "The meat warms faster than it would at that heat. Bring it down by as much, and say so under What if, or rest it longer; the forecast counts with it.",
        rings: false,
      };
    }
    case "read-again":
      return {
        key: `read ${advice.part}`,
        does:
          advice.inMin > 0
            ? `Next reading: the ${PART_NAMES[advice.part]}, in ${advice.inMin} min`
            : `Read the ${PART_NAMES[advice.part]} now`,
        why: "Of all readings to be had, that one would tell most about when it is done. Sooner says little.",
        rings: false,
      };
  }
}
