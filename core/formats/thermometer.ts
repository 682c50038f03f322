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
