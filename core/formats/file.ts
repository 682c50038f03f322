/** The roast file: one JSON file that carries all of the cook's own out and in. Described in docs/formats.md. */

import * as z from "zod/mini";
import type { Fault, Wrong } from "../faults";
import { type Equipment, EquipmentSchema, type Oven, OvenSchema } from "../plan/kitchen";
import {
  MOST_PHOTOS,
  type Photo,
  PhotoSchema,
  ReadingSchema,
  type Roast,
  type RoastReading,
  RoastSchema,
} from "../plan/roast";
import { oneLine } from "../units/text";
import { judgedBy } from "./judged";
import { dinnersByTime, FILE_VERSION, roastWithDinner, STEPS } from "./migrations";

export const FILE_FORMAT = "bruma-roasts";

const MOST_ROASTS = 2000;
const MOST_READINGS = 200_000;
const MOST_OVENS = 40;

/** How the cook has things shown. */
/** What is left out, as before there were such habits, follows the browser's language. */
export const PreferencesSchema = z.strictObject({
  units: z.enum(["metric", "us"]),
  clock: z.exactOptional(z.enum(["24h", "12h"])),
  dates: z.exactOptional(z.enum(["day", "month"])),
  weekStart: z.exactOptional(z.union([z.literal(0), z.literal(1), z.literal(6)])),
  theme: z.enum(["system", "light", "dark"]),
});
export type FilePreferences = z.infer<typeof PreferencesSchema>;

/** A roast of a file, with its readings and pictures. */
export interface RoastEntry {
  readonly roast: Roast;
  readonly readings: RoastReading[];
  readonly photos?: Photo[] | undefined;
}

export interface RoastFile {
  readonly format: typeof FILE_FORMAT;
  readonly version: typeof FILE_VERSION;
  readonly exportedAt: string;
  readonly roasts: RoastEntry[];
  /** The kitchen as measured, its thermometer's calibration with it. */
  readonly kitchen?: Equipment | undefined;
  /** Its ovens and fires by name. */
  readonly ovens?: Oven[] | undefined;
  readonly preferences?: FilePreferences | undefined;
}

/** The file without what its roasts hold: each of those is judged by itself, however many there are. */
const Outside = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  /** By the clock of the device that wrote it, right or wrong. */
  exportedAt: z.iso.datetime({ offset: true }),
  roasts: z
    .array(
      z.strictObject({
        roast: z.unknown(),
        readings: z.array(z.unknown()).check(z.maxLength(MOST_READINGS)),
        photos: z.optional(z.array(z.unknown()).check(z.maxLength(MOST_PHOTOS))),
      }),
    )
    .check(z.maxLength(MOST_ROASTS)),
  kitchen: z.optional(EquipmentSchema),
  ovens: z.optional(z.array(OvenSchema).check(z.maxLength(MOST_OVENS))),
  preferences: z.optional(PreferencesSchema),
});

export type FileCheck =
  | { readonly valid: true; readonly format: typeof FILE_FORMAT; readonly version: number; readonly file: RoastFile }
  | {
      readonly valid: false;
      readonly format: string | null;
      readonly version: number | null;
      /** The first few. */
      readonly faults: readonly Fault[];
      /** How many there are besides. */
      readonly more: number;
    };

/** Migrations from older versions, oldest first: index n takes version n + 1 to n + 2. */
const MIGRATIONS = STEPS.map(
  (step, n) =>
    (file: Record<string, unknown>): Record<string, unknown> => ({
      ...file,
      version: n + 2,
      roasts: Array.isArray(file.roasts) ? entriesAfter(step, file.roasts) : file.roasts,
    }),
);

function entriesAfter(step: (typeof STEPS)[number], entries: readonly { roast?: unknown }[]): unknown[] {
  const roasts = entries.map((entry) => step(entry?.roast));
  const known = step === roastWithDinner ? dinnersByTime(roasts) : roasts;
  return entries.map((entry, n) => ({ ...entry, roast: known[n] }));
}

