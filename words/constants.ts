/** What each constant is, why it was chosen, and what each kind of number does to a roast: the page behind the numbers. */

import { CONSTANTS, type ConstantName } from "../core/constants";
import type { Origin } from "../core/origin";

type Chosen = {
  [Name in ConstantName]: (typeof CONSTANTS)[Name]["origin"]["kind"] extends "chosen" ? Name : never;
}[ConstantName];
/** What a constant is; a chosen one says why it has that value. */
type Told = {
  readonly [Name in ConstantName]: Name extends Chosen ? { readonly what: string; readonly why: string } : string;
};

const NATURE = {
  stefanBoltzmannWPerM2K4: "Stefan–Boltzmann constant",
  iceLatentHeatJPerKg: "latent heat of freezing of water",
  vapourGasConstantJPerKgK: "gas constant of water vapour",
  atmospherePa: "standard atmosphere",
  vaporisationHeatJPerKg: "latent heat of vaporisation of water near 65 °C",
  airVolumetricHeatJPerM3K: "volumetric heat of air near 110 °C, mean of film",
  lewisNumberPower: "Lewis number of vapour in air to the power 2/3",
};

const MEAT = {
  freezingPointC: "initial freezing point of measured poultry muscle",
  boundWaterPerProtein: "water bound to protein that does not freeze",
};

const THE_BIRD_AS_BOUGHT = {
  backboneShare: "backbone (and wishbone) cut out of a spatchcocked bird or one in parts, of the bird as bought",
  breastThicknessPower:
    "thickness of the breast against body size grows with this power of the mass within a species; breast yield rises with body weight in all of them, and the power is an estimate",
};

const OVEN_AND_SURFACE = {
  ovenConvectionWPerM2K: "convective heat-transfer coefficient in a still oven",
  fanConvectionWPerM2K: {
    what: "convective heat-transfer coefficient with a fan",
    why: "textbook correlations give 20 to 45 for 1.5 to 4 m/s over such a body; a fan saves a fifth to a quarter of the time",
  },
  draughtConvectionWPerM2K: {
    what: "convection in a smoker, a covered grill or at a spit",
    why: "a chimney draws air past the bird at a few tenths of a metre a second: more than a still oven's, far less than a fan's",
  },
  skinEmissivity: "emissivity of skin and meat",
  ovenVapourPa: {
    what: "vapour pressure in the oven around one roasting bird",
    why: "a vented oven holds about 4 % of water vapour by mass; the fit was repeated at 3 and 10 kPa",
  },
  smokeVapourPa: {
    what: "vapour pressure in a smoker or covered grill",
    why: "burning fuel and a water pan add to what the bird gives off",
  },
  crustVapourDiffusivityM2PerS: "vapour diffusivity through the dry crust",
  crustConductivityWPerMK: {
    what: "heat conductivity of dry skin",
    why: "between dry protein (0.18 by Choi and Okos) and raw skin; finish times move by under 2 % from 0.15 to 0.3",
  },
  crustDepthPerVapourM3PerKg: "retreat of the wet front for each kg of vapour lost per m²",
  crustDepthMostM: "deepest retreat of the wet front: skin and the dried rim under it; beneath, juice keeps it wet",
  panSideShare: "exchange of a face that looks at the tray, as a share of an open face",
  crevicedConvectionShare: "convection left in a crevice that sees only the bird's own skin",
  cavityWPerM2K: "heat-transfer coefficient at the wall of the empty cavity",
  cavityVentShare: {
    what: "pull of the oven air on the cavity air, against the cavity's own walls",
    why: "one open end; the closed cavity (0) is in the spread",
  },
  ovenLagMin: "time constant of a household oven that is turned up",
  ovenCoolMin: "and of one that is turned down, door shut, towards the kitchen: 260 to 160 °C takes 20 to 40 min",
  ovenSwingK: "swing of a thermostat about its dial, amplitude",
  ovenSwingMin: "period of a thermostat's swing",
  doorLossMin: { what: "time constant of the air while the door is open", why: "a minute takes most of it out" },
  doorWallLossMin: { what: "time constant of the walls while the door is open", why: "steel and enamel of some mm" },
  airRecoveryMin: { what: "time constant of the air back to the walls", why: "little heat is in it" },
  wallRecoveryMin: { what: "time constant of the walls behind the thermostat", why: "inner walls are thin steel" },
  dryAfterBasteShare: {
    what: "dryness of the skin left after basting",
    why: "liquid wets the surface and half runs off; what the crust took hours to build is not undone",
  },
  feedEveryMin: "a fire of charcoal or wood is fed every",
  charcoalSwingK: "air over charcoal about what it is kept at, from one feeding to the next, amplitude",
  woodSwingK: "and over wood",
  pelletSwingK: "air of a pellet fire about its setting, amplitude",
  pelletSwingMin: "and its period",
  lidInsideWPerM2K: {
    what: "air and coals to the inside of a lid",
    why: "half convection in a draught, half radiation",
  },
  lidInStillAirWPerM2K: { what: "outside of a lid to still air", why: "half natural convection, half radiation" },
  lidInWindWPerM2K: {
    what: "outside of a lid to wind",
    why: "some 24 of forced convection at 4 m/s on half a metre, the rest radiation",
  },
  lidViewShare: {
    what: "share of what a bird under a lid sees that is lid",
    why: "the upper half; beneath are coals, grate and water",
  },
  spitFireShare: { what: "share of a spit bird's surroundings that is open fire", why: "a fire bed to one side" },
  spitFireC: { what: "radiating temperature of embers and flame, as seen past ash", why: "glowing, not white hot" },
};

