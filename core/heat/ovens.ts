/** Ovens, grills and spits as what a bird's surface meets in them. */
import { constant } from "../constants";
import { isUpright, type Shield, type Underlay, type Wrap } from "./covers";
import { lidFallK, type Weather } from "./fire";
import { saturationPa } from "./moistAir";
import { type HeatSource, SOURCE_TRAITS } from "./sources";
import {
  cavityPatch,
  everywhere,
  inBag,
  kitchenAir,
  type Patch,
  REFERENCE_SIZE_M,
  type Surroundings,
  underBacon,
  underFoil,
  underLid,
  underTent,
  wrapped,
} from "./surroundings";

/** What is put on the skin before the heat. */
export interface Dressing {
  /** Oil or butter, over the skin: what is put under it leaves the skin as it is. */
  readonly oil: boolean;
  /** A thin alkaline paste. */
  readonly paste: boolean;
  /** Slices of it over the breast. */
  readonly bacon: boolean;
}
export const BARE_SKIN: Dressing = { oil: false, paste: false, bacon: false };

/** What differs from oven to oven; shares of 1 and no kelvins are the usual oven. */
export interface OvenTraits {
  readonly convectionShare: number;
  readonly dryingShare: number;
  /** Deepest retreat of the wet front against the usual. */
  readonly crustShare: number;
  /** How readily vapour passes the dry crust against the usual. */
  readonly permeabilityShare: number;
  readonly offsetK: number;
  /** Between its hot and its cool side, K; 0 for an even oven. */
  readonly hotSideK: number;
  /** Another heat that the bird is moved into, where that differs otherwise: as this one where it is left out. */
  readonly elsewhere?: { readonly convectionShare: number; readonly offsetK: number };
}
export const USUAL_OVEN: OvenTraits = {
  convectionShare: 1,
  dryingShare: 1,
  crustShare: 1,
  permeabilityShare: 1,
  offsetK: 0,
  hotSideK: 0,
};

/** The moment in the oven: what its air and walls are at, what is under the bird, what the bird has made of its own air. */
export interface OvenMoment {
  readonly source: HeatSource;
  /** Its heat is on: an open fire that is out does not shine. */
  readonly burns: boolean;
  readonly traits: OvenTraits;
  readonly airC: number;
  readonly wallC: number;
  readonly shield: Shield;
  readonly wrap: Wrap;
  readonly dressing: Dressing;
  /** Outdoors; null in a kitchen. */
  readonly weather: Weather | null;
  readonly underlay: Underlay;
  /** Temperature of pan, stone or vegetables under the bird. */
  readonly underlayC: number;
  readonly cavityC: number;
  /** Mean temperature of the skin, which sets the steam in a wrap. */
  readonly skinC: number;
  /** Of its size in the same heat, itself counted. */
  readonly birds: number;
  /** Cube root of the bird's volume, m: the length its film coefficient goes by. */
  readonly sizeM: number;
}

/** Conductance between the bird's underside and what it lies on, W/m²K; null where it lies on nothing to speak of. */
const CONTACT: Record<Underlay, () => number | null> = {
  rack: () => null,
  "deep-pan": () => null,
  grate: () => null,
  pan: () => constant("panContactWPerM2K"),
  "hot-stone": () => constant("panContactWPerM2K"),
  vegetables: () => constant("vegetablesContactWPerM2K"),
  stand: () => null,
};

/** Share of exchange left to faces that look at what is below, where the source does not say. */
const UNDER: Record<Underlay, () => number> = {
  rack: () => constant("panSideShare"),
  "deep-pan": () => constant("deepPanShare") * constant("panSideShare"),
  pan: () => constant("panSideShare"),
  "hot-stone": () => 1,
  grate: () => 0.8,
  vegetables: () => 0.5 * constant("panSideShare"),
  stand: () => 1,
};

export const contactWPerM2K = (underlay: Underlay): number | null => CONTACT[underlay]();

/** Walls that include some open fire, as one black temperature. */
function withFire(wallC: number, share: number): number {
  if (share === 0) return wallC;
  const fire = (constant("spitFireC") + 273.15) ** 4;
  return ((1 - share) * (wallC + 273.15) ** 4 + share * fire) ** 0.25 - 273.15;
}

export function ovenSurroundings(moment: OvenMoment): Surroundings {
  const { source, traits, underlay, dressing, weather } = moment;
  const own = SOURCE_TRAITS[source];
  const lidK = own.shutBy === "lid" && weather ? lidFallK(moment.airC, weather) : 0;
  const open: Patch = {
    airC: moment.airC + traits.offsetK,
    wallC: withFire(moment.wallC + traits.offsetK - lidK, moment.burns ? own.fireShare() : 0),
    hotK: own.turns ? 0 : traits.hotSideK,
    // Below saturation at its own temperature.
    vapourPa: Math.min(own.vapourPa(moment.birds), 0.9 * saturationPa(Math.min(99, moment.airC))),
    convectionWPerM2K: own.convection() * traits.convectionShare * (REFERENCE_SIZE_M / moment.sizeM) ** own.sizePower,
    still: 0,
    emissivity: constant("skinEmissivity"),
    vapourShare: dressing.oil ? constant("oilVapourShare") : 1,
    underShare: Math.max(own.under ?? UNDER[underlay](), isUpright(underlay) ? 1 : 0),
    dryingShare: traits.dryingShare,
    crustShare: traits.crustShare,
    permeabilityShare: traits.permeabilityShare,
  };
  const shielded = underFoil(open, constant("shieldGapWPerM2K"));
  const skin = {
    foil: () => wrapped(open, moment.skinC),
    lid: () => underLid(open, moment.skinC),
    bag: () => inBag(open, moment.skinC),
    none: () => (moment.shield === "all" ? underTent(open) : open),
  }[moment.wrap]();
  const conductance = own.turns ? null : contactWPerM2K(underlay);
  const contact: Patch =
    conductance === null
      ? skin
      : {
          ...open,
          hotK: 0,
          airC: moment.underlayC,
          wallC: moment.underlayC,
          // How well meat lies on its pan differs from time to time too, though less than an oven's air.
          convectionWPerM2K: conductance * Math.sqrt(traits.convectionShare),
          still: 1,
          emissivity: 0,
          // Steam finds its way out from under the bird only here and there.
          vapourShare: constant("contactVapourShare"),
        };
  const covered = moment.wrap === "none" && moment.shield !== "none" && moment.shield !== "all" ? shielded : skin;
  const isBreastShielded = moment.shield === "breast" || moment.shield === "breast-and-tips";
  const isBare = moment.wrap === "none" && moment.shield !== "all";
  return everywhere(skin, {
    breast: isBreastShielded ? covered : dressing.bacon && isBare ? underBacon(open) : skin,
    tips: moment.shield === "tips" || moment.shield === "breast-and-tips" ? covered : skin,
    cavity: cavityPatch(skin, moment.cavityC),
    contact,
    away: kitchenAir(),
  });
}
