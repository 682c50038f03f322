/** Dinners as cooks mean them, each in its own terms: a made-up kitchen, the ways of common practice. */
import { massRangeKg } from "../../core/bird/mass";
import type { Plan } from "../../core/plan/schema";
import { targetsFor } from "../../core/plan/targets";
import { usualKitchen } from "../../core/plan/usualKitchen";
import { usualPlan } from "../../core/plan/usualPlan";
import { KG_PER_POUND } from "../../core/units/quantity";

export interface CookedSo {
  readonly name: string;
  readonly plan: Plan;
  /** Others of the same dinner; those in one heat go in with the one before them. */
  readonly beside?: readonly { readonly name: string; readonly plan: Plan; readonly inOneHeat: boolean }[];
  /** Rows of the timetable in their order, by the beginnings of their names. */
  readonly steps: readonly string[];
  /** What has to stand on the lists or in the timetable's words. */
  readonly says: readonly RegExp[];
}

type Change = {
  [Part in keyof Plan]?: Plan[Part] extends readonly unknown[] | number | string | boolean | null
    ? Plan[Part]
    : Partial<Plan[Part]>;
};

const isPart = (value: unknown): value is object =>
  typeof value === "object" && value !== null && !Array.isArray(value);

function way(
  bird: Pick<Plan["bird"], "species" | "cut" | "massKg"> & Partial<Plan["bird"]>,
  method: Plan["method"],
  { stages, ...change }: Change = {},
): Plan {
  const usual = usualPlan({
    bird: { state: "fresh", ...bird },
    method,
    serveAt: "2026-12-20T13:00:00.000Z",
    zone: "UTC",
    equipment: { ...ROOMY },
  });
  const made: Record<string, unknown> = { ...usual, ...(stages && { stages }) };
  for (const [part, value] of Object.entries(change)) {
    const before = usual[part as keyof Plan];
    made[part] = isPart(value) && isPart(before) ? { ...before, ...value } : value;
  }
  const plan = made as Plan;
  const [low, high] = massRangeKg(plan.bird.species, plan.bird.cut);
  if (!(plan.bird.massKg >= low && plan.bird.massKg <= high))
    throw new RangeError(`${plan.bird.massKg} kg is no such bird`);
  return { ...plan, targetC: { ...targetsFor(plan, { ...plan, equipment: ROOMY }), ...change.targetC } };
}

/** A large kitchen, so that what conflicts is the way and not the room. */
const ROOMY: Plan["equipment"] = {
  ...usualKitchen(),
  hands: 2,
  thermometers: 2,
  fridgeL: 200,
  ovenCm: { width: 60, depth: 45, height: 38 },
  panCm: { length: 56, width: 40 },
  shelfCm: { width: 60, depth: 45, height: 40 },
  potL: 60,
};

const addition = (
  name: string,
  amount: number,
  unit: Plan["additions"][number]["unit"],
  when: Plan["additions"][number]["when"],
  where: Plan["additions"][number]["where"] = "over",
): Plan["additions"][number] => ({
  id: name,
  name,
  amount,
  unit,
  when,
  where,
  saltPercent: 0,
  sugarPercent: 0,
  makeMin: 0,
});

