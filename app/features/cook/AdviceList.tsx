import { Check, ChevronDown } from "lucide-react";
import { probesOf } from "../../../core/bird/probe";
import { OVERDUE_MIN } from "../../../core/day/lateStage";
import type { WhatIfId } from "../../../core/day/whatIf";
import { unbroken } from "../../../words/unbroken";
import type { Acts } from "../../day/acts";
import type { Item } from "../../day/items";

interface Props {
  readonly items: readonly Item[];
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
function answersTo({ about }: Item, { acts, makes }: Omit<Props, "items">): readonly Answer[] {
  const isDone = (done: () => void): readonly Answer[] => [{ says: "Done", done }];
  switch (about.kind) {
    case "row":
      return isDone(() => acts.ticks(about.id));
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

/** What is due and what the readings show, most urgent first: a line each, its reason a tap below, and a tick where it can be done. */
export function AdviceList({ items, ...does }: Props) {
  if (items.length === 0) return null;
  return (
    <ul aria-label="What to mind" className="grid gap-1.5">
      {items.map((item) => {
        const answers = answersTo(item, does);
        return (
          <li
            key={item.key}
            className={`flex items-start rounded-2xl ${item.rings ? "bg-ember-wash" : "border border-line bg-mist-1"}`}
          >
            <details className="group grow [&:not([open])]:self-center">
              <summary className="flex min-h-12 cursor-pointer list-none items-center gap-2 px-4 py-1.5 text-lg leading-snug">
                <span className="grow">{unbroken(item.does)}</span>
                <ChevronDown aria-hidden className="size-5 shrink-0 text-soft transition group-open:rotate-180" />
              </summary>
              <p className="px-4 pb-3 text-soft">{unbroken(item.why)}</p>
            </details>
            {answers.length > 0 && (
              <div className="flex shrink-0 flex-col self-stretch divide-y divide-line-strong overflow-hidden rounded-r-2xl border-l border-line-strong">
                {answers.map(({ says, done }) => (
                  <button
                    key={says}
                    type="button"
                    aria-label={`${says}: ${item.does}`}
                    onClick={done}
                    className="flex min-h-12 grow items-center gap-1.5 px-4 font-semibold hover:bg-mist-2"
                  >
                    <Check aria-hidden className="size-5" /> {says}
                  </button>
                ))}
              </div>
            )}
          </li>
        );
      })}
    </ul>
  );
}
