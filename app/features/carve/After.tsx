import { useState } from "react";
import { Link } from "react-router";
import { constant } from "../../../core/constants";
import { eatenMs, type Leftovers, leftoversOf } from "../../../core/day/leftovers";
import { cookedMeatKg } from "../../../core/kitchen/guests";
import { LEFTOVERS_ROW, type Roast } from "../../../core/plan/roast";
import { reheatDialC } from "../../../core/processes/leftovers";
import {
  formatDuration,
  formatLength,
  formatMass,
  formatTemperature,
  type UnitSystem,
} from "../../../core/units/quantity";
import { HOUR_MS } from "../../../core/units/time";
import { LEFTOVERS, ofDayBefore, overWords } from "../../../words/leftovers";
import { clockTime, countdown, dayName } from "../../../words/time";
import { actsOf } from "../../day/acts";
import { HotTable } from "../../day/HotTable";
import { useHabits } from "../../shell/preferences";
import { useSimulated } from "../../simulation/useSimulated";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { useNow } from "../../ui/useNow";

interface Props {
  readonly roast: Roast;
  readonly units: UnitSystem;
}
const DAY_MS = 24 * HOUR_MS;
const SHARES = ["0.25", "0.5", "0.75"] as const;
const SHARE_NAMES = { "0.25": "A quarter", "0.5": "Half", "0.75": "Most of it" } as const;
const DEPTHS_CM = ["3", "5", "9"] as const;
const DEPTH_NAMES = { "3": "two fingers", "5": "a fist", "9": "heaped" } as const;
/** Meat as it comes from the table, °C (chosen: carved half an hour before). */
const FROM_TABLE_C = 50;
const LARGEST_TRAY_KG = 8;

/** After the table, as long as what is left keeps: its clock, the tray it cools in, and heating it again. */
export function After({ roast, units }: Props) {
  const reader = useHabits();
  const now = useNow();
  const { plan } = roast;
  const isNextDay = plan.roasted === "day-before";
  const leftovers = leftoversOf(roast, now);
  const eatByMs = eatenMs(roast) + constant("leftoverDays") * DAY_MS;
  return (
    <section aria-label="Leftovers" className="grid gap-4 rounded-3xl border border-line bg-mist-1 p-4">
      {leftovers && (
        <>
          <StandsOut leftovers={leftovers} now={now} zone={plan.zone} />
          <div className="flex flex-wrap items-center gap-3">
            <Button tone="primary" onClick={() => actsOf(roast.id).ticks(LEFTOVERS_ROW)}>
              Nothing stands out any more
            </Button>
            <HotTable roast={roast} />
          </div>
        </>
      )}
      {now < eatByMs && (
        <>
          {isNextDay ? <p className="text-lg">{ofDayBefore(plan)}</p> : <CoolingTray roast={roast} units={units} />}
          <p className="text-soft">
            Eaten by {dayName(eatByMs, plan.zone, reader)}, or frozen. Follow your local food-safety authority.
          </p>
        </>
      )}
      <Link to={`/log/${roast.id}`} className="min-h-12 self-start text-lg underline underline-offset-4">
        Close the record: how it was, for next time
      </Link>
    </section>
  );
}

interface StandsOutProps {
  readonly leftovers: Leftovers;
  readonly now: number;
  readonly zone: string;
}

function StandsOut({ leftovers: { byMs, hours }, now, zone }: StandsOutProps) {
  const reader = useHabits();
  const at = clockTime(byMs, zone, reader);
  if (now >= byMs) return <p className="text-xl">{overWords(hours, at)}</p>;
  return (
    <p className="text-xl">
      {LEFTOVERS} by <b>{at}</b>, in <b>{countdown(byMs - now)}</b>
    </p>
  );
}

/** The tray, simulated: whether it is cold in time, and how long it takes to be hot again. */
function CoolingTray({ roast, units }: Props) {
  const { bird, equipment } = roast.plan;
  const [share, setShare] = useState<(typeof SHARES)[number]>("0.25");
  const [depth, setDepth] = useState<(typeof DEPTHS_CM)[number]>("3");
  const [cover, setCover] = useState<"open" | "covered">("open");
  const allKg = cookedMeatKg(bird.massKg, bird.species, bird.cut) * bird.count;
  const massKg = Math.min(LARGEST_TRAY_KG, Math.max(0.2, Number(share) * allKg));
  const state = useSimulated<"leftovers">({
    kind: "leftovers",
    asked: {
      massKg,
      depthM: Number(depth) / 100,
      fridgeC: equipment.fridgeC,
      startC: FROM_TABLE_C,
      coveredInFridge: cover === "covered",
    },
  });
  const t = (celsius: number): string => formatTemperature(celsius, units);
  return (
    <div className="grid gap-3">
      <div className="grid gap-1.5">
        <p>What is left: {formatMass(massKg, units)} of meat</p>
        <Segmented<(typeof SHARES)[number]>
          label="What is left"
          value={share}
          choices={SHARES.map((value) => ({ value, label: SHARE_NAMES[value] }))}
          onChange={setShare}
        />
      </div>
      <div className="grid gap-1.5">
        <p>In its tray</p>
        <Segmented<(typeof DEPTHS_CM)[number]>
          label="How deep it lies"
          value={depth}
          choices={DEPTHS_CM.map((value) => ({
            value,
            label: `${formatLength(Number(value), units)}, ${DEPTH_NAMES[value]}`,
          }))}
          onChange={setDepth}
        />
        <Segmented<"open" | "covered">
          label="Covered or open while it cools"
          value={cover}
          choices={[
            { value: "open", label: "open until cold" },
            { value: "covered", label: "covered at once" },
          ]}
          onChange={setCover}
        />
      </div>
      {!state.answer && !state.fault && <p className="text-soft">Cooling it …</p>}
      {state.fault && <Caution>That could not be simulated: {state.fault}</Caution>}
      {state.answer && (
        <>
          {state.answer.chill.keepsTheRule ? (
            <p role="status" className="text-lg">
              Cold in time: its middle is at {t(constant("coolingFirstC"))} after {hours(state.answer.chill.to21Min)},
              at {t(constant("coolingLastC"))} after {hours(state.answer.chill.to5Min)}.
            </p>
          ) : (
            <Caution>
              Too slow: its middle takes {hours(state.answer.chill.to21Min)} to {t(constant("coolingFirstC"))} and{" "}
              {hours(state.answer.chill.to5Min)} to {t(constant("coolingLastC"))}; the rule is two hours and six. Spread
              it over more trays, and leave it open until it is cold.
            </Caution>
          )}
          <p>
            {state.answer.reheat.kind === "hot"
              ? `Heated again: a spoon of drippings over it, covered, oven at ${t(reheatDialC(equipment.dial))} for about ${Math.round(state.answer.reheat.minutes)} min, until its middle shows ${t(constant("guidelineC"))}. Once only.`
              : `Heated again so deep it only comes to ${t(state.answer.reheat.highestC)}: spread it first.`}
          </p>
        </>
      )}
    </div>
  );
}

const hours = (minutes: number | null): string => (minutes === null ? "over a day" : formatDuration(60 * minutes));
