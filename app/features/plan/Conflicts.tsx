import type { NeverMet } from "../../../core/processes/cook";
import type { Conflict } from "../../../core/schedule/backward";
import { formatDuration, formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { TASK_NAMES } from "../../clock-view/ClockView";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { dayAndTime } from "../../ui/time";
import { usePlanStore } from "./planStore";

interface Props {
  readonly conflicts: readonly Conflict[];
  readonly neverMet: NeverMet | null;
  readonly units: UnitSystem;
  readonly zone: string;
}

/** What cannot fit, said where it is seen, with the remedies under the hand. */
export function Conflicts({ conflicts, neverMet, units, zone }: Props) {
  if (conflicts.length === 0 && !neverMet) return null;
  return (
    <div className="grid gap-2">
      {neverMet && (
        <Caution>
          The oven as set never brings the {neverMet.centre} to {formatTemperature(neverMet.targetC, units)}: the
          highest was {formatTemperature(neverMet.highestC, units)}. What is drawn is the last plan that did.
        </Caution>
      )}
      {conflicts.map((conflict) => (
        <ConflictCaution key={conflict.kind} conflict={conflict} zone={zone} />
      ))}
    </div>
  );
}

function ConflictCaution({ conflict, zone }: { readonly conflict: Conflict; readonly zone: string }) {
  const { settle } = usePlanStore();
  const water = (
    <Button
      key="water"
      onClick={() =>
        settle((plan) => ({ ...plan, thawIn: "water", salt: { ...plan.salt, saltHours: 0, dryHours: 0 } }))
      }
    >
      Thaw in cold water, salt at the oven
    </Button>
  );
  const shorter = (
    <Button
      key="shorter"
      onClick={() => settle((plan) => ({ ...plan, salt: { ...plan.salt, saltHours: 12, dryHours: 0 } }))}
    >
      Salt 12 h, no drying
    </Button>
  );
  switch (conflict.kind) {
    case "too-late": {
      const remedies = { thaw: [water, shorter], salt: [shorter], dry: [shorter] }[conflict.task as string];
      return (
        <Caution actions={remedies}>
          {TASK_NAMES[conflict.task]} should have begun {dayAndTime(conflict.startMs, zone)},{" "}
          {formatDuration(conflict.byMs / 1000)} ago. Eat later, or shorten what comes before the oven.
        </Caution>
      );
    }
    case "thawed-in-water-waits":
      return (
        <Caution actions={[water]}>
          A bird thawed in water is cooked at once; {formatDuration(conflict.hours * 3600)} of salting and drying cannot
          follow.
        </Caution>
      );
    case "waits-too-long-raw":
      return (
        <Caution actions={[shorter]}>
          {conflict.days.toFixed(1)} days raw in the fridge is longer than the usual guidance of {conflict.limitDays}.
          Follow your local food-safety authority.
        </Caution>
      );
  }
}
