import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { wentIn } from "../plan/wentIn";
import { HOUR_MS } from "../units/time";
import { withPrediction } from "./prediction";

const NOON = Date.UTC(2026, 8, 27, 12);
const at = (ms: number): string => new Date(ms).toISOString();
const predicted = {
  pullP10At: at(NOON + 2 * HOUR_MS),
  pullP50At: at(NOON + 3 * HOUR_MS),
  pullP90At: at(NOON + 4 * HOUR_MS),
  pullC: { breast: 70 },
};

describe("a prediction", () => {
  it("that comes after the moment was corrected is moved too, and one for a bird that is not in is dropped", () => {
    const corrected = wentIn(sampleRoast(), NOON - HOUR_MS);
    expect(withPrediction(corrected, predicted, NOON).happened.predicted?.pullP50At).toBe(at(NOON + 2 * HOUR_MS));
    expect(withPrediction(sampleRoast(), predicted, NOON)).toEqual(sampleRoast());
  });
});
