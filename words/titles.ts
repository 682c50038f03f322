/** What a roast is called until the cook names it: its birds, their weight and the day. */

import { isSoldCut } from "../core/bird/mass";
import type { Roast } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { formatMass } from "../core/units/quantity";
import { capital, uncapitalised } from "./capital";
import { CUT_NAMES } from "./names";
import { SPECIES_PLURAL } from "./species";
import { dayName, type Reader } from "./time";

/** One or several of each cut: of what was bought as a piece, so many pieces; legs are a bird's two. */
const CUT_WORDS: Record<Plan["bird"]["cut"], (birds: Birds) => string> = {
  whole: (birds) => counted(birds, "whole"),
  spatchcock: (birds) => counted(birds, "spatchcocked"),
  parts: (birds) => `${counted(birds)} in parts`,
  crown: (birds) => `${pieces(birds, "crown")} of ${birds.species}`,
  legs: (birds) => `Legs of ${counted(birds)}`,
  "boneless-breast": (birds) => `${pieces(birds, "boneless breast")} of ${birds.species}`,
  "leg-roll": (birds) => `${pieces(birds, "rolled leg")} of ${birds.species}`,
};

/** "crown", "2 crowns". */
const pieces = ({ count }: Birds, one: string): string => (count > 1 ? `${count} ${one}s` : one);

type Birds = Pick<Plan["bird"], "species" | "cut" | "massKg" | "count">;

/** "turkey", "2 turkeys"; "whole turkey", "2 whole turkeys". */
const counted = ({ species, count }: Birds, as?: string): string =>
  [count > 1 && count, as, count > 1 ? SPECIES_PLURAL[species] : species].filter(Boolean).join(" ");

/** What each weighs: "4.6 kg", "4.6 kg each". */
const eachWeighs = ({ massKg, count }: Birds, units: Reader["units"]): string =>
  `${formatMass(massKg, units)}${count > 1 ? " each" : ""}`;

const birdsOf = (birds: Birds): string => capital(CUT_WORDS[birds.cut](birds));

const asBought = (birds: Birds, units: Reader["units"]): string =>
  `${uncapitalised(birdsOf(birds))}, ${eachWeighs(birds, units)}`;

/** Birds in a few words, beside a title: "turkey, whole, 4.6 kg"; what was bought cut, as that. */
export const birdWords = (birds: Birds, units: Reader["units"]): string =>
  !isSoldCut(birds.cut)
    ? `${counted(birds)}, ${CUT_NAMES[birds.cut].toLowerCase()}, ${eachWeighs(birds, units)}`
    : asBought(birds, units);

/** And as they are spoken of: "this 4.6 kg turkey", "these 2 turkeys of 4.6 kg"; what was bought cut, as that. */
export function theseBirds(birds: Birds, units: Reader["units"]): string {
  if (isSoldCut(birds.cut)) return asBought(birds, units);
  return birds.count > 1
    ? `these ${counted(birds)} of ${formatMass(birds.massKg, units)}`
    : `this ${formatMass(birds.massKg, units)} ${birds.species}`;
}

/** "both", "all 3". */
export const allOf = (count: number): string => (count === 2 ? "both" : `all ${count}`);

/** What several are, each and all: of what was bought as a piece, pieces. One is "the bird", whatever there is of it. */
const SEVERAL: Record<Plan["bird"]["cut"], readonly [each: string, all: string]> = {
  whole: ["bird", "birds"],
  spatchcock: ["bird", "birds"],
  parts: ["bird", "birds"],
  crown: ["crown", "crowns"],
  legs: ["pair of legs", "pairs of legs"],
  "boneless-breast": ["breast", "breasts"],
  "leg-roll": ["roll", "rolls"],
};
type Several = Pick<Birds, "cut" | "count">;

/** After what comes before it: "bird", "birds"; "crowns". */
export const birdOrBirds = ({ cut, count }: Several): string => (count > 1 ? SEVERAL[cut][1] : "bird");