export const WAYS: readonly CookedSo[] = [
  {
    name: "whole, 325 °F and fifteen minutes a pound",
    plan: way({ species: "turkey", cut: "whole", massKg: 14 * KG_PER_POUND }, "steady", {
      finish: { kind: "time", minutes: 14 * 15 },
    }),
    steps: [
      "Open and clean",
      "Salt it all over",
      "Dry on, uncovered",
      "Dress",
      "Bird into the oven",
      "Expected out",
      "Carve",
    ],
    says: [/by time alone, after 210 min/, /a thermometer/],
  },
  {
    name: "parts with a glaze",
    plan: way({ species: "chicken", cut: "parts", massKg: 1.8 }, "parts-hot-low", {
      season: { glazePasses: 2, glazeAt: [{ atMin: 20 }, { when: { centre: "breast", reachesC: 60 } }] },
      additions: [addition("honey and mustard", 80, "g", "at-the-end")],
    }),
    steps: ["Open, clean, cut in parts", "Salt", "Dress", "Bird into the oven", "Glaze, pass 1", "Expected out"],
    says: [/honey and mustard/, /bare tray/],
  },
  {
    name: "a crown with paste over potatoes, sealed and then bare",
    plan: way({ species: "turkey", cut: "crown", massKg: 3 }, "steady", {
      season: { paste: true },
      stages: [
        { fromMin: 0, airC: 180, surface: "vegetables", wrap: "foil" },
        { fromMin: 70, airC: 200, wrap: "none" },
      ],
    }),
    steps: ["Unwrap and dry the crown", "Salt", "Dress", "Bird into the oven", "Heat to 200", "Expected out"],
    says: [/baking powder/, /bed of vegetables/, /unwrap it/],
  },
  {
    name: "brined and injected, in a smoker, out at a temperature",
    plan: way({ species: "turkey", cut: "whole", massKg: 5 }, "low-smoke", {
      fuel: "wood",
      salt: { method: "brine", brinePercent: 5, injectPercent: 0.4, saltHours: 18, dryHours: 8 },
      finish: { kind: "at-pull" },
      targetC: { breast: 71, thigh: 77 },
    }),
    steps: ["Open and clean", "Into the brine", "Uncover", "Light the wood", "Bird into the smoker", "Expected out"],
    says: [/first 20 g injected/, /injector/, /out when they show it: breast 71 °C/],
  },
  {
    name: "butter in slits, a day-long broth",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "hot-start", {
      stock: "long",
      additions: [addition("herb butter", 120, "g", "before-the-heat", "in-slits")],
    }),
    steps: [
      "Open and clean",
      "Salt",
      "Stock on",
      "Dress",
      "Bird into the oven",
      "Heat to 160",
      "Expected out",
      "Gravy",
    ],
    says: [/herb butter, 120 g into slits/, /simmered all day/],
  },
  {
    name: "flat on the open grate",
    plan: way({ species: "turkey", cut: "spatchcock", massKg: 5 }, "hot-flat", {
      heat: "covered-grill",
      fuel: "charcoal",
      stages: [{ fromMin: 0, airC: 210, surface: "grate" }],
    }),
    steps: [
      "Open, clean and flatten",
      "Salt",
      "Light",
      "Bring the heat",
      "Bird onto the covered grill",
      "Expected out",
    ],
    says: [/briquettes/, /grate with a tray under it/],
  },
  {
    name: "two birds in one pot of brine, on a spit over wood",
    plan: way({ species: "chicken", cut: "whole", massKg: 1.8, count: 2 }, "steady", {
      heat: "spit",
      fuel: "wood",
      stages: [{ fromMin: 0, airC: 180 }],
      salt: { method: "brine", saltHours: 6, dryHours: 6 },
    }),
    steps: [
      "Open and clean",
      "Into the brine",
      "Uncover",
      "Light the wood",
      "Both birds onto the spit",
      "Expected out",
    ],
    says: [/split/, /spit with a tray under it set/],
  },
  {
    name: "a hot start, basted",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "hot-start", {
      season: { basteEveryMin: 30, basteFromMin: 60, basteUntilMin: 120, basteWith: "stock and butter" },
    }),
    steps: ["Open and clean", "Bird into the oven", "Heat to 160", "Baste with stock and butter", "Expected out"],
    says: [/stock and butter/],
  },
  {
    name: "the day before, carved over vegetables and heated again",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "steady", { roasted: "day-before" }),
    steps: [
      "Open and clean",
      "Bird into the oven",
      "Expected out",
      "Carve",
      "Into shallow trays",
      "The carved meat",
      "Gravy",
    ],
    says: [/drippings over the meat/],
  },
  {
    name: "a sweet brine, to balance",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "steady", {
      salt: { method: "equilibrium", percent: 0.9, sugarShare: 0.7, saltHours: 30, dryHours: 6 },
    }),
    steps: ["Open and clean", "Into the brine", "Uncover", "Dress", "Bird into the oven"],
    says: [/sugar/, /pot or bucket/],
  },
  {
    name: "a duck breast down, with an early glaze",
    plan: way({ species: "duck", cut: "whole", massKg: 2.4 }, "breast-down", {
      season: { glazePasses: 1, glazeAt: [{ atMin: 30 }] },
    }),
    steps: ["Open and clean", "Salt", "Dress the bird: no fat", "Bird into the oven", "Glaze, pass 1", "Expected out"],
    says: [/scored through the fat/, /jar for the fat/, /turn it breast up/i],
  },
  {
    name: "a covered grill with bacon, two shields and ninety minutes of rest",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "steady", {
      heat: "covered-grill",
      season: { bacon: true, baconOff: { when: { centre: "breast", reachesC: 60 } } },
      restMin: 90,
      cover: "towels",
      stages: [
        { fromMin: 0, airC: 170, shield: "breast-and-tips" },
        { fromMin: 90, airC: 170, shield: "none" },
      ],
    }),
    steps: ["Open and clean", "Light", "Bird onto the covered grill", "Foil off", "Bacon off", "Expected out", "Carve"],
    says: [/bacon in thin slices/, /when the breast shows 60 °C/, /skewers or string/, /breast shield moulded/],
  },
  {
    name: "on a stone, with paste and a shield, heated for an hour",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "shielded", {
      season: { paste: true },
      preheat: { minutes: 60, airC: 250 },
      stages: [
        { fromMin: 0, airC: 220, surface: "hot-stone", shield: "breast" },
        { fromMin: 40, airC: 170, shield: "none" },
      ],
    }),
    steps: ["Open and clean", "Oven on at 250", "Bird into the oven", "Heat to 170", "Expected out"],
    says: [/stone or steel with a tray on it/, /turned to 220/],
  },
  {
    name: "potatoes in its tray",
    plan: way({ species: "chicken", cut: "whole", massKg: 2 }, "hot-start", {
      sides: [
        { id: "potatoes", name: "Potatoes", minutes: 60, ovenC: 200, ring: false, slot: "tray", amount: "1.5 kg" },
      ],
    }),
    steps: ["Open and clean", "Bird into the oven", "Expected out", "Gravy"],
    says: [/Potatoes: start: into the roasting tray/, /Potatoes, 1.5 kg/],
  },
  {
    name: "without a thermometer",
    plan: way({ species: "chicken", cut: "whole", massKg: 1.8 }, "steady", {
      finish: { kind: "signs" },
      equipment: { thermometers: 0 },
    }),
    steps: ["Open and clean", "Bird into the oven", "Expected out", "Carve"],
    says: [/juices of the thigh clear/, /a thermometer does/],
  },
  {
    name: "a flat chicken, out at what it shows",
    plan: way({ species: "chicken", cut: "spatchcock", massKg: 1.6 }, "hot-flat", {
      finish: { kind: "at-pull" },
      targetC: { breast: 68, thigh: 76 },
    }),
    steps: ["Open, clean and flatten", "Salt", "Bird into the oven", "Expected out"],
    says: [/out when they show it: breast 68 °C, thigh 76 °C/],
  },
  {
    name: "low smoke with a mist, wrapped with butter breast down",
    plan: way({ species: "turkey", cut: "whole", massKg: 4.5 }, "low-smoke", {
      fuel: "pellets",
      season: { fat: "none-at-first", basteEveryMin: 45, basteUntilMin: 150, basteWith: "cider vinegar" },
      stages: [
        { fromMin: 0, airC: 125 },
        { fromMin: 60, when: { centre: "breast", reachesC: 55 }, airC: 165, wrap: "foil", side: "down" },
      ],
      additions: [addition("butter", 100, "g", "into-the-wrap")],
    }),
    steps: [
      "Open and clean",
      "Fill the hopper",
      "Bird into the smoker",
      "Baste with cider vinegar",
      "Heat to 165",
      "Expected out",
    ],
    says: [/wood pellets/, /wrap it tight, with 34 g of fat, with butter, 100 g/],
  },
  {
    name: "a fitted shield, off in time for colour",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "shielded"),
    steps: ["Open and clean", "Dress", "Bird into the oven", "Heat to 160", "Foil off", "Expected out"],
    says: [/breast shield moulded/],
  },
  {
    name: "a boned breast, seared first",
    plan: way({ species: "turkey", cut: "boneless-breast", massKg: 1.5 }, "steady", {
      sear: { panC: 220, minutesPerSide: 4 },
    }),
    steps: ["Unwrap and tie", "Salt", "Dress", "Sear it", "Bird into the oven", "Expected out"],
    says: [/heavy pan/],
  },
  {
    name: "at first gold lower, and glazed once it is golden",
    plan: way({ species: "turkey", cut: "whole", massKg: 5 }, "hot-start", {
      stages: [
        { fromMin: 0, airC: 220 },
        { fromMin: 15, when: { colour: "first-gold" }, airC: 180 },
      ],
      season: { glazePasses: 1, glazeAt: [{ when: { colour: "golden" } }] },
    }),
    steps: ["Open and clean", "Bird into the oven", "Heat to 180", "Glaze, pass 1", "Expected out"],
    says: [/when it is first gold; expected about this time/, /thin, when it is golden/],
  },
  {
    name: "a salted paste made that day, under a lid and then bare",
    plan: way({ species: "chicken", cut: "whole", massKg: 2 }, "steady", {
      stages: [
        { fromMin: 0, airC: 200, wrap: "lid" },
        { fromMin: 50, airC: 210, wrap: "none" },
      ],
      salt: { percent: 0.6 },
      additions: [
        { ...addition("a paste of herbs", 40, "g", "before-the-heat", "under-the-skin"), saltPercent: 10, makeMin: 15 },
      ],
    }),
    steps: ["Open and clean", "Make: a paste of herbs", "Dress", "Bird into the oven", "Heat to 210", "Expected out"],
    says: [
      /a paste of herbs, 40 g under the skin/,
      /lid that closes/,
      /lid on, or foil sealed over the dish; 200/,
      /lid off/,
    ],
  },
  {
    name: "in a roasting bag, cut open to brown",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "steady", {
      stages: [
        { fromMin: 0, airC: 180, wrap: "bag" },
        { fromMin: 120, airC: 180, wrap: "none" },
      ],
    }),
    steps: ["Open and clean", "Bird into the oven", "Cut the bag open", "Expected out"],
    says: [/roasting bag that holds the bird loosely/, /in its bag with a spoonful of flour/, /six slits/],
  },
  {
    name: "smoked for an hour and a half, finished in the oven",
    plan: way({ species: "turkey", cut: "whole", massKg: 5 }, "low-smoke", {
      stages: [
        { fromMin: 0, airC: 120 },
        { fromMin: 90, airC: 170, movedTo: "oven" },
      ],
    }),
    steps: ["Light", "Bird into the smoker", "Oven on at 170", "Move it into the oven", "Expected out"],
    says: [/charcoal briquettes/, /into the oven at 170 °C from minute 90/, /hot by the time of the move/],
  },
  {
    name: "with the fan on at the end",
    plan: way({ species: "chicken", cut: "whole", massKg: 2 }, "steady", {
      stages: [
        { fromMin: 0, airC: 180 },
        { fromMin: 60, airC: 200, movedTo: "fan-oven" },
      ],
    }),
    steps: ["Oven on at 180", "Bird into the oven", "Fan on, heat to 200", "Expected out"],
    says: [],
  },
  {
    name: "upright on a stand",
    plan: way({ species: "chicken", cut: "whole", massKg: 2 }, "steady", {
      stages: [{ fromMin: 0, airC: 190, surface: "stand" }],
    }),
    steps: ["Oven on at 190", "Bird into the oven", "Expected out"],
    says: [/upright stand in a low tray/],
  },
  {
    name: "read in the breast alone, carved at the table, the roux into hot stock",
    plan: way({ species: "turkey", cut: "whole", massKg: 5 }, "steady", {
      decidedBy: "breast",
      carving: "from-the-bone",
      gravy: "flour-into-liquid",
      rouxFat: "butter",
      stages: [{ fromMin: 0, airC: 170, surface: "deep-pan" }],
    }),
    steps: ["Bird into the oven", "Expected out: check the breast, then rest", "To the table whole, and carve"],
    says: [
      /breast 74 °C to be seen before carving/,
      /slices from the bone/,
      /the roux whisked into it by the spoon/,
      /butter for the roux, unsalted/,
      /rack in a deep tray/,
    ],
  },
  {
    name: "a whole chicken to 82 °C, as its kitchen's guideline asks",
    plan: way({ species: "chicken", cut: "whole", massKg: 2 }, "steady", { equipment: { guideline: "whole-hotter" } }),
    steps: ["Oven on", "Bird into the oven", "Expected out: check every centre"],
    says: [/breast 82 °C, thigh 82 °C to be seen before carving/],
  },
  {
    name: "held at 70 °C for two minutes",
    plan: way({ species: "duck", cut: "whole", massKg: 2.4 }, "steady", { equipment: { guideline: "held" } }),
    steps: ["Oven on", "Bird into the oven", "Expected out"],
    says: [/breast 70 °C, thigh 70 °C to be seen before carving, and still 2 minutes later/],
  },
  {
    name: "several stocks",
    plan: way({ species: "turkey", cut: "whole", massKg: 6 }, "hot-start", {
      stock: "ahead",
      morePots: ["long", "while-roasting"],
    }),
    steps: ["Open and clean", "Stock on", "Bird into the oven", "Another pot of stock on", "Expected out"],
    says: [/bones or wings of poultry for the other stock, 2 pots full/, /simmered all day/],
  },
  {
    name: "a crown and whole legs in one heat",
    plan: way({ species: "turkey", cut: "crown", massKg: 2.1 }, "steady"),
    beside: [{ name: "Legs", plan: way({ species: "turkey", cut: "legs", massKg: 2.4 }, "steady"), inOneHeat: true }],
    steps: [
      "The first: Unwrap and dry the crown",
      "Legs: Bird into the oven",
      "Legs: Expected out",
      "The first: Expected",
    ],
    says: [/turkey, whole legs, a pair/, /Legs: table salt/],
  },
  {
    name: "boned breasts and a filled roll, with a whole bird beside them in one oven",
    plan: way({ species: "turkey", cut: "boneless-breast", massKg: 1.6, count: 2 }, "steady"),
    beside: [
      { name: "Roll", plan: way({ species: "turkey", cut: "leg-roll", massKg: 1.2 }, "steady"), inOneHeat: true },
      { name: "Bird", plan: way({ species: "chicken", cut: "whole", massKg: 1.8 }, "steady"), inOneHeat: false },
    ],
    steps: ["Bird: Open and clean", "Bird: Bird into the oven", "The first: Carve"],
    says: [/2 of 1.6 kg/, /boned leg, to be filled and rolled/, /together they give/],
  },
];
