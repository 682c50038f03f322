import { Undo2 } from "lucide-react";
import { useState } from "react";
import { withStage } from "../../../core/plan/edits";
import type { Roast } from "../../../core/plan/roast";
import { highestTargetC, type Plan } from "../../../core/plan/schema";
import type { TaskId } from "../../../core/schedule/backward";
import { formatDuration } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { clockTime } from "../../../words/time";
import { titleShown } from "../../../words/titles";
import { usePictured } from "../../bird-view/pictured";
import { CentreChart } from "../../chart/CentreChart";
import { useSize } from "../../chart/useSize";
import { ClockView } from "../../clock-view/ClockView";
import { useHabits, usePreferences } from "../../shell/preferences";
import { useDinner } from "../../simulation/useDinner";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";
import { SafetyNotices } from "../../ui/SafetyNotices";
import { AnswerLine } from "./AnswerLine";
import { Conflicts } from "./Conflicts";
import { DinnerRow } from "./DinnerRow";
import { LivingBirdView } from "./LivingBirdView";
import { NotThere } from "./NotThere";
import { usePlanStore } from "./planStore";
import { type PanelId, panelOf, StagePanel } from "./StagePanel";
import { Title } from "./Title";

interface Props {
  /** As it is stored. */
  readonly roast: Roast;
  /** As it is under the hand. */
  readonly plan: Plan;
  readonly canUndo: boolean;
}

/** Each plan as it comes under the hand, before the board is drawn with it. */
const underTheHand = (tell: (plan: Plan) => void): (() => void) =>
  usePlanStore.subscribe(({ history }) => history && tell(history.present));

/** The clock and the bird together, with the stage under the hand open beside them. */
export function PlanBoard({ roast, plan, canUndo }: Props) {
  const reader = useHabits();
  const { happened } = roast;
  const title = titleShown({ ...roast, plan }, reader);
  // Once the record is closed, it is only looked at.
  const isClosed = happened.closedAt !== undefined;
  const { units } = usePreferences();
  const { drag, settle, undo } = usePlanStore();
  const { pictured } = usePictured();
  const simulated = useSimulatedPlan(plan, pictured, underTheHand);
  const { cook, neverMet, shares, refining, fault } = simulated;
  const [selected, setSelected] = useState<TaskId>("roast");
  const [open, setOpen] = useState<PanelId>("heat");
  const [scrubbed, setScrubbed] = useState<number | null>(null);
  const chart = useSize<HTMLDivElement>();
  const { derived, beside, dishes, after } = useDinner(roast, plan, simulated);
  if (!cook || !derived) {
    return <NotThere title={title} plan={plan} neverMet={neverMet} fault={fault} units={units} />;
  }
  const { schedule } = derived;
  const serveAtMs = Date.parse(plan.serveAt);
  const scrubMs = scrubbed ?? schedule.inAtMs + cook.pullMinute * MINUTE_MS * 0.55;
  const minute = (scrubMs - schedule.inAtMs) / MINUTE_MS;
  const serve = (ms: number, settled: boolean): void => {
    const change = (before: Plan): Plan => ({ ...before, serveAt: new Date(ms).toISOString() });
    if (settled) settle(change);
    else drag(change);
  };
  const moveStage = (n: number, minute: number, settled: boolean): void => {
    const low = (plan.stages[n - 1]?.fromMin ?? 0) + 1;
    const high = (plan.stages[n + 1]?.fromMin ?? 1440) - 1;
    const change = withStage(n, { fromMin: Math.min(high, Math.max(low, minute)) });
    if (settled) settle(change);
    else drag(change);
  };
  return (
    <div className="flex grow flex-col gap-2">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <Title roastId={roast.id} title={title} />
        <p className="text-[0.95rem] text-soft">
          15 minutes a pound would say {formatDuration(derived.plainRule.roastMin * 60)}, in at{" "}
          {clockTime(derived.plainRule.inAtMs, plan.zone, reader)}. This bird, simulated:{" "}
          <b className="text-ink">{formatDuration(cook.pullMinute * 60)}</b>.
        </p>
        <span className="text-sm text-soft" role="status">
          {fault ?? (refining ? "refining …" : "")}
        </span>
        <button
          type="button"
          onClick={undo}
          disabled={!canUndo}
          className="ml-auto inline-flex min-h-10 items-center gap-1.5 rounded-full px-3 hover:bg-mist-2 disabled:opacity-50"
        >
          <Undo2 aria-hidden className="size-4" /> Undo
        </button>
      </div>
      <DinnerRow roast={roast} beside={beside} />
      {isClosed && (
        <p role="status" className="rounded-2xl border border-line-strong px-4 py-2">
          The record is closed, and its plan is only to be read. It is opened again on its own page, under Cook.
        </p>
      )}
      <SafetyNotices plan={plan} cook={cook} derived={derived} isIn={roast.happened.inAt !== undefined} />
      <AnswerLine plan={plan} cook={cook} derived={derived} units={units} />
      {!isClosed && (
        <Conflicts plan={plan} derived={derived} neverMet={neverMet} roastId={roast.id} after={after} units={units} />
      )}
      <ClockView
        schedule={schedule}
        sides={derived.sides}
        chores={derived.chores}
        stageMin={plan.stages.map(({ fromMin, when }, n) => (n === 0 || when ? null : fromMin))}
        history={cook.history}
        zone={plan.zone}
        serveAtMs={serveAtMs}
        scrubMs={scrubMs}
        selected={selected}
        onSelect={(task) => {
          setSelected(task);
          setOpen(panelOf(task));
        }}
        onScrub={setScrubbed}
        onServe={serve}
        onStage={moveStage}
      />
      <div className="grid grow grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1.9fr)_minmax(0,1fr)_344px] lg:grid-rows-[minmax(356px,calc(100dvh-430px))]">
        <section
          aria-label="The bird"
          className="grid grid-rows-[minmax(380px,auto)] lg:min-h-0 lg:grid-rows-[minmax(0,1fr)]"
        >
          <LivingBirdView plan={plan} cook={cook} schedule={schedule} scrubMs={scrubMs} units={units} />
        </section>
        <section aria-label="Deepest points" ref={chart.ref} className="h-[300px] overflow-hidden lg:h-auto lg:min-h-0">
          {chart.height > 0 && (
            <CentreChart
              history={cook.history}
              targetC={highestTargetC(plan)}
              pullMinute={cook.pullMinute}
              pullBand={{ p10: cook.pullMinute * shares.p10, p90: (schedule.latePullMs - schedule.inAtMs) / MINUTE_MS }}
              inAtMs={schedule.inAtMs}
              zone={plan.zone}
              units={units}
              minute={minute}
              width={chart.width}
              height={chart.height}
            />
          )}
        </section>
        <div inert={isClosed} className="contents">
          <StagePanel
            roast={roast}
            plan={plan}
            derived={derived}
            dishes={dishes}
            isShared={beside.length > 0}
            cook={cook}
            open={open}
            onOpen={setOpen}
            units={units}
          />
        </div>
      </div>
    </div>
  );
}
