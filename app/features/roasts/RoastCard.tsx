import { Link } from "react-router";
import { isOnTheTable } from "../../../core/day/leftovers";
import { type Late, NEVER } from "../../../core/forecast/shares";
import { foretold } from "../../../core/plan/byTime";
import { heatNow } from "../../../core/plan/heats";
import { cookStage, type Roast } from "../../../core/plan/roast";
import { formatDuration } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { offWords } from "../../../words/log";
import { heatWords, ratingName } from "../../../words/names";
import { clockTime, dayAndTime, giveOrTake, timeBeside } from "../../../words/time";
import { birdWords, titleShown } from "../../../words/titles";
import { unbroken } from "../../../words/unbroken";
import { useDays } from "../../day/roastDay";
import { clockNow } from "../../shell/clock";
import { useHabits, usePreferences } from "../../shell/preferences";

/** The roasts of one dinner, in one frame where there are several. */
export function DinnerCard({ roasts }: { readonly roasts: readonly Roast[] }) {
  if (roasts.length === 1) return roasts.map((roast) => <RoastCard key={roast.id} roast={roast} />);
  return (
    <li className="rounded-3xl border border-line-strong p-2">
      <p className="px-2 pb-2 text-sm text-soft">One dinner</p>
      <ul className="grid gap-2">
        {roasts.map((roast) => (
          <RoastCard key={roast.id} roast={roast} />
        ))}
      </ul>
    </li>
  );
}

/** One roast in the list: what it is, and what comes next or what came of it. */
function RoastCard({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { units } = usePreferences();
  const { plan, happened, notes } = roast;
  const stage = cookStage(roast);
  const next = useDays(({ days }) => days[roast.id]?.next);
  const standsOut = isOnTheTable(roast, clockNow());
  const cooking = stage === "roasting" || stage === "resting" || stage === "kept" || standsOut;
  const rated = ratingName(roast.rating);
  const serveMs = Date.parse(plan.serveAt);
  return (
    <li
      className={`relative rounded-2xl border px-4 py-3 ${cooking ? "border-transparent bg-ember-wash" : "border-line bg-mist-1 hover:border-line-strong"}`}
    >
      <div className="flex flex-wrap items-baseline gap-x-3">
        <Link
          to={
            stage === "done" && !standsOut
              ? `/log/${roast.id}`
              : `/roast/${roast.id}/${stage === "planned" ? "plan" : "cook"}`
          }
          className="font-display text-xl font-semibold after:absolute after:inset-0"
        >
          {unbroken(titleShown(roast, reader))}
        </Link>
        <span className="text-soft">{birdWords(plan.bird, units)}</span>
      </div>
      <p className="mt-1">
        {stage === "done" ? <Outcome roast={roast} /> : `on the table ${dayAndTime(serveMs, plan.zone, reader)}`}
        {stage === "roasting" &&
          happened.inAt &&
          `, ${heatWords(heatNow(roast)).in} since ${timeBeside(Date.parse(happened.inAt), serveMs, plan.zone, reader)}`}
        {stage === "kept" &&
          happened.carvedAt &&
          `, carved ${timeBeside(Date.parse(happened.carvedAt), serveMs, plan.zone, reader)}`}
        {stage === "resting" &&
          happened.pulledAt &&
          `, resting since ${timeBeside(Date.parse(happened.pulledAt), serveMs, plan.zone, reader)}`}
      </p>
      {next && (
        <p className="mt-1">
          {next.atMs === null ? "Now" : "Next"}: <b>{next.what}</b>
          {next.atMs !== null && `, ${next.isBy ? "by " : ""}${timeBeside(next.atMs, clockNow(), plan.zone, reader)}`}
        </p>
      )}
      {(notes || rated) && (
        <p className="mt-1 text-sm text-soft">
          {rated && <b>{rated}. </b>}
          {notes}
        </p>
      )}
    </li>
  );
}

/** Predicted against actual, in words and on one small line. */
function Outcome({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { plan, happened } = roast;
  const pulledMs = Date.parse(happened.pulledAt ?? "");
  const inMs = Date.parse(happened.inAt ?? "");
  const predicted = foretold(roast);
  if (!predicted)
    return <>{`${dayAndTime(inMs, plan.zone, reader)}; out after ${formatDuration((pulledMs - inMs) / 1000)}`}</>;
  const [p10, p50] = [predicted.pullP10At, predicted.pullP50At].map((at) => Date.parse(at)) as [number, number];
  const late: Late = predicted.pullP90At === NEVER ? NEVER : Date.parse(predicted.pullP90At);
  // A late end that was never to be reached runs out of the picture.
  const p90 = late === NEVER ? Math.max(p50, pulledMs) + 60 * MINUTE_MS : late;
  const lateMin = (pulledMs - p50) / MINUTE_MS;
  const from = Math.min(p10, pulledMs) - 5 * MINUTE_MS;
  const span = Math.max(p90, pulledMs) + 5 * MINUTE_MS - from;
  const x = (ms: number): string => `${((ms - from) / span) * 100}%`;
  const verdict = offWords(lateMin, " than predicted");
  return (
    <>
      {dayAndTime(Date.parse(plan.serveAt), plan.zone, reader)}: out at <b>{clockTime(pulledMs, plan.zone, reader)}</b>,{" "}
      {verdict} ({clockTime(p50, plan.zone, reader)}, {giveOrTake(p10, late)})
      <span aria-hidden className="relative mt-2 block h-5">
        <span className="absolute inset-x-0 top-1/2 border-t border-line" />
        <span
          className="absolute top-1/2 h-2.5 -translate-y-1/2 rounded-full"
          style={{
            left: x(p10),
            width: `calc(${x(p90)} - ${x(p10)})`,
            background: "linear-gradient(90deg, transparent, var(--line-strong) 50%, transparent)",
          }}
        />
        <span
          className="absolute top-1/2 size-3.5 -translate-x-1/2 -translate-y-1/2 rotate-45 bg-ember"
          style={{ left: x(pulledMs) }}
        />
      </span>
    </>
  );
}
