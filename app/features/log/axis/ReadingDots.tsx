import { useMemo } from "react";
import { binned, meanOf } from "../../../../core/forecast/reading";
import type { LookedBack } from "../useRecord";
import type { Axis } from "./layout";

const DOT_MIN = 4;

/** What was read, a dot for some minutes of each probe; what was set aside is crossed out. */
export function ReadingDots({
  axis: { x, y },
  observed,
  aside,
}: { readonly axis: Axis } & Pick<LookedBack, "observed" | "aside">) {
  const dots = useMemo(
    () =>
      binned(observed, aside.size > 0 ? 1 : DOT_MIN).map((bin) => ({
        ...meanOf(bin),
        isAside: bin.some(({ key }) => aside.has(key)),
      })),
    [observed, aside],
  );
  return dots.map(({ part, side, minute, celsius, isAside }) => {
    const [cx, cy] = [x(minute), y(celsius)];
    const key = `${part}${side}${minute}`;
    return isAside ? (
      <path key={key} d={`M${cx - 3.5} ${cy - 3.5}l7 7m0-7l-7 7`} stroke="var(--ember)" strokeWidth="1.5" />
    ) : (
      <circle
        key={key}
        cx={cx}
        cy={cy}
        r="2.4"
        fill={part === "breast" ? "var(--ink)" : "var(--mist-1)"}
        stroke="var(--ink)"
      />
    );
  });
}
