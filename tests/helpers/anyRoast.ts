/** Roasts of every kind with what happened to them, their readings and pictures, for laws that hold for all. */

import fc from "fast-check";
import { PROBES, SIDES } from "../../core/bird/probe";
import { CENTRES, PIECES } from "../../core/bird/solid";
import { FILE_FORMAT, type RoastEntry, type RoastFile } from "../../core/formats/file";
import { FILE_VERSION } from "../../core/formats/migrations";
import { OTHERWISES } from "../../core/plan/roast";
import { alone } from "../../core/plan/together";
import { MINUTE_MS } from "../../core/units/time";
import { ANY_PLAN } from "./anyPlan";

const START = Date.UTC(2026, 5, 1);
const instant = (minute: number): string => new Date(START + MINUTE_MS * minute).toISOString();

/** Letters of every kind that can be shown. */
export const anyText = (maxLength: number) =>
  fc
    .string({ unit: "grapheme", minLength: 1, maxLength })
    .filter((text) => text.length <= maxLength && !/[\p{Cc}\p{Cs}\u2028\u2029\u202A-\u202E\u2066-\u2069]/u.test(text));

const anyReading = fc.record({
  at: fc.integer({ min: 0, max: 20_000 }).map(instant),
  part: fc.constantFrom(...CENTRES),
  // JSON knows no negative zero.
  celsius: fc.double({ min: -40, max: 330, noNaN: true }).map((value) => value + 0),
  source: fc.constantFrom("typed", "simulated", "bridge" as const),
});

const anyPhoto = fc.record({
  takenAt: fc.integer({ min: 0, max: 20_000 }).map(instant),
  jpeg: fc.uint8Array({ minLength: 3, maxLength: 400 }).map((bytes) => Buffer.from(bytes).toString("base64")),
});

const anySays = fc.record({
  slower: fc.double({ min: -1, max: 1, noNaN: true }).map((value) => value + 0),
  doubt: fc.double({ min: 0.01, max: 1, noNaN: true }),
  by: fc.array(
    fc.double({ min: -1, max: 1, noNaN: true }).map((value) => value + 0),
    { minLength: 4, maxLength: 4 },
  ),
});

const anyInstant = fc.integer({ min: 0, max: 20_000 }).map(instant);
const few = <Item>(item: fc.Arbitrary<Item>) => fc.array(item, { minLength: 1, maxLength: 3 });
const anyProbe = fc.constantFrom(...PROBES);

/** What a cook says beside the steps, each or none of it. */
const anyTold = fc.record(
  {
    heatOnAt: anyInstant,
    thawBegunAt: anyInstant,
    hotTable: fc.boolean(),
    stagesDone: fc.integer({ min: 0, max: 8 }),
    bastingsDone: fc.integer({ min: 0, max: 9 }),
    ticked: fc.uniqueArray(fc.constantFrom("thaw", "preheat", "stock-1"), { minLength: 1 }),
    struck: few(fc.tuple(anyInstant, anyProbe).map(([at, probe]) => `${at} ${probe} bridge`)),
    doors: few(fc.record({ at: anyInstant, openMin: fc.integer({ min: 1, max: 30 }) })),
    heatOffs: few(fc.record({ offAt: anyInstant, onAt: anyInstant }, { requiredKeys: ["offAt"] })),
    seated: few(fc.record({ at: anyInstant, probe: anyProbe })),
    notItsOwn: few(fc.record({ device: fc.constantFrom("", "one"), until: anyInstant })),
    left: few(fc.record({ at: anyInstant, piece: fc.constantFrom(...PIECES) })),
    outs: few(fc.record({ outAt: anyInstant, backAt: anyInstant })),
  },
  { requiredKeys: [] },
);

const anyInBird = fc.record(
  {
    device: fc.constantFrom("", "one"),
    probe: anyProbe,
    sits: anyProbe,
    before: few(
      fc.record({ sits: anyProbe, until: anyInstant, moved: fc.boolean() }, { requiredKeys: ["sits", "until"] }),
    ),
  },
  { requiredKeys: ["device", "probe", "sits"] },
);

const anySteps = fc
  .record({ steps: fc.integer({ min: 0, max: 4 }), gaps: fc.array(fc.nat(300), { minLength: 4, maxLength: 4 }) })
  .map(({ steps, gaps }) => {
    const names = ["inAt", "pulledAt", "carvedAt", "closedAt"].slice(0, steps);
    let minute = 0;
    return Object.fromEntries(
      names.map((name, n) => {
        minute += gaps[n] ?? 0;
        return [name, instant(minute)];
      }),
    );
  });

const anyHappened = fc.tuple(anySteps, anyTold).map(([steps, told]) => ({ ...told, ...steps }));

export const ANY_ROAST: fc.Arbitrary<RoastEntry> = fc
  .record({
    id: fc.uuid(),
    title: anyText(60),
    plan: ANY_PLAN,
    happened: anyHappened,
    notes: anyText(200),
    rating: fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined }),
    nextTime: fc.option(fc.subarray([...OTHERWISES]), { nil: undefined }),
    archived: fc.option(fc.boolean(), { nil: undefined }),
    says: fc.option(fc.option(anySays), { nil: undefined }),
    probes: fc.option(
      fc.uniqueArray(anyInBird, { maxLength: 3, selector: ({ device, probe }) => `${device} ${probe}` }),
      {
        nil: undefined,
      },
    ),
    readings: fc.uniqueArray(anyReading, { maxLength: 20, selector: ({ at, part }) => `${at} ${part}` }),
    photos: fc.uniqueArray(anyPhoto, { maxLength: 2, selector: ({ takenAt }) => takenAt }),
    side: fc.constantFrom(...SIDES),
  })
  .map(({ id, title, plan, happened, notes, rating, nextTime, archived, says, probes, readings, photos, side }) => ({
    roast: alone({
      id,
      title,
      createdAt: instant(0),
      plan,
      happened,
      notes,
      ...(probes && { probes }),
      ...(rating !== undefined && { rating }),
      ...(nextTime !== undefined && { nextTime }),
      ...(archived !== undefined && { archived }),
      ...(says !== undefined && { says }),
      thermometer: "bridge" as const,
      probes: [{ device: "one", probe: `${side} breast` as const, sits: `${side} thigh` as const }],
    }),
    readings: [...readings].sort((a, b) => a.at.localeCompare(b.at)),
    ...(photos.length > 0 && { photos: [...photos].sort((a, b) => a.takenAt.localeCompare(b.takenAt)) }),
  }));

/** A whole file of them. */
export const ANY_FILE = fc
  .uniqueArray(ANY_ROAST, { maxLength: 4, selector: ({ roast }) => roast.id })
  .map((roasts): RoastFile => ({ format: FILE_FORMAT, version: FILE_VERSION, exportedAt: instant(0), roasts }));
