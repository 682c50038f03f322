import { Link } from "react-router";
import { heatOnRow, type LateBefore, ROAST_ROW } from "../../../core/day/late";
import { OVERDUE_MIN } from "../../../core/day/lateStage";
import { isFire } from "../../../core/heat/sources";
import type { Plan } from "../../../core/plan/schema";
import { DAY_MS, HOUR_MS, MINUTE_MS } from "../../../core/units/time";
import { lateWords } from "../../../words/advice";
import { capital } from "../../../words/capital";
import { conflictWords } from "../../../words/conflicts";
import { heatWords } from "../../../words/names";
import { dayAndTime, durationLate, largeCountdown, timeBeside } from "../../../words/time";
import { birdsAre, goesOrGo, itOrThey, theBirds } from "../../../words/titles";
import { ProbeSheet } from "../../bird-view/ProbeGuideView";
import type { Acts } from "../../day/acts";
import { nextRow } from "../../day/next";
import type { RoastDay } from "../../day/roastDay";
import { clockNow, usePace } from "../../shell/clock";
import { useHabits, usePreferences } from "../../shell/preferences";
import { FasterWays } from "../../simulation/FasterWays";
import { RescueSheet } from "../../simulation/RescueSheet";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { useNow } from "../../ui/useNow";
import { AdviceList } from "./AdviceList";
import { ComingRows } from "./ComingRows";
import { MainAct } from "./MainAct";
import { NextAction } from "./NextAction";
import { NextRow } from "./NextRow";
import { Simulating } from "./Simulating";
import { ThermometerChoice } from "./ThermometerChoice";
import { Ticks } from "./Ticks";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/** Thawed by so long before it is to go in, it can as well begin: earlier it would wait, out of its water, for the heat. */
const EARLY_IN_WATER_MS = HOUR_MS;

/** Before the oven: what should have been first, then the next task of the plan, and the one tap that starts the cook. */
export function Before({ day, acts }: Props) {
  const reader = useHabits();
  const { pace } = usePace();
  const now = useNow();
  const { roast, stage, derived, rows, items, late, simulated } = day;
  const { plan, happened } = roast;
  const next = nextRow({ plan, stage, rows }, now);
  // What is next now has its own button, and is not called a second time below it.
  const dueId = !late && next && next.startMs <= now ? next.id : null;
  const isHeatDue = dueId === heatOnRow(plan) && dueId !== ROAST_ROW;
  const isUnknown = !derived && !simulated.neverMet && !simulated.fault;
  const inAtMs = derived?.schedule.inAtMs ?? Date.parse(plan.serveAt);
  const ice = derived?.conflicts.find(({ kind }) => kind === "thaws-late");
  return (
    <>
      {ice && (
        <Caution
          actions={
            <Link
              to={`/roast/${roast.id}/plan`}
              className="min-h-12 content-center font-semibold underline underline-offset-4"
            >
              What can still be done
            </Link>
          }
        >
          {conflictWords(ice, reader.units, (ms) => dayAndTime(ms, plan.zone, reader))}
        </Caution>
      )}
      {late ? (
        <LateNow day={day} late={late} acts={acts} />
      ) : next ? (
        <>
          <NextRow row={next} now={now} zone={plan.zone} />
          {isHeatDue && <HeatIsOn plan={plan} acts={acts} />}
        </>
      ) : (
        // Where the countdown will stand, and as large: nothing moves under the finger when it is there.
        isUnknown && (
          <NextAction
            action="Working out what is next"
            figure="…"
            below="It is cooked once in the computer; nothing has to wait for that."
          />
        )
      )}
      <MainAct>
        <Button
          tone={isHeatDue || (late && late.what !== "bird") ? "plain" : inAtMs - now < DAY_MS / 2 ? "primary" : "plain"}
          size="stove"
          onClick={() => void acts.goesIn(clockNow())}
        >
          {birdsAre(plan.bird)} {heatWords(plan.heat).in}
        </Button>
      </MainAct>
      {late && late.lateMin > 0 && (
        // Below what a hand may be on its way to.
        <FasterWays
          plan={plan}
          fromMs={late.inAtMs}
          asPlannedMs={late.derived.schedule.serveAtMs}
          onTake={(change) => acts.replans(change, "Noted: the quicker way is the plan now")}
        />
      )}
      <Simulating day={day} isToldAbove />
      <AdviceList items={items.filter(({ about }) => about.kind !== "row" || about.id !== dueId)} acts={acts} />
      <ThermometerChoice
        value={roast.thermometer}
        onChange={(thermometer) => void acts.change((before) => ({ ...before, thermometer }))}
      />
      {plan.bird.state !== "fresh" && inAtMs - now < DAY_MS && (
        <RescueSheet
          plan={plan}
          isSalted={happened.ticked?.includes("salt") ?? false}
          onTake={(left, thawIn, waterMin) =>
            acts.hasIce(left, thawIn, clockNow() + waterMin * MINUTE_MS > inAtMs - EARLY_IN_WATER_MS)
          }
        />
      )}
      <ProbeSheet plan={plan} inAtMs={inAtMs} />
      {!pace && (
        <Link
          to={`/practice?roast=${roast.id}`}
          className="min-h-12 content-center self-start px-4 underline underline-offset-4"
        >
          Practise this roast first, on a fast clock
        </Link>
      )}
      {!pace && (
        <Link
          to={`/roast/${roast.id}/rehearse`}
          className="min-h-12 content-center self-start px-4 underline underline-offset-4"
        >
          Rehearse the day: what comes when, and where hands are short
        </Link>
      )}
      {rows.length > 0 && <ComingRows rows={rows} now={now} zone={plan.zone} label="What is still to come" />}
      <Ticks day={day} acts={acts} />
    </>
  );
}

