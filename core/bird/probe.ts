/** Where a thermometer's tip is: its names, and what they stand for. */
import { CENTRES, type Centre } from "./solid";

export const SIDES = ["left", "right"] as const;
export type Side = (typeof SIDES)[number];

/** Where a tip is: the centre, and of a pair the side, as the bird lies breast up and its tail towards the cook. */
export interface Place {
  readonly part: Centre;
  readonly side?: Side | undefined;
}

/** Names of probes: a centre, where one probe stands for both sides, or one side of it. */
export const PROBES = [...CENTRES, "left breast", "right breast", "left thigh", "right thigh"] as const;
export type Probe = (typeof PROBES)[number];

const isOneOf = <Item extends string>(items: readonly Item[], text: string): text is Item =>
  (items as readonly string[]).includes(text);

export function placeOf(probe: Probe): Place {
  if (isOneOf(CENTRES, probe)) return { part: probe };
  const [side, part] = probe.split(" ") as [Side, Centre];
  return { part, side };
}

/** Those that may be in a centre. */
export const probesOf = (part: Centre): readonly Probe[] => PROBES.filter((probe) => placeOf(probe).part === part);

/** @throws RangeError for a side of a centre that has none */
export function probeOf({ part, side }: Place): Probe {
  const name = side ? `${side} ${part}` : part;
  if (!isOneOf(PROBES, name)) throw new RangeError(`no probe is called ${name}`);
  return name;
}

/** Places to be read before a bird is lifted: both sides of a pair. */
export const bothSides = (part: Centre): readonly Place[] =>
  part === "filling" ? [{ part }] : SIDES.map((side) => ({ part, side }));
