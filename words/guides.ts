/** Guides at the board in words: what each step does and how, tools, cautions, what goes to the pot (common practice). */

import type { Cut } from "../core/bird/form";
import type { CarveStepId } from "../core/kitchen/carveGuides";
import type { CUT_STEPS, CutGuideId } from "../core/kitchen/cutGuides";
import { stringM, TIED_KG } from "../core/kitchen/cutting";
import type { UnitSystem } from "../core/units/quantity";
import { stringLength } from "./amounts";

export interface StepWords {
  readonly does: string;
  readonly how: string;
}

interface GuideWords<Id extends CutGuideId> {
  readonly name: string;
  tools(units: UnitSystem): readonly string[];
  readonly cautions: readonly string[];
  /** What is kept for the stock pot. */
  readonly toPot: readonly string[];
  readonly steps: Readonly<Record<(typeof CUT_STEPS)[Id][number], StepWords>>;
}

const RAW_BOARD = "Raw board and knife: washed hot before anything else touches them. The bird itself is not washed.";
const KNIFE_AWAY = "Blade away from the hand that holds; a damp cloth under the board.";

export const CUT_WORDS: { readonly [Id in CutGuideId]: GuideWords<Id> } = {
  truss: {
    name: "Tie it",
    tools: (units) => [`kitchen string, ${stringLength(stringM("whole", TIED_KG), units)}`],
    cautions: ["Tied tight, the thigh takes longer. Loose is enough."],
    toPot: ["neck", "giblets, liver left out"],
    steps: {
      "tuck-wings": {
        does: "Tuck the wing tips",
        how: "Bend each wing tip up and under the back: it stands steady, and the tips do not burn.",
      },
      "loop-ankles": {
        does: "Loop the ankles",
        how: "Middle of the string under the tail, both ends up, crossed over the drumstick ends, drawn tight.",
      },
      "along-body": {
        does: "Along the body and round the neck",
        how: "The ends run between thigh and breast, over the wings, and are tied at the neck. Not too tight: heat must reach the thigh.",
      },
    },
  },
  spatchcock: {
    name: "Spatchcock it",
    tools: () => ["poultry shears", "a heavy knife", "board with a groove"],
    cautions: ["Cut ribs are sharp.", RAW_BOARD],
    toPot: ["backbone, chopped in three", "neck", "giblets, liver left out", "wishbone"],
    steps: {
      "backbone-out": {
        does: "Cut out the backbone",
        how: "Breast down. Shears along both sides of the backbone, from the tail to the neck, through the ribs.",
      },
      "wishbone-out": {
        does: "Take out the wishbone",
        how: "Feel for it at the neck, cut along both arms, pull it out: the breast is carved without it.",
      },
      flatten: {
        does: "Flatten it",
        how: "Breast up. Nick the cartilage inside, then the heel of the hand on the breastbone until it cracks and lies flat.",
      },
      "legs-in": {
        does: "Turn the legs in, tuck the wings",
        how: "Knees together, wing tips under. It lies no thicker than a hand, and cooks as evenly.",
      },
    },
  },
  parts: {
    name: "Cut it in parts",
    tools: () => ["a boning knife", "poultry shears", "a heavy knife"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["back", "wing tips", "neck", "giblets, liver left out"],
    steps: {
      "legs-off": {
        does: "Take off the legs",
        how: "Skin between thigh and breast first. Bend the leg out until the hip pops, then through the joint, close to the back.",
      },
      "thigh-from-drumstick": {
        does: "Part thigh and drumstick",
        how: "Along the line of fat on the inside of the knee: the knife falls through the joint.",
      },
      "wings-off": {
        does: "Take off the wings",
        how: "Pull the wing out, find the joint with a finger, cut through it. The tip goes to the pot.",
      },
      "back-off": {
        does: "Part breast and back",
        how: "Shears through the thin ribs on both sides, from the tail to the shoulder.",
      },
      "halve-breast": {
        does: "Halve the breast",
        how: "A heavy knife down one side of the breastbone. A finger of room between the pieces, skin up.",
      },
    },
  },
  crown: {
    name: "Make a crown",
    tools: () => ["a boning knife", "poultry shears"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["back", "wings", "neck", "giblets, liver left out"],
    steps: {
      "legs-off": {
        does: "Take off the legs",
        how: "Skin between thigh and breast, hip popped, through the joint. The legs make a roast of their own.",
      },
      "wings-off": {
        does: "Take off the wings",
        how: "At the shoulder, or leave the first bone on: it keeps the breast upright.",
      },
      "back-off": {
        does: "Cut away the back",
        how: "Shears along the thin ribs on both sides up to the shoulder; bend the back off.",
      },
      "the-crown": {
        does: "The crown",
        how: "Breast on the bone, skin whole. It stands by itself and carves in slices.",
      },
    },
  },
  legs: {
    name: "Take off the legs",
    tools: () => ["a boning knife"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["loose skin and trimmings"],
    steps: {
      "legs-off": {
        does: "Take off the legs",
        how: "Skin between thigh and breast, hip popped, through the joint; the oyster of the back comes with the thigh. Thigh and drumstick stay one.",
      },
      "free-ends": {
        does: "Free the ends",
        how: "A cut around each drumstick's end, through skin and sinews to the bone: the meat draws back, and carves clean.",
      },
      "the-legs": { does: "The legs", how: "Skin up, a finger apart, the knee bent as it lies by itself." },
    },
  },
  "boneless-breast": {
    name: "Bone the breast",
    tools: (units) => [
      "a boning knife, sharp",
      `for a large one kitchen string, ${stringLength(stringM("boneless-breast", TIED_KG), units)}`,
    ],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["carcass", "wishbone", "wings"],
    steps: {
      "wishbone-out": { does: "Free the wishbone", how: "Cut along both of its arms at the neck and pull it out." },
      "along-breastbone": {
        does: "Down the breastbone",
        how: "One long cut close beside the bone, then short strokes with the tip against the ribs. The fillet comes with it.",
      },
      "outer-edge": {
        does: "Round the outer edge",
        how: "Peel the breast outward and cut it free along the ribs to the shoulder joint. Leave all of the skin on.",
      },
      tie: {
        does: "Tie a large one",
        how: "Of a turkey: thin end folded under, a loop of string every three fingers, snug and no more. A small one lies flat.",
      },
    },
  },
  "leg-roll": {
    name: "Bone, fill and tie the leg",
    tools: (units) => ["a boning knife, sharp", `kitchen string, ${stringLength(stringM("leg-roll", TIED_KG), units)}`],
    cautions: ["A raw-meat stuffing has to reach the guideline in its middle too.", KNIFE_AWAY, RAW_BOARD],
    toPot: ["thigh bone and drumstick bone", "sinews"],
    steps: {
      "leg-off": {
        does: "Take off the leg whole",
        how: "Skin between thigh and breast, hip popped, through the joint.",
      },
      "along-bones": {
        does: "Along the bones",
        how: "Skin down. Cut to the thigh bone, along it, round the knee, and on along the drumstick; scrape the meat back and lift the bones out.",
      },
      "pull-sinews": {
        does: "Pull the sinews",
        how: "From the drumstick, each white strap held with a cloth and scraped along. What stays is chewy.",
      },
      "fill-and-tie": {
        does: "Fill, roll and tie",
        how: "Open it out, stuffing in a thin layer, roll with the skin outside, loops of string every three fingers.",
      },
    },
  },
  "score-skin": {
    name: "Score the skin, trim the fat",
    tools: () => ["a very sharp small blade"],
    cautions: ["Cut into the meat, it bleeds and dries there.", RAW_BOARD],
    toPot: ["neck", "giblets, liver left out"],
    steps: {
      "trim-fat": {
        does: "Trim the fat",
        how: "The loose lobes inside the cavity at the tail and the flap of neck skin. Melt it gently and keep it.",
      },
      "score-breast": {
        does: "Score the breast",
        how: "A very sharp blade through skin and fat, never the meat: it is red, the fat is white. A finger apart, crosswise.",
      },
      prick: {
        does: "Prick thighs and flanks",
        how: "The tip of the blade flat under the skin, every two fingers, where the fat is thickest.",
      },
    },
  },
};

export const CARVE_WORDS: Readonly<Record<CarveStepId, StepWords>> = {
  "stuffing-out": {
    does: "Stuffing out",
    how: "All of it, with a spoon, into a warm dish, before any cut. What is left of it goes into the fridge by itself, within two hours.",
  },
  "legs-off": {
    does: "Legs off",
    how: "Knife into the crease, leg bent outwards until the hip shows, through the joint. The oyster on the back comes with the thigh.",
  },
  "thigh-from-drumstick": {
    does: "Thigh from drumstick",
    how: "Through the knee. The thigh off its bone and sliced; the drumstick whole, or its meat off for a small plate.",
  },
  "breast-off": {
    does: "Breast off the bone",
    how: "Down one side of the breastbone, along the ribs to the wing, and off in one piece; then the other.",
  },
  "slice-breast": {
    does: "Slice the breast",
    how: "Skin side up, across the grain: it runs from neck to tail, so the knife goes across. Skin stays on each slice.",
  },
  "level-cut": {
    does: "A level cut",
    how: "Just above the wing, in to the ribs, along the whole breast: every slice ends on it.",
  },
  "slice-from-bone": {
    does: "Slices from the bone",
    how: "Straight down to that cut, thin, from the outside inwards, skin on each. Then turn it round for the other side.",
  },
  "wings-off": {
    does: "Wings off",
    how: "At the shoulder. On a platter: breast in the middle, dark meat around, warm juices over it, not the skin.",
  },
  "strings-off": {
    does: "String off",
    how: "Each loop cut beside its knot and drawn out, before the knife goes in; count them, so that none is served.",
  },
  slice: {
    does: "Slice it",
    how: "Across the grain, which runs the long way: slices as thick as a finger is wide, held together, onto the platter in one.",
  },
};

/** @param isForTomorrow carved the day before it is eaten */
export const carvingTools = (isForTomorrow: boolean): readonly string[] => [
  "a long sharp knife",
  "a board with a groove",
  isForTomorrow ? "shallow trays" : "a warm platter",
  "a fork that holds and does not stab",
];

/** What the carved bones give a broth. */
export const BROTH_OF: Readonly<Record<Cut, readonly string[]>> = {
  whole: ["carcass", "leg bones", "wing tips", "skin nobody wants"],
  spatchcock: ["carcass", "leg bones", "wing tips", "skin nobody wants"],
  parts: ["carcass", "leg bones", "wing tips", "skin nobody wants"],
  crown: ["breastbone and ribs"],
  legs: ["leg bones"],
  "boneless-breast": [],
  "leg-roll": [],
};

/** @param step one of the guide's own: each has its words, or this file is a type error */
export const cutStepWords = (id: CutGuideId, step: string): StepWords =>
  (CUT_WORDS[id].steps as Readonly<Record<string, StepWords>>)[step] as StepWords;
