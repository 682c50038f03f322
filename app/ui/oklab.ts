/** OKLab (B. Ottosson, "A perceptual color space for image processing", 2020): the space our colours are even in. */
export type Lab = readonly [lightness: number, a: number, b: number];
export type LinearRgb = readonly [number, number, number];

export function labFromLch(lightness: number, chroma: number, hueDeg: number): Lab {
  const hue = (hueDeg * Math.PI) / 180;
  return [lightness, chroma * Math.cos(hue), chroma * Math.sin(hue)];
}

export function linearFromLab([lightness, a, b]: Lab): LinearRgb {
  const l = (lightness + 0.3963377774 * a + 0.2158037573 * b) ** 3;
  const m = (lightness - 0.1055613458 * a - 0.0638541728 * b) ** 3;
  const s = (lightness - 0.0894841775 * a - 1.291485548 * b) ** 3;
  return [
    4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
    -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
    -0.0041960863 * l - 0.7034186147 * m + 1.707614701 * s,
  ];
}

export function labFromLinear([r, g, b]: LinearRgb): Lab {
  const l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
  const m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
  const s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
  return [
    0.2104542553 * l + 0.793617785 * m - 0.0040720468 * s,
    1.9779984951 * l - 2.428592205 * m + 0.4505937099 * s,
    0.0259040371 * l + 0.7827717662 * m - 0.808675766 * s,
  ];
}

export const distance = (p: Lab, q: Lab): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);

/** As a screen wants it, 0 to 255 each. */
export function bytesFromLab(lab: Lab): readonly [number, number, number] {
  const channel = (value: number): number => {
    const clipped = Math.min(1, Math.max(0, value));
    const encoded = clipped <= 0.0031308 ? 12.92 * clipped : 1.055 * clipped ** (1 / 2.4) - 0.055;
    return Math.round(encoded * 255);
  };
  const [r, g, b] = linearFromLab(lab);
  return [channel(r), channel(g), channel(b)];
}

export const cssFromLab = (lab: Lab): string => `rgb(${bytesFromLab(lab).join(" ")})`;
