/** Carving by cut of bird: the order of the knife, drawn on the bird's own solid (common practice). */
import { ANATOMY, type Species } from "../bird/anatomy";
import type { Cut } from "../bird/form";
import type { CutStep } from "./cutGuides";
import { line, pieceLoops, placesOf } from "./cutPlaces";

export interface CarveGuide {
  readonly steps: readonly CutStep[];
  readonly tools: readonly string[];
  readonly toPot: readonly string[];
}

const OPEN = { cut: "whole", legs: "open" } as const;
const WHOLE = { cut: "whole", legs: "tied" } as const;

/** Where there is no bone: across the grain, which runs along the piece. */
function sliced(species: Species, piece: Cut, does: string): CutStep {
  return {
    does,
    how: "Strings off. Across the grain, which runs the long way: slices as thick as a finger is wide, held together, onto the platter in one.",
    form: { cut: piece, legs: "tied" },
    view: "breast",
    lines: pieceLoops(species, piece, 5).map((loop) => ({ ...loop, mark: "cut" as const })),
  };
}

function fromBones(species: Species): readonly CutStep[] {
  const { crease, breastBone, acrossKnee, acrossShoulder, acrossBreast } = placesOf(ANATOMY[species]);
  return [
    {
      does: "Legs off",
      how: "Knife into the crease, leg bent outwards until the hip shows, through the joint. The oyster on the back comes with the thigh.",
      form: OPEN,
      view: "side",
      lines: [line("cut", crease, false)],
    },
    {
      does: "Thigh from drumstick",
      how: "Through the knee. The thigh off its bone and sliced; the drumstick whole, or its meat off for a small plate.",
      form: WHOLE,
      view: "side",
      lines: [line("cut", acrossKnee, false)],
    },
    {
      does: "Breast off the bone",
      how: "Down one side of the breastbone, along the ribs to the wing, and off in one piece; then the other.",
      form: WHOLE,
      view: "breast",
      lines: [line("cut", breastBone)],
    },
    {
      does: "Slice the breast",
      how: "Skin side up, across the grain: it runs from neck to tail, so the knife goes across. Skin stays on each slice.",
      form: WHOLE,
      view: "breast",
      lines: acrossBreast.map((points) => line("cut", points)),
    },
    {
      does: "Wings off",
      how: "At the shoulder. Platter: breast in the middle, dark meat around, warm juices over it, not the skin.",
      form: WHOLE,
      view: "side",
      lines: [line("cut", acrossShoulder, false)],
    },
  ];
}

const TOOLS = ["a long sharp knife", "a board with a groove", "a warm platter", "a fork that holds and does not stab"];

/** @returns steps in order, for what lies on the board */
export function carveGuide(species: Species, piece: Cut): CarveGuide {
  const bones = ["carcass", "leg bones", "wing tips", "skin nobody wants"];
  if (piece === "boneless-breast" || piece === "leg-roll") {
    return {
      steps: [sliced(species, piece, "Slice it")],
      tools: TOOLS,
      toPot: [],
    };
  }
  if (piece === "crown") {
    const steps = fromBones(species).filter(
      ({ does }) => does === "Breast off the bone" || does === "Slice the breast",
    );
    return {
      steps: steps.map((step) => ({ ...step, form: { cut: "crown", legs: "tied" } as const, lines: [] })),
      tools: TOOLS,
      toPot: ["breastbone and ribs"],
    };
  }
  const steps = fromBones(species);
  if (piece === "legs") {
    return { steps: steps.filter(({ does }) => does === "Thigh from drumstick"), tools: TOOLS, toPot: ["leg bones"] };
  }
  // Legs and wings are off already: breasts are sliced, thighs taken off their bone.
  const own =
    piece === "parts"
      ? steps.filter(({ does }) => does === "Slice the breast" || does === "Thigh from drumstick")
      : steps;
  return { steps: own, tools: TOOLS, toPot: bones };
}