const FOIL_PANS_AND_STONES = {
  foilEmissivity: "emissivity of used aluminium foil",
  shieldGapWPerM2K: {
    what: "still air between skin and a shield of foil that was fitted to it",
    why: "1 mm of air at 0.03 W/mK: fitted on the oiled breast before it roasts, it touches in places; 15 to 60",
  },
  foilGapWPerM2K: {
    what: "still air between loose foil and skin",
    why: "2 mm of air at 0.03 W/mK; it lies on in places",
  },
  foilVapourShare: { what: "evaporation left under loose foil", why: "vapour escapes only at the edges" },
  seenHotSideK: {
    what: "between an oven's sides where one comes out darker to the eye",
    why: "browning half as much again",
  },
  tapeOffShare: {
    what: "that a mass by tape may be off by, either way",
    why: "a finger's breadth in thirty centimetres, cubed, and birds of one length that differ in breast",
  },
  oilVapourShare: {
    what: "evaporation left under oil or butter on the skin",
    why: "water hardly passes oil, but most of it runs off wet skin, and every skin's own fat melts later; 0.7 to 1",
  },
  pasteBrowningShare: {
    what: "browning under an alkaline paste, against none",
    why: "browning quickens as the skin becomes alkaline; 1.2 to 2",
  },
  baconConductanceWPerM2K: { what: "slices of bacon over the skin", why: "3 mm of fat meat at 0.25 W/mK" },
  baconVapourShare: {
    what: "evaporation left under bacon",
    why: "its own water dries; fat that melts out of it covers the rest",
  },
  wrapGapWPerM2K: { what: "steam and juice between a tight wrap and skin", why: "1.5 mm at 0.03 W/mK" },
  lidEmissivity: { what: "emissivity of a covered dish", why: "half bright foil or metal at 0.1, half enamel at 0.9" },
  dishAreaShare: {
    what: "what a covered dish takes up from the oven and hands on as steam, against a surface as large as the meat's",
    why: "it is larger than the meat, but its own mass and what lies in it warm first, and steam escapes; 0.7 to 1.5",
  },
  bagAreaShare: {
    what: "surface of a roasting bag that takes up the oven's heat, against the meat's",
    why: "it lies loosely around the bird, and its lower part in the tray; 0.8 to 1.2",
  },
  bagEmissivity: { what: "emissivity of a bag's film, with what passes it", why: "plastics have 0.8 to 0.95" },
  bagMostC: { what: "hottest oven for a roasting bag", why: "common practice: 400 °F is printed on them" },
  condensingWPerM2K: {
    what: "steam that condenses on meat in a covered dish",
    why: "of steam with some air in it; textbooks have 100 to 500, and it hardly matters",
  },
  tentVentShare: {
    what: "the oven's air that gets under a loose tent, against no tent",
    why: "open along its edges; 0.1 to 0.5",
  },
  panContactWPerM2K: "contact of meat with a hot pan or stone; measured values for patties run from 100 to 250",
  contactAreaShare: { what: "share of pan or stone that the bird covers and cools", why: "of a tray its size" },
  contactVapourShare: { what: "evaporation left where meat lies on something", why: "steam escapes at the rim" },
  deepPanShare: {
    what: "exchange left under a bird between high walls, against a low tray",
    why: "they shade what looks down and past it; no case tells: 0.5 to 0.9",
  },
  vegetablesContactWPerM2K: { what: "contact with a bed of vegetables", why: "a few touching points and steam" },
  panHeatJPerM2K: { what: "heat held by a roasting tin", why: "1.5 mm of steel" },
  stoneHeatJPerM2K: { what: "heat held by a preheated stone and pan", why: "18 mm of stone" },
  vegetablesHeatJPerM2K: { what: "heat held by a bed of vegetables", why: "3 cm of them" },
  underlayOvenWPerM2K: { what: "oven to tray, stone or vegetables", why: "convection and radiation at 180 °C" },
  stuffingStartC: {
    what: "bread stuffing as it goes into the bird",
    why: "hot broth on bread, filled in at once, as advised",
  },
};

