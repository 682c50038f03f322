import { useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import type { Roast } from "../../../core/plan/roast";
import { type Moment as Called, momentsOf, rehearsedOn, shortOfHands } from "../../../core/schedule/rehearsal";
import { MINUTE_MS } from "../../../core/units/time";
import { dinnerTimetable } from "../../../words/dinnerLists";
import { atOnceWords } from "../../../words/practice";
import { clockTime, dayAndTime, dayName, timeBeside } from "../../../words/time";
import type { TimetableRow } from "../../../words/timetable";
import { titleShown } from "../../../words/titles";
import { soon } from "../../shell/clock";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { listedTogether } from "../../simulation/listed";
import { useDinner } from "../../simulation/useDinner";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";

type Moment = Called<TimetableRow>;

const SPEEDS = ["60", "120", "240"] as const;
/** Life's time between two looks at the clock. */
const TICK_MS = 100;

/** The plan gone through before the day: every call as it will come, and where one pair of hands is not enough. */
export function RehearsalBoard({ roast }: { readonly roast: Roast }) {
  const { plan } = roast;
  const { units } = useHabits();
  const simulated = useSimulatedPlan(plan);
  const { derived, beside, waiting } = useDinner(roast, plan, simulated);
  const rehearsed = useMemo(() => {
    if (!derived || waiting) return null;
    const together = listedTogether(roast, derived, beside);
    return {
      moments: momentsOf(
        dinnerTimetable(together, units),
        together.flatMap((each) => each.derived.uses),
      ),
      isInThePlan: together.some(({ derived: { resourceConflicts } }) =>
        resourceConflicts.some(({ kind }) => kind === "hands-short"),
      ),
    };
  }, [derived, waiting, beside, roast, units]);
  if (!rehearsed) {
    return <p className="py-10 text-lg text-soft">{simulated.fault ?? "Cooking it once, to see what comes when …"}</p>;
  }
  return <Played roast={roast} {...rehearsed} />;
}

interface PlayedProps {
  readonly roast: Roast;
  readonly moments: readonly Moment[];
  /** The plan knows of work that clashes, and what would help; else it is a call in the middle of work. */
  readonly isInThePlan: boolean;
}

function Played({ roast, moments, isInThePlan }: PlayedProps) {
  const reader = useHabits();
  const { plan } = roast;
  const firstMs = moments[0]?.atMs ?? 0;
  const lastMs = moments.at(-1)?.atMs ?? 0;
  const [atMs, setAtMs] = useState(firstMs - MINUTE_MS);
  const [isOn, setIsOn] = useState(false);
  const [speed, setSpeed] = useState<(typeof SPEEDS)[number]>("60");
  const isOver = atMs >= lastMs;
  useEffect(() => {
    if (!isOn || isOver) return;
    return soon(TICK_MS, () => setAtMs(rehearsedOn(atMs, TICK_MS * Number(speed), moments)));
  }, [isOn, isOver, atMs, speed, moments]);
  const shownMs = Math.max(atMs, firstMs);
  const now = moments.findLast((moment) => moment.atMs <= atMs);
  const next = moments.find((moment) => moment.atMs > atMs);
  const short = shortOfHands(moments, plan.equipment.hands);
  return (
    <div className="grid max-w-4xl gap-5 py-4">
      <div>
        <PageHeading className="text-4xl" title={`Rehearse: ${titleShown(roast, reader)}`}>
          Rehearse
        </PageHeading>
        <p className="text-soft">{titleShown(roast, reader)}: every call as it will come, and nothing of it stored.</p>
      </div>
      <section aria-label="Where hands are short">
        <h2 className="text-xl">
          {short.length === 0
            ? "Your hands are enough all along"
            : short.length === 1
              ? "Once your hands are not enough"
              : `${short.length} times your hands are not enough`}
        </h2>
        <ul className="mt-1 grid gap-1">
          {short.map((moment) => (
            <li key={moment.atMs}>
              <button
                type="button"
                className="text-left underline decoration-line-strong underline-offset-4 hover:decoration-ember"
                onClick={() => {
                  setIsOn(false);
                  setAtMs(moment.atMs);
                }}
              >
                {dayAndTime(moment.atMs, plan.zone, reader)}
              </button>
              : {atOnceWords(moment, plan.equipment.hands)}
            </li>
          ))}
        </ul>
        {short.length > 0 && (
          <p className="mt-1">
            {isInThePlan ? (
              <Link to={`/roast/${roast.id}/plan`} className="underline underline-offset-4">
                What would help stands in the plan
              </Link>
            ) : (
              "A call in the middle of other work: have it done some minutes sooner, or ask for a hand then."
            )}
          </p>
        )}
      </section>
      <section aria-label="The day" className="grid gap-3 rounded-3xl bg-ink p-5 text-mist-1">
        <p className="font-display text-5xl font-semibold">{clockTime(shownMs, plan.zone, reader)}</p>
        <p className="text-mist-1/80">{dayName(shownMs, plan.zone, reader)}</p>
        <div role="status" className="min-h-28 text-xl">
          {now ? <Calls moment={now} /> : "Nothing yet."}
        </div>
        {next && (
          <p className="text-mist-1/80">
            Next ({timeBeside(next.atMs, shownMs, plan.zone, reader)}): {next.rows.map((row) => row.what).join("; ")}
          </p>
        )}
      </section>
      <div className="flex flex-wrap items-center gap-3">
        <Button tone="primary" size="stove" disabled={isOver} onClick={() => setIsOn(!isOn)}>
          {isOver ? "That was the day" : isOn ? "Hold" : "Play"}
        </Button>
        <Button
          tone="plain"
          disabled={!next}
          onClick={() => {
            setIsOn(false);
            if (next) setAtMs(next.atMs);
          }}
        >
          To the next call
        </Button>
        <Button
          tone="plain"
          onClick={() => {
            setIsOn(false);
            setAtMs(firstMs - MINUTE_MS);
          }}
        >
          From the beginning
        </Button>
        <Segmented<(typeof SPEEDS)[number]>
          label="How fast?"
          value={speed}
          choices={SPEEDS.map((value) => ({ value, label: `${value} times life` }))}
          onChange={setSpeed}
        />
      </div>
    </div>
  );
}

function Calls({ moment }: { readonly moment: Moment }) {
  return (
    <ul className="grid gap-1">
      {moment.rows.map(({ id, what, detail }) => (
        <li key={id}>
          <b>{what}</b>
          {detail && <span className="block text-base text-mist-1/80">{detail}</span>}
        </li>
      ))}
    </ul>
  );
}
