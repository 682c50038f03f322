/** The roast file: one JSON file that carries all of the cook's own out and in. Described in docs/formats.md. */

import { z } from "zod";
import { messageOf } from "../errors";
import { roastInOrder, roastWithBridge, roastWithDay, roastWithForm, roastWithKitchen } from "./migrations";
import { EquipmentSchema, MOST_PHOTOS, PhotoSchema, ReadingSchema, RoastSchema } from "./roast";
import { oneLine } from "./text";

export const FILE_FORMAT = "bruma-roasts";
export const FILE_VERSION = 6;

const MOST_ROASTS = 2000;
const MOST_READINGS = 200_000;

/** How the cook has things shown. */
export const PreferencesSchema = z.strictObject({
  units: z.enum(["metric", "us"]),
  theme: z.enum(["system", "light", "dark"]),
});
export type FilePreferences = z.infer<typeof PreferencesSchema>;

const Entry = z.strictObject({
  roast: RoastSchema,
  readings: z.array(ReadingSchema).max(MOST_READINGS),
  photos: z.array(PhotoSchema).max(MOST_PHOTOS).optional(),
});
export type RoastEntry = z.infer<typeof Entry>;

export const RoastFileSchema = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  /** By the clock of the device that wrote it, right or wrong. */
  exportedAt: z.iso.datetime({ offset: true }),
  roasts: z
    .array(Entry)
    .max(MOST_ROASTS)
    .superRefine((entries, context) => {
      const known = new Set<string>();
      for (const [n, { roast }] of entries.entries()) {
        if (known.has(roast.id)) {
          context.addIssue({ code: "custom", path: [n, "roast", "id"], message: "another roast has this id" });
        }
        known.add(roast.id);
      }
    }),
  /** The kitchen as measured, its thermometer's calibration with it. */
  kitchen: EquipmentSchema.optional(),
  preferences: PreferencesSchema.optional(),
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
      /** The first few. */
      readonly faults: readonly FileFault[];
      /** How many there are besides. */
      readonly more: number;
    };

/** Migrations from older versions, oldest first: index n takes version n + 1 to n + 2. */
const MIGRATIONS = [roastWithForm, roastWithKitchen, roastWithBridge, roastWithDay, roastInOrder].map(
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

const MOST_FAULTS = 5;
const LONGEST_WORD = 160;
const LONGEST_PATH = 80;

function refused(
  faults: readonly FileFault[],
  format: string | null = null,
  version: number | null = null,
): FileCheck & { readonly valid: false } {
  // Of one value the first fault says enough.
  const places = new Set<string>();
  const first = faults.filter(({ where }) => !places.has(where) && places.add(where));
  return {
    valid: false,
    format: format === null ? null : oneLine(format, LONGEST_PATH),
    version,
    faults: first.slice(0, MOST_FAULTS).map(({ where, what }) => ({
      where: oneLine(where, LONGEST_PATH),
      what: oneLine(what, LONGEST_WORD),
    })),
    more: Math.max(0, first.length - MOST_FAULTS),
  };
}

/** Reads a file's text: what is in it, or the first faults with their places. Never throws. */
export function checkRoastFile(text: string): FileCheck {
  let raw: unknown;
  try {
    raw = JSON.parse(text.replace(/^\uFEFF/, ""));
  } catch (error) {
    return refused([{ where: "", what: `not JSON: ${messageOf(error)}` }]);
  }
  const header = Header.safeParse(raw);
  if (!header.success || header.data.format !== FILE_FORMAT) {
    const got = header.success ? `"${header.data.format}"` : "none";
    const what = `expected "${FILE_FORMAT}" with a version, got ${got}`;
    return refused([{ where: "format", what }], header.success ? header.data.format : null);
  }
  const { version } = header.data;
  if (version > FILE_VERSION) {
    const what = `written by a newer Bruma: version ${version}, this one reads up to ${FILE_VERSION}`;
    return refused([{ where: "version", what }], FILE_FORMAT, version);
  }
  let current: Record<string, unknown> = header.data;
  for (const migrate of MIGRATIONS.slice(version - 1)) current = migrate(current);
  const parsed = RoastFileSchema.safeParse(current);
  if (parsed.success) return { valid: true, format: FILE_FORMAT, version, file: parsed.data };
  const faults = parsed.error.issues.map((issue) => ({ where: issue.path.join("."), what: issue.message }));
  return refused(faults, FILE_FORMAT, version);
}
