/**
 * Every constant of the core, declared once, with its unit and its origin.
 *
 * The handbook and `docs/science.md` are made from these declarations, so a number that is not here does not
 * exist for the cook. `fromMemory` marks a published value for which no copy was at hand when it was written.
 */

export type Origin =
  | { kind: "published"; source: string; fromMemory?: true }
  | { kind: "common practice" }
  | { kind: "fitted"; script: string; cases: string }
  | { kind: "chosen"; reason: string };

export interface Constant {
  readonly value: number;
  /** Unit as written in the handbook; "1" for a pure number. */
  readonly unit: string;
  readonly what: string;
  readonly origin: Origin;
}

const published = (value: number, unit: string, what: string, source: string): Constant => ({
  value,
  unit,
  what,
  origin: { kind: "published", source, fromMemory: true },
});
const practice = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  what,
  origin: { kind: "common practice" },
});
const chosen = (value: number, unit: string, what: string, reason: string): Constant => ({
  value,
  unit,
  what,
  origin: { kind: "chosen", reason },
});
const fitted = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  what,
  origin: {
    kind: "fitted",
    script: "by hand; npm run science prints the residuals",
    cases: "unstuffed turkey rows of the USDA FSIS roasting table, and one flat hot turkey",
  },
});

const HANDBOOK = "ASHRAE Handbook — Refrigeration, Thermal properties of foods";
const HEAT_TEXT = "Incropera and DeWitt, Fundamentals of Heat and Mass Transfer";
const FSIS_ROASTING = "USDA FSIS, Turkey basics: safe cooking";
const SR = "USDA National Nutrient Database for Standard Reference";

