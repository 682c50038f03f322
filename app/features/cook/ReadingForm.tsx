import { useRef, useState } from "react";
import { type Place, type Probe, probeOf } from "../../../core/bird/probe";
import type { Doubted } from "../../../core/day/doubt";
import { QuantityError } from "../../../core/errors";
import { readByHand } from "../../../core/kitchen/calibration";
import type { RoastReading } from "../../../core/plan/roast";
import { formatTemperature, parseTemperatureC, TEMPERATURE_UNITS, type UnitSystem } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { faultWords, messageOf } from "../../../words/faults";
import { probeName } from "../../../words/names";
import { timeBeside } from "../../../words/time";
import { inEach } from "../../../words/titles";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { instantNow } from "../../shell/clock";
import { useHabits, usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { useNow } from "../../ui/useNow";
import { useCalibration } from "./useCalibration";
import { type Typed, useTyped } from "./useTyped";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
  readonly places: readonly Place[];
}

interface Question {
  readonly readings: readonly RoastReading[];
  readonly doubts: readonly Doubted[];
  /** What was typed, by a thermometer that shows the other unit: where that is what this bird shows. */
  readonly otherwise: readonly RoastReading[] | null;
}

/** What was typed so long before it is noted says when, min. */
const SAID_MIN = 2;