const REST = {
  kitchenC: { what: "kitchen air", why: "an ordinary warm kitchen" },
  kitchenVapourPa: { what: "vapour pressure in the kitchen", why: "about half of saturation at 21 °C" },
  stillAirWPerM2K: "natural convection in still air",
  towelConductanceWPerM2K: {
    what: "conductance of two dry towels over foil",
    why: "about 16 mm of fabric at 0.04 W/mK",
  },
  boxLossShare: {
    what: "fall from the bird's skin to the air of an insulated box, as a share of skin above kitchen",
    why: "about 1 W/K through 3 cm of foam against 6 W/K from bird to air",
  },
};

const THAW_AND_FRIDGE = {
  fridgeC: "fridge, at or below 40 °F",
  fridgeConvectionWPerM2K: {
    what: "convection around a bird on a fridge shelf",
    why: "natural convection helped by a small fan; of 4 to 12, the value that meets the FSIS thaw rows; radiation is added",
  },
  shelfAirWPerK: {
    what: "exchange of air between a shelf and the rest of the fridge",
    why: "9 m³/h drift past a bird that fills its shelf; of 2 to 8, the value that meets the FSIS thaw rows",
  },
  fridgeHumidity: { what: "relative humidity of fridge air", why: "a frost-free fridge is dry" },
  wrapperWPerM2K: { what: "packing around a frozen bird", why: "tight film, half a millimetre of air and frost" },
  bathWPerM2K: "natural convection in cold water",
  bagWPerM2K: { what: "leak-proof bag around a bird under water", why: "4 to 5 mm of trapped water at 0.6 W/mK" },
  bathPerBirdKgPerKg: "water in the tub for each kg of bird",
  waterChangeMin: "interval between changes of cold water",
};

const SALT_IN_MEAT = {
  saltDiffusivityM2PerS: "diffusivity of salt in cold muscle; published values run from 1 to 4·10⁻¹⁰",
  skinSaltShare: { what: "salt through skin against lean", why: "fat holds no salt; the water in skin is less" },
  brineSaturation: "salt that a kg of cold water can hold",
  dryMoistureKgPerM2: { what: "water that dry salt draws to the surface", why: "a film of 0.15 mm wets it" },
};

