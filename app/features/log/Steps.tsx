import { centresOf } from "../../../core/bird/form";
import type { Centre, CentreTemperatures } from "../../../core/bird/solid";
import { sears } from "../../../core/plan/methods";
import { isAtRest, type Roast } from "../../../core/plan/roast";
import { restFor } from "../../../core/processes/rest";
import { formatDuration, formatTemperature } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { colourWords, PART_NAMES } from "../../../words/names";
import { clockTime } from "../../../words/time";
import { useHabits } from "../../shell/preferences";
import type { LookedBack } from "./useRecord";

const percent = (share: number | undefined): string => (share === undefined ? "" : `${Math.round(100 * share)} %`);

/** Predicted against actual, step by step; what was not foreseen, or is still being computed, is left empty. */
export function Steps({ roast, back }: { readonly roast: Roast; readonly back: LookedBack }) {
  const reader = useHabits();
  const { units } = reader;
  const { plan, happened } = roast;
  const { cook, relived, observed, outMin, tableMin, carveAtMs } = back;
  const { predicted, inAt, pulledAt, carvedAt } = happened;
  const at = (iso: string | undefined): string => (iso ? clockTime(Date.parse(iso), plan.zone, reader) : "");
  const centres = centresOf(plan.bird);
  const names = centres.map((centre) => PART_NAMES[centre]).join(" / ");
  /** "73 / 77 °C" */
  const figures = (centresC: CentreTemperatures): string => {
    const known = centres.flatMap((centre) => centresC[centre] ?? []);
    return known
      .map((celsius, n) => formatTemperature(celsius, units).replace(n < known.length - 1 ? / °[CF]/ : "", ""))
      .join(" / ");
  };
  const peaks: CentreTemperatures = Object.fromEntries(
    (Object.entries(cook?.peak ?? {}) as [Centre, { celsius: number }][]).map(([centre, { celsius }]) => [
      centre,
      celsius,
    ]),
  );
  // What dries first, where there is one.
  const juicy = centres.includes("breast") ? "breast" : "thigh";
  const restMin = plan.restMin ?? restFor(plan.bird.massKg).usualMin;
  const lastRead = observed.reduce((latest, { minute }) => Math.max(latest, minute), Number.NEGATIVE_INFINITY);
  const rows: readonly (readonly [what: string, said: string, was: string])[] = [
    ["In", "", at(inAt)],
    ["Out", at(predicted?.pullP50At), at(pulledAt)],
    [`At the pull, ${names}`, predicted ? figures(predicted.pullC) : "", relived ? figures(relived.atPullC) : ""],
    [`At most, ${names}`, figures(peaks), relived && !isAtRest(roast) ? figures(relived.peakC) : ""],
    ["Rested", formatDuration(restMin * 60), carvedAt ? formatDuration((tableMin - outMin) * 60) : ""],
    ["Carved", carveAtMs === null ? "" : clockTime(carveAtMs, plan.zone, reader), at(carvedAt)],
    [
      `${juicy === "breast" ? "Breast" : "Leg"}'s juice kept`,
      percent(cook?.indices?.juicesKept[juicy]),
      percent(relived?.indices.juicesKept[juicy]),
    ],
    [
      "Skin",
      cook?.indices ? colourWords(cook.indices.browning, sears(plan)) : "",
      relived ? colourWords(relived.indices.browning, sears(plan)) : "",
    ],
    [
      "Last read",
      "",
      Number.isFinite(lastRead) ? clockTime(Date.parse(inAt ?? "") + lastRead * MINUTE_MS, plan.zone, reader) : "never",
    ],
  ];
  return (
    <table className="w-full text-left">
      <caption className="sr-only">What was said and what came of it</caption>
      <thead>
        <tr className="text-sm text-soft">
          <td />
          <th scope="col" className="pb-1 pr-3 font-normal">
            said
          </th>
          <th scope="col" className="pb-1 font-normal">
            was
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([what, said, was]) => (
          <tr key={what} className="border-t border-line align-top">
            <th scope="row" className="w-44 py-1 pr-3 text-sm font-normal text-soft">
              {what}
            </th>
            <td className="py-1 pr-3 text-soft">{said}</td>
            <td className="py-1 font-medium">{was}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
