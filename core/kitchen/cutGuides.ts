/**
 * How a bird is tied, flattened, jointed, boned and scored: steps with the lines to cut along, laid on the bird's own
 * anatomy. Order, tools and minutes are common practice.
 */
import { ANATOMY, type Anatomy, type Species } from "../bird/anatomy";
import type { DrawingView } from "../bird/drawing";
import type { Cut, FormChoice } from "../bird/form";
import { between, type GuideLine, line, type Places, pieceLoops, placesOf } from "./cutPlaces";

export const CUT_GUIDES = [
  "truss",
  "spatchcock",
  "parts",
  "crown",
  "legs",
  "boneless-breast",
  "leg-roll",
  "duck-skin",
] as const;
export type CutGuideId = (typeof CUT_GUIDES)[number];

export interface CutStep {
  readonly does: string;
  readonly how: string;
  readonly form: Pick<FormChoice, "cut" | "legs">;
  readonly view: DrawingView;
  readonly lines: readonly GuideLine[];
}

export interface CutGuide {
  readonly id: CutGuideId;
  readonly name: string;
  readonly minutes: number;
  readonly tools: readonly string[];
  readonly cautions: readonly string[];
  /** What is kept for the stock pot. */
  readonly toPot: readonly string[];
  readonly steps: readonly CutStep[];
}

type Steps = (bird: Anatomy, places: Places) => readonly CutStep[];

const WHOLE = { cut: "whole", legs: "tied" } as const;
const OPEN = { cut: "whole", legs: "open" } as const;

const TRUSS: Steps = (_, { shoulder, wingTip, ankle, tailY, knee, breastEdge }) => [
  {
    does: "Tuck the wing tips",
    how: "Bend each wing tip up and under the back: it stands steady, and the tips do not burn.",
    form: OPEN,
    view: "breast",
    lines: [line("press", [wingTip])],
  },
  {
    does: "Loop the ankles",
    how: "Middle of the string under the tail, both ends up, crossed over the drumstick ends, drawn tight.",
    form: WHOLE,
    view: "breast",
    lines: [
      line("string", [
        [0, tailY, ankle[2]],
        [ankle[0] * 1.5, ankle[1] + 0.004, ankle[2]],
        [0, ankle[1] + 0.016, 0.03],
      ]),
    ],
  },
  {
    does: "Along the body and round the neck",
    how: "The ends run between thigh and breast, over the wings, and are tied at the neck. Not too tight: heat must reach the thigh.",
    form: WHOLE,
    view: "side",
    lines: [
      line(
        "string",
        [ankle, knee, ...[...breastEdge].reverse().slice(1, 3), shoulder, [0, shoulder[1] + 0.02, 0]],
        false,
      ),
    ],
  },
];

