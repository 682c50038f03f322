import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody } from "./body";
import { birdForm, CUTS } from "./form";
import { massRangeKg } from "./mass";
import { cellCentre, formGeometry, pointOn, projectOn, sectionSampler } from "./section";
import { SPECIES } from "./species";

const FORMS = SPECIES.flatMap((species) => CUTS.map((cut) => birdForm({ species, cut })));

describe.each(FORMS)("sections: $species, $cut", (form) => {
  const { sections, centres } = formGeometry(form);
  const boughtKg = massRangeKg(form.species, form.cut)[1] / 2.7;
  const body = makeBody(form, boughtKg, coarseCellM(form, 0.01));

  it("hold the whole outline: nothing of the bird touches the edge of a picture", () => {
    for (const { plane, distanceM, silhouetteM } of sections) {
      for (let column = 0; column < plane.columns; column++) {
        for (const row of [0, plane.rows - 1]) {
          expect(distanceM[column + plane.columns * row]).toBeGreaterThan(0);
          if (silhouetteM) expect(silhouetteM[column + plane.columns * row]).toBeGreaterThan(0);
        }
      }
    }
  });

  it("pass through flesh, and the long one through both thermal centres", () => {
    for (const { distanceM } of sections) expect(Math.min(...distanceM)).toBeLessThan(-0.012);
    const main = sections[0]?.plane;
    if (!main) throw new Error("no main section");
    for (const centre of Object.values(centres)) expect(projectOn(main, centre).offM).toBeLessThan(0.012);
  });

  it("give a point on a plane back its own column and row", () => {
    const planes = sections.map(({ plane }) => plane);
    fc.assert(
      fc.property(fc.constantFrom(...planes), fc.nat(60), fc.nat(20), (plane, column, row) => {
        const place = projectOn(plane, pointOn(plane, column, row));
        expect(place.column).toBeCloseTo(column, 6);
        expect(place.row).toBeCloseTo(row, 6);
        expect(place.offM).toBeLessThan(1e-6);
      }),
    );
  });

  it("read a field smoothly: a straight one comes back straight, left and right alike", () => {
    const { nx, ny, nz } = body.unit.grid;
    // Warmer towards the neck by one degree a centimetre.
    const field = Float32Array.from({ length: nx * ny * nz }, (_, cell) => cellCentre(body, cell)[1] * 100);
    sectionSampler(body)
      .sample(field)
      .forEach((samples, n) => {
        const section = sections[n];
        if (!section) throw new Error("more samples than sections");
        const { plane, distanceM } = section;
        samples.forEach((value, at) => {
          if ((distanceM[at] as number) > -0.014) return;
          const [, y] = pointOn(plane, at % plane.columns, Math.floor(at / plane.columns));
          expect(Math.abs(value - y * 100)).toBeLessThan(0.05);
        });
      });
  });

  it("carry temperatures out to the skin, so that no band ends short of the outline", () => {
    const { nx, ny, nz } = body.unit.grid;
    const samples = sectionSampler(body).sample(new Float32Array(nx * ny * nz).fill(50));
    sections.forEach(({ distanceM }, n) => {
      const inside = [...distanceM].map((distance, at) => (distance < 0 ? samples[n]?.[at] : 50));
      expect(inside.every((value) => Math.abs((value ?? Number.NaN) - 50) < 1e-3)).toBe(true);
    });
  });
});
