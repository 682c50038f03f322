/**
 * What a thermometer says: one JSON object a line, newest last. A real device and the simulated one speak the same.
 * Described in docs/formats.md.
 */
import { z } from "zod";
import { CENTRES } from "../bird/solid";

export const ThermometerLineSchema = z.strictObject({
  at: z.iso.datetime({ offset: true }),
  probe: z.enum(CENTRES),
  celsius: z.number().min(-30).max(110),
});
export type ThermometerLine = z.infer<typeof ThermometerLineSchema>;