/** Temperatures from a hand thermometer, put right by its calibration; any may be left empty. Each is of when it was typed. */
export function ReadingForm({ day, acts, places }: Props) {
  const reader = useHabits();
  const now = useNow();
  const { units } = usePreferences();
  const { roast } = day;
  const [typed, setTyped] = useTyped(`${roast.id} ${places.map(probeOf).join()}`);
  const [fault, setFault] = useState<string | null>(null);
  const [question, setQuestion] = useState<Question | null>(null);
  const calibration = useCalibration();
  /** Stands in its field still while a slow phone stores it: noted again, it would be a second reading. */
  const underWay = useRef(new Map<Probe, Typed[Probe]>());
  /** Nothing was typed since: noted again, it was tapped twice. */
  const isNoted = useRef(false);
  const keep = async (readings: readonly RoastReading[]): Promise<void> => {
    const probes = readings.map(probeOf);
    for (const probe of probes) underWay.current.set(probe, typed[probe]);
    try {
      await acts.notes(readings);
      isNoted.current = true;
      // What was typed meanwhile is another reading.
      setTyped((then) =>
        Object.fromEntries(Object.entries(then).filter(([probe, each]) => typed[probe as Probe] !== each)),
      );
      setFault(null);
      setQuestion(null);
    } catch (error) {
      setFault(`Not stored, and still here: ${messageOf(error)}`);
    } finally {
      for (const probe of probes) underWay.current.delete(probe);
    }
  };
  /** @throws QuantityError for what no thermometer shows */
  const readIn = (unit: UnitSystem): readonly RoastReading[] =>
    places.flatMap((place): RoastReading[] => {
      const probe = probeOf(place);
      const each = typed[probe];
      if (!each?.text.trim() || underWay.current.get(probe) === each) return [];
      const shownC = parseTemperatureC(each.text, unit);
      const read = readByHand(`${probeName(probe)} reading`, shownC, calibration);
      return [{ at: each.at, ...place, ...read, source: "typed" }];
    });
  const doubtsOf = (readings: readonly RoastReading[]): readonly Doubted[] =>
    day.doubted(
      readings.map(({ at, part, side, celsius }) => ({
        minute: (Date.parse(at) - Date.parse(roast.happened.inAt ?? "")) / MINUTE_MS,
        part,
        celsius,
        ...(side && { side }),
      })),
    );
  const believedOtherwise = (): Question["otherwise"] => {
    try {
      const readings = readIn(other);
      return doubtsOf(readings).length === 0 ? readings : null;
    } catch (error) {
      // In the other unit no thermometer shows it at all.
      if (error instanceof QuantityError) return null;
      throw error;
    }
  };
  const note = async (): Promise<void> => {
    try {
      const readings = readIn(units);
      if (readings.length === 0 && (underWay.current.size > 0 || isNoted.current)) return;
      if (readings.length === 0) throw new Error("Type at least one temperature.");
      const doubts = doubtsOf(readings);
      setFault(null);
      if (doubts.length === 0) await keep(readings);
      else setQuestion({ readings, doubts, otherwise: believedOtherwise() });
    } catch (error) {
      setFault(faultWords(error, units));
    }
  };
  const other = units === "metric" ? "us" : "metric";
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const isPair = places.length > 1;
  const shown = places.flatMap((place) => typed[probeOf(place)] ?? []);
  const firstMs = Math.min(...shown.map(({ at }) => Date.parse(at)));
  return (
    <form
      aria-label="A reading"
      className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void note();
      }}
    >
      {places.map((place, n) => {
        const probe = probeOf(place);
        return (
          <label
            key={probe}
            className={`text-soft ${isPair ? (places.length > 2 && n % 2 === 1 ? "col-span-2" : "") : "col-span-2"}`}
          >
            <span className="inline-block first-letter:uppercase">{probeName(probe)}</span>, {TEMPERATURE_UNITS[units]}
            <input
              value={typed[probe]?.text ?? ""}
              inputMode="decimal"
              autoComplete="off"
              onChange={(event) => {
                isNoted.current = false;
                const { value } = event.target;
                setTyped(({ [probe]: _, ...others }) =>
                  value === "" ? others : { ...others, [probe]: { text: value, at: instantNow() } },
                );
                setQuestion(null);
              }}
              aria-describedby="reading-fault"
              className="mt-0.5 block min-h-14 w-full rounded-2xl border border-line-strong bg-mist-1 px-4 text-2xl text-ink"
            />
          </label>
        );
      })}
      {!question && (
        <Button type="submit" size="stove" className={`px-4! ${places.length > 2 ? "col-span-3" : ""}`}>
          Note <span className="sr-only">the reading</span>
        </Button>
      )}
      {question && (
        <div role="alert" className="col-span-3 grid gap-2 rounded-2xl bg-caution px-4 py-3 text-caution-ink">
          {question.doubts.map(({ reading, expected }) => (
            <p key={probeOf(reading)} className="text-lg">
              {t(reading.celsius)} in the {probeName(probeOf(reading))}?{" "}
              {expected
                ? `About ${t(expected.lowC)} to ${t(expected.highC)} was to be expected there now.`
                : "No meat in the heat shows that now."}
            </p>
          ))}
          <p>Kept all the same, it is set aside until another reading agrees with it.</p>
          <div className="flex flex-wrap gap-2">
            {question.otherwise && (
              <Button size="stove" onClick={() => void keep(question.otherwise ?? [])}>
                {question.readings.length === 1 ? "It was" : "They were"}{" "}
                {question.readings.map((reading) => typed[probeOf(reading)]?.text.trim()).join(" and ")}{" "}
                {TEMPERATURE_UNITS[other]}
              </Button>
            )}
            <Button size="stove" onClick={() => setQuestion(null)}>
              Correct it
            </Button>
            <Button size="stove" onClick={() => void keep(question.readings)}>
              Keep it all the same
            </Button>
          </div>
        </div>
      )}
      <p id="reading-fault" role="alert" className="col-span-3 font-medium text-ember empty:hidden">
        {fault}
      </p>
      {roast.plan.bird.count > 1 && (
        <p className="col-span-3 text-sm text-soft">
          Read each place{inEach(roast.plan.bird)}, and note the lowest: the slowest bird decides.
        </p>
      )}
      {firstMs < now - SAID_MIN * MINUTE_MS && (
        <p className="col-span-3 text-sm text-soft">
          Typed {timeBeside(firstMs, now, roast.plan.zone, reader)}, and noted as read then; typed anew, as read now.
        </p>
      )}
      {calibration && (
        <p className="col-span-3 text-sm text-soft">Put right by your thermometer's calibration before it is kept.</p>
      )}
    </form>
  );
}