const HeatIsOn = ({ plan, acts }: { readonly plan: Plan; readonly acts: Acts }) => (
  <Button tone="primary" size="stove" onClick={() => acts.ticks(heatOnRow(plan))}>
    {isFire(plan.heat) ? "The fire is lit" : "The oven is on"}
  </Button>
);

/** Late is a state: what to do now, what that makes of dinner, and what would be quicker. */
function LateNow({ day, late, acts }: Props & { readonly late: NonNullable<RoastDay["late"]> }) {
  const reader = useHabits();
  const { units } = usePreferences();
  const now = useNow();
  const { plan, createdAt } = day.roast;
  const at = (ms: number): string => timeBeside(ms, now, plan.zone, reader);
  const { serveAtMs } = late.derived.schedule;
  const dueInMs = day.derived?.schedule.inAtMs ?? Number.POSITIVE_INFINITY;
  // It may have gone in when it was to, and nobody has said so; of a plan made later it was to do nothing then.
  const wentInMs = now > dueInMs + OVERDUE_MIN * MINUTE_MS && Date.parse(createdAt) < dueInMs ? dueInMs : null;
  return (
    <>
      <NextAction
        action={lateWords(late, plan, units).does}
        {...(late.what === "wait" ? largeCountdown(late.inAtMs - now) : { figure: "now" })}
        below={
          <>
            <b className="block text-2xl">
              Dinner at {at(serveAtMs)}
              {late.lateMin > 0 ? `, ${durationLate(late.lateMin)}` : ", still in time"}
            </b>
            {lateBy(late, plan.bird, at)}
          </>
        }
      />
      {late.what === "heat" && <HeatIsOn plan={plan} acts={acts} />}
      <div className="grid grid-flow-col auto-cols-fr gap-3 empty:hidden">
        {late.what === "heat" && (
          <Button size="stove" onClick={() => acts.ticks(heatOnRow(plan), late.dueMs)}>
            {isFire(plan.heat) ? "It was lit" : "It was on"} at {at(late.dueMs)}
          </Button>
        )}
        {wentInMs !== null && (
          <Button size="stove" onClick={() => void acts.goesIn(wentInMs)}>
            {plan.bird.count > 1 ? "They" : "It"} went in at {at(wentInMs)}
          </Button>
        )}
      </div>
    </>
  );
}

/** What should have been, and what comes of it. @param at writes a time */
function lateBy({ what, dueMs, inAtMs }: LateBefore, bird: Plan["bird"], at: (ms: number) => string): string {
  const they = itOrThey(bird);
  const go = goesOrGo(bird);
  switch (what) {
    case "heat":
      return `It should have been on at ${at(dueMs)}; on now, ${theBirds(bird)} ${go} in at ${at(inAtMs)}.`;
    case "wait":
      return `${capital(they)} should have gone in at ${at(dueMs)}; ${they} ${go} in at ${at(inAtMs)}, into full heat.`;
    case "bird":
      return `${capital(they)} should have gone in at ${at(dueMs)}.`;
  }
}
