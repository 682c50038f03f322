/** What can be done about a conflict by one tap: a change of the plan, and what it does as data; its words are the edge's. */

import { hasCavity, isJointed } from "../bird/form";
import { constant } from "../constants";
import { isUpright } from "../heat/covers";
import { isOnBird, saltBesidesPercent } from "../plan/additions";
import { withForm, withoutAddition, withoutSpit, withSalt, withSeason } from "../plan/edits";
import { takesIce } from "../plan/methods";
import { TOO_SALTY_PERCENT } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import { type FullStage, fullStages, momentOf } from "../processes/stages";
import { HOUR_MS } from "../units/time";
import type { TaskId } from "./backward";
import type { Conflict } from "./conflicts";
import {
  asOf,
  BAG,
  bagAt,
  DRY_INSTEAD,
  FLATTEN,
  fewer,
  HOTTER,
  HOTTEST_C,
  IN_THE_OVEN,
  JOINT,
  LAY_DOWN,
  LID_INSTEAD,
  NO_SALT,
  type Remedy,
  ROAST_FROZEN,
  SALT_AT_OVEN,
  SHORTER,
  STUFFING_BESIDE,
  saltedLess,
  THAW_IN_FRIDGE,
  WATER_NOW,
} from "./remedy";
import { AT_TABLE, earliestWithin, isWithin, WAKING } from "./waking";

const laterBy =
  (hours: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    serveAt: new Date(Date.parse(plan.serveAt) + hours * HOUR_MS).toISOString(),
  });

/** What a changed plan still comes to, with the simulation that is there: times alone are known from it. */
export type ConflictsAfter = (plan: Plan) => readonly Conflict[];

/** So far a dinner is moved at most, h. */
const LATEST_H = 48;

/** A dinner is moved on by so much while it would fall into the night. */
const ON_H = 1;

/**
 * The least whole number that helps, sought by halving: where one helps, whatever is more does too.
 * @returns more than the most where none does
 */
function leastThat(helps: (n: number) => boolean, guess: number, most: number): number {
  let [enough, tooLittle] = [Math.max(1, Math.min(guess, most)), 0];
  while (!helps(enough)) {
    if (enough >= most) return most + 1;
    [enough, tooLittle] = [Math.min(2 * enough, most), enough];
  }
  while (enough - tooLittle > 1) {
    const between = Math.floor((enough + tooLittle) / 2);
    if (helps(between)) enough = between;
    else tooLittle = between;
  }
  return enough;
}

/**
 * Later by as much as it takes: what is late by a night may want but a quarter of an hour, since its cook then begins in
 * the morning. And on to when nobody has to get up in the night for it, where there is such a time. None where no delay
 * does it.
 */
function later(
  kind: "eat-later" | "eat-later-and-sleep",
  leastHours: number,
  conflict: Conflict & { readonly task: TaskId },
  plan: Plan,
  after?: ConflictsAfter,
): readonly Remedy[] {
  // Who is told that it is too late needs a while to begin.
  const spareQuarters = kind === "eat-later" ? 1 : 0;
  const by = (hours: number): Remedy => ({ does: { kind, hours }, change: laterBy(hours) });
  if (!after) return [by(leastHours + spareQuarters / 4)];
  const leftBy = (hours: number): readonly Conflict[] => after(by(hours).change(plan));
  const stays = ({ kind, ...other }: Conflict): boolean =>
    kind === conflict.kind && "task" in other && other.task === conflict.task;
  const quarters = leastThat((n) => !leftBy(n / 4).some(stays), Math.ceil(4 * leastHours), 4 * LATEST_H);
  if (quarters > 4 * LATEST_H) return [];
  const soonest = (quarters + spareQuarters) / 4;
  // Within a day it is morning again.
  for (let hours = soonest; hours <= soonest + 24; hours += ON_H) {
    const { serveAt } = by(hours).change(plan);
    const left = leftBy(hours);
    const isByDay = isWithin(Date.parse(serveAt), plan.zone, AT_TABLE) && left.every(({ kind }) => kind !== "at-night");
    if (isByDay && !left.some(stays)) return [by(hours)];
  }
  return [by(soonest)];
}

const QUARTER_MS = 900_000;

/**
 * Salted and dried for as long as there is, where that brings it in time. What is late by a night may want but half an
 * hour less: whoever salts later begins in the morning.
 */
function saltedInTime(
  conflict: Conflict & { readonly byMs: number },
  plan: Plan,
  after?: ConflictsAfter,
): readonly Remedy[] {
  const by = (halfHours: number): Remedy | null => saltedLess(plan, halfHours / 2);
  const helps = (remedy: Remedy | null): boolean =>
    !remedy || !after || after(remedy.change(plan)).every(({ kind }) => kind !== conflict.kind);
  const lateHalves = Math.ceil((2 * conflict.byMs) / HOUR_MS);
  const halves = after ? leastThat((n) => helps(by(n)), lateHalves, Number.POSITIVE_INFINITY) : lateHalves;
  return [by(halves)].filter((remedy) => remedy !== null);
}

