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
    script: "tools/fit.ts (npm run fit), residuals in tools/fitted.json",
    cases: "the cases of tests/outside/cases.ts marked for the fit",
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
  turkeyGibletShare: practice(0.06, "kg/kg", "neck and giblets as a share of the bought turkey"),
  chickenGibletShare: practice(0.04, "kg/kg", "neck and giblets as a share of the bought chicken"),
  duckGibletShare: practice(0.07, "kg/kg", "neck and giblets as a share of the bought duck"),
  backboneShare: practice(
    0.06,
    "kg/kg",
    "backbone (and wishbone) cut out of a flat or jointed bird, of the bird as bought",
  ),

  breastThicknessPower: published(
    0.1,
    "1",
    "thickness of the breast against body size grows with this power of the mass within a species",
    "breast yield rises with body weight in every published cut-up yield table for turkeys and broilers; the power is an estimate",
  ),

  // Oven and surface
  ovenConvectionWPerM2K: fitted(12.4, "W/m²K", "convective heat-transfer coefficient in a still oven"),
  fanConvectionWPerM2K: published(
    38,
    "W/m²K",
    "convective heat-transfer coefficient with a fan; correlations give 20 to 40 for 1.5 to 4 m/s over such a body",
    HEAT_TEXT,
  ),
  draughtConvectionWPerM2K: chosen(
    16,
    "W/m²K",
    "convection in a smoker, a covered grill or at a spit",
    "a chimney draws air past the bird at a few tenths of a metre a second, between a still oven and a fan",
  ),
  skinEmissivity: published(0.9, "1", "emissivity of skin and meat", HEAT_TEXT),
  ovenVapourPa: chosen(
    6_000,
    "Pa",
    "vapour pressure in the oven around one roasting bird",
    "a vented oven holds about 4 % of water vapour by mass; the fit was repeated at 3 and 10 kPa",
  ),
  smokeVapourPa: chosen(
    8_000,
    "Pa",
    "vapour pressure in a smoker or covered grill",
    "burning fuel and a water pan add to what the bird gives off",
  ),
  crustVapourDiffusivityM2PerS: fitted(1.75e-6, "m²/s", "vapour diffusivity through the dry crust"),
  crustConductivityWPerMK: chosen(
    0.2,
    "W/mK",
    "heat conductivity of dry skin",
    "between dry protein (0.18 by Choi and Okos) and raw skin; finish times move by under 2 % from 0.15 to 0.3",
  ),
  crustDepthPerVapourM3PerKg: fitted(0.00948, "m³/kg", "retreat of the wet front for each kg of vapour lost per m²"),
  crustDepthMostM: fitted(
    0.00171,
    "m",
    "deepest retreat of the wet front: skin and the dried rim under it; beneath, juice keeps it wet",
  ),
  panSideShare: fitted(0.357, "1", "exchange of a face that looks at the tray, as a share of an open face"),
  crevicedConvectionShare: fitted(0.281, "1", "convection left in a crevice that sees only the bird's own skin"),
  cavityWPerM2K: fitted(1.54, "W/m²K", "heat-transfer coefficient at the wall of the empty cavity"),
  cavityVentShare: chosen(
    0.25,
    "1",
    "pull of the oven air on the cavity air, against the cavity's own walls",
    "one open end; the closed cavity (0) is in the spread",
  ),
  ovenLagMin: practice(8, "min", "time constant of a household oven after a change of the dial"),
  ovenSwingK: practice(4, "K", "swing of a thermostat about its dial, amplitude"),
  ovenSwingMin: practice(9, "min", "period of a thermostat's swing"),
  doorLossMin: chosen(0.6, "min", "time constant of the air while the door is open", "a minute takes most of it out"),
  doorWallLossMin: chosen(
    30,
    "min",
    "time constant of the walls while the door is open",
    "steel and enamel of some mm",
  ),
  airRecoveryMin: chosen(1.5, "min", "time constant of the air back to the walls", "little heat is in it"),
  wallRecoveryMin: chosen(4, "min", "time constant of the walls behind the thermostat", "inner walls are thin steel"),
  dryAfterBasteShare: chosen(
    0.5,
    "1",
    "dryness of the skin left after basting",
    "liquid wets the surface and half runs off; what the crust took hours to build is not undone",
  ),
  spitFireShare: chosen(0.12, "1", "share of a spit bird's surroundings that is open fire", "a fire bed to one side"),
  spitFireC: chosen(500, "°C", "radiating temperature of embers and flame, as seen past ash", "glowing, not white hot"),

  // Foil, pans and stones
  foilEmissivity: published(0.1, "1", "emissivity of used aluminium foil", HEAT_TEXT),
  foilGapWPerM2K: chosen(
    15,
    "W/m²K",
    "still air between loose foil and skin",
    "2 mm of air at 0.03 W/mK; it lies on in places",
  ),
  foilVapourShare: chosen(0.15, "1", "evaporation left under loose foil", "vapour escapes only at the edges"),
  seenHotSideK: chosen(
    15,
    "K",
    "between an oven's sides where one comes out darker to the eye",
    "browning half as much again",
  ),
  tapeOffShare: chosen(
    0.12,
    "1",
    "that a mass by tape may be off by, either way",
    "a finger's breadth in thirty centimetres, cubed, and birds of one length that differ in breast",
  ),
  baconConductanceWPerM2K: chosen(80, "W/m²K", "slices of bacon over the skin", "3 mm of fat meat at 0.25 W/mK"),
  baconVapourShare: chosen(
    0.8,
    "1",
    "evaporation left under bacon",
    "its own water dries; fat that melts out of it covers the rest",
  ),
  wrapGapWPerM2K: chosen(20, "W/m²K", "steam and juice between a tight wrap and skin", "1.5 mm at 0.03 W/mK"),
  lidEmissivity: published(0.9, "1", "emissivity of enamel", HEAT_TEXT),
  lidGapWPerM2K: chosen(
    11,
    "W/m²K",
    "steam between a lid and the skin under it",
    "free convection over some centimetres, 5, and the lid's own radiation, 6",
  ),
  panContactWPerM2K: published(
    120,
    "W/m²K",
    "contact of meat with a hot pan or stone; measured values for patties run from 100 to 250",
    "Pan, Singh and Rumsey, Journal of Food Engineering 2000, contact-heating of meat patties",
  ),
  contactAreaShare: chosen(0.25, "1", "share of pan or stone that the bird covers and cools", "of a tray its size"),
  contactVapourShare: chosen(0.1, "1", "evaporation left where meat lies on something", "steam escapes at the rim"),
  vegetablesContactWPerM2K: chosen(15, "W/m²K", "contact with a bed of vegetables", "a few touching points and steam"),
  panHeatJPerM2K: chosen(6_000, "J/m²K", "heat held by a roasting tin", "1.5 mm of steel"),
  stoneHeatJPerM2K: chosen(35_000, "J/m²K", "heat held by a preheated stone and pan", "18 mm of stone"),
  vegetablesHeatJPerM2K: chosen(120_000, "J/m²K", "heat held by a bed of vegetables", "3 cm of them"),
  underlayOvenWPerM2K: chosen(25, "W/m²K", "oven to tray, stone or vegetables", "convection and radiation at 180 °C"),
  stuffingStartC: chosen(
    50,
    "°C",
    "bread stuffing as it goes into the bird",
    "hot broth on bread, filled in at once, as advised",
  ),

  // Rest
  kitchenC: chosen(21, "°C", "kitchen air", "an ordinary warm kitchen"),
  kitchenVapourPa: chosen(1_200, "Pa", "vapour pressure in the kitchen", "about half of saturation at 21 °C"),
  stillAirWPerM2K: published(5, "W/m²K", "natural convection in still air", HEAT_TEXT),
  towelConductanceWPerM2K: chosen(
    2.5,
    "W/m²K",
    "conductance of two dry towels over foil",
    "about 16 mm of fabric at 0.04 W/mK",
  ),
  boxLossShare: chosen(
    0.15,
    "1",
    "fall from the bird's skin to the air of an insulated box, as a share of skin above kitchen",
    "about 1 W/K through 3 cm of foam against 6 W/K from bird to air",
  ),

  // Thaw and fridge
  fridgeC: published(4, "°C", "fridge, at or below 40 °F", "USDA FSIS, Refrigeration and food safety"),
  fridgeConvectionWPerM2K: chosen(
    11,
    "W/m²K",
    "convection around a bird on a fridge shelf",
    "natural convection helped by a small fan; of 4 to 12, the value that meets the FSIS thaw rows; radiation is added",
  ),
  shelfAirWPerK: chosen(
    3,
    "W/K",
    "exchange of air between a shelf and the rest of the fridge",
    "9 m³/h drift past a bird that fills its shelf; of 2 to 8, the value that meets the FSIS thaw rows",
  ),
  fridgeHumidity: chosen(0.6, "1", "relative humidity of fridge air", "a frost-free fridge is dry"),
  wrapperWPerM2K: chosen(60, "W/m²K", "packing around a frozen bird", "tight film, half a millimetre of air and frost"),
  bathWPerM2K: published(150, "W/m²K", "natural convection in cold water", HEAT_TEXT),
  bagWPerM2K: chosen(
    130,
    "W/m²K",
    "leak-proof bag around a bird under water",
    "4 to 5 mm of trapped water at 0.6 W/mK",
  ),
  bathPerBirdKgPerKg: practice(2, "kg/kg", "water in the tub for each kg of bird"),
  waterChangeMin: published(30, "min", "interval between changes of cold water", "USDA FSIS, The big thaw"),

  // Salt in meat
  saltDiffusivityM2PerS: published(
    2e-10,
    "m²/s",
    "diffusivity of salt in cold muscle; published values run from 1 to 4·10⁻¹⁰",
    "Graiver, Pinotti, Califano and Zaritzky, Meat Science 2006 (pork), and others",
  ),
  skinSaltShare: chosen(0.3, "1", "salt through skin against lean", "fat holds no salt; the water in skin is less"),
  brineSaturation: published(0.36, "kg/kg", "salt that a kg of cold water can hold", "CRC Handbook of Chemistry"),
  dryMoistureKgPerM2: chosen(0.15, "kg/m²", "water that dry salt draws to the surface", "a film of 0.15 mm wets it"),

  // Cooling and reheating
  coolingFromC: published(57, "°C", "cooling is timed from here, 135 °F", "FDA Food Code"),
  coolingFirstC: published(21, "°C", "first step of cooling, 70 °F", "FDA Food Code"),
  coolingLastC: published(5, "°C", "end of cooling, 41 °F", "FDA Food Code"),
  coolingFirstMin: published(120, "min", "longest time to the first step", "FDA Food Code"),
  coolingAllMin: published(360, "min", "longest time in all", "FDA Food Code"),
  trayBottomWPerM2K: chosen(
    20,
    "W/m²K",
    "oven through a metal tray into meat",
    "the oven's film; metal and juice add little",
  ),

  // Indices
  juiceLossMin: chosen(
    25,
    "min",
    "time constant of juice on its way out of hot meat",
    "between minutes in a thin slice and hours in a thick roast",
  ),
  saltHoldsJuiceShare: practice(0.25, "1", "share of cooking loss that 1 % of salt in the meat holds back"),
  browningPerMinAt140C: chosen(
    0.18,
    "1/min",
    "browning of dry skin at 140 °C; 1 is golden",
    "a 5.8 kg bird with a hot start, salted and dried, comes out golden (common practice)",
  ),
  browningPer10K: chosen(2, "1", "browning for each 10 K more", "Maillard browning doubles to trebles in 10 K"),
  renderPerMinAt80C: chosen(0.012, "1/min", "fat running from under a duck's skin at 80 °C", "about half in an hour"),

  // Safety
  guidelineC: published(74, "°C", "safe minimum for poultry, 165 °F", "USDA FSIS, Safe minimum internal temperatures"),
  zoneLowC: published(4, "°C", "lower end of the zone where bacteria grow", "USDA FSIS"),
  zoneHighC: published(60, "°C", "upper end of the zone where bacteria grow", "USDA FSIS"),
  minimumOvenC: published(163, "°C", "lowest oven for a whole bird, 325 °F", FSIS_ROASTING),

  // Salt
  tableSaltGramsPerTeaspoon: published(6.0, "g", "table salt in a US teaspoon", SR),
  lightFlakeDensityShare: practice(0.5, "1", "light hollow flake against table salt, by volume"),
  denseFlakeDensityShare: practice(0.8, "1", "dense rolled flake against table salt, by volume"),
  fineSaltDensityShare: practice(0.95, "1", "fine sea salt against table salt, by volume"),
  coarseSaltDensityShare: practice(0.85, "1", "coarse salt crystals against table salt, by volume"),
  brinePercent: practice(6.5, "%", "salt by mass of the water in a brine by time: the usual 58 to 77 g/L"),
  brineHours: practice(24, "h", "a brine by time for a turkey; 4 to 5 hours for a bird under 2 kg, 48 at most"),
  equilibriumHours: practice(48, "h", "an equilibrium brine, which cannot over-salt"),
  injectionHours: practice(12, "h", "injected brine spreads between its sites"),
  meatWaterShare: chosen(
    0.68,
    "kg/kg",
    "water in a turkey or a chicken as it goes into a bath",
    "what the tissues of the model hold: 0.67 to 0.72 by cut",
  ),
  duckWaterShare: chosen(0.4, "kg/kg", "water in a duck", "the same: its fat holds none"),
  coolerLeakW: chosen(
    12,
    "W",
    "heat that leaks into a closed cooler in a kitchen",
    "1.2 m² of 3 cm foam at 0.035 W/mK against 17 K, less than half shaded by ice water",
  ),
  injectionShare: practice(0.1, "kg/kg", "brine injected for each kg of bird"),
  preSaltedPercent: practice(0.8, "%", "salt in a bird sold salted or injected, by mass"),
  drySaltPercent: practice(1, "%", "dry salt by mass of the bird as bought; usual 0.7 to 1.5"),

  // Table
  wholePortionKg: practice(0.5, "kg", "whole bird to buy for one usual appetite, about a pound"),
  duckPortionKg: practice(0.65, "kg", "duck to buy for one usual appetite: more of it is bone and fat"),
  crownPortionKg: practice(0.35, "kg", "crown to buy for one usual appetite"),
  bonelessPortionKg: practice(0.225, "kg", "boneless roast to buy for one usual appetite; 200 to 250 g"),
  lightAppetiteShare: practice(0.65, "1", "a light appetite, or a child, against a usual one"),
  heartyAppetiteShare: practice(1.35, "1", "a hearty appetite against a usual one"),
  leftoverPortionShare: practice(0.6, "1", "a meal of leftovers against a portion at the table"),
  turkeyEdibleShare: published(
    0.47,
    "kg/kg",
    "cooked meat without skin of a turkey as bought",
    "USDA Food Buying Guide",
  ),
  chickenEdibleShare: published(0.39, "kg/kg", "cooked meat of a chicken as bought; 0.36 to 0.41", "USDA Handbook 102"),
  duckEdibleShare: chosen(
    0.3,
    "kg/kg",
    "cooked meat of a duck as bought",
    "less than a chicken's: a third of it is fat",
  ),
  bonelessCookedShare: practice(0.72, "kg/kg", "cooked meat of a boneless roast as bought"),
  crownCookedShare: practice(0.6, "kg/kg", "cooked meat of a crown as bought"),
  lightMeatShare: practice(0.6, "1", "light meat in the meat of a whole bird"),

  // Seasoning, for each kg of bird
  oilGramsPerKg: practice(8, "g/kg", "oil or butter over the skin"),
  underSkinGramsPerKg: practice(14, "g/kg", "soft butter under the skin"),
  pasteGramsPerKg: practice(3, "g/kg", "baking powder or soda with as much water, in a thin paste on the skin"),
  baconGramsPerKg: practice(45, "g/kg", "bacon over the breast"),
  glazeMlPerKg: practice(8, "mL/kg", "glaze for one thin pass"),
  glazeStepK: chosen(
    6,
    "K",
    "rise of the breast between passes of glaze",
    "a quarter of an hour in the last third of a roast: time for one pass to set",
  ),

  // Brine, stock and gravy
  potBrineLPerKg: practice(1.5, "L/kg", "brine that covers a bird in a pot, for each kg of it"),
  bagBrineLPerKg: practice(0.6, "L/kg", "brine that covers a bird in a closed bag, for each kg of it"),
  hotBrineShare: practice(0.2, "1", "share of a brine's water in which salt is dissolved hot"),
  containerRoomShare: practice(0.12, "1", "room left in a brining container"),
  birdOvenShare: practice(0.5, "1", "share of an oven that a bird in its tray takes"),
  gravyMlAHead: practice(80, "mL", "gravy a head, a third of a cup"),
  cupMl: published(236.6, "mL", "US cup", "US customary units, NIST Handbook 44"),
  flourGramsACup: practice(12, "g", "flour a cup of finished gravy: one and a half tablespoons"),
  drippingsShare: practice(0.05, "L/kg", "drippings without their fat, for each kg of bird"),
  gravySaltPercent: practice(0.9, "%", "salt in a gravy that tastes seasoned"),
  stockLossShare: practice(0.25, "1", "share of a stock lost in an hour of simmering"),

  briquettesASideHour: practice(3, "1/h", "briquettes a side each hour, covered grill at 175 to 200 °C"),
  windFuelShare: practice(1.3, "1", "charcoal in wind against still air"),
  reheatOvenC: practice(190, "°C", "oven to reheat a carved, covered tray: 35 to 40 minutes"),
  trayDepthM: practice(0.045, "m", "carved meat in its tray, with drippings"),

  // Clock
  thawMarginK: chosen(
    1,
    "K",
    "how much colder than set the fridge is taken to be for the thaw",
    "a full fridge runs colder at the back; the simulated thaw then lies inside the published rows",
  ),
  minutesPerPound: practice(15, "min/lb", "the plain rule for a whole turkey at moderate heat"),
  wholeDryingHours: practice(12, "h", "uncovered drying after the salt, on a rack in the fridge"),
  drySaltHours: practice(24, "h", "dry salt before the drying; 1 to 2 days in all"),
  outHours: published(2, "h", "longest time out of the fridge", "USDA FSIS, Leftovers and food safety"),
  outHotHours: published(1, "h", "the same where it is hotter than 32 °C", "USDA FSIS, Leftovers and food safety"),
  hotKitchenC: published(32, "°C", "warmth above which one hour is the limit, 90 °F", "USDA FSIS"),
  leftoverDays: published(3, "d", "cooked leftovers in the fridge; 3 to 4", "USDA FSIS, Leftovers and food safety"),
  thawedLimitDays: published(2, "d", "longest wait after a thaw in the fridge", "USDA FSIS, The big thaw"),
  freshLimitDays: published(2, "d", "longest wait for a fresh raw bird in the fridge", "USDA FSIS, Turkey basics"),
  smallRestMin: practice(20, "min", "usual rest of a bird under 3 kg; 15 at least"),
  shortestRestMin: practice(20, "min", "shortest rest of a turkey before carving; 15 of a small bird"),
  usualRestMin: practice(30, "min", "usual rest of a turkey"),
  largeRestMin: practice(45, "min", "usual rest of a bird over 8 kg; 30 at least"),
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
  crustSdShare: chosen(
    0.3,
    "1",
    "deepest retreat of the wet front",
    "some skins stay moist to the end and some dry through; wider, and the plan's band passes a fifth",
  ),
  dryingSdShare: chosen(0.25, "1", "drying of the skin", "salted and aired skins start drier than wet ones"),
  shapeSdShare: chosen(
    0.07,
    "1",
    "thickness of the breast at the same mass",
    "breeds differ and a flat bird is pressed more or less; a tape measure would halve it",
  ),
  startSdK: chosen(1.5, "K", "start temperature of the bird", "fridges differ from shelf to shelf"),
  probeSdM: practice(
    0.006,
    "m",
    "tip of a probe off the thermal centre of a turkey, along the way it was pushed in; in proportion in smaller birds",
  ),
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
