/**
 * Every constant of the core, declared once, with its unit and its origin.
 *
 * The handbook and `docs/science.md` are made from these declarations, so a number that is not here does not
 * exist for the cook. What differs from species to species is in their own records, `core/bird/species/`.
 */

import { type Constant, chosen, fitted, practice, published } from "./origin";

const HANDBOOK = "ASHRAE Handbook — Refrigeration, Thermal properties of foods";
const HEAT_TEXT = "Incropera and DeWitt, Fundamentals of Heat and Mass Transfer";
const FSIS_ROASTING = "USDA FSIS, Turkey basics: safe cooking";
const HELD_GUIDANCE = "UK Food Standards Agency, Cooking your food";
const SR = "USDA National Nutrient Database for Standard Reference";

export const CONSTANTS = {
  // Nature
  stefanBoltzmannWPerM2K4: published(5.670374e-8, "W/m²K⁴", "CODATA 2018"),
  iceLatentHeatJPerKg: published(333_600, "J/kg", HANDBOOK),
  vapourGasConstantJPerKgK: published(461.5, "J/kgK", HEAT_TEXT),
  atmospherePa: published(101_325, "Pa", "ISO 2533"),
  vaporisationHeatJPerKg: published(2_350_000, "J/kg", HEAT_TEXT),
  airVolumetricHeatJPerM3K: published(930, "J/m³K", HEAT_TEXT),
  lewisNumberPower: published(0.9, "1", HEAT_TEXT),

  // Meat
  freezingPointC: published(-1.0, "°C", HANDBOOK),
  boundWaterPerProtein: published(0.4, "kg/kg", HANDBOOK),

  // The bird as bought
  backboneShare: practice(0.06, "kg/kg"),
  breastThicknessPower: published(0.1, "1", "published cut-up yield tables for turkeys and broilers"),

  // Oven and surface
  ovenConvectionWPerM2K: fitted(14.3, "W/m²K"),
  fanConvectionWPerM2K: chosen(42, "W/m²K"),
  draughtConvectionWPerM2K: chosen(18, "W/m²K"),
  skinEmissivity: published(0.9, "1", HEAT_TEXT),
  ovenVapourPa: chosen(6_000, "Pa"),
  smokeVapourPa: chosen(8_000, "Pa"),
  crustVapourDiffusivityM2PerS: fitted(2.74e-6, "m²/s"),
  crustConductivityWPerMK: chosen(0.2, "W/mK"),
  crustDepthPerVapourM3PerKg: fitted(0.0135, "m³/kg"),
  crustDepthMostM: fitted(0.00285, "m"),
  panSideShare: fitted(0.375, "1"),
  crevicedConvectionShare: fitted(0.267, "1"),
  cavityWPerM2K: fitted(1.64, "W/m²K"),
  cavityVentShare: chosen(0.25, "1"),
  ovenLagMin: practice(8, "min"),
  ovenCoolMin: practice(55, "min"),
  ovenSwingK: practice(4, "K"),
  ovenSwingMin: practice(9, "min"),
  doorLossMin: chosen(0.6, "min"),
  doorWallLossMin: chosen(30, "min"),
  airRecoveryMin: chosen(1.5, "min"),
  wallRecoveryMin: chosen(4, "min"),
  dryAfterBasteShare: chosen(0.5, "1"),
  feedEveryMin: practice(60, "min"),
  charcoalSwingK: practice(12, "K"),
  woodSwingK: practice(20, "K"),
  pelletSwingK: practice(8, "K"),
  pelletSwingMin: practice(15, "min"),
  lidInsideWPerM2K: chosen(20, "W/m²K"),
  lidInStillAirWPerM2K: chosen(12, "W/m²K"),
  lidInWindWPerM2K: chosen(30, "W/m²K"),
  lidViewShare: chosen(0.5, "1"),
  spitFireShare: chosen(0.12, "1"),
  spitFireC: chosen(500, "°C"),

  // Foil, pans and stones
  foilEmissivity: published(0.1, "1", HEAT_TEXT),
  foilGapWPerM2K: chosen(15, "W/m²K"),
  shieldGapWPerM2K: chosen(30, "W/m²K"),
  foilVapourShare: chosen(0.15, "1"),
  seenHotSideK: chosen(15, "K"),
  tapeOffShare: chosen(0.12, "1"),
  oilVapourShare: chosen(0.9, "1"),
  pasteBrowningShare: chosen(1.5, "1"),
  baconConductanceWPerM2K: chosen(80, "W/m²K"),
  baconVapourShare: chosen(0.8, "1"),
  wrapGapWPerM2K: chosen(20, "W/m²K"),
  lidEmissivity: chosen(0.5, "1"),
  dishAreaShare: chosen(0.8, "1"),
  condensingWPerM2K: chosen(150, "W/m²K"),
  bagAreaShare: chosen(1, "1"),
  bagEmissivity: chosen(0.85, "1"),
  bagMostC: chosen(205, "°C"),
  tentVentShare: chosen(0.3, "1"),
  panContactWPerM2K: published(
    120,
    "W/m²K",
    "Pan, Singh and Rumsey, Journal of Food Engineering 2000, contact-heating of meat patties",
  ),
  contactAreaShare: chosen(0.25, "1"),
  contactVapourShare: chosen(0.1, "1"),
  deepPanShare: chosen(0.7, "1"),
  vegetablesContactWPerM2K: chosen(15, "W/m²K"),
  panHeatJPerM2K: chosen(6_000, "J/m²K"),
  stoneHeatJPerM2K: chosen(35_000, "J/m²K"),
  vegetablesHeatJPerM2K: chosen(120_000, "J/m²K"),
  underlayOvenWPerM2K: chosen(25, "W/m²K"),
  stuffingStartC: chosen(50, "°C"),

  // Rest
  kitchenC: chosen(21, "°C"),
  kitchenVapourPa: chosen(1_200, "Pa"),
  stillAirWPerM2K: published(5, "W/m²K", HEAT_TEXT),
  towelConductanceWPerM2K: chosen(2.5, "W/m²K"),
  boxLossShare: chosen(0.15, "1"),

  // Thaw and fridge
  fridgeC: published(4, "°C", "USDA FSIS, Refrigeration and food safety"),
  fridgeConvectionWPerM2K: chosen(11, "W/m²K"),
  shelfAirWPerK: chosen(3, "W/K"),
  fridgeHumidity: chosen(0.6, "1"),
  wrapperWPerM2K: chosen(60, "W/m²K"),
  bathWPerM2K: published(150, "W/m²K", HEAT_TEXT),
  bagWPerM2K: chosen(130, "W/m²K"),
  bathPerBirdKgPerKg: practice(2, "kg/kg"),
  waterChangeMin: published(30, "min", "USDA FSIS, The big thaw"),

  // Salt in meat
  saltDiffusivityM2PerS: published(
    2e-10,
    "m²/s",
    "Graiver, Pinotti, Califano and Zaritzky, Meat Science 2006 (pork), and others",
  ),
  skinSaltShare: chosen(0.3, "1"),
  brineSaturation: published(0.36, "kg/kg", "CRC Handbook of Chemistry"),
  dryMoistureKgPerM2: chosen(0.15, "kg/m²"),

  // Cooling and reheating
  coolingFromC: published(57, "°C", "FDA Food Code"),
  coolingFirstC: published(21, "°C", "FDA Food Code"),
  coolingLastC: published(5, "°C", "FDA Food Code"),
  coolingFirstMin: published(120, "min", "FDA Food Code"),
  coolingAllMin: published(360, "min", "FDA Food Code"),
  trayBottomWPerM2K: chosen(20, "W/m²K"),

  // Indices
  juiceLossMin: chosen(25, "min"),
  saltHoldsJuiceShare: practice(0.25, "1"),
  browningPerMinAt140C: chosen(0.067, "1/min"),
  browningPer10K: chosen(1.8, "1"),
  renderPerMinAt80C: chosen(0.012, "1/min"),

  // Safety
  guidelineC: published(74, "°C", "USDA FSIS, Safe minimum internal temperatures"),
  guidelineHeldC: published(70, "°C", HELD_GUIDANCE),
  guidelineHeldMin: published(2, "min", HELD_GUIDANCE),
  guidelineWholeC: published(82, "°C", "Health Canada, Safe internal cooking temperatures"),
  tenderLegC: practice(79, "°C"),
  zoneLowC: published(4, "°C", "USDA FSIS"),
  zoneHighC: published(60, "°C", "USDA FSIS"),
  minimumOvenC: published(163, "°C", FSIS_ROASTING),

  // Salt
  tableSaltGramsPerTeaspoon: published(6.0, "g", SR),
  lightFlakeDensityShare: practice(0.5, "1"),
  denseFlakeDensityShare: practice(0.8, "1"),
  fineSaltDensityShare: practice(0.95, "1"),
  coarseSaltDensityShare: practice(0.85, "1"),
  brinePercent: practice(6.5, "%"),
  brineHours: practice(24, "h"),
  equilibriumHours: practice(48, "h"),
  injectionHours: practice(12, "h"),
  coolerLeakW: chosen(12, "W"),
  injectionShare: practice(0.1, "kg/kg"),
  preSaltedPercent: practice(0.8, "%"),
  drySaltPercent: practice(1, "%"),

  // Table
  crownPortionKg: practice(0.35, "kg"),
  bonelessPortionKg: practice(0.225, "kg"),
  lightAppetiteShare: practice(0.65, "1"),
  heartyAppetiteShare: practice(1.35, "1"),
  leftoverPortionShare: practice(0.6, "1"),
  bonelessCookedShare: practice(0.72, "kg/kg"),
  crownCookedShare: practice(0.6, "kg/kg"),
  lightMeatShare: practice(0.6, "1"),

  // Seasoning, for each kg of bird
  oilGramsPerKg: practice(8, "g/kg"),
  underSkinGramsPerKg: practice(14, "g/kg"),
  pasteGramsPerKg: practice(3, "g/kg"),
  baconGramsPerKg: practice(45, "g/kg"),
  glazeMlPerKg: practice(8, "mL/kg"),
  rollFillingShare: chosen(0.15, "1"),
  glazeStepK: chosen(6, "K"),
  basteMlPerKg: practice(10, "mL/kg"),
  colouredC: chosen(55, "°C"),
  drippingsBurnC: practice(200, "°C"),

  // Brine, stock and gravy
  potBrineLPerKg: practice(1.5, "L/kg"),
  bagBrineLPerKg: practice(0.6, "L/kg"),
  hotBrineShare: practice(0.2, "1"),
  containerRoomShare: practice(0.12, "1"),
  birdOvenShare: practice(0.5, "1"),
  gravyMlAHead: practice(80, "mL"),
  cupMl: published(236.6, "mL", "US customary units, NIST Handbook 44"),
  flourGramsACup: practice(12, "g"),
  flourGramsPerTeaspoon: published(2.6, "g", SR),
  starchGramsPerTeaspoon: published(2.7, "g", SR),
  fatGramsPerTeaspoon: published(4.6, "g", SR),
  sugarGramsPerTeaspoon: published(4.2, "g", SR),
  bakingPowderGramsPerTeaspoon: published(4.6, "g", SR),
  drippingsShare: practice(0.05, "L/kg"),
  gravySaltPercent: practice(0.9, "%"),
  stockLossShare: practice(0.25, "1"),
  leastStockWaterMl: practice(500, "mL"),
  briquettesASideHour: practice(3, "1/h"),
  windFuelShare: practice(1.3, "1"),
  reheatOvenC: practice(190, "°C"),
  trayDepthM: practice(0.03, "m"),

  // Clock
  thawMarginK: chosen(1, "K"),
  minutesPerPound: practice(15, "min/lb"),
  wholeDryingHours: practice(12, "h"),
  drySaltHours: practice(24, "h"),
  outHours: published(2, "h", "USDA FSIS, Leftovers and food safety"),
  outHotHours: published(1, "h", "USDA FSIS, Leftovers and food safety"),
  coldCallMin: chosen(30, "min"),
  hotKitchenC: published(32, "°C", "USDA FSIS"),
  leftoverDays: published(3, "d", "USDA FSIS, Leftovers and food safety"),
  frozenLongerShare: published(0.5, "1", "USDA FSIS, The big thaw"),
  thawedLimitDays: published(2, "d", "USDA FSIS, The big thaw"),
  freshLimitDays: published(2, "d", "USDA FSIS, Turkey basics"),
  pieceRestMin: practice(10, "min"),
  smallRestMin: practice(20, "min"),
  shortestRestMin: practice(20, "min"),
  usualRestMin: practice(30, "min"),
  largeRestMin: practice(45, "min"),
  longestRestMin: practice(90, "min"),
  carryOverMostK: practice(8, "K"),
  preheatMin: practice(25, "min"),

  // Prior spread (one standard deviation) of what the plan cannot know
  ovenOffsetSdK: practice(8, "K"),
  convectionSdShare: chosen(0.2, "1"),
  draughtSdShare: chosen(0.35, "1"),
  crustSdShare: chosen(0.2, "1"),
  dryingSdShare: chosen(0.25, "1"),
  permeabilitySdShare: chosen(0.28, "1"),
  shapeSdShare: chosen(0.07, "1"),
  startSdK: chosen(1.5, "K"),
  planErrorShare: chosen(0.1, "1"),
  fireErrorShare: chosen(0.15, "1"),
  coveredErrorShare: chosen(0.14, "1"),
  stoneErrorShare: chosen(0.2, "1"),
  probeSdM: practice(0.006, "m"),
  probeShortM: practice(0.003, "m"),
} as const satisfies Record<string, Constant>;

export type ConstantName = keyof typeof CONSTANTS;

export type ConstantValues = Partial<Record<ConstantName, number>>;
const DECLARED = Object.fromEntries(Object.entries(CONSTANTS).map(([name, { value }]) => [name, value])) as Record<
  ConstantName,
  number
>;
let now = DECLARED;

/** The value of a declared constant, in the unit its declaration names. */
export function constant(name: ConstantName): number {
  return now[name];
}

/** Runs `work` with other values in place of the declared ones: for fits and for the prior's spread. */
export function withConstants<Result>(values: ConstantValues, work: () => Result): Result {
  const before = now;
  now = { ...before, ...values };
  try {
    return work();
  } finally {
    now = before;
  }
}
