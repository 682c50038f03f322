import { type ReactNode, useLayoutEffect, useRef } from "react";

/** As high as it is, for what must not lie under it (`theme.css`). */
const HEIGHT = "--main-act";

/** The main act of the moment: at the thumb on a phone, whatever is scrolled; under the next action on a table. */
export function MainAct({ children }: { readonly children: ReactNode }) {
  const bar = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    const { current } = bar;
    if (!current) return;
    const root = document.documentElement.style;
    const seen = new ResizeObserver(() => root.setProperty(HEIGHT, `${current.offsetHeight}px`));
    seen.observe(current);
    return () => seen.disconnect();
  }, []);
  return (
    <div
      ref={bar}
      data-main-act
      className="flex flex-wrap gap-3 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-10 max-lg:border-t max-lg:border-line max-lg:bg-mist-0 max-lg:px-4 max-lg:pb-[max(0.75rem,env(safe-area-inset-bottom))] max-lg:pt-3 max-lg:[&>button]:grow"
    >
      {children}
    </div>
  );
}
