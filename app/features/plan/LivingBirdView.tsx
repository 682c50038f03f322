import { useMemo, useState } from "react";
import type { PlannedDone } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/plan/schema";
import { highestTargetC } from "../../../core/plan/targets";
import { LIFE_PHASES, type LifePhase } from "../../../core/processes/life";
import type { Schedule } from "../../../core/schedule/backward";
import type { UnitSystem } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { OUTERMOST } from "../../../words/amounts";
import { BirdView } from "../../bird-view/BirdView";
import { usePictured } from "../../bird-view/pictured";
import { useLife } from "../../simulation/useLife";
import { Segmented } from "../../ui/Segmented";

interface Props {
  readonly plan: Plan;
  readonly cook: PlannedDone;
  readonly schedule: Schedule;
  readonly scrubMs: number;
  readonly units: UnitSystem;
}

/** The task before the oven that holds a moment. */
function phaseAt({ tasks }: Schedule, ms: number): { id: LifePhase; share: number } | null {
  for (const { id, startMs, endMs } of tasks) {
    const phase = LIFE_PHASES.find((known) => known === id);
    if (phase && ms >= startMs && ms < endMs) return { id: phase, share: (ms - startMs) / (endMs - startMs) };
  }
  return null;
}

/** The bird at the moment under the scrubber, from the freezer to the board: its whole life is one picture. */
export function LivingBirdView({ plan, cook, schedule, scrubMs, units }: Props) {
  const { life, fault } = useLife(plan, usePictured().pictured);
  const [shows, setShows] = useState<"temperature" | "salt">("temperature");
  const phase = phaseAt(schedule, scrubMs);
  const frames = useMemo(
    () =>
      phase && life
        ? life.frames
            .filter((frame) => frame.phase === phase.id)
            .map((frame) => ({
              minute: frame.minute,
              sections: shows === "salt" ? frame.saltPercent : frame.temperatureC,
              ...(frame.volume && { volume: frame.volume }),
              centresC: frame.centresC,
              coldestC: frame.coldestC,
            }))
        : [],
    [life, phase, shows],
  );
  const common = { units, targetC: highestTargetC(plan) };
  if (phase && frames.length > 0) {
    const minute = phase.share * (frames.at(-1)?.minute ?? 0);
    const near = frames.find((frame) => frame.minute >= minute) ?? frames.at(-1);
    return (
      <div className="flex h-full min-h-0 flex-col gap-1">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <Segmented<"temperature" | "salt">
            label="The picture shows"
            value={shows}
            choices={[
              { value: "temperature", label: "Temperature" },
              { value: "salt", label: "Salt" },
            ]}
            onChange={setShows}
          />
          {life && phase.id !== "thaw" && (
            <p className="text-sm text-soft">
              At the end {life.salt.whole.toFixed(1)} % salt in the whole, {life.salt.surfaceCm.toFixed(1)} % in the{" "}
              {OUTERMOST[units]}.
            </p>
          )}
        </div>
        <div className="min-h-0 grow">
          <BirdView
            {...common}
            form={plan.bird}
            shows={shows}
            frames={frames}
            {...(life && { solid: { massKg: plan.bird.massKg, lattice: life.lattice } })}
            minute={minute}
            centresC={near?.centresC ?? {}}
            coldestC={near?.coldestC ?? 0}
          />
        </div>
      </div>
    );
  }
  const minute = (scrubMs - schedule.inAtMs) / MINUTE_MS;
  const point = cook.history.find((entry) => entry.minute >= minute) ?? cook.history.at(-1) ?? cook.atCarve;
  return (
    <div className="flex h-full min-h-0 flex-col gap-1">
      {phase && <p className="text-sm text-soft">{fault ?? "Living through the days before …"}</p>}
      <div className="min-h-0 grow">
        <BirdView
          {...common}
          form={cook.form}
          shows="temperature"
          frames={cook.frames}
          solid={{ massKg: plan.bird.massKg, lattice: cook.lattice }}
          minute={minute}
          centresC={point.centresC}
          coldestC={point.coldestC}
        />
      </div>
    </div>
  );
}
