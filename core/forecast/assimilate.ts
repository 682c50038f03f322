/**
 * Readings → the bird they came from.
 *
 * Ensemble smoother with multiple data assimilation (Emerick and Reynolds 2013, from memory): the unknowns of all
 * members are moved by the regression of what they would have shown on what they assumed, in passes with the
 * observation error inflated so that the passes together count the readings once; after each pass every member is
 * simulated again, so the finish is always computed by the model and never extrapolated.
 */

import { CholeskyDecomposition, Matrix } from "ml-matrix";
import { centresOf } from "../bird/form";
import { evenNumbers, normalNumbers } from "../chance";
import { type EnsembleOptions, priorOf, runEnsemble } from "./ensemble";
import { evidenceOf, latestOf, misfitK, READING_SD_K } from "./evidence";
import { type Member, shownAt } from "./member";
import { type Draw, priorDraws, UNKNOWNS, within } from "./prior";
import type { Reading } from "./reading";
import { screened } from "./screening";

export const FORECAST_MEMBERS = 32;
const PASSES = 2;
/** Members go on so far past their targets: where they miss the newest readings, they are asked for somewhat more, K. */
export const PAST_K = 6;

/** Deviations of a table's rows from their mean, one row a member. */
const centred = (rows: readonly (readonly number[])[]): Matrix =>
  new Matrix(rows.map((row) => [...row])).center("column");

/**
 * One analysis: the draws moved towards the readings. `perturb` are standard normal numbers, members × readings; of what
 * no bird depends on, `isFree` is false, and no reading tells of it.
 */
function analysed(
  members: readonly Member[],
  readings: readonly Reading[],
  noise: number,
  perturb: readonly Draw[],
  isFree: readonly boolean[],
): Draw[] {
  const draws = members.map(({ draw }) => draw);
  const shown = members.map((member) => readings.map((reading) => shownAt(member, reading, reading.minute)));
  const deviations = centred(shown)
    .div(Math.sqrt(members.length - 1))
    .transpose();
  const covariance = deviations.mmul(deviations.transpose()).add(Matrix.eye(readings.length).mul(noise ** 2));
  // How each unknown goes with each reading over the ensemble: the same for every member.
  const cross = deviations.mmul(centred(draws)).div(Math.sqrt(members.length - 1));
  const gaps = new Matrix(
    readings.map(({ celsius }, r) =>
      members.map(
        (_, m) => celsius + noise * ((perturb[m] as Draw)[r] as number) - ((shown[m] as number[])[r] as number),
      ),
    ),
  );
  const moves = cross.transpose().mmul(new CholeskyDecomposition(covariance).solve(gaps));
  return draws.map((draw, m) => draw.map((value, u) => (isFree[u] ? within(value + moves.get(u, m)) : value)));
}

/**
 * Standard normal numbers for the perturbed observations, the same every time; without a mean over the members: they
 * are moved apart, and never all of them together.
 */
function perturbations(members: number, readings: number, seed: number): Draw[] {
  const next = normalNumbers(evenNumbers(seed));
  return centred(Array.from({ length: members }, () => Array.from({ length: readings }, next))).to2DArray();
}

/** What the birds of a fit depend on, as one text: when tips were put right changes no bird. */
export const simulatedBy = ({ seated: _, ...simulated }: EnsembleOptions): string => JSON.stringify(simulated);

/** Members that have been simulated already, and what with: the prior's are the same for every fit of a plan. */
export interface Simulated {
  readonly options: string;
  readonly members: readonly Member[];
}

const reachesTo = ({ members }: Simulated, minute: number): boolean =>
  members.every((member) => (member.minutes.at(-1) ?? 0) >= minute);

export interface Fit {
  readonly members: readonly Member[];
  /** What the next fit of the same plan begins from. */
  readonly prior: Simulated;
}

/** Birds to be simulated. */
export interface MembersAsked {
  readonly options: EnsembleOptions;
  readonly draws: readonly Draw[];
}

/**
 * The ensemble fitted to the readings so far (none: the prior's own). Asks for members, to be simulated by whoever goes
 * through it, and goes on with them. Readings outside −30 to 110 °C must have been refused before.
 * @param known the prior's members, where an earlier fit of the same plan has left them; taken if they reach far enough
 */
export function* fitSteps(
  options: EnsembleOptions,
  allReadings: readonly Reading[],
  known?: Simulated,
): Generator<MembersAsked, Fit, readonly Member[]> {
  const { seated, ...simulated } = options;
  const screen = screened(allReadings, options.startC, centresOf(options.form), seated);
  const latest = latestOf(screen.stays.flat());
  const past = Object.fromEntries(Object.entries(options.shownC).map(([part, celsius]) => [part, celsius + PAST_K]));
  const toTheEnd = { ...simulated, shownC: past, atLeastMin: Math.max(latest, options.atLeastMin ?? 0) };
  // Those of a pass before the last are held against the readings, and asked for nothing after them.
  const toTheNewest = { ...simulated, shownC: {}, atLeastMin: latest };
  const key = simulatedBy(options);
  const prior =
    known?.options === key && reachesTo(known, latest)
      ? known
      : { options: key, members: yield { options: toTheEnd, draws: priorDraws(FORECAST_MEMBERS) } };
  let { members } = prior;
  const readings = evidenceOf(screen, members);
  const spreads = priorOf(options);
  const isFree = UNKNOWNS.map((name) => spreads[name].sd > 0);
  for (let pass = 0; pass < PASSES && readings.length > 0; pass++) {
    // What no member can follow is no reading's fault: the readings are then believed less, and the members kept apart.
    const noise = Math.sqrt(PASSES) * Math.max(READING_SD_K, pass === 0 ? 0 : misfitK(members, readings));
    const draws = analysed(members, readings, noise, perturbations(members.length, readings.length, pass), isFree);
    members = yield { options: pass === PASSES - 1 ? toTheEnd : toTheNewest, draws };
  }
  return { members, prior };
}

/** {@link fitSteps} with members simulated one after the other. Yields after each. */
export function* fitting(
  options: EnsembleOptions,
  readings: readonly Reading[],
  known?: Simulated,
): Generator<number, Fit> {
  const steps = fitSteps(options, readings, known);
  let step = steps.next();
  while (!step.done) step = steps.next(yield* runEnsemble(step.value.options, step.value.draws));
  return step.value;
}
