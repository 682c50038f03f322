import { memo } from "react";
import { plannedInput } from "../../../core/forecast/plannedInput";
import { isFire } from "../../../core/heat/sources";
import { carveMinOf } from "../../../core/plan/carving";
import type { Plan } from "../../../core/plan/schema";
import { ownFire } from "../../../core/plan/together";
import type { NeverMet } from "../../../core/processes/cook";
import { restFor } from "../../../core/processes/rest";
import { atOnce, atOnceInMs } from "../../../core/schedule/atOnce";
import type { TaskId } from "../../../core/schedule/backward";
import { isUnbegun } from "../../../core/schedule/conflicts";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { remediesOf } from "../../../core/schedule/remedies";
import { resourceRemedies } from "../../../core/schedule/resourceRemedies";
import type { ResourceConflict } from "../../../core/schedule/resources";
import type { UnitSystem } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { changeRoast } from "../../../storage/roasts";
import { conflictWords, resourceWords } from "../../../words/conflicts";
import { dayAndTime } from "../../../words/time";
import { type Acts, actsOf } from "../../day/acts";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { FasterWays } from "../../simulation/FasterWays";
import { useCooks } from "../../simulation/useCooks";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { MomentField } from "../../ui/MomentField";
import { NeverThere } from "./NeverThere";
import { usePlanStore } from "./planStore";
import { Remedies } from "./Remedies";

interface Props {
  readonly roastId: string;
  readonly plan: Plan;
  readonly derived: DerivedPlan;
  /** What it wants of the kitchen beyond what there is. */
  readonly clashes: readonly ResourceConflict[];
  readonly neverMet: NeverMet | null;
  /** What a changed plan would still come to, with the simulations that are there. */
  after(plan: Plan): DerivedPlan | null;
  readonly units: UnitSystem;
}

/** What cannot fit, said where it is seen, with the remedies under the hand: each is tried, so not once more while time is scrubbed. */
export const Conflicts = memo(function Conflicts({ roastId, plan, derived, clashes, neverMet, after, units }: Props) {
  const reader = useHabits();
  const { conflicts } = derived;
  if (conflicts.length === 0 && clashes.length === 0 && !neverMet) return null;
  return (
    <div className="grid gap-2">
      {neverMet && (
        <NeverThere plan={plan} neverMet={neverMet} units={units}>
          What is drawn is the last plan that did.
        </NeverThere>
      )}
      {conflicts.map((conflict) => (
        <Caution
          key={JSON.stringify({ ...conflict, begunMs: 0, readyMs: 0, byMs: 0 })}
          actions={
            <>
              {isUnbegun(conflict) && <Begun acts={actsOf(roastId)} task={conflict.task} />}
              {conflict.kind === "thaws-late" && (
                <MomentField
                  label="It thaws since"
                  atMs={conflict.begunMs}
                  zone={plan.zone}
                  latest={{ ms: clockNow, what: "now" }}
                  onChange={(ms) => void actsOf(roastId).happens({ thawBegunAt: new Date(ms).toISOString() })}
                />
              )}
              <Remedies
                units={units}
                of={remediesOf(conflict, plan, (changed) => (after(changed) ?? derived).conflicts)}
              />
              {(conflict.kind === "too-late" || conflict.kind === "thaws-late") && (
                <QuickWays plan={plan} derived={derived} />
              )}
              {conflict.kind === "done-too-soon" && <OwnFire roastId={roastId} heat={plan.heat} />}
            </>
          }
        >
          {conflictWords(conflict, units, (ms) => dayAndTime(ms, plan.zone, reader))}
        </Caution>
      ))}
      {clashes.map((conflict) => (
        <Caution
          key={`${conflict.kind} ${conflict.uses.map(({ id, of = "" }) => `${of} ${id}`).join(" ")}`}
          actions={
            <Remedies
              units={units}
              of={resourceRemedies(conflict, plan, (changed) => after(changed)?.resourceConflicts ?? clashes)}
            />
          }
        >
          {resourceWords(conflict, plan, derived, units)}, from {dayAndTime(conflict.fromMs, plan.zone, reader)}.
        </Caution>
      ))}
    </div>
  );
});

/** Whether a first task has begun in time; a thaw that has not is held against what follows. */
function Begun({ acts, task }: { readonly acts: Acts; readonly task: TaskId }) {
  return (
    <>
      <Button size="small" onClick={() => acts.ticks(task)}>
        It began in time
      </Button>
      {task === "thaw" && (
        <Button size="small" onClick={() => acts.thaws()}>
          It begins just now
        </Button>
      )}
    </>
  );
}

/** A piece that is done too soon goes in later, by itself. */
function OwnFire({ roastId, heat }: { readonly roastId: string; readonly heat: Plan["heat"] }) {
  return (
    <Button
      size="small"
      onClick={() =>
        void stored(
          "That was",
          changeRoast(database(), roastId, (roast) => ownFire(roast, crypto.randomUUID())),
        )
      }
    >
      {isFire(heat) ? "Onto the heat later, by itself" : "Into the oven later, by itself"}
    </Button>
  );
}

/** With no time left: thawed and salted at once and cut for it, each way simulated, and when dinner would be. */
function QuickWays({ plan, derived: { schedule } }: Pick<Props, "plan" | "derived">) {
  const { settle } = usePlanStore();
  const quick = atOnce(plan);
  const isFrozen = plan.bird.state !== "fresh";
  const [thawed] = useCooks(quick && isFrozen ? [plannedInput(quick)] : [], "preview");
  const thawHours = isFrozen ? (thawed?.kind === "cooked" ? thawed.cook.thawHours : Number.POSITIVE_INFINITY) : 0;
  if (!quick || thawHours === Number.POSITIVE_INFINITY) return null;
  const roastMs = schedule.pullAtMs.p50 - schedule.inAtMs;
  const { massKg } = plan.bird;
  const fromMs = atOnceInMs(quick, thawHours, clockNow());
  const restMs = (restFor(massKg).shortestMin + carveMinOf(plan)) * MINUTE_MS;
  const asPlannedMs = fromMs + roastMs + restMs;
  // Where it is in time as it is cut, another cut is not asked for: the remedies beside this say how.
  if (asPlannedMs <= Date.parse(plan.serveAt)) return null;
  return (
    <FasterWays
      plan={quick}
      fromMs={fromMs}
      asPlannedMs={asPlannedMs}
      size="table"
      onTake={(change) => settle((before) => change(atOnce(before) ?? before))}
    />
  );
}
