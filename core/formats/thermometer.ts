/**
 * What a thermometer says: one JSON object a line, newest last. A real device and the simulated one speak the same.
 * Described in docs/formats.md.
 */
import * as z from "zod/mini";
import { PROBES } from "../bird/probe";
import { rule } from "../faults";
import { between } from "../units/number";

export const ThermometerLineSchema = z.strictObject({
  at: z.iso.datetime({ offset: true }),
  probe: z.enum(PROBES),
  celsius: between(-30, 110),
  /** Which of several thermometers speaks; one by itself needs no name. */
  device: z.optional(z.string().check(z.regex(/^[\p{L}\p{N}][\p{L}\p{N} ._-]{0,39}$/u, rule("device-name")))),
});
/** As it is heard from the bridge: at the moment it was taken. */
export const HeardLineSchema = z.extend(ThermometerLineSchema, {
  /** What the device said, where its clock is wrong. */
  saidAt: z.optional(z.iso.datetime({ offset: true })),
});
export type HeardLine = z.infer<typeof HeardLineSchema>;
export type ThermometerLine = z.infer<typeof ThermometerLineSchema>;

/**
 * What a text of a thermometer holds, as yet unjudged: one JSON object, an array of them, or one a line. What is no JSON
 * is handed on as it is: the schema says that it is no reading.
 * @param most that are taken; of more, one more is read on, so that it is seen that there are more
 */
export function linesIn(text: string, most = Number.POSITIVE_INFINITY): readonly unknown[] {
  try {
    const whole: unknown = JSON.parse(text);
    return Array.isArray(whole) ? whole : [whole];
  } catch {
    return filledLines(text, most).map(parsedOrText);
  }
}

/** Texts of the lines that hold something: nobody makes this machine read on. */
function filledLines(text: string, most: number): readonly string[] {
  const lines: string[] = [];
  for (let from = 0; from < text.length && lines.length <= most; ) {
    const found = text.indexOf("\n", from);
    const end = found < 0 ? text.length : found;
    if (end > from) {
      const line = text.slice(from, end).trim();
      if (line !== "") lines.push(line);
    }
    from = end + 1;
  }
  return lines;
}

function parsedOrText(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    return line;
  }
}
