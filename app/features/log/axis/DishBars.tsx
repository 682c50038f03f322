import type { LookedBack } from "../useRecord";
import { type Axis, DISH, MAIN_END, TICKS } from "./layout";

/** Side dishes, a bar each, below the hours. */
export function DishBars({
  axis: { x, at, toMin },
  dishes,
}: {
  readonly axis: Axis;
  readonly dishes: LookedBack["sides"];
}) {
  return dishes.map(({ id, name, startMs, endMs }, n) => {
    const top = MAIN_END + TICKS + 4 + n * DISH;
    const from = Math.max(x(0), at(startMs));
    return (
      <g key={id}>
        <rect
          x={from}
          y={top}
          width={Math.max(2, Math.min(x(toMin), at(endMs)) - from)}
          height={DISH - 4}
          rx={4}
          fill="var(--mist-2)"
          stroke="var(--line-strong)"
        />
        <text x={from - 6} y={top + 10} fontSize="12" textAnchor="end" style={{ fill: "var(--ink-soft)" }}>
          {name}
        </text>
      </g>
    );
  });
}
