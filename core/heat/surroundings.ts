/** What stands around the bird for a while, one patch of numbers for each region of its surface. */
import { REGIONS, type Region } from "../bird/regions";
import { constant } from "../constants";
import type { Cover } from "./covers";
import { saturationPa } from "./moistAir";
import { NATURAL_SIZE_POWER } from "./sources";

/** Complete and resolved: nothing in it is optional, and the solver does no unit work on it. */
export interface Patch {
  readonly airC: number;
  readonly wallC: number;
  /** Between the hot and the cool side of the oven, K. */
  readonly hotK: number;
  readonly vapourPa: number;
  readonly convectionWPerM2K: number;
  /** 1 where the film does not depend on what the cell sees: a pan, a bath, the cavity's own air. */
  readonly still: 0 | 1;
  /** Emissivity between skin (or its cover) and the walls. */
  readonly emissivity: number;
  /** Share of evaporation, and of exchange on the tray side, that the arrangement leaves. */
  readonly vapourShare: number;
  readonly underShare: number;
  /** Multiplies the retreat of the wet front: how readily the skin dries. */
  readonly dryingShare: number;
  readonly crustShare: number;
  readonly permeabilityShare: number;
}

export type Surroundings = Readonly<Record<Region, Patch>>;

/** The same patch everywhere but where another is named. */
export const everywhere = (patch: Patch, other: Partial<Record<Region, Patch>> = {}): Surroundings =>
  Object.fromEntries(REGIONS.map((region) => [region, other[region] ?? patch])) as Record<Region, Patch>;

const inSeries = (...conductances: readonly number[]): number =>
  1 / conductances.reduce((sum, conductance) => sum + 1 / conductance, 0);

/** Radiative coefficient of a grey cover near a temperature, W/m²K. */
export const radiativeWPerM2K = (emissivity: number, celsius: number): number =>
  4 * emissivity * constant("stefanBoltzmannWPerM2K4") * (celsius + 273.15) ** 3;

/**
 * Foil laid over: its outside meets the oven, a layer of still air parts it from the skin, and vapour leaves at the edges.
 * @param gapWPerM2K of that layer: thinner under a shield that was fitted to the breast
 */
export function underFoil(open: Patch, gapWPerM2K = constant("foilGapWPerM2K")): Patch {
  const outside = open.convectionWPerM2K + radiativeWPerM2K(constant("foilEmissivity"), (open.airC + 80) / 2);
  return {
    ...open,
    convectionWPerM2K: inSeries(outside, gapWPerM2K),
    emissivity: 0,
    vapourShare: constant("foilVapourShare"),
  };
}

/** Under thin slices of bacon: the oven heats them and they the skin; their water dries in the place of the skin's. */
export function underBacon(open: Patch): Patch {
  const outside = open.convectionWPerM2K + radiativeWPerM2K(open.emissivity, (open.airC + 80) / 2);
  return {
    ...open,
    convectionWPerM2K: inSeries(outside, constant("baconConductanceWPerM2K")),
    emissivity: 0,
    vapourShare: constant("baconVapourShare"),
  };
}

/** A loose tent over all of it: besides what passes the foil, the oven's air goes in and out under its edges. */
export function underTent(open: Patch): Patch {
  const foil = underFoil(open);
  return {
    ...foil,
    convectionWPerM2K: foil.convectionWPerM2K + constant("tentVentShare") * open.convectionWPerM2K,
  };
}

/** Air that is full of steam at the temperature of the skin: it condenses where the skin is colder, and escapes above 98 °C. */
const inSteam = (open: Patch, meanSkinC: number, fromOvenWPerM2K: number): Patch => ({
  ...open,
  convectionWPerM2K: fromOvenWPerM2K,
  emissivity: 0,
  vapourPa: saturationPa(Math.min(meanSkinC, 98)),
  vapourShare: 1,
});

const outsideWPerM2K = (open: Patch, emissivity: number): number =>
  open.convectionWPerM2K + radiativeWPerM2K(emissivity, (open.airC + 80) / 2);

/** Wrapped tight: foil with juice and steam between it and the skin. */
export const wrapped = (open: Patch, meanSkinC: number): Patch =>
  inSteam(open, meanSkinC, inSeries(outsideWPerM2K(open, constant("foilEmissivity")), constant("wrapGapWPerM2K")));