export const SOURCES = {
  // Nature
  stefanBoltzmannWPerM2K4: published(5.670374e-8, "W/m²K⁴", "Stefan–Boltzmann constant", "CODATA 2018"),
  iceLatentHeatJPerKg: published(333_600, "J/kg", "latent heat of freezing of water", HANDBOOK),
  vapourGasConstantJPerKgK: published(461.5, "J/kgK", "gas constant of water vapour", HEAT_TEXT),
  atmospherePa: published(101_325, "Pa", "standard atmosphere", "ISO 2533"),
  vaporisationHeatJPerKg: published(2_350_000, "J/kg", "latent heat of vaporisation of water near 65 °C", HEAT_TEXT),
  airVolumetricHeatJPerM3K: published(930, "J/m³K", "volumetric heat of air near 110 °C, mean of film", HEAT_TEXT),
  lewisNumberPower: published(0.9, "1", "Lewis number of vapour in air to the power 2/3", HEAT_TEXT),

  // Meat
  freezingPointC: published(-1.0, "°C", "initial freezing point of measured poultry muscle", HANDBOOK),
  boundWaterPerProtein: published(0.4, "kg/kg", "water bound to protein that does not freeze", HANDBOOK),

  // The bird as bought
  gibletShare: practice(0.06, "kg/kg", "neck and giblets as a share of the bought turkey"),
  backboneShare: practice(0.06, "kg/kg", "backbone and wishbone cut out of a spatchcocked bird, of the bird as bought"),

  // Oven and surface
  ovenConvectionWPerM2K: fitted(12, "W/m²K", "convective heat-transfer coefficient in a still oven"),
  skinEmissivity: published(0.9, "1", "emissivity of skin and meat", HEAT_TEXT),
  ovenVapourPa: chosen(
    6_000,
    "Pa",
    "vapour pressure in the oven around a roasting bird",
    "a vented oven holds about 4 % of water vapour by mass; the fit was repeated at 3 and 10 kPa",
  ),
  crustVapourDiffusivityM2PerS: fitted(2.44e-6, "m²/s", "vapour diffusivity through the dry crust"),
  crustConductivityWPerMK: chosen(
    0.2,
    "W/mK",
    "heat conductivity of dry skin",
    "between dry protein (0.18 by Choi and Okos) and raw skin; finish times move by under 2 % from 0.15 to 0.3",
  ),
  crustDepthPerVapourM3PerKg: fitted(8e-3, "m³/kg", "retreat of the wet front for each kg of vapour lost per m²"),
  crustDepthMostM: chosen(
    0.0025,
    "m",
    "deepest retreat of the wet front",
    "skin and the dried rim under it are 1 to 3 mm; beneath, juice pressed out of the meat keeps it wet",
  ),
  panSideShare: fitted(0.45, "1", "exchange of a face that looks at the tray, as a share of an open face"),
  crevicedConvectionShare: chosen(
    0.3,
    "1",
    "convection left in a crevice that sees only the bird's own skin",
    "air in a crevice is nearly still; leg joints measured by cooks are the slow places",
  ),
  cavityWPerM2K: fitted(1.0, "W/m²K", "heat-transfer coefficient at the wall of the empty cavity"),
  cavityVentShare: chosen(
    0.25,
    "1",
    "pull of the oven air on the cavity air, against the cavity's own walls",
    "one open end; the closed cavity (0) is in the spread",
  ),
  fanConvectionShare: practice(2.2, "1", "convection with a fan against a still oven"),
  ovenLagMin: practice(8, "min", "time constant of a household oven after a change of the dial"),

  // Rest
  kitchenC: chosen(21, "°C", "kitchen air", "an ordinary warm kitchen"),
  kitchenVapourPa: chosen(1_200, "Pa", "vapour pressure in the kitchen", "about half of saturation at 21 °C"),
  stillAirWPerM2K: published(5, "W/m²K", "natural convection in still air", HEAT_TEXT),
  foilEmissivity: published(0.1, "1", "emissivity of used aluminium foil", HEAT_TEXT),
  foilConvectionShare: chosen(
    0.5,
    "1",
    "convection left under loose foil",
    "two still-air films in series, skin to foil and foil to room",
  ),
  foilVapourShare: chosen(0.15, "1", "evaporation left under loose foil", "vapour escapes only at the edges"),
  towelConductanceWPerM2K: chosen(
    2.5,
    "W/m²K",
    "conductance of two dry towels over foil",
    "about 16 mm of fabric at 0.04 W/mK",
  ),

  // Safety
  guidelineC: published(74, "°C", "safe minimum for poultry, 165 °F", "USDA FSIS, Safe minimum internal temperatures"),
  salmonellaDMin: published(
    25.2 / 7,
    "min",
    "decimal reduction time of Salmonella in chicken at 60 °C (140 °F), about 1 % fat",
    "USDA FSIS cooking guideline, time–temperature tables",
  ),
  salmonellaZK: published(
    5.56,
    "K",
    "z value of Salmonella, 10 °F",
    "USDA FSIS cooking guideline, time–temperature tables",
  ),
  zoneLowC: published(4, "°C", "lower end of the zone where bacteria grow", "USDA FSIS"),
  zoneHighC: published(60, "°C", "upper end of the zone where bacteria grow", "USDA FSIS"),
  minimumOvenC: published(163, "°C", "lowest oven for a whole bird, 325 °F", FSIS_ROASTING),

  // Salt
  tableSaltGramsPerTeaspoon: published(6.0, "g", "table salt in a US teaspoon", SR),
  lightFlakeDensityShare: practice(0.5, "1", "light hollow flake against table salt, by volume"),
  denseFlakeDensityShare: practice(0.8, "1", "dense rolled flake against table salt, by volume"),
  fineSaltDensityShare: practice(0.95, "1", "fine sea salt against table salt, by volume"),
  drySaltPercent: practice(1, "%", "dry salt by mass of the bird as bought; usual 0.7 to 1.5"),

  // Clock
  minutesPerPound: practice(15, "min/lb", "the plain rule for a whole turkey at moderate heat"),
  wholeDryingHours: practice(12, "h", "uncovered drying after the salt, on a rack in the fridge"),
  drySaltHours: practice(24, "h", "dry salt before the drying; 1 to 2 days in all"),
  thawedLimitDays: published(2, "d", "longest wait after a thaw in the fridge", "USDA FSIS, The big thaw"),
  freshLimitDays: published(2, "d", "longest wait for a fresh raw bird in the fridge", "USDA FSIS, Turkey basics"),
  carveMin: practice(20, "min", "carving and bringing to the table"),
  shortestRestMin: practice(20, "min", "shortest rest of a turkey before carving"),
  usualRestMin: practice(30, "min", "usual rest of a turkey"),
  longestRestMin: practice(90, "min", "longest rest, well wrapped"),
  preheatMin: practice(25, "min", "an empty household oven to its first temperature"),

  // Prior spread (one standard deviation) of what the plan cannot know
  ovenOffsetSdK: practice(8, "K", "true temperature of a household oven against its dial"),
  convectionSdShare: chosen(
    0.2,
    "1",
    "convection from oven to oven",
    "load, rack height and fan leakage differ; the scatter of textbook coefficients is about a quarter",
  ),
  dryingSdShare: chosen(0.25, "1", "drying of the skin", "salted and aired skins start drier than wet ones"),
  shapeSdShare: chosen(
    0.07,
    "1",
    "thickness of the breast at the same mass",
    "breeds differ and a flat bird is pressed more or less; a tape measure would halve it",
  ),
  startSdK: chosen(1.5, "K", "start temperature of the bird", "fridges differ from shelf to shelf"),
  probeSdK: chosen(1.5, "K", "reading against thermal centre", "a probe some millimetres off, and its calibration"),
} as const satisfies Record<string, Constant>;

export type ConstantName = keyof typeof SOURCES;

export type ConstantValues = Partial<Record<ConstantName, number>>;
let tried: ConstantValues = {};

/** The value of a declared constant, in the unit its declaration names. */
export function constant(name: ConstantName): number {
  return tried[name] ?? SOURCES[name].value;
}

/** Runs `work` with other values in place of the declared ones: for fits and for the prior's spread. */
export function withConstants<Result>(values: ConstantValues, work: () => Result): Result {
  const before = tried;
  tried = { ...before, ...values };
  try {
    return work();
  } finally {
    tried = before;
  }
}
