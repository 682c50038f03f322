/** What a bird is basted with, in words. */
import type { Plan } from "../core/plan/schema";

type Basting = Pick<Plan["season"], "basteEveryMin" | "basteWith">;

/** What smoke asks for: it wets the skin, brings no fat and is not bought. */
export const WATER_MIST = "a mist of water";

export const isMisted = ({ basteEveryMin, basteWith }: Basting): boolean =>
  basteEveryMin > 0 && basteWith === WATER_MIST;

export function basteWords(season: Basting): string {
  if (isMisted(season)) return "Mist with water";
  return season.basteWith === "" ? "Baste" : `Baste with ${season.basteWith}`;
}
