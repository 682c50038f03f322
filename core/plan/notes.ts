/** Notes that are written in two places: under the hand, at the stove, in another tab, on another device. */
import { MOST_NOTES } from "./roast";

/**
 * What is stored by now, with what was typed: lines that were taken out are gone, new ones are added, and nothing that came
 * from elsewhere is lost.
 * @param from as they were when it was begun to type, or last stored from here @param to as they stand under the hand
 */
export function notesWith(stored: string, from: string, to: string): string {
  if (stored === from) return to;
  const [kept, before, typed] = [stored, from, to].map((text) => text.split("\n")) as [string[], string[], string[]];
  const isGone = (line: string): boolean => before.includes(line) && !typed.includes(line);
  const isNew = (line: string): boolean => !before.includes(line) && !kept.includes(line);
  const lines = [...kept.filter((line) => !isGone(line)), ...typed.filter(isNew)];
  return lines
    .filter((line, n) => line !== "" || n > 0)
    .join("\n")
    .slice(-MOST_NOTES);
}
