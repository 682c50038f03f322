/** What no bird or oven of an ensemble can be, since all are of one model: by the method it cooks. */

import { constant } from "../constants";
import { heatsByStage, isFire } from "../heat/sources";
import type { RoastSetting } from "../processes/roast";
import type { OvenStage } from "../processes/stages";

const COVERING_SHIELDS: readonly OvenStage["shield"][] = ["breast", "breast-and-tips", "all"];

const isCovering = ({ shield, wrap = "none" }: OvenStage): boolean =>
  wrap !== "none" || COVERING_SHIELDS.includes(shield);

/**
 * One standard deviation, as a share of the whole roast: more where few cases are known or they contradict one another
 * (residuals of common practice by kind of method, on the science page).
 */
export function methodErrorShare({ stages, source = "oven" }: Pick<RoastSetting, "stages" | "source">): number {
  return Math.max(
    constant("planErrorShare"),
    heatsByStage(source, stages).some(isFire) ? constant("fireErrorShare") : 0,
    stages.some(isCovering) ? constant("coveredErrorShare") : 0,
    stages.some(({ surface }) => surface === "hot-stone") ? constant("stoneErrorShare") : 0,
  );
}