/** Less salt: of what is salted with, or of what goes on besides, whichever is too much. @param percent in all */
function lessSalt(percent: number, plan: Plan): readonly Remedy[] {
  const besides = saltBesidesPercent(plan);
  const weaker = weakerSalt(percent - besides, plan);
  if (besides === 0) return weaker;
  const bland = (before: Plan): Plan => ({
    ...before,
    additions: before.additions.filter((each) => !isOnBird(each) || each.saltPercent === 0),
  });
  const isEnough = constant("drySaltPercent") + plan.salt.injectPercent + besides <= TOO_SALTY_PERCENT;
  return [
    ...(isEnough ? weaker : []),
    ...(percent - besides <= TOO_SALTY_PERCENT
      ? [{ does: { kind: "bland" as const }, change: bland }]
      : weaker.map(({ does, change }) => ({
          does: { kind: "and-bland" as const, first: does },
          change: (before: Plan): Plan => change(bland(before)),
        }))),
  ];
}

/** By what decides it: the strength of a dry salt, the hours of a brine. */
function weakerSalt(percent: number, plan: Plan): readonly Remedy[] {
  const aim = constant("drySaltPercent");
  if (plan.salt.method !== "brine")
    return [{ does: { kind: "salt-percent" as const, percent: aim }, change: withSalt({ percent: aim }) }];
  // What has crept in grows with the root of the hours at first, and never faster than with the hours.
  const hours = Math.max(1, Math.floor(plan.salt.saltHours * (aim / percent) ** 2));
  const weaker = Math.max(1, Math.round(2 * plan.salt.brinePercent * (aim / percent)) / 2);
  return [
    ...(hours < plan.salt.saltHours
      ? [{ does: { kind: "brine-hours" as const, hours }, change: withSalt({ saltHours: hours }) }]
      : []),
    ...(weaker < plan.salt.brinePercent
      ? [{ does: { kind: "brine-percent" as const, percent: weaker }, change: withSalt({ brinePercent: weaker }) }]
      : []),
  ];
}

/** Of heat that does not do it, or hardly. */
export const hotter = ({ stages }: Plan): readonly Remedy[] =>
  stages.every(({ airC }) => airC >= HOTTEST_C) ? [] : [HOTTER];

type InVain = Extract<Conflict, { kind: "never-comes" }>;

/** Glaze as often as it comes to a bare skin, or at the usual moments where all of those do; none else. */
function glazed(conflict: InVain, plan: Plan, after?: ConflictsAfter): readonly Remedy[] {
  const isGlazed = ({ change }: Remedy): boolean =>
    !after || after(change(plan)).every((left) => left.kind !== "never-comes" || left.what !== "glaze");
  const open = conflict.for === null ? conflict.open : [];
  const asOften: Remedy = {
    does: { kind: "glaze-times", times: open.length },
    change: withSeason({ glazePasses: open.length, glazeAt: [...open] }),
  };
  const usual: Remedy = { does: { kind: "usual-glaze" }, change: withSeason({ glazeAt: [] }) };
  const some = [...(open.length > 0 ? [asOften] : []), ...(plan.season.glazeAt.length > 0 ? [usual] : [])];
  return [
    ...some.filter(isGlazed),
    { does: { kind: "no-glaze" }, change: withSeason({ glazePasses: 0, glazeAt: [] }) },
  ];
}

/** Remedies of a conflict of the bird's own tasks, for the plan it was found in. */
export const remediesOf = (conflict: Conflict, plan: Plan, after?: ConflictsAfter): readonly Remedy[] =>
  remediesFor(conflict, plan, after).map((remedy) => asOf(plan, remedy));

