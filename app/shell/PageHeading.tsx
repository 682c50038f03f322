import { type ReactNode, useEffect, useLayoutEffect, useRef } from "react";
import { useLocation } from "react-router";
import { keptTogether } from "../ui/keptTogether";
import { namePage } from "./windowTitle";

interface Props {
  readonly className: string;
  /** What the window is called; the heading itself where left out. */
  readonly title?: string;
  readonly children: ReactNode;
}

/** The page that was headed last; null before the first. */
let headed: string | null = null;
/** The heading that had the focus has given way to another of the same page. */
let isLeft = false;

/**
 * The heading of a page. Its window is called by it; and a step to the page puts the focus here, where nothing in the page
 * has it, so that whoever does not see the page hears which one it is.
 */
export function PageHeading({ className, title, children }: Props) {
  const heading = useRef<HTMLHeadingElement>(null);
  const { pathname } = useLocation();
  useEffect(() => namePage(title ?? heading.current?.textContent ?? ""));
  useEffect(() => {
    const isStep = headed !== null && headed !== pathname;
    const isNeeded = isStep || isLeft;
    [headed, isLeft] = [pathname, false];
    if (isNeeded && !document.activeElement?.closest("main")) heading.current?.focus({ preventScroll: true });
  }, [pathname]);
  useLayoutEffect(() => {
    const own = heading.current;
    return () => {
      isLeft = document.activeElement === own;
    };
  }, []);
  return (
    <h1 ref={heading} tabIndex={-1} className={className}>
      {keptTogether(children)}
    </h1>
  );
}
