import { Undo2 } from "lucide-react";
import { memo, useMemo } from "react";
import { cookStage, type Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { formatDuration } from "../../../core/units/quantity";
import { plainRuleWords } from "../../../words/amounts";
import { clockTime } from "../../../words/time";
import { birdOrBirds, birdsAre, titleShown } from "../../../words/titles";
import { useDays, useWaits } from "../../day/roastDay";
import { useClashes } from "../../day/useClashes";
import { useHabits, usePreferences } from "../../shell/preferences";
import { listedTogether } from "../../simulation/listed";
import type { Beside } from "../../simulation/useDinner";
import type { SimulatedPlan } from "../../simulation/useSimulatedPlan";
import { Caution } from "../../ui/Caution";
import { SafetyNotices } from "../../ui/SafetyNotices";
import { AnswerLine } from "./AnswerLine";
import { Conflicts } from "./Conflicts";
import { DinnerRow } from "./DinnerRow";
import { usePlanStore } from "./planStore";
import { Title } from "./Title";

interface Props extends Pick<SimulatedPlan, "neverMet" | "refining" | "fault"> {
  readonly roast: Roast;
  readonly plan: Plan;
  readonly cook: NonNullable<SimulatedPlan["cook"]>;
  readonly derived: DerivedPlan;
  /** As its day has moved it; null where it goes as planned, or a hand is changing the plan. */
  readonly moved: DerivedPlan | null;
  readonly beside: readonly Beside[];
  after(plan: Plan): DerivedPlan | null;
  readonly isDragged: boolean;
  readonly isClosed: boolean;
  readonly canUndo: boolean;
}

const NOTHING: ReturnType<typeof listedTogether> = [];

/** To how long it takes. */
function leadingUp({ inAt, pulledAt }: Roast["happened"], bird: Roast["plan"]["bird"], plainRule: string): string {
  if (pulledAt !== undefined) return "As it was planned, and is drawn here, it was to take";
  if (inAt !== undefined) {
    return `${birdsAre(bird)} in. As it was planned, and is drawn here, it takes`;
  }
  return `${plainRule}. ${bird.count > 1 ? "These" : "This"} ${birdOrBirds(bird)}, simulated:`;
}

/** What the plan is called and comes to, and what stands against it. */
export const PlanHead = memo(function PlanHead(props: Props) {
  const { roast, plan, cook, derived, moved, beside, after, neverMet, refining, fault } = props;
  const { isDragged, isClosed, canUndo } = props;
  const reader = useHabits();
  const { units } = usePreferences();
  const undo = usePlanStore((store) => store.undo);
  const { roastMin, inAtMs } = derived.plainRule;
  const plainRule = `${plainRuleWords(units)} would say ${formatDuration(roastMin * 60)}, in at ${clockTime(inAtMs, plan.zone, reader)}`;
  const waits = useWaits(roast.id);
  const goodForMin = useDays(({ days }) => days[roast.id]?.goodForMin);
  const isRead = useDays(({ days }) => Boolean(days[roast.id]?.forecast.forecast));
  const together = useMemo(
    () => (isDragged ? NOTHING : listedTogether({ ...roast, plan }, derived, beside)),
    [isDragged, roast, plan, derived, beside],
  );
  const clashes = useClashes(together).get(roast.id) ?? derived.resourceConflicts;
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <Title roastId={roast.id} title={titleShown({ ...roast, plan }, reader)} />
        <p className="text-[0.95rem] text-soft">
          {leadingUp(roast.happened, plan.bird, plainRule)}{" "}
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
      <SafetyNotices
        plan={plan}
        cook={cook}
        derived={moved ?? derived}
        stage={cookStage(roast)}
        goodForMin={goodForMin}
      />
      {waits && <Caution>{`${waits}. The times here are moved by it; clock and pictures are as planned.`}</Caution>}
      <AnswerLine
        plan={plan}
        cook={cook}
        derived={moved ?? derived}
        happened={roast.happened}
        isRead={moved !== null && isRead}
        units={units}
      />
      {!isClosed && (
        <Conflicts
          plan={plan}
          derived={moved ?? derived}
          clashes={clashes}
          neverMet={neverMet}
          roastId={roast.id}
          after={after}
          units={units}
        />
      )}
    </>
  );
});
