import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { anyText } from "../../tests/helpers/anyRoast";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { base64url, packRoasts, packShort, unpackRoasts } from "./handover";

const NOW = new Date("2026-09-20T10:00:00Z");

describe("a roast handed over in an address", () => {
  it("comes out as it went in, whatever the plan, in letters that an address may have", async () => {
    await fc.assert(
      fc.asyncProperty(ANY_PLAN, anyText(60), async (plan, title) => {
        const roast = { ...sampleRoast(), plan, title };
        const packed = await packRoasts([roast], NOW);
        expect(packed).toMatch(/^[\w-]+$/);
        expect(await unpackRoasts(packed)).toEqual({ kind: "roasts", roasts: [roast] });
      }),
      { numRuns: 60 },
    );
  });

  it("is short enough for a picture of dots: 2953 bytes (ISO/IEC 18004, version 40, level L), and far less usually", async () => {
    expect((await packRoasts([sampleRoast()], NOW)).length).toBeLessThan(1200);
    const dish = (n: number) => ({
      id: crypto.randomUUID(),
      name: `Dish number ${n} with a long name`,
      minutes: 30 + n,
      ovenC: 180 + n,
      ring: false,
      slot: "auto" as const,
    });
    const { plan, ...roast } = sampleRoast();
    const sides = Array.from({ length: 12 }, (_, n) => dish(n));
    expect((await packRoasts([{ ...roast, plan: { ...plan, sides } }], NOW)).length).toBeLessThan(2800);
  });

  it("takes a dinner of three roasts along, in one picture", async () => {
    const roasts = ["one", "two", "three"].map((id) => ({ ...sampleRoast(id), dinner: "one" }));
    const packed = await packRoasts(roasts, NOW);
    expect(packed.length).toBeLessThan(1600);
    expect(await unpackRoasts(packed)).toEqual({ kind: "roasts", roasts });
  });

  it("is refused when it is cut off, nothing, not ours, or a flood", async () => {
    const packed = await packRoasts([sampleRoast()], NOW);
    for (const wrong of [packed.slice(0, -20), "", "%%%", "AAAA"]) {
      expect(await unpackRoasts(wrong)).toMatchObject({ kind: "refused" });
    }
    const flood = await new Response(
      new Blob([new Uint8Array(3_000_000)]).stream().pipeThrough(new CompressionStream("deflate-raw")),
    ).arrayBuffer();
    expect(await unpackRoasts(base64url(new Uint8Array(flood)))).toMatchObject({ kind: "refused" });
  });

  it("leaves notes at home that are too long for the picture, and only those", async () => {
    // Nothing that a compressor finds twice.
    const long = Array.from({ length: 900 }, (_, n) => Math.imul(n + 1, 2654435761).toString(36)).join(" ");
    const roast = { ...sampleRoast(), notes: long.slice(0, 4000) };
    const short = await packShort([roast], new Date(0), 2800);
    expect(short.withNotes).toBe(false);
    expect(short.packed.length).toBeLessThan(2800);
    const back = await unpackRoasts(short.packed);
    expect(back).toEqual({ kind: "roasts", roasts: [{ ...roast, notes: "" }] });
    expect((await packShort([{ ...roast, notes: "Ten minutes less." }], new Date(0), 2800)).withNotes).toBe(true);
  });
});
