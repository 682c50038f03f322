/**
 * How a bird is tied, flattened, jointed, boned and scored: steps with the lines to cut along, laid on the bird's own
 * anatomy. Order and minutes are common practice.
 */

import type { Anatomy } from "../bird/anatomy";
import type { DrawingView } from "../bird/drawing";
import type { Cut, FormChoice } from "../bird/form";
import { ANATOMY, SPECIES_RECORDS, type Species } from "../bird/species";
import { between } from "../bird/vector";
import { type GuideLine, line, type Places, pieceLoops, placesOf } from "./cutPlaces";

/** Steps of each guide, in their order. */
export const CUT_STEPS = {
  truss: ["tuck-wings", "loop-ankles", "along-body"],
  spatchcock: ["backbone-out", "wishbone-out", "flatten", "legs-in"],
  parts: ["legs-off", "thigh-from-drumstick", "wings-off", "back-off", "halve-breast"],
  crown: ["legs-off", "wings-off", "back-off", "the-crown"],
  legs: ["legs-off", "free-ends", "the-legs"],
  "boneless-breast": ["wishbone-out", "along-breastbone", "outer-edge", "tie"],
  "leg-roll": ["leg-off", "along-bones", "pull-sinews", "fill-and-tie"],
  "score-skin": ["trim-fat", "score-breast", "prick"],
} as const;
export type CutGuideId = keyof typeof CUT_STEPS;
export const CUT_GUIDES = Object.keys(CUT_STEPS) as CutGuideId[];

/** What is drawn of a step: on which bird, seen from where, with which lines. */
export interface Drawn {
  readonly form: Pick<FormChoice, "cut" | "legs">;
  readonly view: DrawingView;
  readonly lines: readonly GuideLine[];
}
/** A step of a guide; its words are the edge's. */
export type Step<Id extends string> = Drawn & { readonly id: Id };

export interface CutGuide<Id extends CutGuideId = CutGuideId> {
  readonly id: Id;
  readonly minutes: number;
  readonly steps: readonly Step<(typeof CUT_STEPS)[Id][number]>[];
}

type Steps = (bird: Anatomy, places: Places, species: Species) => readonly Drawn[];

const WHOLE = { cut: "whole", legs: "tied" } as const;
const OPEN = { cut: "whole", legs: "open" } as const;

const TRUSS: Steps = (_, { shoulder, wingTip, ankle, aroundAnkles, knee, breastEdge }) => [
  {
    form: OPEN,
    view: "breast",
    lines: [line("press", [wingTip])],
  },
  {
    form: WHOLE,
    view: "breast",
    lines: [line("string", aroundAnkles)],
  },
  {
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
    form: WHOLE,
    view: "breast",
    lines: [line("cut", [wishbone.from, between(wishbone.from, wishbone.to, 0.5), wishbone.to])],
  },
  {
    form: WHOLE,
    view: "breast",
    lines: [line("press", [[0, keel.centre[1], 0.08]], false)],
  },
  {
    form: { cut: "spatchcock", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

/** The two ways in that most cuts begin with. */
const legsOff = ({ crease }: Places): Drawn => ({
  form: OPEN,
  view: "side",
  lines: [line("cut", crease, false)],
});
const wingsOff = ({ acrossShoulder }: Places): Drawn => ({
  form: WHOLE,
  view: "side",
  lines: [line("cut", acrossShoulder, false)],
});
/** Both sides of the back, through the thin ribs; how far out decides what stays with the breast. */
const backOff = ({ backX, tailY, neckY }: Places, out: number): Drawn => ({
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
  legsOff(places),
  {
    form: WHOLE,
    view: "side",
    lines: [line("cut", places.acrossKnee, false)],
  },
  wingsOff(places),
  backOff(places, 2),
  {
    form: { cut: "parts", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

const LEGS: Steps = (_, places) => [
  legsOff(places),
  {
    form: OPEN,
    view: "side",
    lines: [line("cut", [between(places.knee, places.ankle, 0.86), between(places.knee, places.ankle, 0.92)], false)],
  },
  {
    form: { cut: "legs", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

const CROWN: Steps = (_, places) => [
  legsOff(places),
  wingsOff(places),
  backOff(places, 2.1),
  {
    form: { cut: "crown", legs: "tied" },
    view: "breast",
    lines: [],
  },
];

/** Where the fat is to run out, it is not tied: it lies flat, on its skin. */
const BREAST: Steps = ({ wishbone }, { breastBone, breastEdge }, species) => [
  {
    form: WHOLE,
    view: "breast",
    lines: [line("cut", [wishbone.from, between(wishbone.from, wishbone.to, 0.5), wishbone.to])],
  },
  {
    form: WHOLE,
    view: "breast",
    lines: [line("cut", breastBone)],
  },
  {
    form: WHOLE,
    view: "side",
    lines: [line("cut", breastEdge, false)],
  },
  ...(SPECIES_RECORDS[species].rendersFat
    ? []
    : [
        {
          form: { cut: "boneless-breast", legs: "tied" } as const,
          view: "breast" as const,
          lines: pieceLoops(species, "boneless-breast", 4),
        },
      ]),
];

const LEG: Steps = ({ thigh, drumstick }, places, species) => {
  const { knee, ankle } = places;
  return [
    legsOff(places),
    {
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
      form: { cut: "leg-roll", legs: "tied" },
      view: "breast",
      lines: pieceLoops(species, "leg-roll", 5),
    },
  ];
};

const SCORE_SKIN: Steps = ({ breast, thigh }, { tailY, neckY }) => {
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
      form: WHOLE,
      view: "breast",
      lines: [line("trim", [[0, tailY + 0.025, 0]], false), line("trim", [[0, neckY - 0.012, 0]], false)],
    },
    {
      form: WHOLE,
      view: "breast",
      lines: [-0.6, -0.3, 0, 0.3, 0.6].flatMap((share) => [slant(share, false), slant(share, true)]),
    },
    {
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

/** Minutes of each, and what is drawn of its steps. */
const GUIDES: Record<CutGuideId, { readonly minutes: number; readonly steps: Steps }> = {
  truss: { minutes: 5, steps: TRUSS },
  spatchcock: { minutes: 15, steps: SPATCHCOCK },
  parts: { minutes: 30, steps: PARTS },
  crown: { minutes: 20, steps: CROWN },
  legs: { minutes: 10, steps: LEGS },
  "boneless-breast": { minutes: 20, steps: BREAST },
  "leg-roll": { minutes: 30, steps: LEG },
  "score-skin": { minutes: 10, steps: SCORE_SKIN },
};

export function cutGuide<Id extends CutGuideId>(id: Id, species: Species): CutGuide<Id> {
  const anatomy = ANATOMY[species];
  const { minutes, steps } = GUIDES[id];
  const names: readonly (typeof CUT_STEPS)[Id][number][] = CUT_STEPS[id];
  const drawn = steps(anatomy, placesOf(anatomy), species);
  return {
    id,
    minutes,
    steps: names.flatMap((name, n) => {
      const step = drawn[n];
      return step ? [{ ...step, id: name }] : [];
    }),
  };
}

/** What there is to do at the board for a bird, in its order. */
export function guidesFor({ species, cut, legs }: { species: Species; cut: Cut; legs: "tied" | "open" }): CutGuideId[] {
  const first: CutGuideId[] = cut === "whole" ? (legs === "tied" ? ["truss"] : []) : [cut];
  return SPECIES_RECORDS[species].rendersFat ? ["score-skin", ...first] : first;
}
