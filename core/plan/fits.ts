/** Whether birds fit what the kitchen has: pan (or as many as the oven takes), oven, fridge shelf, pot. */

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
const TUCKED = { share: 0.82, roomCm: 0 } as const;

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

/** A grill, a smoker and a spit are not measured. */
export function fitsOf({ sizeCm: size, thawsCm }: Sizes, plan: Measured, salt: Kept): Fit[] {
  const { bath } = salt;
  const { cut, count } = plan.bird;
  const { panCm, ovenCm, shelfCm, potL, dishesInOven } = plan.equipment;
  const isFlat = cut === "spatchcock" || cut === "parts" || cut === "legs";
  const lies = isFlat ? TUCKED : { share: 1, roomCm: PAN_ROOM_CM };
  const onEach = (trays: number): number[] => {
    // Pieces are shared out among the trays, whole flat birds lie on one or another.
    const abreast = cut === "parts" || cut === "legs" ? count / trays : Math.ceil(count / trays);
    return smallerFirst([lies.share * size.width * abreast, lies.share * size.length]);
  };
  const pan = smallerFirst([panCm.width, panCm.length]);
  const inPan = (trays: number): number[] => onEach(trays).map((side) => side + lies.roomCm);
  // What lies flat goes onto as many trays, one above the other, as it takes.
  let trays = 1;
  while (isFlat && trays < dishesInOven && !within(inPan(trays), pan)) trays++;
  const stands = isUpright(plan.stages[0]?.surface);
  const flat = onEach(trays);
  const inOven = stands ? smallerFirst([size.width * count, size.height]) : flat;
  const heightCm = stands ? size.length + STAND_CM : size.height + RACK_CM;
  const shelf = [...smallerFirst([shelfCm.width, shelfCm.depth]), shelfCm.height];
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
          ...(stands ? [] : [held("pan", inPan(trays), pan)]),
          held(
            "oven",
            [...inOven, trays * heightCm + ROOF_ROOM_CM],
            [...smallerFirst([ovenCm.width, ovenCm.depth]), ovenCm.height],
          ),
        ]),
    ...(waitsInFridge(plan, salt) ? [held("shelf", [...flat, size.height + RACK_CM], shelf)] : []),
    ...(thawsCm
      ? [held("thaw", [...smallerFirst([count * thawsCm.width, thawsCm.length]), thawsCm.height + RACK_CM], shelf)]
      : []),
    ...(bath && !bath.inBag ? [held("pot", [bath.containerL], [potL])] : []),
  ];
}
