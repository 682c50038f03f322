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
      className="flex flex-wrap gap-3 max-lg:[&>button]:grow handheld:fixed handheld:inset-x-0 handheld:bottom-0 handheld:z-10 handheld:border-t handheld:border-line handheld:bg-mist-0 handheld:px-4 handheld:pb-[max(0.75rem,env(safe-area-inset-bottom))] handheld:pt-3 low:[grid-column:1]!"
    >
      {children}
    </div>
  );
}
