import { Check, ChevronDown } from "lucide-react";
import type { Acts } from "../../day/acts";
import type { Item } from "../../day/roastDay";

interface Props {
  readonly items: readonly Item[];
  readonly acts: Acts;
}

/** What a tap on an item notes; null for what is only said. */
function doneOf({ about }: Item, acts: Acts): (() => void) | null {
  switch (about.kind) {
    case "row":
      return () => acts.ticks(about.id);
    case "stage":
      return () => void acts.happens({ stagesDone: about.n });
    case "fuel":
      return () => void acts.happens({ fuelsDone: about.n });
    case "baste":
      return () => void acts.happens({ bastingsDone: about.n });
    default:
      return null;
  }
}

/** What is due and what the readings show, most urgent first: a line each, its reason a tap below, and a tick where it can be done. */
export function AdviceList({ items, acts }: Props) {
  if (items.length === 0) return null;
  return (
    <ul aria-label="What to mind" className="grid gap-1.5">
      {items.map((item) => {
        const done = doneOf(item, acts);
        return (
          <li
            key={item.key}
            className={`flex items-start rounded-2xl ${item.rings ? "bg-ember-wash" : "border border-line bg-mist-1"}`}
          >
            <details className="group grow">
              <summary className="flex min-h-12 cursor-pointer list-none items-center gap-2 px-4 py-1.5 text-lg leading-snug">
                <span className="grow">{item.does}</span>
                <ChevronDown aria-hidden className="size-5 shrink-0 text-soft transition group-open:rotate-180" />
              </summary>
              <p className="px-4 pb-3 text-soft">{item.why}</p>
            </details>
            {done && (
              <button
                type="button"
                aria-label={`Done: ${item.does}`}
                onClick={done}
                className="flex min-h-12 shrink-0 items-center gap-1.5 self-stretch rounded-r-2xl border-l border-line-strong px-4 font-semibold hover:bg-mist-2"
              >
                <Check aria-hidden className="size-5" /> Done
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
