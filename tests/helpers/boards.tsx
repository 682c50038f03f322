/** The boards' own components for a plan, as text: what the plan, the clock and the stove would show of it. */

import { renderToStaticMarkup } from "react-dom/server";
import { MemoryRouter } from "react-router";
import { CentreChart } from "../../app/chart/CentreChart";
import { ClockView } from "../../app/clock-view/ClockView";
import { actsOf } from "../../app/day/acts";
import type { RoastDay } from "../../app/day/roastDay";
import { Before } from "../../app/features/cook/Before";
import { Resting } from "../../app/features/cook/Resting";
import { Roasting } from "../../app/features/cook/Roasting";
import { AnswerLine } from "../../app/features/plan/AnswerLine";
import { Conflicts } from "../../app/features/plan/Conflicts";
import { usePreferences } from "../../app/shell/preferences";
import { SafetyNotices } from "../../app/ui/SafetyNotices";
import type { LateBefore } from "../../core/day/late";
import type { RestPlan } from "../../core/day/restPlan";
import type { PlannedDone } from "../../core/forecast/planned";
import { predictionOf } from "../../core/forecast/prediction";
import type { Reading } from "../../core/forecast/reading";
import type { Shares } from "../../core/forecast/shares";
import type { Roast } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
import { targetsOf } from "../../core/plan/targets";
import type { DerivedPlan } from "../../core/schedule/derive";
import type { UnitSystem } from "../../core/units/quantity";
import { MINUTE_MS } from "../../core/units/time";
import { timetableOf } from "../../words/timetable";
import { READERS } from "./readers";
import { sampleRoast } from "./sampleRoast";

interface Shown {
  readonly plan: Plan;
  readonly cook: PlannedDone;
  readonly derived: DerivedPlan;
  readonly shares: Shares;
  readonly units: UnitSystem;
  /** What has not happened yet, though it should have. */
  readonly late?: LateBefore | null;
  /** What its thermometers showed, once it is in. */
  readonly believed?: readonly Reading[];
}

/** Good to carve, short of its target, and not known yet. */
const RESTING: RestPlan = {
  earliestMin: 20,
  latestMin: 60,
  latestBecause: "cools",
  carveMin: 30,
  overMin: 0,
  fallsShort: false,
  backInMin: null,
};
const RESTS = [RESTING, { ...RESTING, fallsShort: true, backInMin: 12 }, null];

const nothing = (): void => undefined;

type Clocked = Pick<Shown, "plan" | "cook" | "derived">;

/** @param earlierMs than its dinner asks for, it went in */
function Clock({ plan, cook, derived, earlierMs = 0 }: Clocked & { readonly earlierMs?: number }) {
  const { schedule } = derived;
  const earlier = {
    ...schedule,
    inAtMs: schedule.inAtMs - earlierMs,
    tasks: schedule.tasks.map((task) => ({ ...task, startMs: task.startMs - earlierMs })),
  };
  return (
    <ClockView
      schedule={earlier}
      sides={derived.sides}
      chores={derived.chores}
      stageMin={plan.stages.map(() => null)}
      history={cook.history}
      zone={plan.zone}
      serveAtMs={schedule.serveAtMs}
      scrubMs={schedule.inAtMs}
      selected="roast"
      onSelect={nothing}
      onScrub={nothing}
      onServe={nothing}
      onStage={nothing}
    />
  );
}

const clockMarkup = (shown: Clocked, earlierMs = 0): string =>
  renderToStaticMarkup(
    <MemoryRouter>
      <Clock {...shown} earlierMs={earlierMs} />
    </MemoryRouter>,
  );

/** How many elements the clock is made of. */
export const clockSize = (shown: Clocked, earlierMs: number): number =>
  clockMarkup(shown, earlierMs).split("</").length;

/** How far from its left edge what stands on the clock begins, px. */
export const clockLefts = (shown: Clocked): readonly number[] =>
  [...clockMarkup(shown).matchAll(/left:(-?[\d.e-]+)px/g)].map(([, px]) => Number(px));

/** The text that is read on them, tags taken off. @throws whatever a screen would throw */
export function shownBy({ plan, cook, derived, shares, units, late = null, believed = [] }: Shown): string {
  // Without a page a store is rendered as it began.
  Object.assign(usePreferences.getInitialState(), READERS[units]);
  const { schedule } = derived;
  const inAt = new Date(schedule.inAtMs).toISOString();
  const roast: Roast = { ...sampleRoast(), plan };
  const isIn: Roast = { ...roast, happened: { inAt, predicted: predictionOf(cook, shares, schedule.inAtMs) } };
  const pulledAt = new Date(schedule.pullAtMs.p50).toISOString();
  const isOut: Roast = { ...isIn, happened: { ...isIn.happened, pulledAt } };
  const day: RoastDay = {
    roast,
    stage: "planned",
    simulated: { cook, neverMet: null, shares, refining: false, fault: null },
    derived,
    beside: [],
    readings: [],
    observed: [],
    believed,
    lost: [],
    seemsMade: false,
    goalsC: targetsOf(plan),
    options: null,
    forecast: { forecast: null, change: null, refitting: false, fault: null },
    present: null,
    goodForMin: 90,
    rest: null,
    late,
    kept: null,
    leftovers: null,
    rows: timetableOf(plan, derived, units),
    placed: timetableOf(plan, derived, units),
    renewed: null,
    ticked: [],
    passed: [],
    lateMin: 0,
    reached: false,
    heldUntilMs: null,
    items: [],
    calls: [],
    next: null,
    doubted: () => [],
  };
  const markup = renderToStaticMarkup(
    <MemoryRouter>
      <SafetyNotices plan={plan} cook={cook} derived={derived} />
      <AnswerLine plan={plan} cook={cook} derived={derived} happened={{}} isRead={false} units={units} />
      <AnswerLine plan={plan} cook={cook} derived={derived} happened={isIn.happened} isRead units={units} />
      <Conflicts
        roastId={roast.id}
        plan={plan}
        derived={derived}
        clashes={derived.resourceConflicts}
        neverMet={null}
        after={() => derived}
        units={units}
      />
      <Clock plan={plan} cook={cook} derived={derived} />
      <CentreChart
        history={cook.history}
        targetC={74}
        pullMinute={cook.pullMinute}
        pullBand={{ p10: cook.pullMinute * shares.p10, p90: (schedule.latePullMs - schedule.inAtMs) / MINUTE_MS }}
        inAtMs={schedule.inAtMs}
        zone={plan.zone}
        units={units}
        minute={10}
        width={400}
        height={300}
      />
      <Before day={day} acts={actsOf(roast.id)} />
      <Roasting day={{ ...day, roast: isIn, stage: "roasting" }} acts={actsOf(isIn.id)} />
      {RESTS.map((rest) => (
        <Resting
          key={`${rest?.fallsShort}`}
          day={{ ...day, roast: isOut, stage: "resting", rest }}
          acts={actsOf(isOut.id)}
        />
      ))}
    </MemoryRouter>,
  );
  return markup.replace(/<[^>]*>/g, " ");
}
