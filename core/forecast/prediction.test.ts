import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { HOUR_MS } from "../units/time";
import { wentIn, withPrediction } from "./prediction";

const NOON = Date.UTC(2026, 8, 27, 12);
const at = (ms: number): string => new Date(ms).toISOString();
const predicted = {
  pullP10At: at(NOON + 2 * HOUR_MS),
  pullP50At: at(NOON + 3 * HOUR_MS),
  pullP90At: at(NOON + 4 * HOUR_MS),
  pullC: { breast: 70 },
};

describe("a prediction", () => {
  it("moves with the moment the bird went in", () => {
    const roast = withPrediction(wentIn(sampleRoast(), NOON), predicted, NOON);
    expect(roast.happened.predicted).toEqual(predicted);
    expect(wentIn(roast, NOON - HOUR_MS).happened).toMatchObject({
      inAt: at(NOON - HOUR_MS),
      predicted: {
        pullP10At: at(NOON + HOUR_MS),
        pullP50At: at(NOON + 2 * HOUR_MS),
        pullP90At: at(NOON + 3 * HOUR_MS),
      },
    });
  });

  it("that comes after the moment was corrected is moved too, and one for a bird that is not in is dropped", () => {
    const corrected = wentIn(sampleRoast(), NOON - HOUR_MS);
    expect(withPrediction(corrected, predicted, NOON).happened.predicted?.pullP50At).toBe(at(NOON + 2 * HOUR_MS));
    expect(withPrediction(sampleRoast(), predicted, NOON)).toEqual(sampleRoast());
  });
});
