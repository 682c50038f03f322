import { ChevronDown, TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";
import { keptTogether } from "./keptTogether";

interface Props {
  readonly children: ReactNode;
  /** What is a tap below: the reason, in full. */
  readonly more?: ReactNode;
  readonly actions?: ReactNode;
}

/** A short caution where the hand is. */
export function Caution({ children, more, actions }: Props) {
  return (
    <div className="flex gap-2.5 rounded-2xl bg-caution px-3.5 py-2.5 text-[0.95rem] leading-snug text-caution-ink">
      <TriangleAlert aria-hidden className={`${more ? "mt-1.5" : "mt-0.5"} size-4.5 shrink-0`} />
      <div className="flex grow flex-wrap items-center gap-x-4 gap-y-2">
        <div className="min-w-48 grow basis-0">
          {more ? (
            <details className="group">
              <summary className="flex min-h-8 cursor-pointer list-none items-center gap-2">
                <span className="grow">{keptTogether(children)}</span>
                <ChevronDown aria-hidden className="size-5 shrink-0 transition group-open:rotate-180" />
              </summary>
              <p className="pt-1.5">{keptTogether(more)}</p>
            </details>
          ) : (
            keptTogether(children)
          )}
        </div>
        {actions && <div className="flex flex-wrap items-end gap-2">{actions}</div>}
      </div>
    </div>
  );
}
