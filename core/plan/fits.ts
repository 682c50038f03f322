/** Whether birds fit what the kitchen has: pan (or as many as the oven takes), oven, fridge shelf, pot. */

import { liesInPieces } from "../bird/form";
import { isPiece } from "../bird/mass";
import type { BirdSize } from "../bird/size";
import { isUpright } from "../heat/covers";
import { usesOven } from "./heats";
import type { Equipment } from "./kitchen";
import type { SaltPlan } from "./saltPlan";
import type { Plan } from "./schema";

export interface Fit {
  readonly where: "pan" | "oven" | "shelf" | "thaw" | "pot";
  readonly fits: boolean;
  /** What it takes and what there is: cm, or L for the pot. */
  readonly needs: readonly number[];
  readonly has: readonly number[];
}

/** Told beside where it does not fit: how many would. */
export interface Unfit extends Fit {
  readonly most: number;
}

/** A finger's breadth of air around the bird in the pan, and under the roof of the oven, cm (common practice). */
const PAN_ROOM_CM = 2;
const ROOF_ROOM_CM = 5;
/** The rack or tray it stands on. */
const RACK_CM = 5;
/** A stand lifts the bird by so much, its low tray with it (common practice). */
const STAND_CM = 4;

/**
 * Legs turned in and wings tucked, a flat bird lies closer than the solid's own pose, pieces closer than they are laid
 * out, and their edges may hang over a low rim: a 6 kg turkey just finds room on a tray of 46 × 33 cm (common practice).
 */
const TUCKED: Lying = { share: 0.82, roomCm: 0 };
const AS_IT_IS: Lying = { share: 1, roomCm: PAN_ROOM_CM };

interface Lying {
  /** Of its own measure. */
  readonly share: number;
  /** Air that it wants around it in a pan. */
  readonly roomCm: number;
}

const lyingAs = (cut: Laid["cut"]): Lying =>
  cut === "spatchcock" || cut === "parts" || cut === "legs" ? TUCKED : AS_IT_IS;

/** What is laid side by side. */
type Laid = Pick<Plan["bird"], "cut" | "count">;

interface Measured {
  readonly bird: Pick<Plan["bird"], "cut" | "count" | "state">;
  readonly salt: Pick<Plan["salt"], "dryHours">;
  readonly heat: Plan["heat"];
  readonly stages: Plan["stages"];
  readonly equipment: Pick<Equipment, "panCm" | "ovenCm" | "shelfCm" | "potL" | "dishesInOven">;
}

type Kept = Pick<SaltPlan, "hours" | "bath" | "coolerIceKg">;

const smallerFirst = (sides: readonly number[]): number[] => [...sides].sort((a, b) => a - b);
const within = (needs: readonly number[], has: readonly number[]): boolean =>
  needs.every((each, n) => each <= (has[n] as number));

interface Sizes {
  /** Of one bird as it lies in the oven, cm. */
  readonly sizeCm: BirdSize;
  /** As it thaws in the fridge, where that is another. */
  readonly thawsCm: BirdSize | null;
}

/** Uncovered in the fridge while its salt goes in: what is in a bath or a cooler is not. */
export const saltsOnRack = ({ hours, bath, coolerIceKg }: Kept): boolean =>
  hours > 0 && bath === null && coolerIceKg === null;

/** In the fridge, uncovered: while its salt goes in, or while it dries. */
export const liesOnRack = (plan: Pick<Measured, "salt">, salt: Kept): boolean =>
  saltsOnRack(salt) || plan.salt.dryHours > 0;

/** From its thaw, or from its ice, a bird may go straight into the heat; one that was never frozen waits in the fridge. */
const waitsInFridge = (plan: Measured, salt: Kept): boolean =>
  liesOnRack(plan, salt) || (plan.bird.state !== "frozen" && salt.bath === null && salt.coolerIceKg === null);

/** How far it is from finding room: above 1 it does not. */
const tightness = (needs: readonly number[], has: readonly number[]): number =>
  Math.max(...needs.map((each, n) => each / (has[n] as number)));

type Flat = Pick<BirdSize, "length" | "width">;

