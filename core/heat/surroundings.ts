/** What stands around the bird for a while: an oven stage, or a kitchen with or without a cover. */
import { constant } from "../sources";

export type Cover = "none" | "foil" | "towels";

/** Complete and resolved: nothing in it is optional, and the solver does no unit work on it. */
export interface Surroundings {
  readonly airC: number;
  readonly wallC: number;
  readonly vapourPa: number;
  readonly convectionWPerM2K: number;
  /** Emissivity between skin (or its cover) and the walls. */
  readonly emissivity: number;
  /** Shares of evaporation and of exchange on the tray side that the arrangement leaves. */
  readonly vapourShare: number;
  readonly underShare: number;
  readonly cavityWPerM2K: number;
  /** Multiplies the retreat of the wet front: how readily the skin dries. */
  readonly dryingShare: number;
}

/** What differs from oven to oven; 1, 1 and 0 are the usual oven. */
export interface OvenTraits {
  readonly convectionShare: number;
  readonly dryingShare: number;
  readonly offsetK: number;
}
export const USUAL_OVEN: OvenTraits = { convectionShare: 1, dryingShare: 1, offsetK: 0 };

export type HeatSource = "oven" | "fan-oven";

/** An oven at an air temperature; the walls follow the air. A fan more than doubles convection in the free oven. */
export function ovenSurroundings(
  airC: number,
  traits: OvenTraits = USUAL_OVEN,
  source: HeatSource = "oven",
): Surroundings {
  const air = airC + traits.offsetK;
  const fan = source === "fan-oven" ? constant("fanConvectionShare") : 1;
  return {
    airC: air,
    wallC: air,
    vapourPa: constant("ovenVapourPa"),
    convectionWPerM2K: constant("ovenConvectionWPerM2K") * traits.convectionShare * fan,
    emissivity: constant("skinEmissivity"),
    vapourShare: 1,
    underShare: constant("panSideShare"),
    cavityWPerM2K: constant("cavityWPerM2K"),
    dryingShare: traits.dryingShare,
  };
}

/** The bird on a board in the kitchen. */
export function restSurroundings(cover: Cover, dryingShare = 1): Surroundings {
  const bare = constant("stillAirWPerM2K");
  const underFoil = bare * constant("foilConvectionShare");
  const towels = constant("towelConductanceWPerM2K");
  const convection = cover === "none" ? bare : cover === "foil" ? underFoil : 1 / (1 / underFoil + 1 / towels);
  return {
    airC: constant("kitchenC"),
    wallC: constant("kitchenC"),
    vapourPa: constant("kitchenVapourPa"),
    convectionWPerM2K: convection,
    // Under towels no face sees the room; radiation inside the foil is in the film coefficient.
    emissivity: cover === "none" ? constant("skinEmissivity") : cover === "foil" ? constant("foilEmissivity") : 0,
    vapourShare: cover === "none" ? 1 : constant("foilVapourShare"),
    underShare: constant("panSideShare"),
    cavityWPerM2K: constant("cavityWPerM2K"),
    dryingShare,
  };
}
