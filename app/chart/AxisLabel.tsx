/** A temperature beside the axis of a chart, in whose SVG it stands. @param x its right edge @param y its middle */
export function AxisLabel({ x, y, children }: { readonly x: number; readonly y: number; readonly children: string }) {
  return (
    <text x={x} y={y} fontSize="12.5" textAnchor="end" dominantBaseline="central" style={{ fill: "var(--ink-soft)" }}>
      {children}
    </text>
  );
}