const Header = z.looseObject({ format: z.string(), version: z.int().check(z.positive()) });

const MOST_FAULTS = 5;
const LONGEST_PATH = 80;

/** What is wrong with a file: the first of it, and how much more. */
class Faults {
  private readonly first: Fault[] = [];
  /** Of one value the first fault says enough. */
  private readonly places = new Set<string>();
  private more = 0;

  add(where: string, wrong: Wrong): void {
    if (this.places.has(where)) return;
    if (this.first.length >= MOST_FAULTS) {
      this.more++;
      return;
    }
    this.places.add(where);
    this.first.push({ where: oneLine(where, LONGEST_PATH), wrong });
  }

  /** @param path of the value, from the top @returns the value, if it is right */
  judge<Value>(path: readonly PropertyKey[], schema: z.ZodMiniType<Value>, value: unknown): Value | undefined {
    const judged = judgedBy(schema, value);
    if (judged.success) return judged.data;
    const top = path.map(String).join(".");
    for (const { where, wrong } of judged.faults) this.add([top, where].filter(Boolean).join("."), wrong);
    return undefined;
  }

  get any(): boolean {
    return this.first.length > 0;
  }

  refused(format: string | null, version: number | null): FileCheck {
    const told = format === null ? null : oneLine(format, LONGEST_PATH);
    return { valid: false, format: told, version, faults: this.first, more: this.more };
  }
}

function refused(where: string, wrong: Wrong, format: string | null = null, version: number | null = null): FileCheck {
  const faults = new Faults();
  faults.add(where, wrong);
  return faults.refused(format, version);
}

/** Reads a file's text: what is in it, or the first faults with their places. Never throws. */
export function checkRoastFile(text: string): FileCheck {
  let raw: unknown;
  try {
    raw = JSON.parse(text.replace(/^\uFEFF/, ""));
  } catch (error) {
    return refused("", { kind: "not-json", said: (error as SyntaxError).message });
  }
  const header = Header.safeParse(raw);
  if (!header.success || header.data.format !== FILE_FORMAT) {
    const got = header.success ? header.data.format : null;
    return refused("format", { kind: "another-format", format: FILE_FORMAT, got }, got);
  }
  const { version } = header.data;
  if (version > FILE_VERSION) {
    return refused("version", { kind: "newer-version", version, upTo: FILE_VERSION }, FILE_FORMAT, version);
  }
  let current: Record<string, unknown> = header.data;
  for (const migrate of MIGRATIONS.slice(version - 1)) current = migrate(current);
  const faults = new Faults();
  const outside = faults.judge([], Outside, current);
  const roasts = (outside?.roasts ?? []).map((entry, n) => entryIn(entry, ["roasts", n], faults));
  const ids = new Set<string>();
  for (const [n, entry] of roasts.entries()) {
    if (entry && ids.has(entry.roast.id)) faults.add(`roasts.${n}.roast.id`, { kind: "rule", rule: "one-roast-an-id" });
    if (entry) ids.add(entry.roast.id);
  }
  if (!outside || faults.any) return faults.refused(FILE_FORMAT, version);
  const entries = roasts.filter((entry) => entry !== undefined);
  return { valid: true, format: FILE_FORMAT, version, file: { ...outside, roasts: entries } };
}

function entryIn(
  { roast, readings, photos }: z.infer<typeof Outside>["roasts"][number],
  path: readonly PropertyKey[],
  faults: Faults,
): RoastEntry | undefined {
  const judged = faults.judge([...path, "roast"], RoastSchema, roast);
  const read = readings.map((each, n) => faults.judge([...path, "readings", n], ReadingSchema, each));
  const seen = photos?.map((each, n) => faults.judge([...path, "photos", n], PhotoSchema, each));
  if (!judged) return undefined;
  return {
    roast: judged,
    readings: read.filter((each) => each !== undefined),
    ...(seen && { photos: seen.filter((each) => each !== undefined) }),
  };
}
