import type { PlannedDone } from "../../../core/forecast/planned";
import { NEVER } from "../../../core/forecast/shares";
import { isFire } from "../../../core/heat/sources";
import { goesInCold } from "../../../core/kitchen/broughtUp";
import { thawPlaceOf } from "../../../core/plan/ice";
import { preheatedC } from "../../../core/plan/methods";
import type { Roast } from "../../../core/plan/roast";
import { saltEach } from "../../../core/plan/saltPlan";
import type { Plan } from "../../../core/plan/schema";
import { decidingCentres } from "../../../core/plan/targets";
import { taskOf } from "../../../core/schedule/backward";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { heatOnMs } from "../../../core/schedule/heatOn";
import { formatDuration, formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { formatSpoons, liquid, restRange, small } from "../../../words/amounts";
import { PART_NAMES, SALT_NAMES } from "../../../words/names";
import { clockTime, dayBeside, dayName, giveOrTake } from "../../../words/time";
import { forEachBird, itOrThey, theBirds } from "../../../words/titles";
import { useHabits } from "../../shell/preferences";
import { Doubt, Fact } from "../../ui/Doubt";

interface Props {
  readonly plan: Plan;
  readonly cook: PlannedDone;
  /** As it is expected now. */
  readonly derived: DerivedPlan;
  readonly happened: Roast["happened"];
  /** When it is out is known by its readings. */
  readonly isRead: boolean;
  readonly units: UnitSystem;
}

/** How the heat is turned on, before how hot it is to be. */
function onAs(plan: Plan): string {
  if (isFire(plan.heat)) return "to be at";
  return goesInCold(plan) ? `${theBirds(plan.bird)} in it, at` : "at";
}

/** The numbers a cook acts on, in the order they are acted on. */
export function AnswerLine({ plan, cook, derived, happened, isRead, units }: Props) {
  const reader = useHabits();
  const { schedule, salt } = derived;
  const each = saltEach(salt);
  const { zone } = plan;
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const centres = decidingCentres(plan);
  const bare = (celsius: number | undefined): string =>
    celsius === undefined ? "–" : t(celsius).replace(/ °[CF]/, "°");
  const start = taskOf(schedule, "thaw");
  const { heatOnAt, inAt, pulledAt, carvedAt } = happened;
  const plannedOnMs = heatOnMs(derived, plan);
  const onMs = plannedOnMs !== null && heatOnAt !== undefined ? Date.parse(heatOnAt) : plannedOnMs;
  const outMs = pulledAt === undefined ? null : Date.parse(pulledAt);
  const carveMs = carvedAt === undefined ? schedule.carveAtMs : Date.parse(carvedAt);
  /** A moment's name, with its day where that is another than dinner's. */
  const named = (name: string, ms: number): string => {
    const day = dayBeside(ms, Date.parse(plan.serveAt), zone, reader);
    return day === null ? name : `${name}, ${day}`;
  };
  return (
    <section
      aria-label="What to do when"
      className="grid grid-cols-2 gap-x-5 gap-y-3 rounded-2xl border border-line bg-mist-1 px-4 pb-2.5 pt-2 shadow-card sm:grid-cols-4 lg:flex lg:justify-between"
    >
      {start && (
        <Fact
          label={
            { fridge: "Thaw in the fridge from", water: "In cold water from", brine: "In the brine from", none: "" }[
              thawPlaceOf(plan)
            ]
          }
          value={clockTime(start.startMs, zone, reader)}
          note={dayName(start.startMs, zone, reader)}
        />
      )}
      <Fact
        label="Salt"
        value={salt.grams > 0 ? small(each.grams, units) : "none"}
        note={
          salt.grams > 0
            ? `${formatSpoons(each.teaspoons, units)} ${SALT_NAMES[plan.salt.kind]}${salt.bath ? `, in ${liquid(salt.bath.waterL * 1000, units)}` : ""}${forEachBird(plan.bird, salt.portions)}`
            : plan.bird.preSalted
              ? "sold salted"
              : "as you chose"
        }
      />
      {onMs === null ? (
        <Fact
          label={isFire(plan.heat) ? "Fire" : "Oven"}
          value="on"
          note={`for another roast, at ${t(plan.stages[0]?.airC ?? 0)}`}
        />
      ) : (
        <Fact
          label={named(isFire(plan.heat) ? "Fire lit" : "Oven on", onMs)}
          value={clockTime(onMs, zone, reader)}
          note={`${onAs(plan)} ${t(preheatedC(plan))}`}
        />
      )}
      <Fact
        label={named("In", schedule.inAtMs)}
        value={clockTime(schedule.inAtMs, zone, reader)}
        note={
          inAt !== undefined
            ? `${itOrThey(plan.bird)} went in then`
            : schedule.pullAtMs.p90 === NEVER
              ? "if the heat suffices"
              : "on time 9 times in 10"
        }
      />
      {outMs === null ? (
        <Doubt
          label={named(isRead ? "Out, by its readings" : "Out, expected", schedule.pullAtMs.p50)}
          value={clockTime(schedule.pullAtMs.p50, zone, reader)}
          doubt={giveOrTake(schedule.pullAtMs.p10, schedule.pullAtMs.p90)}
        />
      ) : (
        <Fact
          label={named("Out", outMs)}
          value={clockTime(outMs, zone, reader)}
          note={`in the heat for ${formatDuration((outMs - schedule.inAtMs) / 1000)}`}
        />
      )}
      <Fact
        label={`${inAt === undefined ? "At" : "Planned at"} the pull, ${centres.map((centre) => PART_NAMES[centre]).join(" / ")}`}
        value={centres.map((centre) => bare(cook.atPull.centresC[centre])).join(" / ")}
        note={`${centres.map((centre) => bare(cook.peak[centre]?.celsius)).join(" / ")} after rest`}
      />
      <Fact
        label={named(carvedAt === undefined ? "Carve" : "Carved", carveMs)}
        value={clockTime(carveMs, zone, reader)}
        note={
          carvedAt === undefined || outMs === null
            ? `rested ${restRange(schedule.restMin)}`
            : `rested ${formatDuration((carveMs - outMs) / 1000)}`
        }
      />
    </section>
  );
}
