import { Check, ChevronDown } from "lucide-react";
import { unbroken } from "../../../words/unbroken";
import type { Item } from "../../day/items";
import { type Answering, answersTo } from "./answers";

interface Props extends Answering {
  readonly items: readonly Item[];
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
