/** What the page and its workers say to one another: a discriminated union, matched by `id`. */
import type { Drawing, DrawingView } from "../core/bird/drawing";
import type { BirdForm, FormChoice } from "../core/bird/form";
import type { FormGeometry } from "../core/bird/section";
import type { Forecast, Reading } from "../core/forecast/assimilate";
import type { EnsembleOptions, Member } from "../core/forecast/ensemble";
import type { PictureQuality, PlannedInput, PlannedOutcome } from "../core/forecast/planned";
import type { Draw } from "../core/forecast/prior";
import type { Changed, WhatIfAnswer, WhatIfId } from "../core/forecast/whatIf";
import type { BeforeOven, LivedSoFar } from "../core/processes/life";

export type Job =
  | { readonly kind: "plan"; readonly input: PlannedInput; readonly quality: PictureQuality }
  | { readonly kind: "life"; readonly form: FormChoice; readonly massKg: number; readonly before: BeforeOven }
  | { readonly kind: "members"; readonly options: EnsembleOptions; readonly draws: readonly Draw[] }
  | { readonly kind: "forecast"; readonly options: EnsembleOptions; readonly readings: readonly Reading[] }
  | {
      readonly kind: "what-if";
      readonly options: EnsembleOptions;
      readonly estimate: Draw;
      readonly nowMin: number;
      readonly changes: readonly (readonly [WhatIfId, Changed])[];
    }
  | { readonly kind: "geometry"; readonly form: BirdForm }
  | { readonly kind: "drawing"; readonly form: BirdForm; readonly view: DrawingView }
  | { readonly kind: "thermometer"; readonly options: Omit<EnsembleOptions, "shownC">; readonly seed: string };

/** What came before the oven, without the bird itself: it stays where it was computed. */
export type LifeSummary = Omit<LivedSoFar, "bird">;

/** The forecast without its members: they stay where they were computed. */
export type ForecastSummary = Omit<Forecast, "members">;

export interface Results {
  plan: PlannedOutcome;
  life: LifeSummary;
  members: Member[];
  forecast: ForecastSummary;
  "what-if": WhatIfAnswer[];
  geometry: FormGeometry;
  drawing: Drawing;
  thermometer: Member;
}

export type ToWorker =
  | { readonly kind: "start"; readonly kernel: WebAssembly.Module | null }
  | { readonly kind: "job"; readonly id: number; readonly job: Job }
  | { readonly kind: "cancel"; readonly id: number };

export type FromWorker =
  | { readonly kind: "done"; readonly id: number; readonly result: Results[Job["kind"]] }
  | { readonly kind: "failed"; readonly id: number; readonly message: string };
