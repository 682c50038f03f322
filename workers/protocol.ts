/** What the page and its workers say to one another: a discriminated union, matched by `id`. */
import type { CutGeometry } from "../core/bird/section";
import type { Cut } from "../core/bird/shape";
import type { Forecast, Reading } from "../core/forecast/assimilate";
import type { EnsembleOptions, Member, Quantiles } from "../core/forecast/ensemble";
import type { PictureQuality, PlannedInput, PlannedOutcome } from "../core/forecast/planned";

export type Job =
  | { readonly kind: "plan"; readonly input: PlannedInput; readonly quality: PictureQuality }
  | { readonly kind: "band"; readonly options: EnsembleOptions }
  | { readonly kind: "forecast"; readonly options: EnsembleOptions; readonly readings: readonly Reading[] }
  | { readonly kind: "geometry"; readonly cut: Cut }
  | { readonly kind: "thermometer"; readonly options: Omit<EnsembleOptions, "shownC">; readonly seed: string };

/** The forecast without its members: they stay where they were computed. */
export type ForecastSummary = Omit<Forecast, "members">;

export interface Results {
  plan: PlannedOutcome;
  band: Quantiles;
  forecast: ForecastSummary;
  geometry: CutGeometry;
  thermometer: Member;
}

export type ToWorker =
  | { readonly kind: "start"; readonly kernel: WebAssembly.Module | null }
  | { readonly kind: "job"; readonly id: number; readonly job: Job }
  | { readonly kind: "cancel"; readonly id: number };

export type FromWorker =
  | { readonly kind: "done"; readonly id: number; readonly result: Results[Job["kind"]] }
  | { readonly kind: "failed"; readonly id: number; readonly message: string };