const COOLING_AND_REHEATING = {
  coolingFromC: "cooling is timed from here, 135 °F",
  coolingFirstC: "first step of cooling, 70 °F",
  coolingLastC: "end of cooling, 41 °F",
  coolingFirstMin: "longest time to the first step",
  coolingAllMin: "longest time in all",
  trayBottomWPerM2K: {
    what: "oven through a metal tray into meat",
    why: "the oven's film; metal and juice add little",
  },
};

const INDICES = {
  juiceLossMin: {
    what: "time constant of juice on its way out of hot meat",
    why: "between minutes in a thin slice and hours in a thick roast",
  },
  saltHoldsJuiceShare: "share of cooking loss that 1 % of salt in the meat holds back",
  browningPerMinAt140C: {
    what: "browning of dry skin at 140 °C; 1 is golden",
    why: "a 5.8 kg bird with a hot start, salted and dried, comes out golden (common practice)",
  },
  browningPer10K: {
    what: "browning for each 10 K more",
    why: "an activation energy of 80 to 120 kJ/mol makes 1.75 to 2.3 of it at 130 °C; between hot flat and steady whole birds",
  },
  renderPerMinAt80C: { what: "fat running from under a duck's skin at 80 °C", why: "about half in an hour" },
};

const SAFETY = {
  guidelineC: "safe minimum for poultry, 165 °F",
  guidelineHeldC: "safe for poultry that is held there",
  guidelineHeldMin: "how long it has to be held there",
  guidelineWholeC: "safe minimum for a whole bird where a hotter one is asked for",
  tenderLegC: "a thigh that is tender, and not only safe",
  zoneLowC: "lower end of the zone where bacteria grow",
  zoneHighC: "upper end of the zone where bacteria grow",
  minimumOvenC: "lowest oven for a whole bird, 325 °F",
};

const SALT = {
  tableSaltGramsPerTeaspoon: "table salt in a US teaspoon",
  lightFlakeDensityShare: "light hollow flake against table salt, by volume",
  denseFlakeDensityShare: "dense rolled flake against table salt, by volume",
  fineSaltDensityShare: "fine sea salt against table salt, by volume",
  coarseSaltDensityShare: "coarse salt crystals against table salt, by volume",
  brinePercent: "salt by mass of the water in a brine by time: the usual 58 to 77 g/L",
  brineHours: "a brine by time for a turkey; 4 to 5 hours for a bird under 2 kg, 48 at most",
  equilibriumHours: "an equilibrium brine, which cannot over-salt",
  injectionHours: "injected brine spreads between its sites",
  coolerLeakW: {
    what: "heat that leaks into a closed cooler in a kitchen",
    why: "1.2 m² of 3 cm foam at 0.035 W/mK against 17 K, less than half shaded by ice water",
  },
  injectionShare: "brine injected for each kg of bird",
  preSaltedPercent: "salt in a bird sold salted or injected, by mass",
  drySaltPercent: "dry salt by mass of the bird as bought; usual 0.7 to 1.5",
};

const TABLE = {
  crownPortionKg: "crown to buy for one usual appetite",
  bonelessPortionKg: "boneless roast to buy for one usual appetite; 200 to 250 g",
  lightAppetiteShare: "a light appetite, or a child, against a usual one",
  heartyAppetiteShare: "a hearty appetite against a usual one",
  leftoverPortionShare: "a meal of leftovers against a portion at the table",
  bonelessCookedShare: "cooked meat of a boneless roast as bought",
  crownCookedShare: "cooked meat of a crown as bought",
  lightMeatShare: "light meat in the meat of a whole bird",
};

const SEASONING_FOR_EACH_KG_OF_BIRD = {
  oilGramsPerKg: "oil or butter over the skin",
  underSkinGramsPerKg: "soft butter under the skin",
  rollFillingShare: {
    what: "what is rolled into a boned leg, of the roll as it goes in",
    why: "so much of the solid's own roll is its filling",
  },
  pasteGramsPerKg: "baking powder or soda with as much water, in a thin paste on the skin",
  baconGramsPerKg: "bacon over the breast",
  basteMlPerKg: "what is brought to baste with, for once over the bird: a few spoons of it stay",
  glazeMlPerKg: "glaze for one thin pass",
  glazeStepK: {
    what: "rise of the breast between passes of glaze",
    why: "a quarter of an hour in the last third of a roast: time for one pass to set",
  },
  colouredC: {
    what: "breast of a bird that has taken its first colour, and gets the fat that was kept for then",
    why: "at 160 °C first gold is computed at about 57; smoke colours it by itself, which is not computed",
  },
  drippingsBurnC: "oven in which what drips into a dry tray burns",
};

