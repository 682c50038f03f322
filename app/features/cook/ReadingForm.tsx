import { useLiveQuery } from "dexie-react-hooks";
import { useState } from "react";
import { requireBetween } from "../../../core/errors";
import type { RoastReading } from "../../../core/formats/roast";
import { type Place, type Probe, probeOf } from "../../../core/formats/thermometer";
import { corrected } from "../../../core/kitchen/calibration";
import { parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { kitchenOf } from "../../../storage/kitchen";
import { instantNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { Button } from "../../ui/Button";

interface Props {
  readonly places: readonly Place[];
  readonly units: UnitSystem;
  onReading(readings: readonly RoastReading[]): Promise<void>;
}

/** Temperatures from a hand thermometer, put right by its calibration; any may be left empty. */
export function ReadingForm({ places, units, onReading }: Props) {
  const [typed, setTyped] = useState<Partial<Record<Probe, string>>>({});
  const [fault, setFault] = useState<string | null>(null);
  const kitchen = useLiveQuery(() => kitchenOf(database()), []);
  const calibration = kitchen?.calibration;
  const note = async (): Promise<void> => {
    const at = instantNow();
    try {
      const readings = places
        .filter((place) => typed[probeOf(place)]?.trim())
        .map((place): RoastReading => {
          const probe = probeOf(place);
          const shownC = requireBetween(
            `${probe} reading`,
            parseTemperatureC(typed[probe] ?? "", units),
            -30,
            110,
            "°C",
          );
          const celsius = Math.min(110, Math.max(-30, Math.round(10 * corrected(shownC, calibration)) / 10));
          return { at, ...place, celsius, ...(calibration && { shownC }), source: "typed" };
        });
      if (readings.length === 0) throw new Error("Type at least one temperature.");
      await onReading(readings);
      setTyped({});
      setFault(null);
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <form
      aria-label="A reading"
      className="grid grid-cols-2 gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void note();
      }}
    >
      {places.map((place) => {
        const probe = probeOf(place);
        return (
          <label key={probe} className="text-soft">
            <span className="inline-block first-letter:uppercase">{probe}</span>, {units === "metric" ? "°C" : "°F"}
            <input
              value={typed[probe] ?? ""}
              inputMode="decimal"
              autoComplete="off"
              onChange={(event) => setTyped((before) => ({ ...before, [probe]: event.target.value }))}
              aria-describedby="reading-fault"
              className="mt-1 block min-h-14 w-full rounded-2xl border border-line-strong bg-mist-1 px-4 text-2xl text-ink"
            />
          </label>
        );
      })}
      <p id="reading-fault" role="alert" className="col-span-2 font-medium text-ember empty:hidden">
        {fault}
      </p>
      <Button type="submit" size="stove" className="col-span-2">
        Note the reading
      </Button>
      {calibration && (
        <p className="col-span-2 text-sm text-soft">Put right by your thermometer's calibration before it is kept.</p>
      )}
    </form>
  );
}
