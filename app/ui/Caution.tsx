import { TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";
import { keptTogether } from "./keptTogether";

/** A short caution where the hand is. */
export function Caution({ children, actions }: { readonly children: ReactNode; readonly actions?: ReactNode }) {
  return (
    <div className="flex gap-2.5 rounded-2xl bg-caution px-3.5 py-2.5 text-[0.95rem] leading-snug text-caution-ink">
      <TriangleAlert aria-hidden className="mt-0.5 size-4.5 shrink-0" />
      <div className="flex grow flex-wrap items-center gap-x-4 gap-y-2">
        <div className="min-w-48 grow basis-0">{keptTogether(children)}</div>
        {actions && <div className="flex flex-wrap items-end gap-2">{actions}</div>}
      </div>
    </div>
  );
}
