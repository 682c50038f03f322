import { useState } from "react";
import type { Centre } from "../../../core/bird/solid";
import { requireBetween } from "../../../core/errors";
import type { RoastReading } from "../../../core/formats/roast";
import { parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { Button } from "../../ui/Button";

interface Props {
  /** What this bird has to be read at. */
  readonly centres: readonly Centre[];
  readonly units: UnitSystem;
  onReading(readings: readonly RoastReading[]): Promise<void>;
}

/** One or two temperatures from a hand thermometer; either may be left empty. */
export function ReadingForm({ centres, units, onReading }: Props) {
  const [typed, setTyped] = useState<Partial<Record<Centre, string>>>({});
  const [fault, setFault] = useState<string | null>(null);
  const note = async (): Promise<void> => {
    const at = new Date().toISOString();
    try {
      const readings = centres
        .filter((part) => typed[part]?.trim())
        .map(
          (part): RoastReading => ({
            at,
            part,
            celsius: requireBetween(`${part} reading`, parseTemperatureC(typed[part] ?? "", units), -30, 110, "°C"),
            source: "typed",
          }),
        );
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
      {centres.map((part) => (
        <label key={part} className="text-soft">
          <span className="capitalize">{part}</span>, {units === "metric" ? "°C" : "°F"}
          <input
            value={typed[part] ?? ""}
            inputMode="decimal"
            autoComplete="off"
            onChange={(event) => setTyped((before) => ({ ...before, [part]: event.target.value }))}
            aria-describedby="reading-fault"
            className="mt-1 block min-h-14 w-full rounded-2xl border border-line-strong bg-mist-1 px-4 text-2xl text-ink"
          />
        </label>
      ))}
      <p id="reading-fault" role="alert" className="col-span-2 font-medium text-ember empty:hidden">
        {fault}
      </p>
      <Button type="submit" size="stove" className="col-span-2">
        Note the reading
      </Button>
    </form>
  );
}
