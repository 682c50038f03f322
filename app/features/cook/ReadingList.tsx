import { Pencil, Trash2 } from "lucide-react";
import { useMemo, useState } from "react";
import { probeOf } from "../../../core/bird/probe";
import { spaced } from "../../../core/day/spaced";
import { readByHand } from "../../../core/kitchen/calibration";
import type { RoastReading } from "../../../core/plan/roast";
import { readingKey } from "../../../core/plan/roast";
import { formatTemperature, parseTemperatureC, TEMPERATURE_UNITS, type UnitSystem } from "../../../core/units/quantity";
import { faultWords } from "../../../words/faults";
import { probeName } from "../../../words/names";
import { clockTime } from "../../../words/time";
import type { Acts } from "../../day/acts";
import { clockNow } from "../../shell/clock";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { IconButton } from "../../ui/IconButton";
import { MomentField } from "../../ui/MomentField";
import { Sheet } from "../../ui/Sheet";
import { useCalibration } from "./useCalibration";

interface Props {
  readonly readings: readonly RoastReading[];
  /** Keys of those that are set aside. */
  readonly aside: ReadonlySet<string>;
  readonly zone: string;
  readonly units: UnitSystem;
  readonly acts: Acts;
  /** Keys of those that a tap on the chart has picked; none where nothing is picked. */
  readonly picked?: readonly string[];
  onLeave?(): void;
}

const MOST_SHOWN = 60;
const NONE: readonly string[] = [];

/** The readings that are followed, newest first, or those behind a dot of the chart: each can be put right or struck out, and had back. */
export function ReadingList({ readings, picked = NONE, onLeave, ...rest }: Props) {
  if (readings.length === 0) return null;
  const behindDot = picked.length > 0 ? readings.filter((reading) => picked.includes(readingKey(reading))) : [];
  return (
    <>
      <Sheet opens={`Readings: ${readings.length}`} title="Readings, newest first">
        <Rows readings={readings} {...rest} />
      </Sheet>
      <Sheet open={behindDot.length > 0} title="What this dot stands for" onClose={() => onLeave?.()}>
        <Rows readings={behindDot} {...rest} />
      </Sheet>
    </>
  );
}

function Rows({ readings, aside, ...rest }: Omit<Props, "picked" | "onLeave">) {
  const followed = useMemo(() => spaced(readings).sort((a, b) => (a.at < b.at ? 1 : -1)), [readings]);
  return (
    <>
      <ul className="divide-y divide-line">
        {followed.slice(0, MOST_SHOWN).map((reading) => (
          <Row key={readingKey(reading)} reading={reading} isAside={aside.has(readingKey(reading))} {...rest} />
        ))}
      </ul>
      {(readings.length > followed.length || followed.length > MOST_SHOWN) && (
        <p className="text-sm text-soft">
          {readings.length > followed.length &&
            "Of a thermometer that speaks all the while, the last of every ten seconds. "}
          {followed.length > MOST_SHOWN && `The newest ${MOST_SHOWN}. `}
          All of them are kept, and go into the file.
        </p>
      )}
    </>
  );
}

interface RowProps extends Omit<Props, "readings" | "aside" | "picked" | "onLeave"> {
  readonly reading: RoastReading;
  readonly isAside: boolean;
}

function Row({ reading, isAside, zone, units, acts }: RowProps) {
  const reader = useHabits();
  const [text, setText] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const calibration = useCalibration();
  const isTyped = reading.source === "typed";
  const probe = probeName(probeOf(reading));
  const shown = formatTemperature(reading.celsius, units, 1);
  const time = clockTime(Date.parse(reading.at), zone, reader);
  // A thermometer says the same six times a minute: by its second one is told from another.
  const which = `${probe} ${shown}, ${time} and ${new Date(reading.at).getUTCSeconds()} s`;
  const bare = (celsius: number): string => formatTemperature(celsius, units, 1).replace(/ °[CF]/, "");
  const correct = async (): Promise<void> => {
    try {
      // As it is read off a thermometer; what a probe sent is put right as it is.
      const shownC = parseTemperatureC(text ?? "", units);
      await acts.corrects(reading, readByHand(`${probe} reading`, shownC, isTyped ? calibration : undefined));
      setText(null);
      setFault(null);
    } catch (error) {
      setFault(faultWords(error, units));
    }
  };
  return (
    <li className="py-1">
      <div className="flex items-center gap-x-2">
        <span className="min-w-14 shrink-0 whitespace-nowrap font-semibold">{time}</span>
        <span className="min-w-0 grow">
          {probe} {isAside ? <s>{shown}</s> : <b>{shown}</b>}
          {isAside && <span className="text-soft">, set aside</span>}
        </span>
        <IconButton
          label={`Put right: ${which}`}
          icon={Pencil}
          onClick={() => setText(text === null ? bare(reading.shownC ?? reading.celsius) : null)}
        />
        <IconButton label={`Strike out: ${which}`} icon={Trash2} onClick={() => void acts.strikes(reading)} />
      </div>
      {text !== null && (
        <form
          className="flex items-end gap-2 pb-2"
          onSubmit={(event) => {
            event.preventDefault();
            void correct();
          }}
        >
          <label className="grow text-sm text-soft">
            What it really showed, {TEMPERATURE_UNITS[units]}
            <input
              value={text}
              inputMode="decimal"
              autoComplete="off"
              onChange={(event) => setText(event.target.value)}
              className="mt-0.5 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-xl text-ink"
            />
          </label>
          <Button type="submit" size="stove">
            Put right
          </Button>
        </form>
      )}
      {text !== null && isTyped && (
        <div className="pb-3">
          <MomentField
            label={`The ${probe} was read at`}
            atMs={Date.parse(reading.at)}
            zone={zone}
            size="stove"
            latest={{ ms: clockNow, what: "now" }}
            onChange={(ms) => stored("The reading was", acts.readAt(reading, ms))}
          />
        </div>
      )}
      {fault && (
        <p role="alert" className="font-medium text-ember">
          {fault}
        </p>
      )}
    </li>
  );
}
