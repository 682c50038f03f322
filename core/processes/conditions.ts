/** What a stage, a glaze or a shield waits for: what a thermometer shows, or what the eye sees. */
import type { Centre, CentreTemperatures } from "../bird/solid";

/** By browning, see `indices.ts`: 1 is golden. Shares of it are chosen. */
export const COLOURS = ["first-gold", "golden", "deep-gold"] as const;
export type Colour = (typeof COLOURS)[number];
export const BROWNING_AT: Record<Colour, number> = { "first-gold": 0.5, golden: 1, "deep-gold": 1.5 };

export type Condition = { readonly centre: Centre; readonly reachesC: number } | { readonly colour: Colour };

/** A minute, or the first time that a condition is met. */
export type Moment = { readonly atMin: number } | { readonly when: Condition };

/** What is known of a bird at a moment. */
export interface Seen {
  readonly centresC: CentreTemperatures;
  /** Mean over the open skin; left out where nobody has followed it. */
  readonly browning?: number | undefined;
}

export const isColour = (condition: Condition): condition is { readonly colour: Colour } => "colour" in condition;

/** Whether a bird with these centres can ever meet it. */
export const canCome = (condition: Condition, centres: readonly Centre[]): boolean =>
  isColour(condition) || centres.includes(condition.centre);

/** Whether it is met; a colour that nobody has followed is not. */
export const isMet = (condition: Condition, { centresC, browning }: Seen): boolean =>
  isColour(condition)
    ? (browning ?? 0) >= BROWNING_AT[condition.colour]
    : (centresC[condition.centre] ?? Number.NEGATIVE_INFINITY) >= condition.reachesC;

/** Minute at which a moment comes, by what a roast went through, not before one; null where it never does. */
export function minuteOf(
  moment: Moment,
  history: readonly (Seen & { readonly minute: number })[],
  notBefore = 0,
): number | null {
  if ("atMin" in moment) return moment.atMin;
  const { when } = moment;
  return history.find((point) => point.minute >= notBefore && isMet(when, point))?.minute ?? null;
}

/** Whether anything waits for a colour: a bird whose skin must be followed. */
export const waitsForColour = (moments: readonly { readonly when?: Condition | undefined }[]): boolean =>
  moments.some(({ when }) => when !== undefined && isColour(when));
