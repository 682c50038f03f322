import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { wentIn, withPrediction } from "./prediction";

const NOON = Date.UTC(2026, 8, 27, 12);
const HOUR = 3_600_000;
const at = (ms: number): string => new Date(ms).toISOString();
const predicted = {
  pullP10At: at(NOON + 2 * HOUR),
  pullP50At: at(NOON + 3 * HOUR),
  pullP90At: at(NOON + 4 * HOUR),
  pullC: { breast: 70 },
};

describe("a prediction", () => {
  it("moves with the moment the bird went in", () => {
    const roast = withPrediction(wentIn(sampleRoast(), NOON), predicted, NOON);
    expect(roast.happened.predicted).toEqual(predicted);
    expect(wentIn(roast, NOON - HOUR).happened).toMatchObject({
      inAt: at(NOON - HOUR),
      predicted: { pullP10At: at(NOON + HOUR), pullP50At: at(NOON + 2 * HOUR), pullP90At: at(NOON + 3 * HOUR) },
    });
  });

  it("that comes after the moment was corrected is moved too, and one for a bird that is not in is dropped", () => {
    const corrected = wentIn(sampleRoast(), NOON - HOUR);
    expect(withPrediction(corrected, predicted, NOON).happened.predicted?.pullP50At).toBe(at(NOON + 2 * HOUR));
    expect(withPrediction(sampleRoast(), predicted, NOON)).toEqual(sampleRoast());
  });
});
