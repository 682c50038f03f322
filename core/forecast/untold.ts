/**
 * Whether a change of the heat that nobody has told was made. Birds are fitted to the readings both ways; those of the
 * wrong one have to be bent further from the usual, and miss more all the same. Measured by `tools/untoldTable.ts`.
 */
import { READING_SD_K } from "./evidence";
import type { Forecast } from "./forecast";

/** What is missed counts as so many readings' worth, and by how much the one has to be the likelier (chosen on that table). */
const MISSED_READINGS = 10;
const CLEARLY = 1;

type Fitted = Pick<Forecast, "estimate" | "missedK">;

/** How far birds had to be bent, in squares of prior and reading deviations. */
const strainOf = ({ estimate, missedK }: Fitted): number =>
  estimate.reduce((sum, each) => sum + each ** 2, 0) + MISSED_READINGS * (missedK / READING_SD_K) ** 2;

/** @param made fitted with the change made when it was planned @param notMade and with it not made yet */
export const looksMade = (made: Fitted, notMade: Fitted): boolean => strainOf(notMade) - strainOf(made) > CLEARLY;
