/**
 * What it costs a forecast that nobody has told of a change of the heat, an hour and more after it, on the roasts of
 * `foreign.ts` that have one: known, taken for not made, and as the readings say (`core/forecast/untold.ts`); and how often
 * one that was truly not made is taken for made. `npm run untold [-- COUNT [FIRST_SEED]]` prints the table.
 */
import { loadKernel } from "../cli/loadKernel";
import { fitting } from "../core/forecast/assimilate";
import { type Forecast, forecastFrom } from "../core/forecast/forecast";
import { looksMade } from "../core/forecast/untold";
import { drain } from "../core/processes/cook";
import { rounded, share } from "./figures";
import { foreignRoast } from "./foreign";
import { answerPart, answersOfAll, isRun, toolArguments } from "./shareOut";

loadKernel();

/** Nothing was chosen on these; on the sixty from 131001, how clearly the readings have to speak. */
const FIRST_SEED = 133_001;
const COUNT = 90;
const AFTER_MIN = [30, 60, 100] as const;
/** What is not made is simulated as made by the next mark, see `app/day/useHeard.ts`. */
const BY_NEXT_MIN = 5;
/** Nearer to its end nothing is left to be forecast. */
const LEAST_LEFT_MIN = 8;

interface Answer {
  readonly afterMin: number;
  readonly isMade: boolean;
  readonly isFound: boolean;
  /** Forecast less truth, min, as each would have it. */
  readonly knownMin: number;
  readonly untoldMin: number;
}

function answersFor(seed: number): Answer[] {
  return [true, false].flatMap((isMade) => {
    const roast = foreignRoast(seed, undefined, (stages) => (isMade ? stages : stages.slice(0, 1)));
    const [first, second] = roast.options.stages;
    if (!first || !second) return [];
    return AFTER_MIN.flatMap((afterMin): Answer[] => {
      const nowMin = second.fromMin + afterMin;
      if (!(nowMin < roast.doneMin - LEAST_LEFT_MIN)) return [];
      const readings = roast.log.filter(({ minute }) => minute <= nowMin);
      const fitted = (fromMin: number): Forecast => {
        const options = { ...roast.options, stages: [first, { ...second, fromMin }] };
        return forecastFrom(options, drain(fitting(options, readings)).members, readings);
      };
      const made = fitted(second.fromMin);
      const notMade = fitted(BY_NEXT_MIN * Math.ceil((nowMin + 0.5) / BY_NEXT_MIN));
      return [
        {
          afterMin,
          isMade,
          isFound: looksMade(made, notMade),
          knownMin: Math.abs(made.pull.p50 - roast.doneMin),
          untoldMin: Math.abs(notMade.pull.p50 - roast.doneMin),
        },
      ];
    });
  });
}

const both = (values: readonly number[]): string => `${rounded(share(values, 0.5))} / ${rounded(share(values, 0.9))}`;

if (isRun(import.meta.url)) {
  const args = toolArguments();
  if (args === null) answerPart(answersFor);
  else {
    const [count = COUNT, first = FIRST_SEED] = args.map(Number);
    const all = (await answersOfAll<Answer[]>(import.meta.url, count, first)).flat();
    console.log(
      "min after | made: error known, untold, by the readings (median / 90 %) | found | not made, taken for made",
    );
    for (const afterMin of AFTER_MIN) {
      const own = all.filter((answer) => answer.afterMin === afterMin);
      const made = own.filter(({ isMade }) => isMade);
      const not = own.filter(({ isMade }) => !isMade);
      const told = made.map(({ isFound, knownMin, untoldMin }) => (isFound ? knownMin : untoldMin));
      console.log(
        [
          afterMin,
          `${both(made.map(({ knownMin }) => knownMin))}, ${both(made.map(({ untoldMin }) => untoldMin))}, ${both(told)}`,
          `${made.filter(({ isFound }) => isFound).length} of ${made.length}`,
          `${not.filter(({ isFound }) => isFound).length} of ${not.length}`,
        ].join(" | "),
      );
    }
  }
}
