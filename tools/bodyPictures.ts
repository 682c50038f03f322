/** Pictures of the bodies for the science page: the distance fields seen from the side and above, lit, as small PNGs. */
import { mkdirSync, writeFileSync } from "node:fs";
import { deflateSync } from "node:zlib";
import { shapeOf } from "../core/bird/body";
import { birdForm, CUTS, type FormChoice } from "../core/bird/form";
import { normalAt, type Vec3 } from "../core/bird/sdf";
import { isBone, partAt } from "../core/bird/solid";
import { SPECIES } from "../core/bird/species";

const WIDTH = 220;
const HEIGHT = 150;
const STEPS = 90;
const NEAR_M = 0.0004;
/** From the front right and above, as a cook looks at a bird on a board. */
const EYE: Vec3 = normalised([0.75, 0.25, 0.62]);
const LIGHT: Vec3 = normalised([0.35, 0.55, 0.9]);
const BACKGROUND = [238, 244, 247] as const;
const PART_TINTS: Record<string, readonly [number, number, number]> = {
  breast: [232, 190, 150],
  tenderloin: [232, 190, 150],
  thigh: [205, 140, 105],
  drumstick: [190, 120, 90],
  wing: [215, 160, 120],
  filling: [150, 120, 70],
};
const OTHER_TINT = [200, 175, 150] as const;

function normalised([x, y, z]: Vec3): Vec3 {
  const length = Math.hypot(x, y, z);
  return [x / length, y / length, z / length];
}
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** One form, by sphere tracing along parallel rays. */
function picture(choice: FormChoice): Buffer {
  const { shape } = shapeOf(birdForm(choice));
  const { low, high } = shape.bounds;
  const { body } = shape;
  const centre: Vec3 = [0, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2];
  const right = normalised(cross([0, 0, 1], EYE));
  const up = cross(EYE, right);
  const spread = (axis: Vec3): number =>
    Math.abs(axis[0]) * high[0] +
    (Math.abs(axis[1]) * (high[1] - low[1])) / 2 +
    (Math.abs(axis[2]) * (high[2] - low[2])) / 2;
  const scale = Math.max((2 * spread(right)) / (WIDTH * 0.92), (2 * spread(up)) / (HEIGHT * 0.92));
  const far = spread(EYE) * 1.2;
  const pixels = Buffer.alloc(WIDTH * HEIGHT * 3);
  for (let row = 0; row < HEIGHT; row++) {
    for (let column = 0; column < WIDTH; column++) {
      const a = (column - WIDTH / 2) * scale;
      const b = (HEIGHT / 2 - row) * scale;
      const from = (along: number): Vec3 => [
        centre[0] + right[0] * a + up[0] * b + EYE[0] * along,
        centre[1] + right[1] * a + up[1] * b + EYE[1] * along,
        centre[2] + right[2] * a + up[2] * b + EYE[2] * along,
      ];
      let along = far;
      let colour: readonly number[] = BACKGROUND;
      for (let step = 0; step < STEPS && along > -far; step++) {
        const [x, y, z] = from(along);
        const distance = body.at(x, y, z);
        if (distance < NEAR_M) {
          const normal = normalAt(body, x, y, z, 0.001);
          const lit = Math.max(0, normal[0] * LIGHT[0] + normal[1] * LIGHT[1] + normal[2] * LIGHT[2]);
          const part =
            shape.parts[partAt(shape.parts, x - normal[0] * 0.004, y - normal[1] * 0.004, z - normal[2] * 0.004)];
          const tint = (part && !isBone(part) && PART_TINTS[part.name]) || OTHER_TINT;
          colour = tint.map((value) => value * (0.42 + 0.62 * lit));
          break;
        }
        // Ellipsoids only bound their distance: careful steps.
        along -= distance * 0.7;
      }
      const at = (row * WIDTH + column) * 3;
      colour.forEach((value, channel) => {
        pixels[at + channel] = Math.min(255, Math.max(0, Math.round(value)));
      });
    }
  }
  return png(pixels);
}

/** An RGB image as PNG (ISO/IEC 15948): signature, header, data, end. */
function png(pixels: Buffer): Buffer {
  const rows = Buffer.alloc(HEIGHT * (WIDTH * 3 + 1));
  for (let row = 0; row < HEIGHT; row++) {
    pixels.copy(rows, row * (WIDTH * 3 + 1) + 1, row * WIDTH * 3, (row + 1) * WIDTH * 3);
  }
  const header = Buffer.alloc(13);
  header.writeUInt32BE(WIDTH, 0);
  header.writeUInt32BE(HEIGHT, 4);
  header.set([8, 2, 0, 0, 0], 8);
  const chunk = (type: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(type, "ascii"), data]);
    const out = Buffer.alloc(body.length + 8);
    out.writeUInt32BE(data.length, 0);
    body.copy(out, 4);
    out.writeUInt32BE(crc(body), body.length + 4);
    return out;
  };
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk("IHDR", header),
    chunk("IDAT", deflateSync(rows, { level: 9 })),
    chunk("IEND", Buffer.alloc(0)),
  ]);
}

function crc(data: Buffer): number {
  let value = 0xffffffff;
  for (const byte of data) {
    value ^= byte;
    for (let bit = 0; bit < 8; bit++) value = value & 1 ? (value >>> 1) ^ 0xedb88320 : value >>> 1;
  }
  return (value ^ 0xffffffff) >>> 0;
}

const VARIANTS: readonly (FormChoice & { readonly name: string })[] = [
  { species: "turkey", cut: "whole", legs: "open", name: "turkey-whole-open" },
  { species: "turkey", cut: "whole", cavity: "stuffed", name: "turkey-whole-stuffed" },
];

/** Writes one picture a form; @returns a Markdown table of them, species by cut. */
export function writeBodyPictures(folder: string): string {
  mkdirSync(folder, { recursive: true });
  const write = (name: string, form: FormChoice): string => {
    writeFileSync(`${folder}/${name}.png`, picture(form));
    return `![${name.replaceAll("-", " ")}](bodies/${name}.png)`;
  };
  const header = `| | ${SPECIES.join(" | ")} |\n|---|${SPECIES.map(() => "---|").join("")}`;
  const rows = CUTS.map((cut) => {
    const cells = SPECIES.map((species) => write(`${species}-${cut}`, { species, cut }));
    return `| ${cut} | ${cells.join(" | ")} |`;
  });
  const variants = VARIANTS.map(({ name, ...form }) => write(name, form));
  return [header, ...rows, "", `A turkey with its legs left open, and stuffed: ${variants.join(" ")}`].join("\n");
}
