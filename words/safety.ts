/** What heat does to Salmonella, in plain words. */

import { LOGS } from "../core/safety/lethality";

const AS_ASKED = "fewer than one in ten million";

/** Of how many one would be left: the published tables ask for {@link AS_ASKED}. @param logReduction powers of ten */
export function survivors(logReduction: number): string {
  if (logReduction >= LOGS) return AS_ASKED;
  const count = 10 ** Math.max(0, logReduction);
  if (count < 2) return "nearly all";
  const unit = 10 ** Math.max(0, Math.floor(Math.log10(count)) - 1);
  return `one in ${unit * Math.round(count / unit)}`;
}

/** The same as a sentence for a caution. */
export const survivorsWords = (logReduction: number): string =>
  logReduction >= LOGS
    ? `${AS_ASKED} Salmonella would be left, as the published tables ask`
    : `${survivors(logReduction)} Salmonella would be left, where the published tables ask for ${AS_ASKED}`;
