import type { Plan } from "../../../core/formats/roast";
import type { NeverMet } from "../../../core/processes/cook";
import type { Conflict } from "../../../core/schedule/backward";
import type { ResourceConflict } from "../../../core/schedule/sides";
import { formatDuration, formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { TASK_NAMES } from "../../clock-view/ClockView";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { dayAndTime } from "../../ui/time";
import { usePlanStore } from "./planStore";

interface Props {
  readonly conflicts: readonly Conflict[];
  readonly resources: readonly ResourceConflict[];
  readonly neverMet: NeverMet | null;
  readonly units: UnitSystem;
  readonly zone: string;
}

/** What cannot fit, said where it is seen, with the remedies under the hand. */
export function Conflicts({ conflicts, resources, neverMet, units, zone }: Props) {
  if (conflicts.length === 0 && resources.length === 0 && !neverMet) return null;
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
      {resources.map((conflict) => (
        <ResourceCaution
          key={`${conflict.kind} ${conflict.tasks.map(({ id }) => id).join(" ")}`}
          conflict={conflict}
          zone={zone}
          units={units}
        />
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

/** Two things want one oven or one ring: which, from when, and what can be done by one tap. */
function ResourceCaution({
  conflict: { kind, tasks, fromMs },
  zone,
  units,
}: {
  readonly conflict: ResourceConflict;
  readonly zone: string;
  readonly units: UnitSystem;
}) {
  const { settle } = usePlanStore();
  const [first, second] = tasks;
  const ids = tasks.flatMap(({ id }) => (id === null ? [] : [id]));
  const change = (what: (side: Plan["sides"][number]) => Partial<Plan["sides"][number]>) => (): void =>
    settle((plan) => ({
      ...plan,
      sides: plan.sides.map((side) => (ids.includes(side.id) ? { ...side, ...what(side) } : side)),
    }));
  const both = `${first.name} and ${second.name}`;
  const from = `from ${dayAndTime(fromMs, zone)}`;
  if (kind === "rings-full") {
    return (
      <Caution actions={<Button onClick={change(() => ({ ring: false }))}>They need no ring</Button>}>
        {both} want more rings than there are, {from}.
      </Caution>
    );
  }
  const shared = first.ovenC ?? second.ovenC;
  return (
    <Caution
      actions={
        <>
          <Button onClick={change(() => ({ slot: "auto" }))}>Put them wherever they fit</Button>
          {kind === "oven-two-temperatures" && shared !== null && (
            <Button onClick={change(() => ({ ovenC: shared }))}>
              Bake at {formatTemperature(shared, units)}, with more time
            </Button>
          )}
        </>
      }
    >
      {kind === "oven-full"
        ? `${both} do not find room in one oven together, ${from}.`
        : `${both} want one oven at ${tasks.map(({ ovenC }) => formatTemperature(ovenC ?? 0, units)).join(" and ")}, ${from}.`}
    </Caution>
  );
}
