import { describe, expect, it } from "vitest";
import { distance, type LinearRgb, labFromLinear, linearFromLab } from "./oklab";
import { BAND_EDGES_C, BAND_STEP_K, SCALE_HIGH_C, SCALE_LOW_C, temperatureLab } from "./temperatureScale";

const bands = BAND_EDGES_C.map((edge) => temperatureLab(edge + BAND_STEP_K / 2));

/** Full dichromacy, linear RGB: Machado, Oliveira and Fernandes (2009), severity 1 (from memory). */
const DICHROMACY: Record<string, readonly (readonly [number, number, number])[]> = {
  protanopia: [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  deuteranopia: [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  tritanopia: [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
};

describe("the temperature scale", () => {
  it("is even to the eye: neighbouring bands differ alike in OKLab", () => {
    const steps = bands.slice(1).map((lab, n) => distance(lab, bands[n] as typeof lab));
    expect(Math.min(...steps)).toBeGreaterThan(0.045);
    expect(Math.max(...steps) / Math.min(...steps)).toBeLessThan(1.35);
  });

  it("grows darker with every degree", () => {
    for (let celsius = SCALE_LOW_C; celsius < SCALE_HIGH_C; celsius++) {
      expect(temperatureLab(celsius + 1)[0]).toBeLessThan(temperatureLab(celsius)[0]);
    }
  });

  it("stays inside what a screen can show", () => {
    for (const lab of bands) for (const channel of linearFromLab(lab)) expect(channel).toBeGreaterThan(-0.005);
  });

  it.each(Object.keys(DICHROMACY))("keeps its order and its steps in %s", (kind) => {
    const seen = bands.map((lab) => {
      const rgb = linearFromLab(lab);
      const mixed = DICHROMACY[kind]?.map((row) => row[0] * rgb[0] + row[1] * rgb[1] + row[2] * rgb[2]);
      return labFromLinear(mixed?.map((value) => Math.max(0, value)) as unknown as LinearRgb);
    });
    seen.slice(1).forEach((lab, n) => {
      const before = seen[n] as typeof lab;
      expect(lab[0]).toBeLessThan(before[0]);
      expect(distance(lab, before)).toBeGreaterThan(0.03);
    });
  });
});
