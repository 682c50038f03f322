import type { Plan, Roast } from "../../../core/formats/roast";
import { formatSpoons, SALT_NAMES } from "../../../core/kitchen/salt";
import type { Task, TaskId } from "../../../core/schedule/backward";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { formatDuration, formatTemperature } from "../../../core/units/quantity";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { countdown, dayAndTime } from "../../ui/time";
import { NextAction } from "./NextAction";
import { ThermometerChoice } from "./ThermometerChoice";

interface Props {
  readonly plan: Plan;
  readonly derived: DerivedPlan;
  readonly now: number;
  readonly thermometer: Roast["thermometer"];
  onIn(atMs: number): void;
  onThermometer(thermometer: Roast["thermometer"]): void;
}

const DAY = 86_400_000;

/** Before the oven: the next task of the plan, and the one tap that starts the cook. */
export function Before({ plan, derived, now, thermometer, onIn, onThermometer }: Props) {
  const { units } = usePreferences();
  const { schedule, salt } = derived;
  const ahead = schedule.tasks.filter((task) => task.startMs > now);
  const next: Task = ahead[0] ?? (schedule.tasks.find((task) => task.id === "roast") as Task);
  const says: Record<TaskId, string> = {
    thaw:
      plan.thawIn === "fridge"
        ? "Move the bird to the fridge, in its wrap, in a tray"
        : "Put the wrapped bird in cold water",
    salt: `Salt it all over: ${Math.round(salt.grams)} g, ${formatSpoons(salt.teaspoons)} ${SALT_NAMES[salt.kind]}`,
    dry: "Uncover it on a rack in the fridge",
    preheat: `Oven on at ${formatTemperature(plan.stages[0]?.airC ?? 0, units)}`,
    roast: "Put the bird in",
    rest: "Rest",
    carve: "Carve",
    table: "To the table",
  };
  const wait = next.startMs - now;
  return (
    <>
      <NextAction
        action={says[next.id]}
        figure={
          wait > 2 * DAY
            ? formatDuration(wait / 1000)
                .split(" ")
                .slice(0, 2)
                .join(" ")
            : countdown(wait)
        }
        below={dayAndTime(next.startMs, plan.zone)}
      />
      <Button
        tone={schedule.inAtMs - now < DAY / 2 ? "primary" : "plain"}
        size="stove"
        onClick={() => onIn(Date.now())}
      >
        The bird is in the oven
      </Button>
      <ThermometerChoice value={thermometer} onChange={onThermometer} />
      <ol className="divide-y divide-line rounded-2xl border border-line bg-mist-1 px-4">
        {schedule.tasks
          .filter((task) => task.id !== "table")
          .map((task) => (
            <li key={task.id} className="flex gap-4 py-2.5">
              <span className="w-32 shrink-0 text-soft">{dayAndTime(task.startMs, plan.zone)}</span>
              <span>{says[task.id]}</span>
            </li>
          ))}
      </ol>
    </>
  );
}
