import { centresOf } from "../../../core/bird/form";
import type { PlannedDone } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/formats/roast";
import { formatSpoons, SALT_NAMES } from "../../../core/kitchen/salt";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { Doubt, Fact } from "../../ui/Doubt";
import { clockTime, dayAndTime, giveOrTake } from "../../ui/time";

interface Props {
  readonly plan: Plan;
  readonly cook: PlannedDone;
  readonly derived: DerivedPlan;
  readonly units: UnitSystem;
}

/** The numbers a cook acts on, in the order they are acted on. */
export function AnswerLine({ plan, cook, derived, units }: Props) {
  const { schedule, salt, thaw } = derived;
  const { zone } = plan;
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const centres = centresOf(plan.bird);
  const bare = (celsius: number | undefined): string =>
    celsius === undefined ? "–" : t(celsius).replace(/ °[CF]/, "°");
  const start = schedule.tasks.find((task) => task.id === "thaw");
  return (
    <section
      aria-label="What to do when"
      className="grid grid-cols-2 gap-x-5 gap-y-3 rounded-2xl border border-line bg-mist-1 px-4 pb-2.5 pt-2 shadow-card sm:grid-cols-4 lg:flex lg:justify-between"
    >
      {start && thaw && (
        <Fact
          label={plan.thawIn === "fridge" ? "Thaw in the fridge from" : "In cold water from"}
          value={dayAndTime(start.startMs, zone).split(", ")[1] ?? ""}
          note={dayAndTime(start.startMs, zone).split(", ")[0] ?? ""}
        />
      )}
      <Fact
        label={salt.grams > 0 ? "Salt" : "No salt"}
        value={salt.grams > 0 ? `${Math.round(salt.grams)} g` : "0 g"}
        note={salt.grams > 0 ? `${formatSpoons(salt.teaspoons)} ${SALT_NAMES[salt.kind]}` : "the bird was sold salted"}
      />
      <Fact
        label="Oven on"
        value={clockTime(schedule.tasks.find((task) => task.id === "preheat")?.startMs ?? 0, zone)}
        note={`at ${t(plan.stages[0]?.airC ?? 0)}`}
      />
      <Fact label="In" value={clockTime(schedule.inAtMs, zone)} note="on time 9 times in 10" />
      <Doubt
        label="Out, expected"
        value={clockTime(schedule.pullAtMs.p50, zone)}
        doubt={giveOrTake(schedule.pullAtMs.p10, schedule.pullAtMs.p90)}
      />
      <Fact
        label={`Out at, ${centres.join(" / ")}`}
        value={centres.map((centre) => bare(cook.atPull.centresC[centre])).join(" / ")}
        note={`${centres.map((centre) => bare(cook.peak[centre]?.celsius)).join(" / ")} after rest`}
      />
      <Fact
        label="Carve"
        value={clockTime(schedule.carveAtMs, zone)}
        note={`rested ${Math.round(schedule.restMin.late)} to ${Math.round(schedule.restMin.early)} min`}
      />
    </section>
  );
}