const BRINE_STOCK_AND_GRAVY = {
  potBrineLPerKg: "brine that covers a bird in a pot, for each kg of it",
  bagBrineLPerKg: "brine that covers a bird in a closed bag, for each kg of it",
  hotBrineShare: "share of a brine's water in which salt is dissolved hot",
  containerRoomShare: "room left in a brining container",
  birdOvenShare: "share of an oven that a bird in its tray takes",
  gravyMlAHead: "gravy a head, a third of a cup",
  cupMl: "US cup",
  flourGramsACup: "flour a cup of finished gravy: one and a half tablespoons",
  flourGramsPerTeaspoon: "flour in a US teaspoon",
  starchGramsPerTeaspoon: "starch in a US teaspoon",
  fatGramsPerTeaspoon: "fat in a US teaspoon, between oil and butter",
  sugarGramsPerTeaspoon: "sugar in a US teaspoon",
  bakingPowderGramsPerTeaspoon: "baking powder in a US teaspoon",
  drippingsShare: "drippings without their fat, for each kg of bird",
  gravySaltPercent: "salt in a gravy that tastes seasoned",
  stockLossShare: "share of a stock lost in an hour of simmering",
  leastStockWaterMl: "water that covers neck and giblets in their pot",
  briquettesASideHour: "briquettes a side each hour, covered grill at 175 to 200 °C",
  windFuelShare: "charcoal in wind against still air",
  reheatOvenC: "oven to reheat a carved, covered tray: 35 to 40 minutes",
  trayDepthM: "carved meat in its tray, with drippings: two fingers",
};

const CLOCK = {
  thawMarginK: {
    what: "how much colder than set the fridge is taken to be for the thaw",
    why: "a full fridge runs colder at the back; the simulated thaw then lies inside the published rows",
  },
  minutesPerPound: "the plain rule for a whole turkey at moderate heat",
  wholeDryingHours: "uncovered drying after the salt, on a rack in the fridge",
  drySaltHours: "dry salt before the drying; 1 to 2 days in all",
  outHours: "longest time out of the fridge",
  outHotHours: "the same where it is hotter than 32 °C",
  coldCallMin: {
    what: "how long before its time out of the fridge is over it is called",
    why: "time to take it off the bone and lay it into trays",
  },
  hotKitchenC: "warmth above which one hour is the limit, 90 °F",
  leftoverDays: "cooked leftovers in the fridge; 3 to 4",
  frozenLongerShare: "longer in the oven from frozen, against thawed; before it is simulated",
  thawedLimitDays: "longest wait after a thaw in the fridge",
  freshLimitDays: "longest wait for a fresh raw bird in the fridge",
  pieceRestMin: "usual rest of a breast or a pair of legs under 0.8 kg; 5 at least",
  smallRestMin: "usual rest of a bird under 3 kg; 15 at least",
  shortestRestMin: "shortest rest of a turkey before carving; 15 of a small bird",
  usualRestMin: "usual rest of a turkey",
  largeRestMin: "usual rest of a bird over 8 kg; 30 at least",
  longestRestMin: "longest rest, well wrapped",
  carryOverMostK: "most that is counted on to come at rest, 15 °F; hot pieces are computed to gain more, unchecked",
  preheatMin: "an empty household oven to its first temperature",
};

