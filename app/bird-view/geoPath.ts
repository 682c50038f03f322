type Ring = readonly (readonly number[])[];

/** Multipolygon coordinates to a path; contour coordinates lie half a sample off the sample centres. */
export function geoPath(polygons: readonly (readonly Ring[])[]): string {
  const parts: string[] = [];
  for (const polygon of polygons) {
    for (const ring of polygon) {
      const points = ring.map(([x = 0, y = 0]) => `${(x - 0.5).toFixed(2)},${(y - 0.5).toFixed(2)}`);
      parts.push(`M${points.join("L")}Z`);
    }
  }
  return parts.join("");
}
