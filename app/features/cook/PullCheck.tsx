import { Check } from "lucide-react";
import type { CentreTemperatures } from "../../../core/bird/solid";
import type { Present } from "../../../core/forecast/present";
import type { Reading } from "../../../core/forecast/reading";
import { type PlaceSeen, placesSeen } from "../../../core/forecast/seen";
import type { Plan, RoastReading } from "../../../core/formats/roast";
import { placeOf } from "../../../core/formats/thermometer";
import { verdict } from "../../../core/safety/guideline";
import { LOGS } from "../../../core/safety/lethality";
import { constant } from "../../../core/sources";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";
import { ReadingForm } from "./ReadingForm";

interface Props {
  readonly plan: Plan;
  readonly goalsC: CentreTemperatures;
  /** Since the bird went in. */
  readonly readings: readonly Reading[];
  readonly nowMin: number;
  readonly present: Present | null;
  readonly units: UnitSystem;
  onReading(readings: readonly RoastReading[]): Promise<void>;
}

/** A reading older than this is not of the bird that is about to be lifted. */
const FRESH_MIN = 10;

/** Which places have shown what they should, in a line of its own each. */
export function PlacesSeen({ places, units }: { readonly places: readonly PlaceSeen[]; readonly units: UnitSystem }) {
  return (
    <ul className="grid gap-1 text-lg" aria-label="What has been seen">
      {places.map(({ probe, goalC, highestC, seen }) => (
        <li key={probe} className="flex items-center gap-2">
          {seen ? <Check aria-hidden className="size-5 shrink-0" /> : <span aria-hidden className="size-5 shrink-0" />}
          <span className="grow first-letter:uppercase">{probe}</span>
          <span className={seen ? "" : "text-soft"}>
            {highestC === null
              ? `not read; ${formatTemperature(goalC, units)} wanted`
              : `${formatTemperature(highestC, units)}${seen ? ", enough" : ` of ${formatTemperature(goalC, units)}`}`}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Before it is lifted: every place that has to be there, both sides, what is hot, and what the rest will do. */
export function PullCheck({ plan, goalsC, readings, nowMin, present, units, onReading }: Props) {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const places = placesSeen(
    goalsC,
    readings.filter(({ minute }) => minute >= nowMin - FRESH_MIN),
  );
  const all = places.every(({ seen }) => seen);
  const peaks = Object.entries(present?.rest.peak ?? {});
  return (
    <Sheet opens="Check before you lift it" title="Check before you lift it">
      <p role="status" className="text-xl font-semibold">
        {all ? "All of it is there: take it out." : "Not all of it is there yet; the lowest place decides."}
      </p>
      <p>Deepest meat, off the bone, read within the last {FRESH_MIN} minutes:</p>
      <PlacesSeen places={places} units={units} />
      <ReadingForm places={places.map(({ probe }) => placeOf(probe))} units={units} onReading={onReading} />
      {plan.bird.cut === "whole" && (
        <Caution>
          Hot juice stands in the cavity: tip it into the tray, away from you, before you lift the bird.
        </Caution>
      )}
      <p className="text-soft">
        It goes on rising at rest
        {peaks.length > 0
          ? `: to about ${peaks.map(([centre, { celsius }]) => `${t(celsius)} in the ${centre}`).join(" and ")}`
          : ""}
        . {t(constant("guidelineC"))} is to be seen before carving; if the rest falls short, it goes back. A button that
        pops, clear juice and a loose leg say nothing sure.
      </p>
      {present && <Lethality present={present} units={units} />}
    </Sheet>
  );
}

/** The verdict in words first, then the computed figure, then what was not computed. */
function Lethality({ present: { killed, rest }, units }: { readonly present: Present; readonly units: UnitSystem }) {
  const judged = verdict(
    Object.values(rest.peak).map(({ celsius }) => celsius),
    killed.afterRest,
  );
  const guideline = formatTemperature(constant("guidelineC"), units);
  return (
    <p className="text-sm text-soft">
      {judged.kind === "meets-guideline"
        ? `Pulled as planned, every centre comes to the guideline of ${guideline} at rest.`
        : `Pulled as planned, not every centre comes to the guideline of ${guideline}: the lowest peaks at ${formatTemperature(judged.highestC, units)}.`}{" "}
      Computed at the coldest point of the bird that your readings point to: {logs(killed.now)} decimal reductions of
      Salmonella by now, {logs(killed.afterRest)} after the rest, where the published tables ask for {LOGS}. Not
      computed: what is on the surface or in the kitchen. Follow your local food-safety authority.
    </p>
  );
}

const logs = (value: number): string => (value >= 12 ? "over 12" : value.toFixed(1));
