import { useState } from "react";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import { clockNow } from "../../shell/clock";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { fieldTime, instantOf } from "../../ui/time";
import { ReadingFile } from "./ReadingFile";
import { ThermometerChoice } from "./ThermometerChoice";

interface Props {
  readonly roast: Roast;
  readonly readings: readonly RoastReading[];
  readonly inAtMs: number;
  onReading(readings: readonly RoastReading[]): Promise<void>;
  onTakeBack(): void;
  onThermometer(thermometer: Roast["thermometer"]): void;
  onInAt(ms: number): void;
  onDoor(openMin: number): void;
}

const DOOR_MIN = [2, 5, 10] as const;

const MINUTE = 60_000;

/** What was not so after all: when it went in, where readings come from, or that it is in at all. */
export function Corrections({ roast, readings, inAtMs, onReading, onTakeBack, onThermometer, onInAt, onDoor }: Props) {
  const [sure, setSure] = useState(false);
  const { zone } = roast.plan;
  return (
    <Sheet opens="Correct something" title="Correct something">
      <label className="text-sm text-soft">
        It went in at
        <input
          type="datetime-local"
          defaultValue={fieldTime(inAtMs, zone)}
          onBlur={(event) => {
            const ms = instantOf(event.target.value, zone);
            if (!Number.isNaN(ms) && ms <= clockNow() && Math.abs(ms - inAtMs) >= MINUTE) onInAt(ms);
          }}
          className="mt-1 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
        />
      </label>
      <div className="grid gap-1.5">
        <p className="text-sm text-soft">The oven's door stood open until now, for</p>
        <div className="flex flex-wrap gap-2">
          {DOOR_MIN.map((minutes) => (
            <Button key={minutes} onClick={() => onDoor(minutes)}>
              {minutes} min
            </Button>
          ))}
        </div>
      </div>
      <ReadingFile roast={roast} readings={readings} onReading={onReading} />
      <ThermometerChoice value={roast.thermometer} onChange={onThermometer} />
      <Button
        onClick={() => {
          if (sure) onTakeBack();
          setSure(!sure);
        }}
      >
        {sure ? "Yes, it is not in the oven" : "It is not in yet"}
      </Button>
    </Sheet>
  );
}
