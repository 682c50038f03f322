import { describe, expect, it } from "vitest";
import { carveSteps } from "../kitchen/carveGuides";
import { CUT_GUIDES, cutGuide } from "../kitchen/cutGuides";
import { draped } from "./draped";
import { outsideM, type SolidGeometry, solidGeometry } from "./solidGeometry";
import { SPECIES_RECORDS, type Species } from "./species";

const made = new Map<string, SolidGeometry>();
function geometryOf(species: Species, form: Parameters<typeof solidGeometry>[0]): SolidGeometry {
  const key = JSON.stringify({ ...form, species });
  const known = made.get(key) ?? solidGeometry({ ...form, species }, massOf(species, form.cut));
  made.set(key, known);
  return known;
}
const massOf = (species: Species, cut: string): number =>
  SPECIES_RECORDS[species].anatomy.referenceKg * (["whole", "spatchcock", "parts"].includes(cut) ? 1 : 0.4);

describe("a guide's lines on the solid", () => {
  it.each(["turkey", "duck"] as const)(
    "lie on the skin they run over, seen from where they are drawn: %s",
    (species) => {
      const steps = [
        ...CUT_GUIDES.filter((id) => id !== "leg-roll").flatMap((id) => cutGuide(id, species).steps),
        ...carveSteps(species, "whole"),
        ...carveSteps(species, "crown"),
        ...carveSteps(species, "crown", { fromBone: true }),
      ].filter((_, n) => n % 4 === 0);
      let laid = 0;
      let inCrease = 0;
      for (const { form, view, lines } of steps) {
        const geometry = geometryOf(species, { species, ...form });
        for (const { points } of lines) {
          const line = draped(points, view, geometry);
          if (view === "side") for (const [x] of line) expect(x).toBeLessThanOrEqual(1e-9);
          const on = line.filter((point) => Math.abs(outsideM(geometry, point)) < 0.003).length;
          if (on > 0.8 * line.length) laid++;
          // In a crease, or a string beside the bird: as the drawing has it.
          else {
            inCrease++;
            expect(line[0]?.[1]).toBeCloseTo(points[0]?.[1] ?? Number.NaN, 9);
          }
        }
      }
      expect(laid).toBeGreaterThan(inCrease);
    },
  );
});
