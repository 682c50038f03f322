/** What a tap on something to mind notes. */
import { probesOf } from "../../../core/bird/probe";
import { ROAST_ROW } from "../../../core/day/late";
import { OVERDUE_MIN } from "../../../core/day/lateStage";
import type { WhatIfId } from "../../../core/day/whatIf";
import type { Acts } from "../../day/acts";
import type { Item } from "../../day/items";
import { clockNow } from "../../shell/clock";

export interface Answering {
  readonly acts: Acts;
  /** A change of the heat is made now. */
  makes?(id: WhatIfId): void;
}

interface Answer {
  readonly says: string;
  done(): void;
}

/** What was to be done a while ago, and has been. */
const IN_TIME = "In time";
const JUST_NOW = "Just now";

/** What a tap on an item notes; none for what is only said. */
export function answersTo({ about }: Item, { acts, makes }: Answering): readonly Answer[] {
  const isDone = (done: () => void): readonly Answer[] => [{ says: "Done", done }];
  switch (about.kind) {
    case "row":
      // Ticked off alone, the bird would be waited for, and called as late.
      return isDone(() => (about.id === ROAST_ROW ? void acts.goesIn(clockNow()) : acts.ticks(about.id)));
    case "begun": {
      const { task, fromNow } = about;
      return [
        { says: IN_TIME, done: () => acts.ticks(task) },
        ...(task === "thaw" ? [{ says: JUST_NOW, done: () => acts.thaws() }] : []),
        ...(fromNow ? [{ says: JUST_NOW, done: () => acts.salts(task, fromNow) }] : []),
      ];
    }
    case "stage":
      if (about.sinceMin < OVERDUE_MIN) return isDone(() => acts.changesHeat(about));
      return [
        { says: IN_TIME, done: () => acts.changesHeat(about, "in time") },
        { says: JUST_NOW, done: () => acts.changesHeat(about) },
      ];
    case "colour":
      return isDone(() => acts.changesHeat({ ...about, kind: "stage", sinceMin: 0 }));
    case "slipped":
    case "out":
      return [{ says: "It sits right", done: () => acts.seats([about.probe]) }];
    case "misplaced":
      return [{ says: "Moved", done: () => acts.seats(probesOf(about.part)) }];
    case "breast-ahead":
      return makes ? isDone(() => makes("cover-breast")) : [];
    case "dark-early":
      return makes ? isDone(() => makes("cover-all")) : [];
    case "heat-off":
      return [{ says: "On again", done: () => acts.heatIsOn() }];
    case "cooled":
    case "stalled":
      return [{ says: "No heat", done: () => acts.heatIsOff() }];
    case "fuel":
      return isDone(() => acts.counts("fuelsDone", about.n));
    case "baste":
      return isDone(() => acts.counts("bastingsDone", about.n));
    default:
      return [];
  }
}
