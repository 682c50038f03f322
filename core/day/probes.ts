/** Which bird a probe's reading belongs to: none is ever guessed where there are two. */

import { type Probe, placeOf, probeOf } from "../bird/probe";
import { MOST_PLACES, MOST_PROBES, type Roast, type RoastReading } from "../plan/roast";
import { HOUR_MS } from "../units/time";

/** What a probe says, as far as it matters whose it is. */
interface Said {
  readonly at: string;
  readonly probe: Probe;
  readonly celsius: number;
  /** Empty or left out by one that gives no name. */
  readonly device?: string | undefined;
}

/** A thermometer that speaks and is in no bird that is known; the newest of each of its probes. */
export interface Unclaimed {
  readonly device: string;
  readonly newest: readonly Said[];
}

/** A thermometer that is in none of these birds, as the cook has said; of a bird that comes later it may be. */
export interface InNone {
  readonly device: string;
  readonly birds: readonly string[];
}

export type Route =
  | {
      readonly kind: "bird";
      readonly roastId: string;
      readonly sits: Probe;
      /** Taken for the only bird there is: to be kept from now on. */
      readonly fresh: boolean;
    }
  /** Somebody has to say. */
  | { readonly kind: "unclaimed" }
  /** Of no bird: it was said so before, or it is older than all of them. */
  | { readonly kind: "nobody" };

/** A thermometer that was in another bird so lately is not taken for this one's without a word. */
const LATELY_MS = 12 * HOUR_MS;

export type InBird = NonNullable<Roast["probes"]>[number];

/** With probes that were found to be in it. @returns the same roast where it knows them all */
export function withFound(roast: Roast, found: readonly InBird[]): Roast {
  const { probes = [] } = roast;
  const missing = found.filter(
    ({ device, probe }) => !probes.some((each) => each.device === device && each.probe === probe),
  );
  return missing.length === 0 ? roast : { ...roast, probes: [...probes, ...missing].slice(0, MOST_PROBES) };
}

/** Where a probe was said to sit at a moment: what was heard then is stored so, and is heard once more by a page that is opened again. */
const saidToSit = ({ sits, before = [] }: InBird, atMs: number): Probe =>
  before.find(({ until }) => atMs <= Date.parse(until))?.sits ?? sits;

/** It sits elsewhere than it was said to. @param moved only since then: until then it did sit where it was said to */
export function sittingAt(entry: InBird, sits: Probe, at: string, moved: boolean): InBird {
  const { before = [] } = entry;
  const past = { sits: entry.sits, until: at, ...(moved && { moved }) };
  return { ...entry, sits, before: [...before, past].slice(-MOST_PLACES) };
}

/** Readings of the bridge where they were truly taken: of probes that had always sat elsewhere than was said. */
export function rightlyPlaced(
  readings: readonly RoastReading[],
  probes: Roast["probes"] = [],
): readonly RoastReading[] {
  const wrong = probes.flatMap(({ sits: truly, before = [] }) =>
    before.flatMap(({ sits, until, moved }, n) => {
      const from = before[n - 1]?.until ?? "";
      // Where it was moved later, it sat until then where it was said to sit next.
      const place = before.slice(n + 1).find((later) => later.moved)?.sits ?? truly;
      return moved || place === sits ? [] : [{ sits, from, until, place }];
    }),
  );
  if (wrong.length === 0) return readings;
  return readings.map((reading) => {
    const probe = probeOf(reading);
    const said = wrong.find(
      ({ sits, from, until }) =>
        reading.source === "bridge" && probe === sits && reading.at > from && reading.at <= until,
    );
    if (!said) return reading;
    const { side: _, ...taken } = reading;
    return { ...taken, ...placeOf(said.place) };
  });
}

const has = ({ probes }: Roast, device: string): boolean => (probes ?? []).some((each) => each.device === device);

/**
 * @param roasts all there are
 * @param inKitchen those in the heat or at rest that listen to probes
 * @param inNone thermometers of which the cook has said so
 */
export function routeOf(
  { at, device = "", probe }: Said,
  roasts: readonly Roast[],
  inKitchen: readonly Roast[],
  inNone: readonly InNone[],
): Route {
  const atMs = Date.parse(at);
  const isSinceIn = ({ happened }: Roast): boolean => atMs >= Date.parse(happened.inAt ?? "");
  const own = inKitchen.find(({ probes }) =>
    (probes ?? []).some((each) => each.device === device && each.probe === probe),
  );
  if (own) {
    const entry = (own.probes ?? []).find((each) => each.device === device && each.probe === probe) as InBird;
    const sits = saidToSit(entry, atMs);
    return isSinceIn(own) ? { kind: "bird", roastId: own.id, sits, fresh: false } : { kind: "nobody" };
  }
  const could = inKitchen.filter(isSinceIn);
  const isInNone = inNone.some((said) => said.device === device && could.every(({ id }) => said.birds.includes(id)));
  if (could.length === 0 || isInNone) return { kind: "nobody" };
  const [only] = could;
  const lately = roasts.some(
    (roast) => roast.id !== only?.id && has(roast, device) && atMs - Date.parse(roast.happened.inAt ?? "") < LATELY_MS,
  );
  // A second thermometer in a bird that has one is a question too.
  const another = only?.probes?.some((each) => each.device !== device) ?? false;
  const isSaidNot = only?.happened.notItsOwn?.some((other) => other.device === device) ?? false;
  if (only && inKitchen.length === 1 && !lately && !another && !isSaidNot) {
    return { kind: "bird", roastId: only.id, sits: probe, fresh: true };
  }
  // A new probe of a thermometer that is in one bird is in the same.
  const sameDevice = could.filter((roast) => has(roast, device));
  if (sameDevice.length === 1 && sameDevice[0]) {
    return { kind: "bird", roastId: sameDevice[0].id, sits: probe, fresh: true };
  }
  return { kind: "unclaimed" };
}