const SPATCHCOCK: Steps = ({ wishbone, keel }, { backX, tailY, neckY }) => [
  {
    does: "Cut out the backbone",
    how: "Breast down. Shears along both sides of the backbone, from the tail to the neck, through the ribs.",
    form: WHOLE,
    view: "back",
    lines: [
      line("cut", [
        [backX * 0.6, tailY + 0.02, 0],
        [backX, tailY + 0.09, 0],
        [backX * 1.05, 0, 0],
        [backX * 0.9, neckY - 0.02, 0],
      ]),
    ],
  },
  {
    does: "Take out the wishbone",
    how: "Feel for it at the neck, cut along both arms, pull it out: the breast is carved without it.",
    form: WHOLE,
    view: "breast",
    lines: [line("cut", [wishbone.from, between(wishbone.from, wishbone.to, 0.5), wishbone.to])],
  },
  {
    does: "Flatten it",
    how: "Breast up. Nick the cartilage inside, then the heel of the hand on the breastbone until it cracks and lies flat.",
    form: WHOLE,
    view: "breast",
    lines: [line("press", [[0, keel.centre[1], 0.08]], false)],
  },
  {
    does: "Turn the legs in, tuck the wings",
    how: "Knees together, wing tips under. It lies no thicker than a hand, and cooks as evenly.",
    form: { cut: "spatchcock", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

/** The two ways in that most cuts begin with. */
const legsOff = ({ crease }: Places, does: string, how: string): CutStep => ({
  does,
  how,
  form: OPEN,
  view: "side",
  lines: [line("cut", crease, false)],
});
const wingsOff = ({ acrossShoulder }: Places, how: string): CutStep => ({
  does: "Take off the wings",
  how,
  form: WHOLE,
  view: "side",
  lines: [line("cut", acrossShoulder, false)],
});
/** Both sides of the back, through the thin ribs; how far out decides what stays with the breast. */
const backOff = ({ backX, tailY, neckY }: Places, does: string, how: string, out: number): CutStep => ({
  does,
  how,
  form: WHOLE,
  view: "back",
  lines: [
    line("cut", [
      [backX * 1.5, tailY + 0.06, 0],
      [backX * out, tailY + 0.125, 0],
      [backX * (out + 0.1), 0, 0],
      [backX * (out - 0.2), neckY - 0.03, 0],
    ]),
  ],
});

const PARTS: Steps = (_, places) => [
  legsOff(
    places,
    "Take off the legs",
    "Skin between thigh and breast first. Bend the leg out until the hip pops, then through the joint, close to the back.",
  ),
  {
    does: "Part thigh and drumstick",
    how: "Along the line of fat on the inside of the knee: the knife falls through the joint.",
    form: WHOLE,
    view: "side",
    lines: [line("cut", places.acrossKnee, false)],
  },
  wingsOff(places, "Pull the wing out, find the joint with a finger, cut through it. The tip goes to the pot."),
  backOff(
    places,
    "Part breast and back",
    "Shears through the thin ribs on both sides, from the tail to the shoulder.",
    2,
  ),
  {
    does: "Halve the breast",
    how: "A heavy knife down one side of the breastbone. A finger of room between the pieces, skin up.",
    form: { cut: "parts", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

const LEGS: Steps = (_, places) => [
  legsOff(
    places,
    "Take off the legs",
    "Skin between thigh and breast, hip popped, through the joint; the oyster of the back comes with the thigh. Thigh and drumstick stay one.",
  ),
  {
    does: "Free the ends",
    how: "A cut around each drumstick's end, through skin and sinews to the bone: the meat draws back, and carves clean.",
    form: OPEN,
    view: "side",
    lines: [line("cut", [between(places.knee, places.ankle, 0.86), between(places.knee, places.ankle, 0.92)], false)],
  },
  {
    does: "The legs",
    how: "Skin up, a finger apart, the knee bent as it lies by itself.",
    form: { cut: "legs", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

const CROWN: Steps = (_, places) => [
  legsOff(
    places,
    "Take off the legs",
    "Skin between thigh and breast, hip popped, through the joint. The legs make a roast of their own.",
  ),
  wingsOff(places, "At the shoulder, or leave the first bone on: it keeps the breast upright."),
  backOff(
    places,
    "Cut away the back",
    "Shears along the thin ribs on both sides up to the shoulder; bend the back off.",
    2.1,
  ),
  {
    does: "The crown",
    how: "Breast on the bone, skin whole. It stands by itself and carves in slices.",
    form: { cut: "crown", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

const BREAST: Steps = ({ species, wishbone }, { breastBone, breastEdge }) => [
  {
    does: "Free the wishbone",
    how: "Cut along both of its arms at the neck and pull it out.",
    form: WHOLE,
    view: "breast",
    lines: [line("cut", [wishbone.from, between(wishbone.from, wishbone.to, 0.5), wishbone.to])],
  },
  {
    does: "Down the breastbone",
    how: "One long cut close beside the bone, then short strokes with the tip against the ribs. The fillet comes with it.",
    form: WHOLE,
    view: "breast",
    lines: [line("cut", breastBone)],
  },
  {
    does: "Round the outer edge",
    how: "Peel the breast outward and cut it free along the ribs to the shoulder joint. Leave all of the skin on.",
    form: WHOLE,
    view: "side",
    lines: [line("cut", breastEdge, false)],
  },
  {
    does: "Tie it",
    how: "Thin end folded under, a loop of string every three fingers, snug and no more.",
    form: { cut: "boneless-breast", legs: "tied" },
    view: "breast",
    lines: pieceLoops(species, "boneless-breast", 4),
  },
];

const LEG: Steps = ({ species, thigh, drumstick }, places) => {
  const { knee, ankle } = places;
  return [
    legsOff(places, "Take off the leg whole", "Skin between thigh and breast, hip popped, through the joint."),
    {
      does: "Along the bones",
      how: "Skin down. Cut to the thigh bone, along it, round the knee, and on along the drumstick; scrape the meat back and lift the bones out.",
      form: OPEN,
      view: "side",
      lines: [
        line(
          "cut",
          [
            [thigh.centre[0], thigh.centre[1] - thigh.radii[1] * 0.7, thigh.centre[2] - 0.02],
            thigh.centre,
            places.knee,
            places.ankle,
          ],
          false,
        ),
        line("press", [between(knee, ankle, 0.75)], false),
      ],
    },
    {
      does: "Pull the sinews",
      how: "From the drumstick, each white strap held with a cloth and scraped along. What stays is chewy.",
      form: OPEN,
      view: "side",
      lines: [
        line("trim", [between(knee, ankle, 0.35), between(knee, ankle, 0.95)], false),
        line(
          "trim",
          [[knee[0], knee[1] - 0.03, knee[2] - drumstick.radiusFrom * 0.4], between(knee, ankle, 0.9)],
          false,
        ),
      ],
    },
    {
      does: "Fill, roll and tie",
      how: "Open it out, filling in a thin layer, roll with the skin outside, loops of string every three fingers.",
      form: { cut: "leg-roll", legs: "tied" },
      view: "breast",
      lines: pieceLoops(species, "leg-roll", 5),
    },
  ];
};

const DUCK_SKIN: Steps = ({ breast, thigh }, { tailY, neckY }) => {
  const [bx, by] = breast.centre;
  const [, length, width] = breast.radii;
  const slant = (share: number, turned: boolean): GuideLine => {
    const y = by + share * length;
    const half = 0.75 * width * Math.sqrt(1 - Math.min(1, share * share));
    const rise = (turned ? -1 : 1) * 0.22 * length;
    return line("score", [
      [bx - half, y - rise, 0],
      [bx + half, y + rise, 0],
    ]);
  };
  return [
    {
      does: "Trim the fat",
      how: "The loose lobes inside the cavity at the tail and the flap of neck skin. Melt it gently and keep it.",
      form: WHOLE,
      view: "breast",
      lines: [line("trim", [[0, tailY + 0.025, 0]], false), line("trim", [[0, neckY - 0.012, 0]], false)],
    },
    {
      does: "Score the breast",
      how: "A very sharp blade through skin and fat, never the meat: it is red, the fat is white. A finger apart, crosswise.",
      form: WHOLE,
      view: "breast",
      lines: [-0.6, -0.3, 0, 0.3, 0.6].flatMap((share) => [slant(share, false), slant(share, true)]),
    },
    {
      does: "Prick thighs and flanks",
      how: "The tip of the blade flat under the skin, every two fingers, where the fat is thickest.",
      form: WHOLE,
      view: "side",
      lines: [-0.5, 0, 0.5].flatMap((share) =>
        [-0.4, 0.2].map((high) =>
          line(
            "press",
            [[0, thigh.centre[1] + share * 2 * thigh.radii[1], thigh.centre[2] + high * thigh.radii[2]]],
            false,
          ),
        ),
      ),
    },
  ];
};

interface Told extends Omit<CutGuide, "id" | "steps"> {
  readonly steps: Steps;
}

const RAW_BOARD = "Raw board and knife: washed hot before anything else touches them. The bird itself is not washed.";
const KNIFE_AWAY = "Blade away from the hand that holds; a damp cloth under the board.";

const GUIDES: Record<CutGuideId, Told> = {
  truss: {
    name: "Tie it",
    minutes: 5,
    tools: ["kitchen string, 1 m"],
    cautions: ["Tied tight, the thigh takes longer. Loose is enough."],
    toPot: ["neck", "giblets, liver left out"],
    steps: TRUSS,
  },
  spatchcock: {
    name: "Spatchcock it",
    minutes: 15,
    tools: ["poultry shears", "a heavy knife", "board with a groove"],
    cautions: ["Cut ribs are sharp.", RAW_BOARD],
    toPot: ["backbone, chopped in three", "neck", "giblets, liver left out", "wishbone"],
    steps: SPATCHCOCK,
  },
  parts: {
    name: "Joint it",
    minutes: 30,
    tools: ["a boning knife", "poultry shears", "a heavy knife"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["back", "wing tips", "neck", "giblets, liver left out"],
    steps: PARTS,
  },
  crown: {
    name: "Make a crown",
    minutes: 20,
    tools: ["a boning knife", "poultry shears"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["back", "wings", "neck", "giblets, liver left out"],
    steps: CROWN,
  },
  legs: {
    name: "Take off the legs",
    minutes: 10,
    tools: ["a boning knife"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["loose skin and trimmings"],
    steps: LEGS,
  },
  "boneless-breast": {
    name: "Bone and tie the breast",
    minutes: 20,
    tools: ["a boning knife, sharp", "kitchen string, 2 m"],
    cautions: [KNIFE_AWAY, RAW_BOARD],
    toPot: ["carcass", "wishbone", "wings"],
    steps: BREAST,
  },
  "leg-roll": {
    name: "Bone, fill and tie the leg",
    minutes: 30,
    tools: ["a boning knife, sharp", "kitchen string, 3 m"],
    cautions: ["A raw-meat filling has to reach the guideline in its middle too.", KNIFE_AWAY, RAW_BOARD],
    toPot: ["thigh bone and drumstick bone", "sinews"],
    steps: LEG,
  },
  "duck-skin": {
    name: "Score the skin, trim the fat",
    minutes: 10,
    tools: ["a very sharp small blade"],
    cautions: ["Cut into the meat, it bleeds and dries there.", RAW_BOARD],
    toPot: ["neck", "giblets, liver left out"],
    steps: DUCK_SKIN,
  },
};

export function cutGuide(id: CutGuideId, species: Species): CutGuide {
  const anatomy = ANATOMY[species];
  const { steps, ...told } = GUIDES[id];
  return { id, ...told, steps: steps(anatomy, placesOf(anatomy)) };
}

/** What there is to do at the board for a bird, in its order. */
export function guidesFor({ species, cut, legs }: { species: Species; cut: Cut; legs: "tied" | "open" }): CutGuideId[] {
  const first: CutGuideId[] = cut === "whole" ? (legs === "tied" ? ["truss"] : []) : [cut];
  return species === "duck" ? ["duck-skin", ...first] : first;
}
