import { useState } from "react";
import { usualPrior } from "../../../core/forecast/prior";
import { isFire, turnsItself } from "../../../core/heat/sources";
import { learned } from "../../../core/log/ovens";
import { type OvenTest, testSays } from "../../../core/log/ovenTest";
import type { Equipment, Oven } from "../../../core/plan/kitchen";
import { parseTemperatureC, parseVolumeL } from "../../../core/units/quantity";
import { faultWords } from "../../../words/faults";
import { learnedWords, testSetUp } from "../../../words/ovens";
import { clockNow, instantNow } from "../../shell/clock";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";
import { Sheet } from "../../ui/Sheet";

interface Props {
  readonly oven: Oven;
  readonly panCm: Equipment["panCm"];
  onKeep(test: Oven["tests"][number]): void;
  onClose(): void;
}

const MINUTES = [0, 5, 10, 15, 20] as const;
const FIELD = "mt-1 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-lg text-ink";
const LITRES_PER_M2 = 28;

/** Twenty minutes with an oven thermometer, or with a tray of water and a probe in it. */
export function OvenTestSheet({ oven, panCm, onKeep, onClose }: Props) {
  const reader = useHabits();
  const { units } = reader;
  const [kind, setKind] = useState<OvenTest["kind"]>("thermometer");
  const [dial, setDial] = useState(units === "us" ? "350 °F" : "180 °C");
  const trayM2 = (panCm.length * panCm.width) / 1e4;
  const [water, setWater] = useState(units === "us" ? "4 qt" : `${Math.max(1, Math.round(trayM2 * LITRES_PER_M2))} L`);
  const [typed, setTyped] = useState<readonly string[]>(MINUTES.map(() => ""));
  const isWhole = typed.filter((text) => text.trim() !== "").length >= 3;
  const answer = ((): { readonly says: Oven["tests"][number]["says"] } | { readonly fault: string } | null => {
    if (!isWhole) return null;
    try {
      const readings = typed.flatMap((text, n) =>
        text.trim() === "" ? [] : [{ minute: MINUTES[n] as number, celsius: parseTemperatureC(text, units) }],
      );
      const common = { heat: oven.heat, dialC: parseTemperatureC(dial, units), readings };
      const test: OvenTest =
        kind === "water" ? { ...common, kind, waterKg: parseVolumeL(water, units), trayM2 } : { ...common, kind };
      return { says: testSays(test) };
    } catch (error) {
      return { fault: faultWords(error, units) };
    }
  })();
  const known =
    answer && "says" in answer
      ? learned([{ ...answer.says, atMs: clockNow() }], clockNow(), usualPrior(oven.heat).ovenOffset.sd)
      : null;
  return (
    <Sheet open title={`An evening's test: ${oven.name}`} onClose={onClose}>
      {/* A spit holds no tray where its bird turns. */}
      {!turnsItself(oven.heat) && (
        <Segmented<OvenTest["kind"]>
          label="With what"
          value={kind}
          choices={[
            { value: "thermometer", label: "A thermometer in it" },
            { value: "water", label: "A tray of water, a probe in it" },
          ]}
          onChange={setKind}
        />
      )}
      <p className="text-soft">{testSetUp(kind, oven.heat)}</p>
      <div className="grid grid-cols-2 gap-3">
        <label className="text-soft">
          {isFire(oven.heat) ? "It is kept at" : "The dial stands at"}
          <input value={dial} onChange={(event) => setDial(event.target.value)} className={FIELD} />
        </label>
        {kind === "water" && (
          <label className="text-soft">
            Water in the tray
            <input value={water} onChange={(event) => setWater(event.target.value)} className={FIELD} />
          </label>
        )}
      </div>
      <div className="grid grid-cols-5 gap-2 max-sm:grid-cols-3">
        {MINUTES.map((minute, n) => (
          <label key={minute} className="text-soft">
            {minute === 0 ? "at first" : `${minute} min`}
            <input
              inputMode="decimal"
              value={typed[n]}
              onChange={(event) => setTyped(typed.map((text, m) => (m === n ? event.target.value : text)))}
              className={FIELD}
            />
          </label>
        ))}
      </div>
      <p role="alert" className="font-medium text-ember empty:hidden">
        {answer && "fault" in answer ? answer.fault : ""}
      </p>
      {known && <p className="text-lg">{learnedWords({ ...known, roasts: 0, tests: 1 }, oven.heat, reader)}</p>}
      <Button
        tone="primary"
        disabled={!known}
        onClick={() => {
          if (answer && "says" in answer) onKeep({ at: instantNow(), kind, says: answer.says });
        }}
      >
        Keep what it says
      </Button>
    </Sheet>
  );
}
