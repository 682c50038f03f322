/** A bird of a given mass as voxels, with its thermal centres: what every process works on. */

import { constant } from "../constants";
import { requireBetween } from "../errors";
import { Recent } from "../recent";
import { type CentrePoints, outwards, thermalCentres } from "./centres";
import { type Posture, type View, viewOf } from "./exposure";
import { type BirdForm, birdForm, type FormChoice, formKey } from "./form";
import { massRangeKg, ovenMassKg } from "./mass";
import { type BirdShape, birdShape } from "./shape";
import { ANATOMY } from "./species";
import { type VoxelSolid, voxelise } from "./voxelise";

/** A bird's voxels: what does not change with its mass; lengths in metres of the reference bird. */
export interface UnitBody extends VoxelSolid {
  readonly shape: BirdShape;
  readonly centres: CentrePoints;
  /** From each of them the shortest way out through the skin. */
  readonly waysOut: CentrePoints;
}

/** What the solver needs of a body. */
export interface HeatBody {
  readonly unit: VoxelSolid;
  readonly cellSizeM: number;
}

export interface Body extends HeatBody {
  readonly unit: UnitBody;
  /** The form that was asked for; the solid's own has the thickness of breast that is usual at this mass. */
  readonly form: BirdForm;
  /** Mass as it goes into the oven, without bread or aromatics. */
  readonly massKg: number;
  readonly fillingKg: number;
  /** Metres of this bird in one metre of the reference bird. */
  readonly scale: number;
}

type Known = Pick<UnitBody, "shape" | "centres" | "waysOut">;
/** Of two birds in one kitchen: some fifteen thicknesses each for their bands, and their pictures. */
const KEPT = 48;
const shapes = new Recent<Known>(KEPT);
const unitBodies = new Recent<UnitBody>(KEPT);
const views = new WeakMap<VoxelSolid, Map<string, View>>();

/** The shape of a form and its thermal centres, remembered. */
export function shapeOf(form: BirdForm): Known {
  return shapes.get(formKey(form), () => {
    const shape = birdShape(form);
    const centres = thermalCentres(shape);
    const waysOut = Object.fromEntries(Object.entries(centres).map(([centre, at]) => [centre, outwards(shape, at)]));
    return { shape, centres, waysOut };
  });
}

/** The voxel solid of a form at a resolution, remembered: it does not depend on the mass. */
export function unitBody(form: BirdForm, cellM: number, bothHalves = false): UnitBody {
  return unitBodies.get(`${formKey(form)}/${cellM.toFixed(6)}/${bothHalves}`, () => {
    const known = shapeOf(form);
    return { ...voxelise(known.shape, cellM, bothHalves), ...known };
  });
}

/** What each surface cell sees in a posture, remembered with the solid. */
export function viewIn(solid: VoxelSolid, posture: Posture): View {
  const key = `${posture.side}/${posture.neighbours}`;
  const known = views.get(solid) ?? new Map<string, View>();
  views.set(solid, known);
  const view = known.get(key) ?? viewOf(solid.grid, solid.surface, posture);
  known.set(key, view);
  return view;
}

/** Thicknesses are rounded to these steps, so that birds of nearly one mass share their voxels. */
const THICKNESS_STEP = 0.01;

/** Heavier birds of a kind carry more of their mass on the breast: its thickness against the reference bird's. */
function usualBreast({ species, cut }: BirdForm, boughtKg: number): number {
  if (cut === "legs" || cut === "boneless-breast" || cut === "leg-roll") return 1;
  const wholeKg = cut === "crown" ? boughtKg / 0.48 : boughtKg;
  const factor = (wholeKg / ANATOMY[species].referenceKg) ** constant("breastThicknessPower");
  return Math.round(factor / THICKNESS_STEP) * THICKNESS_STEP;
}

/** Thicknesses of the many birds of an ensemble are rounded to these steps: birds of every mass share their solids. */
const COARSE_THICKNESS_STEP = 0.02;

/** A breast so thick, to be asked of {@link makeBody}, that the solid is one of a few. @param share of the usual bird of its mass */
export function coarseThickness(choice: FormChoice, boughtKg: number, share: number): number {
  const usual = usualBreast(birdForm(choice), boughtKg);
  const wanted = (choice.breastThickness ?? 1) * share * usual;
  return (Math.round(wanted / COARSE_THICKNESS_STEP) * COARSE_THICKNESS_STEP) / usual;
}

/**
 * The body of a bought bird.
 * @param cellM cell size in metres of the reference bird, so that one solid serves every mass
 * @throws QuantityError for a mass outside the range of its species and cut
 */
export function makeBody(choice: FormChoice, boughtKg: number, cellM: number, bothHalves = false): Body {
  const asked = birdForm(choice);
  const [low, high] = massRangeKg(asked.species, asked.cut);
  requireBetween(
    `mass of the ${asked.species}${asked.cut === "whole" ? "" : ` (${asked.cut})`}`,
    boughtKg,
    low,
    high,
    "kg",
  );
  const form = { ...asked, breastThickness: asked.breastThickness * usualBreast(asked, boughtKg) };
  const unit = unitBody(form, cellM, bothHalves);
  const massKg = ovenMassKg({ ...form, massKg: boughtKg });
  const scale = Math.cbrt(massKg / unit.massKg);
  return { unit, form: asked, massKg, fillingKg: unit.fillingKg * scale ** 3, scale, cellSizeM: cellM * scale };
}

/** A cell as coarse for a species as `turkeyCellM` is for a turkey: birds are compared by the thickness of the breast. */
export const coarseCellM = ({ species }: Pick<BirdForm, "species">, turkeyCellM: number): number =>
  (turkeyCellM * ANATOMY[species].breast.radii[0]) / ANATOMY.turkey.breast.radii[0];

/** Cells along the cube root of a solid's volume that say how coarse a grid is for it, whatever the cut. */
const REFERENCE_CELL_M = 0.006;

/** The body at a true cell size in metres; the cell is stretched by under 2 % so that the mass is exact. */
export function makeBodyAtGrid(choice: FormChoice, boughtKg: number, gridM: number, bothHalves = false): Body {
  requireBetween("grid", gridM * 1000, 2, 15, "mm");
  const coarse = makeBody(choice, boughtKg, REFERENCE_CELL_M, bothHalves);
  return makeBody(choice, boughtKg, gridM / coarse.scale, bothHalves);
}