const PRIOR_SPREAD_ONE_STANDARD_DEVIATION_OF_WHAT_THE_PLAN_CANNOT_KNOW = {
  ovenOffsetSdK: "true temperature of a household oven against its dial",
  convectionSdShare: {
    what: "convection from oven to oven",
    why: "load, rack height and fan leakage differ; the scatter of textbook coefficients is about a quarter",
  },
  draughtSdShare: {
    what: "convection at a fire with a draught: how far one smoker or grill is from another",
    why: "from nearly still air (12 W/m²K) to a strong draught (25): chimneys and dampers differ more than ovens",
  },
  crustSdShare: {
    what: "deepest retreat of the wet front",
    why: "some skins stay moist to the end and some dry through; wider, and the plan's band passes a fifth",
  },
  dryingSdShare: { what: "drying of the skin", why: "salted and aired skins start drier than wet ones" },
  permeabilitySdShare: {
    what: "how readily vapour passes the dry crust",
    why: "fat, salt and blisters open or close it; the doubt about a crust is shared between its depth and this: of hand readings the forecast is nearer with both than with twice as much of one; so wide that a plan's band holds three in four of roasts by another simulator, which takes its half-width to a fifth",
  },
  shapeSdShare: {
    what: "thickness of the breast at the same mass",
    why: "breeds differ and a spatchcocked bird is pressed more or less; a tape measure would halve it",
  },
  planErrorShare: {
    what: "what the model itself may be off by in a plan, of the whole roast",
    why: "roasts of birds and ovens of another family, outside the model's own, are at least that much further off than its birds are from one another; wider, and the band of a usual bird passes a fifth",
  },
  fireErrorShare: {
    what: "the same at a fire",
    why: "what cooks say of smokers, covered grills and spits is missed by so much beyond what fires differ by among themselves (four cases, science page)",
  },
  coveredErrorShare: {
    what: "the same of a bird that is shielded, wrapped or under a lid",
    why: "what cooks say of covered birds is missed by so much beyond what birds and ovens differ by (four cases, science page)",
  },
  stoneErrorShare: {
    what: "the same on a hot stone",
    why: "there is one case of it, which the published tables contradict: twice what a bare bird's is, and the case is still outside",
  },
  startSdK: { what: "start temperature of the bird", why: "fridges differ from shelf to shelf" },
  probeSdM:
    "spread of where a probe's tip sits in a turkey, along the way it was pushed in; in proportion in smaller birds",
  probeShortM: "how far a tip sits short of the deepest meat of a turkey on average: short far more often than past it",
};

const TOLD = {
  ...NATURE,
  ...MEAT,
  ...THE_BIRD_AS_BOUGHT,
  ...OVEN_AND_SURFACE,
  ...FOIL_PANS_AND_STONES,
  ...REST,
  ...THAW_AND_FRIDGE,
  ...SALT_IN_MEAT,
  ...COOLING_AND_REHEATING,
  ...INDICES,
  ...SAFETY,
  ...SALT,
  ...TABLE,
  ...SEASONING_FOR_EACH_KG_OF_BIRD,
  ...BRINE_STOCK_AND_GRAVY,
  ...CLOCK,
  ...PRIOR_SPREAD_ONE_STANDARD_DEVIATION_OF_WHAT_THE_PLAN_CANNOT_KNOW,
} satisfies Told;

