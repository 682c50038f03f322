import { contours } from "d3-contour";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type PathSink, pathInside, ringed, traceAbove } from "./isolines";

/** Signed area and count of what is walked: holes count against. */
class Measure implements PathSink {
  area = 0;
  rings = 0;
  private points: [number, number][] = [];
  moveTo(x: number, y: number): void {
    this.points = [[x, y]];
  }
  lineTo(x: number, y: number): void {
    this.points.push([x, y]);
  }
  closePath(): void {
    this.rings++;
    this.points.forEach(([x, y], n) => {
      const [u, v] = this.points[(n + 1) % this.points.length] as [number, number];
      this.area += (x * v - u * y) / 2;
    });
  }
}

function measured(field: ArrayLike<number>, columns: number, rows: number, value: number): Measure {
  const sink = new Measure();
  traceAbove(ringed(field, columns, rows), value, sink);
  return sink;
}

const disc = (columns: number, rows: number, radius: number): Float32Array =>
  Float32Array.from(
    { length: columns * rows },
    (_, n) => radius - Math.hypot((n % columns) - columns / 2, Math.floor(n / columns) - rows / 2),
  );

describe("isolines", () => {
  it("enclose a disc's area, on a lopsided raster", () => {
    const { area, rings } = measured(disc(60, 40, 15), 60, 40, 0);
    expect(rings).toBe(1);
    expect(Math.abs(area) / (Math.PI * 15 ** 2)).toBeCloseTo(1, 2);
  });

  it("count a hole against its surroundings", () => {
    const ring = disc(60, 40, 15).map((value) => (value > 8 ? -1 : value));
    const { area, rings } = measured(ring, 60, 40, 0);
    expect(rings).toBe(2);
    expect(Math.abs(area)).toBeLessThan(Math.PI * 15 ** 2 - Math.PI * 6 ** 2);
  });

  it("close at the edge of the raster and around samples that are no number", () => {
    expect(measured(new Float32Array(12).fill(5), 4, 3, 1).rings).toBe(1);
    expect(measured([5, 5, 5, 5, Number.NaN, 5, 5, 5, 5], 3, 3, 1).rings).toBe(2);
  });

  it("enclose what d3-contour encloses, on any smooth field", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 4, maxLength: 4 }), (waves) => {
        const [a, b, c, d] = waves as [number, number, number, number];
        const [columns, rows] = [23, 17];
        // A falling rim keeps both away from their different habits at the very edge.
        const field = Array.from({ length: columns * rows }, (_, n) => {
          const [x, y] = [(n % columns) / columns, Math.floor(n / columns) / rows];
          return (
            a * Math.sin(7 * x) +
            b * Math.cos(5 * y) +
            c * Math.sin(4 * (x + y)) +
            d -
            12 * (Math.hypot(x - 0.48, y - 0.47) ** 4 * 4)
          );
        });
        // Where a wave is higher than the rim it is no case of this property.
        const onRim = (n: number): boolean =>
          n % columns === 0 || n % columns === columns - 1 || n < columns || n >= columns * (rows - 1);
        fc.pre(field.every((value, n) => !onRim(n) || value < 0.1));
        const rings = contours().size([columns, rows]).smooth(true).contour(field, 0.1).coordinates.flat();
        const area = rings.reduce((sum, ring) => {
          return (
            sum +
            ring.reduce((part, [x = 0, y = 0], n) => {
              const [u = 0, v = 0] = ring[(n + 1) % ring.length] as number[];
              return part + (x * v - u * y) / 2;
            }, 0)
          );
        }, 0);
        expect(Math.abs(measured(field, columns, rows, 0.1).area)).toBeCloseTo(Math.abs(area), 0);
      }),
      { numRuns: 40 },
    );
  });

  it("make an SVG path of the inside of a distance field", () => {
    const path = pathInside(
      disc(20, 20, 5).map((value) => -value),
      20,
      20,
    );
    expect(path).toMatch(/^M[\d.,LZ-]+Z$/);
  });
});
