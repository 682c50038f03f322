import type { LookedBack } from "../useRecord";
import { type barsOn, DISH, MAIN_END, TICKS } from "./layout";

/** Side dishes, a bar each, below the hours. */
export function DishBars({ bars }: { readonly bars: ReturnType<typeof barsOn<LookedBack["sides"][number]>> }) {
  return bars.map(({ dish, from, to, name }, n) => {
    const top = MAIN_END + TICKS + 4 + n * DISH;
    return (
      <g key={dish.id}>
        <rect
          x={from}
          y={top}
          width={Math.max(2, to - from)}
          height={DISH - 4}
          rx={4}
          fill="var(--mist-2)"
          stroke="var(--line-strong)"
        />
        <text x={name.x} y={top + 10} fontSize="12" textAnchor={name.anchor} style={{ fill: "var(--ink-soft)" }}>
          {dish.name}
        </text>
      </g>
    );
  });
}