/** So many of them: "One breast", "6 breasts". */
export const oneOrSo = ({ cut, count }: Several): string =>
  count === 1 ? `One ${SEVERAL[cut][0]}` : `${count} ${SEVERAL[cut][1]}`;

/** What is done to each by itself, and with all of them: "it", "each bird"; "the bird", "both birds". */
export const itOrEach = ({ cut, count }: Several): string => (count > 1 ? `each ${SEVERAL[cut][0]}` : "it");
export const theBirds = (birds: Several): string =>
  `${birds.count > 1 ? allOf(birds.count) : "the"} ${birdOrBirds(birds)}`;

/** What is done for each of them: "the bird", "each bird". */
export const eachBird = ({ cut, count }: Several): string => (count > 1 ? `each ${SEVERAL[cut][0]}` : "the bird");

/** All of them, as they are taken out together. */
export const itOrThem = ({ count }: Pick<Birds, "count">): string => (count > 1 ? "them" : "it");

/** The same as what does something by itself. */
export const itOrThey = ({ count }: Pick<Birds, "count">): string => (count > 1 ? "they" : "it");

/** After either of them, or after the birds themselves. */
export const goesOrGo = ({ count }: Pick<Birds, "count">): string => (count > 1 ? "go" : "goes");

/** And as they tell of it afterwards: "It is", "They are". */
export const itIsOrTheyAre = ({ count }: Pick<Birds, "count">): string => (count > 1 ? "They are" : "It is");

/** As a sentence of them begins: "The bird is", "Both birds are". */
export const birdsAre = (birds: Several): string => `${capital(theBirds(birds))} ${birds.count > 1 ? "are" : "is"}`;

/** Of an amount that is weighed out for each by itself. @param portions so many of it */
export const forEachBird = ({ cut }: Pick<Birds, "cut">, portions: number): string =>
  portions > 1 ? `, for each ${SEVERAL[cut][0]}` : "";

/** Of an amount that is for more than one: ", for both", ", for all 3"; nothing of a single one. */
export const forAll = ({ count }: Pick<Birds, "count">): string => (count > 1 ? `, for ${allOf(count)}` : "");

/** Where more than one has to be looked at: " in both birds", " in all 3 birds"; nothing of a single one. */
export const inEach = (birds: Several): string => (birds.count > 1 ? ` in ${theBirds(birds)}` : "");

type Called = Pick<Roast, "id" | "createdAt" | "plan" | "named" | "title">;

/**
 * For tight places: what each of a dinner's roasts is called beside the others, by its id, in the order in which they
 * were planned; those of one name are numbered.
 */
export function namesIn(roasts: readonly Called[]): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  const met = new Map<string, number>();
  for (const { id, named, title, plan } of inOrder(roasts)) {
    const name = named ? title : birdsOf(plan.bird);
    const n = (met.get(name) ?? 0) + 1;
    met.set(name, n);
    names.set(id, n === 1 ? name : `${name} ${n}`);
  }
  return names;
}

/** Roasts in the order in which they were planned. */
export const inOrder = <Of extends Pick<Roast, "id" | "createdAt">>(roasts: readonly Of[]): readonly Of[] =>
  [...roasts].sort((one, other) => one.createdAt.localeCompare(other.createdAt) || one.id.localeCompare(other.id));

/** What of a plan its title is made of. */
type Titled = Pick<Plan, "serveAt" | "zone"> & { readonly bird: Birds };

export function titleOf({ bird, serveAt, zone }: Titled, reader: Reader): string {
  return `${birdsOf(bird)}, ${eachWeighs(bird, reader.units)}, ${dayName(Date.parse(serveAt), zone, reader)}`;
}

/** As the cook named it; else by its plan as that is now, in the reader's own habits, whatever device it was planned on. */
export const titleShown = (
  { named, title, plan }: Pick<Roast, "named" | "title"> & { readonly plan: Titled },
  reader: Reader,
): string => (named ? title : titleOf(plan, reader));
