import { describe, expect, it } from "vitest";
import { carveSteps } from "../kitchen/carveGuides";
import { CUT_GUIDES, cutGuide } from "../kitchen/cutGuides";
import { canSliceFromBone, stringM } from "../kitchen/cutting";
import { DRAWING_VIEWS, type Drawing, type DrawingView, drawingOf, drawnAt } from "./drawing";
import { type BirdForm, birdForm, CUTS, formKey } from "./form";
import type { Vec3 } from "./sdf";
import { ANATOMY, SPECIES } from "./species";

const drawn = new Map<string, Drawing>();
const drawing = (form: BirdForm, view: DrawingView): Drawing => {
  const key = `${formKey(form)} ${view}`;
  const made = drawn.get(key) ?? drawingOf(form, view);
  drawn.set(key, made);
  return made;
};
const sum = (field: Float32Array): number => field.reduce((total, value) => total + value, 0);
const WHOLE = birdForm({ species: "turkey", cut: "whole" });

describe("a drawing of the solid", () => {
  it.each(DRAWING_VIEWS)("from the %s shows what lies on that side", (view) => {
    const { parts, light, outlineM } = drawing(WHOLE, view);
    const names = parts.map(({ name }) => name);
    expect(names).toContain("thigh");
    expect(names).toContain("drumstick");
    const most = parts.reduce((a, b) => (sum(a.seen) > sum(b.seen) ? a : b)).name;
    expect(most).toBe({ breast: "breast", back: "rib cage", side: most }[view]);
    for (const [n, value] of light.entries()) {
      if (Number.isNaN(value)) continue;
      expect(value).toBeGreaterThanOrEqual(0);
      expect(value).toBeLessThanOrEqual(1);
      expect(outlineM[n]).toBeLessThan(0.001);
    }
  });

  it("is the same on both sides of the mid-line", () => {
    const { columns, rows, outlineM } = drawing(WHOLE, "breast");
    let worst = 0;
    for (let row = 0; row < rows; row++) {
      const inside = (column: number): boolean => (outlineM[column + row * columns] as number) < 0;
      let left = 0;
      let right = 0;
      for (let column = 0; column < columns / 2; column++) {
        if (inside(column)) left++;
        if (inside(columns - 1 - column)) right++;
      }
      worst = Math.max(worst, Math.abs(left - right));
    }
    expect(worst).toBeLessThanOrEqual(1);
  });

  it("puts a point of the bird where it is seen", () => {
    const seen = drawing(WHOLE, "breast");
    const { ankle, breast } = { ankle: ANATOMY.turkey.drumstick.to, breast: ANATOMY.turkey.breast.centre };
    const seenAt = (name: string, point: Vec3): number => {
      const [column, row] = drawnAt(seen, point).map(Math.round) as [number, number];
      return seen.parts.find((part) => part.name === name)?.seen[column + row * seen.columns] ?? 0;
    };
    expect(seenAt("drumstick", ankle)).toBeGreaterThan(0.5);
    expect(seenAt("breast", breast)).toBeGreaterThan(0.5);
  });
});

describe("carving", () => {
  it.each(SPECIES.flatMap((species) => CUTS.map((cut) => ({ species, cut }))))(
    "$species, $cut: has its steps, and every line lies on what is carved",
    ({ species, cut }) => {
      const isTied = stringM(cut, 1) > 0;
      const [steps, onTheBone] = [carveSteps(species, cut), carveSteps(species, cut, { fromBone: true, isTied })];
      expect(steps.length).toBeGreaterThan(0);
      expect(onTheBone[0]?.id === "strings-off").toBe(isTied);
      expect(onTheBone.some(({ id }) => id === "slice-from-bone")).toBe(canSliceFromBone(cut));
      expect([...steps, ...onTheBone].filter(({ lines }) => lines.length === 0)).toEqual([]);
      for (const { form, view, lines } of [...steps, ...onTheBone]) {
        const picture = drawing(birdForm({ species, ...form }), view);
        for (const point of lines.flatMap(({ points }) => points)) {
          const [column, row] = drawnAt(picture, point).map(Math.round) as [number, number];
          expect(picture.outlineM[column + row * picture.columns]).toBeLessThan(0.02);
        }
      }
    },
  );
});

describe("steps at the board", () => {
  it.each(SPECIES.flatMap((species) => CUT_GUIDES.map((id) => ({ species, id }))))(
    "$species, $id: every line lies on the bird it is drawn on",
    ({ species, id }) => {
      const guide = cutGuide(id, species);
      expect(guide.steps.length).toBeGreaterThanOrEqual(3);
      for (const { form, view, lines } of guide.steps) {
        const picture = drawing(birdForm({ species, ...form }), view);
        for (const { points, mark } of lines) {
          for (const point of points) {
            const [column, row] = drawnAt(picture, point).map(Math.round) as [number, number];
            expect(column).toBeGreaterThanOrEqual(0);
            expect(row).toBeGreaterThanOrEqual(0);
            expect(column).toBeLessThan(picture.columns);
            expect(row).toBeLessThan(picture.rows);
            // Strings go round and blades begin in the air beside it, but never far from the skin.
            if (mark !== "score") expect(picture.outlineM[column + row * picture.columns]).toBeLessThan(0.02);
          }
        }
      }
    },
  );
});
