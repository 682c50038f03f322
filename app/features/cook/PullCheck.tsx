import { Check } from "lucide-react";
import { holdsJuice, isJointed } from "../../../core/bird/form";
import { placeOf, probeOf } from "../../../core/bird/probe";
import type { Centre } from "../../../core/bird/solid";
import type { Present } from "../../../core/day/present";
import { type PlaceSeen, placesSeen } from "../../../core/day/seen";
import type { Plan } from "../../../core/plan/schema";
import { guidelineOf } from "../../../core/plan/targets";
import { peakTemperatures } from "../../../core/processes/rest";
import { verdict } from "../../../core/safety/guideline";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { guidelineWords } from "../../../words/guideline";
import { probeName } from "../../../words/names";
import { atCentres, toBeSeen } from "../../../words/readIn";
import { survivors, survivorsWords } from "../../../words/safety";
import { eachBird, goesOrGo, inEach, itOrThem, itOrThey } from "../../../words/titles";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";
import { Why } from "../../ui/Why";
import { ReadingForm } from "./ReadingForm";

interface Props {
  readonly day: RoastDay;
  readonly nowMin: number;
  readonly units: UnitSystem;
  readonly acts: Acts;
  readonly open: boolean;
  onClose(): void;
}

export const pullCheck = (bird: Plan["bird"]): string => `Check before you lift ${itOrThem(bird)}`;

/** A reading older than this is not of the bird that is about to be lifted. */
const FRESH_MIN = 10;

/** Short of a goal by less than a degree, in tenths: a figure is not "of" itself. */
function shortWords(highestC: number, goalC: number, units: UnitSystem): string {
  const [highest, goal] = [formatTemperature(highestC, units), formatTemperature(goalC, units)];
  return `${highest === goal ? formatTemperature(highestC, units, 1) : highest} of ${goal}`;
}

/** Which places have shown what they should, in a line of its own each. */
export function PlacesSeen({ places, units }: { readonly places: readonly PlaceSeen[]; readonly units: UnitSystem }) {
  return (
    <ul className="grid gap-1 text-lg" aria-label="What has been seen">
      {places.map(({ probe, goalC, highestC, seen, againMin }) => (
        <li key={probe} className="flex items-center gap-2">
          {seen ? <Check aria-hidden className="size-5 shrink-0" /> : <span aria-hidden className="size-5 shrink-0" />}
          <span className="grow first-letter:uppercase">{probeName(probe)}</span>
          <span className={seen ? "" : "text-soft"}>
            {highestC === null
              ? `not read; ${formatTemperature(goalC, units)} wanted`
              : seen
                ? `${formatTemperature(highestC, units)}, enough`
                : againMin > 0
                  ? `${formatTemperature(highestC, units)}; read it again after ${againMin} min`
                  : shortWords(highestC, goalC, units)}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** Before it is lifted: every place that has to be there, both sides, what is hot, and what the rest will do. */
export function PullCheck({ day, nowMin, units, acts, open, onClose }: Props) {
  const { goalsC, believed, lost, present, roast } = day;
  const { plan } = roast;
  const places = placesSeen(
    goalsC,
    // A probe that is set aside has measured nothing.
    believed.filter((reading) => reading.minute >= nowMin - FRESH_MIN && !lost.includes(probeOf(reading))),
  );
  const all = places.every(({ seen }) => seen);
  const peaks = Object.entries(present?.rest.peak ?? {}).map(
    ([centre, { celsius }]) => [centre as Centre, celsius] as const,
  );
  return (
    <Sheet open={open} onClose={onClose} title={pullCheck(plan.bird)}>
      <p role="status" className="text-xl font-semibold">
        {all
          ? `All of it is there: take ${itOrThem(plan.bird)} out.`
          : "Not all of it is there yet; the lowest place decides."}
      </p>
      <p>
        Look each place through by hand{inEach(plan.bird)}, the probes' too: push on past the deepest meat, off the
        bone, and draw back slowly; the lowest you see counts. Read within the last {FRESH_MIN} minutes:
      </p>
      <PlacesSeen places={places} units={units} />
      <ReadingForm day={day} acts={acts} places={places.map(({ probe }) => placeOf(probe))} />
      {holdsJuice(plan.bird) && (
        <Caution>
          Hot juice stands in the cavity: tip it into the tray, away from you, before you lift {eachBird(plan.bird)}.
        </Caution>
      )}
      <p className="text-soft">
        It goes on rising at rest
        {peaks.length > 0 ? `: to about ${atCentres(peaks, units)}` : ""}. Before carving it has to show{" "}
        {toBeSeen(plan, units)}; if the rest falls short, back in {itOrThey(plan.bird)} {goesOrGo(plan.bird)}.
      </p>
      <Why id="juices" />
      {isJointed(plan.bird.cut) && <Why id="loose-leg" />}
      {present && <Lethality present={present} plan={plan} units={units} />}
    </Sheet>
  );
}

interface LethalityProps {
  readonly present: Present;
  readonly plan: Plan;
  readonly units: UnitSystem;
}

/** The verdict in words first, then the computed figure, then what was not computed. */
function Lethality({ present: { killed, rest }, plan, units }: LethalityProps) {
  const judged = verdict(peakTemperatures(rest.peak), killed.afterRest, guidelineOf(plan));
  const guideline = guidelineWords(plan, units);
  return (
    <p className="text-sm text-soft">
      {judged.kind === "unknown"
        ? "What it comes to at rest is not known."
        : judged.kind === "meets-guideline"
          ? `Pulled as planned, at rest every centre comes to the guideline of ${guideline}.`
          : `Pulled as planned, not all of it comes to the guideline of ${guideline}: the lowest peaks at ${formatTemperature(judged.highestC, units)}.`}{" "}
      Computed at the coldest point of the bird that your readings point to: {survivors(killed.now)} Salmonella would be
      left by now; after the rest {survivorsWords(killed.afterRest)}. Not computed: what is on the surface or in the
      kitchen. Follow your local food-safety authority.
    </p>
  );
}
