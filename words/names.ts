/** What a cook calls the birds, their cuts, what heats them, and what is done. */

import { type Cut, centresOf, type Facing } from "../core/bird/form";
import { type Probe, placeOf } from "../core/bird/probe";
import type { Centre } from "../core/bird/solid";
import { COVERS, type Cover, type Underlay } from "../core/heat/covers";
import { type HeatSource, isFire, shutBy } from "../core/heat/sources";
import type { SaltKind } from "../core/kitchen/salt";
import type { TaskId } from "../core/schedule/backward";
import type { ChoreKind } from "../core/schedule/chore";

export const CUT_NAMES: Record<Cut, string> = {
  whole: "Whole",
  spatchcock: "Spatchcocked",
  parts: "In parts",
  crown: "Crown",
  legs: "Whole legs",
  "boneless-breast": "Boneless breast",
  "leg-roll": "Rolled leg",
};

/** Where a thermometer is read. */
export const PART_NAMES: Record<Centre, string> = { breast: "breast", thigh: "thigh", filling: "stuffing" };

/** What of a bird is turned to a side: a piece has ends where a bird has legs and a breast. */
export function facingName(cut: Cut, facing: Facing): string {
  const centres = centresOf({ cut });
  if (facing === "legs") return centres.includes("thigh") ? "legs" : "tail end";
  if (facing === "breast") return centres.includes("breast") ? "breast" : "neck end";
  return `${facing} side`;
}

/** A probe by its side, where it has one: "left thigh". */
export function probeName(probe: Probe): string {
  const { part, side } = placeOf(probe);
  return side ? `${side} ${PART_NAMES[part]}` : PART_NAMES[part];
}

/** What the bird lies on. */
export const UNDERLAY_NAMES: Record<Underlay, string> = {
  rack: "a rack",
  "deep-pan": "a rack in a deep tray",
  pan: "the bare tray",
  "hot-stone": "a hot stone",
  grate: "an open grate",
  vegetables: "vegetables",
  stand: "an upright stand",
};

export const COVER_NAMES: Record<Cover, string> = {
  none: "Bare",
  foil: "Loose foil",
  towels: "Foil and towels",
  box: "Insulated box",
};

export const HEAT_NAMES: Record<HeatSource, string> = {
  oven: "Oven",
  "fan-oven": "Fan oven",
  smoker: "Smoker",
  "covered-grill": "Covered grill",
  spit: "Spit",
};

/** How a bird comes into it from another heat. */
export const MOVED_INTO: Record<HeatSource, string> = {
  oven: "into the oven",
  "fan-oven": "into the fan oven",
  smoker: "into the smoker",
  "covered-grill": "onto the covered grill",
  spit: "onto the spit",
};

/** What a bird is heated in, one after the other. @param named what the first is called, where the cook has given it a name */
export function heatsNamed(
  { heat }: { readonly heat: HeatSource },
  named: string | null,
  movedTo: HeatSource | null,
): string {
  const first = named ?? HEAT_NAMES[heat].toLowerCase();
  return movedTo === null || movedTo === heat ? first : `${first}, then ${HEAT_NAMES[movedTo].toLowerCase()}`;
}

/** Covers as choices, in the order of how much they hold. */
export const COVER_CHOICES = COVERS.map((value) => ({ value, label: COVER_NAMES[value] }));

/** How good it was, from one to five. */
export const ratingName = (rating: number | null | undefined): string => (rating && RATING_NAMES[rating - 1]) || "";
export const RATING_NAMES: readonly string[] = ["Not again", "So-so", "Good", "Very good", "The best yet"];

/** Tasks and chores, short, for the clock. */
export const TASK_NAMES: Record<TaskId, string> = {
  thaw: "Thaw",
  prepare: "Open and clean",
  salt: "Salt",
  dry: "Dry, uncovered",
  preheat: "Preheat",
  roast: "Roast",
  rest: "Rest",
  carve: "Carve",
  chill: "Chilled",
  table: "At the table",
};
export const CHORE_NAMES: Record<ChoreKind, string> = {
  "water-change": "Change the water",
  "mix-brine": "Mix the brine",
  make: "Make what goes on",
  stuffing: "Make the stuffing",
  "eve-check": "The eve's check",
  stock: "Stock",
  counter: "On the counter",
  fill: "Fill",
  season: "Dress",
  sear: "Sear",
  stage: "Change of the heat",
  baste: "Baste",
  oil: "Fat on the skin",
  glaze: "Glaze",
  "ice-gone": "Ice gone",
  "bacon-off": "Bacon off",
  fuel: "Fuel",
  "bring-up": "Next heat on",
  loosen: "Loosen the tray",
  thicken: "Gravy",
  platter: "Onto the platter",
};

export const SALT_NAMES: Record<SaltKind, string> = {
  table: "table salt",
  fine: "fine sea salt",
  coarse: "coarse crystals",
  "light-flake": "light hollow flake",
  "dense-flake": "dense rolled flake",
};

/** What skin of a browning looks like; 1 is golden. @param isSeared has its colour from the pan, where it lay on its skin */
export function colourWords(browning: number, isSeared = false): string {
  if (browning >= 0.9) return browning < 1.9 ? "golden" : "dark";
  if (isSeared) return "browned in the pan";
  return browning < 0.5 ? "pale" : "light gold";
}

/** A heat in words: what is turned and fed, and where its bird is. */
interface HeatWords {
  readonly is: "oven" | "fire";
  /** What it is where it gives no heat. */
  readonly off: "off" | "out";
  readonly into: string;
  readonly in: string;
  readonly outOf: string;
}
const OVEN: HeatWords = { is: "oven", off: "off", into: "into the oven", in: "in the oven", outOf: "out of the oven" };
const FIRE: HeatWords = { is: "fire", off: "out", into: "onto the heat", in: "on the heat", outOf: "off the heat" };

export const heatWords = (heat: HeatSource): HeatWords => (isFire(heat) ? FIRE : OVEN);

/** How one works at a bird in it. */
export function quickly(heat: HeatSource): string {
  const door = shutBy(heat);
  return door ? `${door} shut again at once` : "as it turns";
}
