import { type ReactNode, useLayoutEffect, useRef } from "react";

/** As high as it is, for what must not lie under it (`theme.css`). */
const HEIGHT = "--main-act";

/** The main act of the moment: at the thumb on a phone that stands, whatever is scrolled; else under the next action. */
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
      className="flex flex-wrap gap-3 max-lg:[&>button]:grow max-lg:upright:fixed max-lg:upright:inset-x-0 max-lg:upright:bottom-0 max-lg:upright:z-10 max-lg:upright:border-t max-lg:upright:border-line max-lg:upright:bg-mist-0 max-lg:upright:px-4 max-lg:upright:pb-[max(0.75rem,env(safe-area-inset-bottom))] max-lg:upright:pt-3 low:[grid-column:1]!"
    >
      {children}
    </div>
  );
}
