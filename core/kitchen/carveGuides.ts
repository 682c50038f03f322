/** Carving by cut of bird: the order of the knife, drawn on the bird's own solid (common practice). */

import type { BirdForm, Cut } from "../bird/form";
import { ANATOMY, type Species } from "../bird/species";
import type { Drawn, Step } from "./cutGuides";
import { line, pieceLoops, placesOf } from "./cutPlaces";

export type CarveStepId =
  | "stuffing-out"
  | "legs-off"
  | "thigh-from-drumstick"
  | "breast-off"
  | "slice-breast"
  /** Of a breast that stays on its bones: a cut for its slices to end on, and the slices down to it. */
  | "level-cut"
  | "slice-from-bone"
  | "wings-off"
  | "strings-off"
  /** Where there is no bone: across the grain, which runs along the piece. */
  | "slice";

const FROM_BONES: readonly CarveStepId[] = [
  "legs-off",
  "thigh-from-drumstick",
  "breast-off",
  "slice-breast",
  "wings-off",
];

/** What is done for what lies on the board. Of parts, legs and wings are off already. */
const ORDER: Readonly<Record<Cut, readonly CarveStepId[]>> = {
  whole: FROM_BONES,
  spatchcock: FROM_BONES,
  parts: ["thigh-from-drumstick", "slice-breast"],
  crown: ["breast-off", "slice-breast"],
  legs: ["thigh-from-drumstick"],
  "boneless-breast": ["slice"],
  "leg-roll": ["slice"],
};

/** Slice by slice where it lies. */
const ON_THE_BONE: Readonly<Partial<Record<Cut, readonly CarveStepId[]>>> = {
  whole: ["legs-off", "thigh-from-drumstick", "level-cut", "slice-from-bone", "wings-off"],
  crown: ["level-cut", "slice-from-bone"],
};

const OPEN = { cut: "whole", legs: "open" } as const;
const WHOLE = { cut: "whole", legs: "tied" } as const;

function drawnOf(id: CarveStepId, species: Species, piece: Cut): Drawn {
  const { crease, breastBone, acrossKnee, acrossShoulder, acrossBreast, breastEdge, alongBreast, aroundAnkles } =
    placesOf(ANATOMY[species]);
  switch (id) {
    case "stuffing-out":
      return { form: OPEN, view: "side", lines: [] };
    case "legs-off":
      return { form: OPEN, view: "side", lines: [line("cut", crease, false)] };
    case "thigh-from-drumstick":
      return { form: WHOLE, view: "side", lines: [line("cut", acrossKnee, false)] };
    case "breast-off":
      return { form: WHOLE, view: "breast", lines: [line("cut", breastBone)] };
    case "slice-breast":
      return { form: WHOLE, view: "breast", lines: acrossBreast.map((points) => line("cut", points)) };
    case "level-cut":
      return { form: WHOLE, view: "side", lines: [line("cut", breastEdge, false)] };
    case "slice-from-bone":
      return { form: WHOLE, view: "breast", lines: alongBreast.map((points) => line("cut", points)) };
    case "wings-off":
      return { form: WHOLE, view: "side", lines: [line("cut", acrossShoulder, false)] };
    case "strings-off":
      return {
        form: { cut: piece, legs: "tied" },
        view: "breast",
        lines: piece === "whole" ? [line("string", aroundAnkles)] : pieceLoops(species, piece, 4),
      };
    case "slice": {
      const loops = pieceLoops(species, piece, 5);
      const lines = loops.map((loop) => ({ ...loop, mark: "cut" as const }));
      return { form: { cut: piece, legs: "tied" }, view: "breast", lines };
    }
  }
}

interface AsItLies {
  readonly cavity?: BirdForm["cavity"];
  /** It stands on the table. */
  readonly fromBone?: boolean;
  /** In its string: a whole bird, or a piece without bones. */
  readonly isTied?: boolean;
}

/** Steps in order, for what lies on the board; a crown is drawn as it stands. */
export const carveSteps = (
  species: Species,
  piece: Cut,
  { cavity = "empty", fromBone = false, isTied = false }: AsItLies = {},
): readonly Step<CarveStepId>[] =>
  [
    ...(isTied ? (["strings-off"] as const) : []),
    ...(cavity === "stuffed" ? (["stuffing-out"] as const) : []),
    ...((fromBone && ON_THE_BONE[piece]) || ORDER[piece]),
  ].map((id) => {
    const drawn = drawnOf(id, species, piece);
    return {
      id,
      ...(piece === "crown" ? { ...drawn, form: { cut: "crown", legs: "tied" } as const } : drawn),
    };
  });