function remediesFor(conflict: Conflict, plan: Plan, after?: ConflictsAfter): readonly Remedy[] {
  /** Those that leave no such conflict: by what is known, there is time for them. */
  const timely = (remedies: readonly Remedy[], late: Conflict["kind"] = "too-late"): readonly Remedy[] =>
    remedies.filter(({ change }) => !after || after(change(plan)).every(({ kind }) => kind !== late));
  /** How late it still is with a remedy taken. */
  const lateMs = ({ change }: Remedy): number =>
    Math.max(
      0,
      ...(after?.(change(plan)) ?? []).map((left) => (left.kind === conflict.kind && "byMs" in left ? left.byMs : 0)),
    );
  /** With its ice, where it may and is neither late nor for a cook who sleeps. */
  const frozen = (): readonly Remedy[] => (takesIce(plan) ? timely(timely([ROAST_FROZEN]), "at-night") : []);
  switch (conflict.kind) {
    case "thaws-late":
    case "too-late": {
      const quarters = Math.ceil(conflict.byMs / QUARTER_MS);
      const eatLater = later("eat-later", quarters / 4, conflict, plan, after);
      if (conflict.task === "thaw") {
        const water = plan.thawIn === "water" ? [] : [WATER_NOW];
        const inTime = [
          ...saltedInTime(conflict, plan, after),
          ...timely(water, conflict.kind),
          // What thaws already has its own way into the oven, with what is left of its ice.
          ...(conflict.kind === "too-late" ? frozen() : []),
        ];
        if (inTime.length > 0) return [...inTime, ...eatLater];
        // Nothing brings dinner back in time: the quickest thaw makes it least late, or none.
        const unthawed = conflict.kind === "too-late" && takesIce(plan) ? [ROAST_FROZEN] : [];
        return [...[...water, ...unthawed].sort((a, b) => lateMs(a) - lateMs(b)).slice(0, 1), ...eatLater];
      }
      if (!["prepare", "salt", "dry"].includes(conflict.task)) return eatLater;
      return [...saltedInTime(conflict, plan, after), SALT_AT_OVEN, ...eatLater];
    }
    case "never-thaws":
      return [WATER_NOW];
    case "thawed-in-water-waits":
      return [SALT_AT_OVEN, ...timely([THAW_IN_FRIDGE])];
    case "ice-waits":
      return [SALT_AT_OVEN];
    case "waits-too-long-raw":
      return [SHORTER];
    case "brined-too-long":
      return [{ does: { kind: "brine-a-day" }, change: withSalt({ saltHours: 24 }) }];
    case "frozen-outside-an-oven":
      return conflict.why === "heat" ? [IN_THE_OVEN, WATER_NOW] : [STUFFING_BESIDE, WATER_NOW];
    case "bag-melts":
      return conflict.airC === null ? [LID_INSTEAD] : [bagAt(plan), LID_INSTEAD];
    case "not-on-a-spit":
      return [
        { does: { kind: "on-the-grill" }, change: withoutSpit },
        { does: { kind: "leave-whole" }, change: withForm({ cut: "whole" }) },
      ];
    case "salted-twice":
      return [NO_SALT];
    case "too-salty":
      return lessSalt(conflict.percent, plan);
    case "at-night": {
      const hours = (earliestWithin(conflict.startMs, plan.zone, WAKING) - conflict.startMs) / HOUR_MS;
      const asleep = later("eat-later-and-sleep", hours, conflict, plan, after);
      if (conflict.task !== "thaw") return asleep;
      const all = [...timely([THAW_IN_FRIDGE]), ...asleep, ...frozen()];
      return all.length > 0 ? all : [THAW_IN_FRIDGE];
    }
    case "done-too-soon":
      // A heat of its own is no change of the plan but of the dinner.
      return [];
    case "sugar-burns": {
      const { id } = conflict;
      const change =
        (what: Partial<Plan["additions"][number]>) =>
        (before: Plan): Plan => ({
          ...before,
          additions: before.additions.map((each) => (each.id === id ? { ...each, ...what } : each)),
        });
      return [
        { does: { kind: "at-the-end" }, change: change({ when: "at-the-end" }) },
        { does: { kind: "under-the-skin" }, change: change({ where: "under-the-skin" }) },
      ];
    }
    case "no-gravy-for": {
      const { id, name } = conflict;
      return [
        { does: { kind: "make-gravy" }, change: (before) => ({ ...before, gravy: "flour" }) },
        { does: { kind: "leave-out", name }, change: withoutAddition(id) },
      ];
    }
    case "never-comes": {
      const { what } = conflict;
      if (what === "glaze") return glazed(conflict, plan, after);
      if (what === "bacon") return [{ does: { kind: "bacon-stays" }, change: withSeason({ baconOff: null }) }];
      if (what === "fat") return [{ does: { kind: "fat-first" }, change: withSeason({ fat: "before" }) }];
      const wanted = JSON.stringify(conflict.for);
      return [
        {
          does: { kind: "without-stage" },
          change: (before) => {
            const full = fullStages(before.stages, before.bird.cut);
            return {
              ...before,
              stages: before.stages.filter(
                (_, n) => n === 0 || JSON.stringify(momentOf(full[n] as FullStage)) !== wanted,
              ),
            };
          },
        },
      ];
    }
    case "late-never":
      return hotter(plan);
    case "does-not-fit": {
      const { where, most } = conflict.fit;
      if (where === "pot") return [BAG, DRY_INSTEAD];
      if (where === "thaw") return [...(most > 0 ? [fewer(plan, most)] : []), WATER_NOW];
      return [
        ...(most > 0 ? [fewer(plan, most)] : []),
        ...(where === "oven" && isUpright(plan.stages[0]?.surface) ? [LAY_DOWN] : []),
        ...(hasCavity(plan.bird.cut) && where === "oven" ? [FLATTEN] : []),
        ...(isJointed(plan.bird.cut) ? [JOINT] : []),
      ];
    }
  }
}
