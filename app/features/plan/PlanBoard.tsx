import { useCallback, useDeferredValue, useMemo, useState } from "react";
import { dishesNow } from "../../../core/day/dishesNow";
import { stageRoom, withStage } from "../../../core/plan/edits";
import type { Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import type { TaskId } from "../../../core/schedule/backward";
import { MINUTE_MS } from "../../../core/units/time";
import { titleShown } from "../../../words/titles";
import { usePictured } from "../../bird-view/pictured";
import { ClockView } from "../../clock-view/ClockView";
import { useMoved, usePlaced } from "../../day/roastDay";
import { useHappened } from "../../day/useHeard";
import { useHabits, usePreferences } from "../../shell/preferences";
import { useDinner } from "../../simulation/useDinner";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";
import { NotThere } from "./NotThere";
import { PlanHead } from "./PlanHead";
import { PlanPictures } from "./PlanPictures";
import { usePlanStore } from "./planStore";
import { type PanelId, panelOf, StagePanel } from "./StagePanel";

interface Props {
  /** As it is stored. */
  readonly roast: Roast;
  /** As it is under the hand. */
  readonly plan: Plan;
  readonly isDragged: boolean;
  readonly canUndo: boolean;
}

/** Each plan as it comes under the hand, before the board is drawn with it. */
const underTheHand = (tell: (plan: Plan) => void): (() => void) =>
  usePlanStore.subscribe(({ history }) => history && tell(history.present));

/** Shown while the hand moves, kept when it lets go. */
function change(how: (before: Plan) => Plan, settled: boolean): void {
  const { drag, settle } = usePlanStore.getState();
  if (settled) settle(how);
  else drag(how);
}

const serve = (ms: number, settled: boolean): void =>
  change((before) => ({ ...before, serveAt: new Date(ms).toISOString() }), settled);

/** Between the one before it and the one after. */
const moveStage = (n: number, minute: number, settled: boolean): void =>
  change((before) => {
    const { least, most } = stageRoom(before, n);
    return withStage(n, { fromMin: Math.min(most, Math.max(least, minute)) })(before);
  }, settled);

/** The clock and the bird together, with the stage under the hand open beside them. */
export function PlanBoard({ roast, plan, isDragged, canUndo }: Props) {
  const reader = useHabits();
  // Once the record is closed, it is only looked at.
  const isClosed = roast.happened.closedAt !== undefined;
  const { units } = usePreferences();
  const { pictured } = usePictured();
  const simulated = useSimulatedPlan(plan, {
    pictured,
    ahead: underTheHand,
    happened: useHappened(roast),
  });
  const { cook, neverMet, shares, refining, fault } = simulated;
  const [selected, setSelected] = useState<TaskId>("roast");
  const [open, setOpen] = useState<PanelId>("heat");
  const [scrubbed, setScrubbed] = useState<number | null>(null);
  const select = useCallback((task: TaskId): void => {
    setSelected(task);
    setOpen(panelOf(task));
  }, []);
  // What is beside the hand waits for the answer to its move, and is drawn once with both.
  const shown = isDragged ? simulated.shown : plan;
  const stageMin = useMemo(
    () => shown.stages.map(({ fromMin, when }, n) => (n === 0 || when ? null : fromMin)),
    [shown.stages],
  );
  const dinner = useDinner(roast, shown, simulated);
  // What is read comes a breath after what is drawn: a hand that drags looks at the pictures.
  const { derived, beside, dishes, after, ...read } = useDeferredValue(
    useMemo(() => ({ plan: shown, cook, ...dinner }), [shown, cook, dinner]),
  );
  // What a hand changes is seen as planned until it lets go: the day goes by what is stored.
  const ofTheDay = useMoved(roast);
  const moved = isDragged ? null : ofTheDay;
  const placed = usePlaced(roast, beside);
  if (!cook || !dinner.derived || !read.cook || !derived) {
    return (
      <NotThere
        title={titleShown({ ...roast, plan }, reader)}
        roast={roast}
        plan={plan}
        neverMet={neverMet}
        fault={fault}
        units={units}
      />
    );
  }
  const { schedule, sides, chores } = dinner.derived;
  const scrubMs = scrubbed ?? schedule.inAtMs + cook.pullMinute * MINUTE_MS * 0.55;
  return (
    <div className="flex grow flex-col gap-2">
      <PlanHead
        roast={roast}
        plan={read.plan}
        cook={read.cook}
        derived={derived}
        moved={moved}
        beside={beside}
        after={after}
        neverMet={neverMet}
        refining={refining}
        fault={fault}
        isDragged={isDragged}
        isClosed={isClosed}
        canUndo={canUndo}
      />
      <ClockView
        schedule={schedule}
        sides={sides}
        chores={chores}
        stageMin={stageMin}
        history={cook.history}
        zone={shown.zone}
        serveAtMs={Date.parse(shown.serveAt)}
        scrubMs={scrubMs}
        selected={selected}
        onSelect={select}
        onScrub={setScrubbed}
        onServe={serve}
        onStage={moveStage}
      />
      <div className="grid grow grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)_344px] lg:grid-rows-[minmax(356px,calc(100dvh-430px))]">
        <PlanPictures plan={shown} cook={cook} earlyShare={shares.p10} schedule={schedule} scrubMs={scrubMs} />
        <div inert={isClosed} className="contents">
          <StagePanel
            roast={roast}
            plan={plan}
            derived={moved ?? derived}
            dishes={
              moved
                ? dishesNow(
                    dishes,
                    [...placed.values()].flatMap((rows) => rows ?? []),
                  )
                : dishes
            }
            isShared={beside.length > 0}
            cook={read.cook}
            open={open}
            onOpen={setOpen}
            units={units}
          />
        </div>
      </div>
    </div>
  );
}