/**
 * In a dish with its lid on, or with foil sealed over it: what all of the dish takes up from the oven boils its juices, and
 * the steam condenses on the meat until that is as hot.
 */
export const underLid = (open: Patch, meanSkinC: number): Patch =>
  inSteam(
    open,
    meanSkinC,
    inSeries(
      constant("dishAreaShare") * outsideWPerM2K(open, constant("lidEmissivity")),
      constant("condensingWPerM2K"),
    ),
  );

/**
 * In a roasting bag: its film is as warm as the steam in it, so thin that it holds nothing off, and takes up the oven's heat
 * over about the surface of the bird.
 */
export const inBag = (open: Patch, meanSkinC: number): Patch =>
  inSteam(
    open,
    meanSkinC,
    inSeries(constant("bagAreaShare") * outsideWPerM2K(open, constant("bagEmissivity")), constant("condensingWPerM2K")),
  );

/** The air in the cavity follows its walls and, through the open end, a little of what is outside; it is saturated. */
export function cavityPatch(outside: Patch, wallC: number): Patch {
  const own = Number.isFinite(wallC) ? wallC : outside.airC;
  return {
    ...outside,
    hotK: 0,
    airC: own + constant("cavityVentShare") * (outside.airC - own),
    convectionWPerM2K: constant("cavityWPerM2K"),
    still: 1,
    vapourShare: 0,
  };
}

/** The kitchen, as bare skin meets it. */
export function kitchenAir(airC = constant("kitchenC"), dryingShare = 1): Patch {
  return {
    airC,
    wallC: airC,
    hotK: 0,
    vapourPa: constant("kitchenVapourPa"),
    convectionWPerM2K: constant("stillAirWPerM2K"),
    still: 0,
    emissivity: constant("skinEmissivity"),
    vapourShare: 1,
    underShare: constant("panSideShare"),
    dryingShare,
    crustShare: 1,
    permeabilityShare: 1,
  };
}

/**
 * The bird on a board in the kitchen, bare or covered.
 * @param cavityC mean temperature of the cavity's walls; @param boxAirC air in an insulated box
 */
export function restSurroundings(cover: Cover, cavityC: number, boxAirC: number, dryingShare = 1): Surroundings {
  const bare = kitchenAir(undefined, dryingShare);
  const foil = underFoil(bare);
  const towels: Patch = {
    ...foil,
    convectionWPerM2K: inSeries(foil.convectionWPerM2K, constant("towelConductanceWPerM2K")),
  };
  const box: Patch = { ...foil, airC: boxAirC, wallC: boxAirC, vapourShare: constant("foilVapourShare") };
  const skin = { none: bare, foil, towels, box }[cover];
  return everywhere(skin, { cavity: cavityPatch(skin, cavityC), away: bare });
}

/** The size the declared coefficients belong to: a turkey of 5.8 kg as bought, cube root of its volume. */
export const REFERENCE_SIZE_M = 0.173;

/**
 * Fridge air around a bird in its tray: bare on a rack to dry, or still in its wrapping.
 * @param sizeM cube root of the bird's volume
 */
export function fridgeSurroundings(airC: number, bare: boolean, cavityC: number, sizeM: number): Surroundings {
  const film = constant("fridgeConvectionWPerM2K") * (REFERENCE_SIZE_M / sizeM) ** NATURAL_SIZE_POWER;
  const open: Patch = {
    ...kitchenAir(airC),
    vapourPa: constant("fridgeHumidity") * saturationPa(Math.max(airC, 0.1)),
    convectionWPerM2K: film,
  };
  // The wrapping is in the way of radiation too; nothing dries under it.
  const packed: Patch = {
    ...open,
    convectionWPerM2K: inSeries(film + radiativeWPerM2K(constant("skinEmissivity"), airC), constant("wrapperWPerM2K")),
    emissivity: 0,
    vapourShare: 0,
  };
  const skin = bare ? open : packed;
  return everywhere(skin, { cavity: cavityPatch(skin, cavityC) });
}

/** Under water in a leak-proof bag, or bare in brine: the cavity is flooded too. */
export function bathSurroundings(bathC: number, inBag = false): Surroundings {
  const wet: Patch = {
    ...kitchenAir(bathC),
    convectionWPerM2K: inBag ? inSeries(constant("bathWPerM2K"), constant("bagWPerM2K")) : constant("bathWPerM2K"),
    still: 1,
    emissivity: 0,
    vapourShare: 0,
  };
  return everywhere(wet);
}
