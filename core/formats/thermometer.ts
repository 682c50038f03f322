/**
 * What a thermometer says: one JSON object a line, newest last. A real device and the simulated one speak the same.
 * Described in docs/formats.md.
 */
import { z } from "zod";
import { PROBES } from "../bird/probe";
import { rule } from "../faults";

export const ThermometerLineSchema = z.strictObject({
  at: z.iso.datetime({ offset: true }),
  probe: z.enum(PROBES),
  celsius: z.number().min(-30).max(110),
  /** Which of several thermometers speaks; one by itself needs no name. */
  device: z
    .string()
    .regex(/^[\p{L}\p{N}][\p{L}\p{N} ._-]{0,39}$/u, rule("device-name"))
    .optional(),
});
/** As it is heard from the bridge: at the moment it was taken. */
export const HeardLineSchema = ThermometerLineSchema.extend({
  /** What the device said, where its clock is wrong. */
  saidAt: z.iso.datetime({ offset: true }).optional(),
});
export type HeardLine = z.infer<typeof HeardLineSchema>;
export type ThermometerLine = z.infer<typeof ThermometerLineSchema>;
