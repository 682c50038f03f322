import { METRIC_HABITS } from "../core/units/habits";
import { titleShown } from "../words/titles";

/** What a roast is called: as its cook named it, or by its plan as that is now, every date with its year. */
export const called = (roast: Parameters<typeof titleShown>[0]): string =>
  titleShown(roast, { ...METRIC_HABITS, year: Number.NaN });
