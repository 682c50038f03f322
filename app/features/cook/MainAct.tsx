import type { ReactNode } from "react";

/** The main act of the moment, at the thumb: it stays at the lower edge of a phone whatever is scrolled. */
export function MainAct({ children }: { readonly children: ReactNode }) {
  return (
    <div className="sticky bottom-0 z-10 -mx-4 flex flex-wrap gap-3 border-t border-line bg-mist-0 px-4 pb-[max(0.75rem,env(safe-area-inset-bottom))] pt-3 [&>button]:grow sm:-mx-6 sm:px-6 lg:static lg:mx-0 lg:border-0 lg:p-0 lg:[&>button]:grow-0">
      {children}
    </div>
  );
}