export const CONSTANT_GROUPS = [
  {
    title: "Nature",
    does: "Laws that hold for any bird: what ice, steam and radiant heat carry.",
    names: Object.keys(NATURE) as (keyof typeof NATURE)[],
  },
  {
    title: "Meat",
    does: "When meat freezes, and how much of its water never does: this sets how long a thaw takes.",
    names: Object.keys(MEAT) as (keyof typeof MEAT)[],
  },
  {
    title: "The bird as bought",
    does: "What is not roasted, and how much thicker the breast of a larger bird is: this turns the weight on the label into a solid.",
    names: Object.keys(THE_BIRD_AS_BOUGHT) as (keyof typeof THE_BIRD_AS_BOUGHT)[],
  },
  {
    title: "Oven and surface",
    does: "How fast heat gets from the air into the skin. These decide, more than anything else, how long a roast takes.",
    names: Object.keys(OVEN_AND_SURFACE) as (keyof typeof OVEN_AND_SURFACE)[],
  },
  {
    title: "Foil, pans and stones",
    does: "What a cover, a tray or a stone keeps off or gives: which part is late and which early.",
    names: Object.keys(FOIL_PANS_AND_STONES) as (keyof typeof FOIL_PANS_AND_STONES)[],
  },
  {
    title: "Rest",
    does: "How a bird cools on the board and how far its middle goes on rising.",
    names: Object.keys(REST) as (keyof typeof REST)[],
  },
  {
    title: "Thaw and fridge",
    does: "How long a frozen bird takes in the fridge or in water.",
    names: Object.keys(THAW_AND_FRIDGE) as (keyof typeof THAW_AND_FRIDGE)[],
  },
  {
    title: "Salt in meat",
    does: "How deep salt goes by the day you roast.",
    names: Object.keys(SALT_IN_MEAT) as (keyof typeof SALT_IN_MEAT)[],
  },
  {
    title: "Cooling and reheating",
    does: "How fast leftovers are out of danger, and hot again.",
    names: Object.keys(COOLING_AND_REHEATING) as (keyof typeof COOLING_AND_REHEATING)[],
  },
  {
    title: "Indices",
    does: "Juices, colour and tenderness: tendencies, for holding one way against another.",
    names: Object.keys(INDICES) as (keyof typeof INDICES)[],
  },
  {
    title: "Safety",
    does: "What is asked of the bird before it is eaten. None of these bends to the model.",
    names: Object.keys(SAFETY) as (keyof typeof SAFETY)[],
  },
  {
    title: "Salt",
    does: "What a spoon of each salt weighs, and how much a bird is given.",
    names: Object.keys(SALT) as (keyof typeof SALT)[],
  },
  {
    title: "Table",
    does: "How much to buy for how many, and what comes off the bones.",
    names: Object.keys(TABLE) as (keyof typeof TABLE)[],
  },
  {
    title: "Seasoning, for each kg of bird",
    does: "Amounts on the list for what goes on and in.",
    names: Object.keys(SEASONING_FOR_EACH_KG_OF_BIRD) as (keyof typeof SEASONING_FOR_EACH_KG_OF_BIRD)[],
  },
  {
    title: "Brine, stock and gravy",
    does: "Amounts on the list for bath, pot and jug.",
    names: Object.keys(BRINE_STOCK_AND_GRAVY) as (keyof typeof BRINE_STOCK_AND_GRAVY)[],
  },
  {
    title: "Clock",
    does: "Minutes of work, usual rests and the longest waits: where tasks stand on the clock.",
    names: Object.keys(CLOCK) as (keyof typeof CLOCK)[],
  },
  {
    title: "What the plan cannot know (one standard deviation)",
    does: "How wrong each assumption may be. These make the band around every time; your readings narrow it.",
    names: Object.keys(
      PRIOR_SPREAD_ONE_STANDARD_DEVIATION_OF_WHAT_THE_PLAN_CANNOT_KNOW,
    ) as (keyof typeof PRIOR_SPREAD_ONE_STANDARD_DEVIATION_OF_WHAT_THE_PLAN_CANNOT_KNOW)[],
  },
] as const;

/** What the constant is. */
export function constantTold(name: ConstantName): string {
  const told: string | { readonly what: string } = TOLD[name];
  return typeof told === "string" ? told : told.what;
}

/** Where a value is from. @param why a chosen one has it */
export function originWords(origin: Origin, why: string | undefined): string {
  if (origin.kind === "published") return `${origin.source}${origin.fromMemory ? " (from memory)" : ""}`;
  if (origin.kind === "fitted") return "fitted to the cases of tests/outside/cases.ts marked for the fit";
  return origin.kind === "chosen" && why ? `chosen: ${why}` : "common practice";
}

/** Where its value is from, in words. */
export function originTold(name: ConstantName): string {
  const told: string | { readonly what: string; readonly why?: string } = TOLD[name];
  return originWords(CONSTANTS[name].origin, typeof told === "string" ? undefined : told.why);
}
