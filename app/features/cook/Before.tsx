import type { Plan, Roast } from "../../../core/formats/roast";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { dueRows } from "../../../core/schedule/due";
import { type TimetableRow, timetableOf } from "../../../core/schedule/timetable";
import { clockNow } from "../../shell/clock";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { dayAndTime, largeCountdown } from "../../ui/time";
import { AdviceList } from "./AdviceList";
import { NextAction } from "./NextAction";
import { ThermometerChoice } from "./ThermometerChoice";
import { useAlarm } from "./useAlarm";

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
  const { schedule } = derived;
  const rows = timetableOf(plan, derived, units);
  const next = rows.find((row) => row.startMs > now) ?? (rows.find((row) => row.id === "roast") as TimetableRow);
  const wait = next.startMs - now;
  const due = dueRows(rows, now);
  useAlarm(due.map(({ id, what }) => ({ key: `due ${id}`, does: what })));
  return (
    <>
      <NextAction
        action={next.what}
        {...largeCountdown(wait)}
        below={
          <>
            {dayAndTime(next.startMs, plan.zone)}
            {next.detail && <span className="block text-base">{next.detail}</span>}
          </>
        }
      />
      <AdviceList
        advice={due.map(({ id, what, detail }) => ({ key: id, does: what, why: detail, rings: true }))}
        onDone={() => null}
      />
      <Button
        tone={schedule.inAtMs - now < DAY / 2 ? "primary" : "plain"}
        size="stove"
        onClick={() => onIn(clockNow())}
      >
        The bird is in the oven
      </Button>
      <ThermometerChoice value={thermometer} onChange={onThermometer} />
      <ol className="divide-y divide-line rounded-2xl border border-line bg-mist-1 px-4">
        {rows.map((row) => (
          <li key={row.id} className={`flex gap-4 py-2.5 ${row.startMs < now ? "text-soft" : ""}`}>
            <span className="w-32 shrink-0 text-soft">{dayAndTime(row.startMs, plan.zone)}</span>
            <span>{row.what}</span>
          </li>
        ))}
      </ol>
    </>
  );
}