/** So many side by side: birds in a row, pieces in as many rows as find room best, cm. */
function sideBySide({ length, width }: Flat, { cut, count }: Laid, has: readonly number[]): number[] {
  const inRows = (rows: number): number[] =>
    smallerFirst([width * (rows > 1 ? Math.ceil(count / rows) : count), length * rows]);
  const most = isPiece(cut) ? count : 1;
  const ways = Array.from({ length: most }, (_, n) => inRows(n + 1));
  return ways.reduce((best, other) => (tightness(other, has) < tightness(best, has) ? other : best));
}

const panOf = ({ panCm }: Measured["equipment"]): number[] => smallerFirst([panCm.width, panCm.length]);

/** What lies on each of so many trays, cm: parts are shared out among them, birds and pieces lie on one or another. */
function onEach(trays: number, size: Flat, { cut, count }: Laid, has: readonly number[]): number[] {
  const { share } = lyingAs(cut);
  const each = cut === "parts" ? count / trays : Math.ceil(count / trays);
  return sideBySide({ length: share * size.length, width: share * size.width }, { cut, count: each }, has);
}

const inPan = (trays: number, size: Flat, bird: Laid, pan: readonly number[]): number[] => {
  const { roomCm } = lyingAs(bird.cut);
  const room = pan.map((side) => side - roomCm);
  return onEach(trays, size, bird, room).map((side) => side + roomCm);
};

/** What lies flat goes onto as many trays, one above the other, as it takes, up to as many as the oven does. */
export function traysFor(size: Flat, { bird, equipment }: Pick<Measured, "bird" | "equipment">): number {
  const pan = panOf(equipment);
  const isFlat = bird.cut === "spatchcock" || liesInPieces(bird.cut);
  let trays = 1;
  while (isFlat && trays < equipment.dishesInOven && !within(inPan(trays, size, bird, pan), pan)) trays++;
  return trays;
}

/** What of it does not fit, and how many would; none where one is too large. */
export const unfitOf = (all: readonly Fit[], sizes: Sizes, plan: Measured, salt: Kept): Unfit[] =>
  all
    .filter(({ fits }) => !fits)
    .map((fit) => {
      const doFit = (count: number): boolean =>
        fitsOf(sizes, { ...plan, bird: { ...plan.bird, count } }, salt).find(({ where }) => where === fit.where)
          ?.fits === true;
      let most = plan.bird.count - 1;
      while (most > 0 && !doFit(most)) most--;
      return { ...fit, most };
    });

/** A grill, a smoker and a spit are not measured. */
export function fitsOf({ sizeCm: size, thawsCm }: Sizes, plan: Measured, salt: Kept): Fit[] {
  const { bath } = salt;
  const { bird } = plan;
  const { ovenCm, shelfCm, potL } = plan.equipment;
  const pan = panOf(plan.equipment);
  const trays = traysFor(size, plan);
  const stands = isUpright(plan.stages[0]?.surface);
  const floor = smallerFirst([ovenCm.width, ovenCm.depth]);
  const inOven = stands ? smallerFirst([size.width * bird.count, size.height]) : onEach(trays, size, bird, floor);
  const heightCm = stands ? size.length + STAND_CM : size.height + RACK_CM;
  const board = smallerFirst([shelfCm.width, shelfCm.depth]);
  const shelf = [...board, shelfCm.height];
  const held = (where: Fit["where"], needs: readonly number[], has: readonly number[]): Fit => ({
    where,
    needs,
    has,
    fits: within(needs, has),
  });
  return [
    ...(!usesOven(plan)
      ? []
      : [
          ...(stands ? [] : [held("pan", inPan(trays, size, bird, pan), pan)]),
          held("oven", [...inOven, trays * heightCm + ROOF_ROOM_CM], [...floor, ovenCm.height]),
        ]),
    ...(waitsInFridge(plan, salt)
      ? [held("shelf", [...onEach(trays, size, bird, board), size.height + RACK_CM], shelf)]
      : []),
    ...(thawsCm ? [held("thaw", [...sideBySide(thawsCm, bird, board), thawsCm.height + RACK_CM], shelf)] : []),
    ...(bath && !bath.inBag ? [held("pot", [bath.containerL], [potL])] : []),
  ];
}
