import { cameOutOf } from "../../../core/plan/heats";
import { formatDuration, formatTemperature } from "../../../core/units/quantity";
import { capital } from "../../../words/capital";
import { offWords } from "../../../words/log";
import { METHOD_WORDS } from "../../../words/methods";
import { COVER_NAMES, heatsNamed, ratingName } from "../../../words/names";
import { dayName, type Reader } from "../../../words/time";
import { birdWords } from "../../../words/titles";
import { useHabits } from "../../shell/preferences";
import type { Line } from "./line";

const ahead = (hours: number): string => (hours > 0 ? formatDuration(hours * 60 * 60) : "not ahead");

/** What two roasts are held against one another by, in the order of the job. */
function factsOf(line: Line, reader: Reader): readonly (readonly [what: string, is: string])[] {
  const { title, roast, inAt, predictedAt, outAt, minutesOff, rating } = line;
  const { plan, happened, notes } = roast;
  const { units } = reader;
  const between = (from?: string | null, to?: string | null): string =>
    from && to ? formatDuration((Date.parse(to) - Date.parse(from)) / 1000) : "";
  const { salt } = plan;
  return [
    ["Roast", title],
    ["Eaten", dayName(Date.parse(plan.serveAt), plan.zone, reader)],
    ["Bird", birdWords(plan.bird, units)],
    ["Salted", ahead(salt.saltHours)],
    ["Dried, uncovered", ahead(salt.dryHours)],
    ["Heat", `${capital(heatsNamed(plan, null, cameOutOf(roast)))}, ${METHOD_WORDS[plan.method].short.toLowerCase()}`],
    ["Dial", plan.stages.map(({ airC }) => formatTemperature(airC, units)).join(", then ")],
    ["In the heat, said", between(inAt, predictedAt)],
    ["In the heat, taken", between(inAt, outAt)],
    ["Out against predicted", offWords(minutesOff)],
    ["Rested", `${between(happened.pulledAt, happened.carvedAt)}, ${COVER_NAMES[plan.cover].toLowerCase()}`],
    ["How it was", ratingName(rating)],
    ["Notes", notes],
  ];
}

/** Two roasts beside one another, line by line; what is not the same is marked, and not by colour alone. */
export function SideBySide({ one, other }: { readonly one: Line; readonly other: Line }) {
  const reader = useHabits();
  const theirs = factsOf(other, reader);
  return (
    <section aria-label="Side by side" className="my-4 rounded-2xl border border-line bg-mist-1 p-4">
      <table className="w-full text-left align-top">
        <caption className="pb-2 text-left text-sm text-soft">Two side by side; ≠ stands where they differ.</caption>
        <tbody>
          {factsOf(one, reader).map(([what, is], n) => {
            const its = theirs[n]?.[1] ?? "";
            const differ = is !== its && n > 1;
            return (
              <tr key={what} className="border-t border-line align-top first:border-0">
                <th scope="row" className="w-44 py-1.5 pr-3 text-sm font-normal text-soft max-sm:w-24">
                  {what}
                </th>
                <td className={`w-1/3 py-1.5 pr-3 ${n === 0 ? "font-display font-semibold" : ""}`}>{is}</td>
                <td className="w-5 py-1.5 text-center text-ember" aria-label={differ ? "differs" : undefined}>
                  {differ ? "≠" : ""}
                </td>
                <td className={`py-1.5 ${n === 0 ? "font-display font-semibold" : ""}`}>{its}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
