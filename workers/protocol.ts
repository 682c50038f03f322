/** What the page and its workers say to one another: a discriminated union, matched by `id`. */

import type { Drawing, DrawingView } from "../core/bird/drawing";
import type { BirdForm, FormChoice } from "../core/bird/form";
import type { FormGeometry } from "../core/bird/section";
import type { CentreTemperatures } from "../core/bird/solid";
import type { SolidGeometry } from "../core/bird/solidGeometry";
import type { Present, PresentOptions } from "../core/day/present";
import type { Changed, WhatIfAnswer, WhatIfId } from "../core/day/whatIf";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import type { HiddenOptions, HiddenPoint } from "../core/forecast/hiddenRoast";
import type { Member } from "../core/forecast/member";
import type { PictureQuality, PlannedOutcome, PulledAt } from "../core/forecast/planned";
import type { PlannedInput } from "../core/forecast/plannedInput";
import type { Draw } from "../core/forecast/prior";
import type { ProbeGuide } from "../core/forecast/probeGuide";
import type { Reading } from "../core/forecast/reading";
import type { Mattered, MatteredAsked } from "../core/log/mattered";
import type { OvenSays } from "../core/log/ovens";
import type { Course, Relived } from "../core/log/relive";
import type { Roast } from "../core/plan/roast";
import type { Debrief } from "../core/practice/practice";
import type { Practised } from "../core/practice/scenarios";
import type { Leftovers, LeftoversAsked } from "../core/processes/leftovers";
import type { BeforeOven, LivedSoFar } from "../core/processes/life";
import type { Pictured } from "../core/processes/picture";

export type Job =
  | { readonly kind: "plan"; readonly input: PlannedInput; readonly quality: PictureQuality }
  | {
      readonly kind: "life";
      readonly form: FormChoice;
      readonly massKg: number;
      readonly before: BeforeOven;
      readonly pictured: Pictured;
    }
  | { readonly kind: "members"; readonly options: EnsembleOptions; readonly draws: readonly Draw[] }
  | {
      readonly kind: "what-if";
      readonly options: EnsembleOptions;
      readonly draws: readonly Draw[];
      readonly nowMin: number;
      readonly changes: readonly (readonly [WhatIfId, Changed])[];
    }
  | { readonly kind: "present"; readonly asked: PresentOptions }
  /** A roast that is over, once more: the bird of a draw under the course it took. */
  | {
      readonly kind: "relive";
      readonly options: EnsembleOptions;
      readonly draw: Draw;
      readonly missedC: CentreTemperatures;
      readonly course: Course;
    }
  | { readonly kind: "probe-guides"; readonly options: EnsembleOptions }
  | { readonly kind: "oven-says"; readonly options: EnsembleOptions; readonly readings: readonly Reading[] }
  | { readonly kind: "mattered"; readonly asked: MatteredAsked }
  | { readonly kind: "leftovers"; readonly asked: LeftoversAsked }
  | { readonly kind: "geometry"; readonly form: BirdForm }
  | { readonly kind: "drawing"; readonly form: BirdForm; readonly view: DrawingView }
  | { readonly kind: "solid"; readonly form: BirdForm; readonly massKg: number }
  | { readonly kind: "hidden-roast"; readonly options: HiddenOptions }
  | {
      readonly kind: "debrief";
      readonly roast: Pick<Roast, "plan" | "happened">;
      readonly practised: Practised;
      readonly cook: PulledAt | null;
      readonly carveAtMs: number;
    };

/** What came before the oven, without the bird itself: it stays where it was computed. */
export type LifeSummary = Omit<LivedSoFar, "bird">;

export interface Results {
  plan: PlannedOutcome;
  life: LifeSummary;
  members: Member[];
  "what-if": WhatIfAnswer[];
  present: Present;
  relive: Relived;
  mattered: Mattered;
  "oven-says": OvenSays | null;
  "probe-guides": readonly ProbeGuide[];
  leftovers: Leftovers;
  geometry: FormGeometry;
  drawing: Drawing;
  solid: SolidGeometry;
  "hidden-roast": HiddenPoint[];
  debrief: Debrief;
}

export type ToWorker =
  | { readonly kind: "start"; readonly kernel: WebAssembly.Module | null }
  /** With the reference kernel: the second try of a job that failed with the compiled one. */
  | { readonly kind: "job"; readonly id: number; readonly job: Job; readonly reference: boolean }
  | { readonly kind: "cancel"; readonly id: number };

export type FromWorker =
  | { readonly kind: "done"; readonly id: number; readonly result: Results[Job["kind"]] }
  /** Refused: the job asked for what no kernel can do, a mass outside its range. */
  | { readonly kind: "failed"; readonly id: number; readonly message: string; readonly refused: boolean }
  /** Cancelled, and ended: the worker is free. */
  | { readonly kind: "ended"; readonly id: number };
