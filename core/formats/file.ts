/** The roast file: one JSON file that carries roasts out and in. Described in docs/formats.md. */

import { z } from "zod";
import { messageOf } from "../errors";
import { roastWithBridge, roastWithDay, roastWithForm, roastWithKitchen } from "./migrations";
import { MOST_PHOTOS, PhotoSchema, ReadingSchema, RoastSchema } from "./roast";

export const FILE_FORMAT = "bruma-roasts";
export const FILE_VERSION = 5;

export const RoastFileSchema = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  exportedAt: z.iso.datetime({ offset: true }),
  roasts: z
    .array(
      z.strictObject({
        roast: RoastSchema,
        readings: z.array(ReadingSchema).max(200_000),
        photos: z.array(PhotoSchema).max(MOST_PHOTOS).optional(),
      }),
    )
    .max(2000),
});
export type RoastFile = z.infer<typeof RoastFileSchema>;

/** One thing wrong with a file, and where. */
export interface FileFault {
  /** Dotted path from the top, such as `roasts.0.roast.plan.bird.massKg`; empty for the file itself. */
  readonly where: string;
  readonly what: string;
}

export type FileCheck =
  | { readonly valid: true; readonly format: typeof FILE_FORMAT; readonly version: number; readonly file: RoastFile }
  | {
      readonly valid: false;
      readonly format: string | null;
      readonly version: number | null;
      readonly faults: readonly FileFault[];
    };

/** Migrations from older versions, oldest first: index n takes version n + 1 to n + 2. */
const MIGRATIONS = [roastWithForm, roastWithKitchen, roastWithBridge, roastWithDay].map(
  (step, n) =>
    (file: Record<string, unknown>): Record<string, unknown> => ({
      ...file,
      version: n + 2,
      roasts: Array.isArray(file.roasts)
        ? file.roasts.map((entry) => ({ ...entry, roast: step(entry?.roast) }))
        : file.roasts,
    }),
);

const Header = z.looseObject({ format: z.string(), version: z.number().int().positive() });

/** Reads a file's text: the roasts in it, or every fault with its place. Never throws. */
export function checkRoastFile(text: string): FileCheck {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    const what = `not JSON: ${messageOf(error)}`;
    return { valid: false, format: null, version: null, faults: [{ where: "", what }] };
  }
  const header = Header.safeParse(raw);
  if (!header.success || header.data.format !== FILE_FORMAT) {
    const got = header.success ? `"${header.data.format}"` : "none";
    return {
      valid: false,
      format: header.success ? header.data.format : null,
      version: null,
      faults: [{ where: "format", what: `expected "${FILE_FORMAT}" with a version, got ${got}` }],
    };
  }
  const { version } = header.data;
  if (version > FILE_VERSION) {
    const what = `written by a newer Bruma: version ${version}, this one reads up to ${FILE_VERSION}`;
    return { valid: false, format: FILE_FORMAT, version, faults: [{ where: "version", what }] };
  }
  let current: Record<string, unknown> = header.data;
  for (const migrate of MIGRATIONS.slice(version - 1)) current = migrate(current);
  const parsed = RoastFileSchema.safeParse(current);
  if (parsed.success) return { valid: true, format: FILE_FORMAT, version, file: parsed.data };
  const faults = parsed.error.issues.map((issue) => ({ where: issue.path.join("."), what: issue.message }));
  return { valid: false, format: FILE_FORMAT, version, faults };
}
