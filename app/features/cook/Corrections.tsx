import { useState } from "react";
import { centresOf } from "../../../core/bird/form";
import { PROBES, type Probe, placeOf } from "../../../core/bird/probe";
import { heatedMin } from "../../../core/forecast/plannedInput";
import { isFire, shutBy } from "../../../core/heat/sources";
import { goesInCold } from "../../../core/kitchen/fuel";
import { offAsItWentIn, offSince } from "../../../core/plan/happened";
import type { Roast, RoastReading } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import { heatWords, probeName } from "../../../words/names";
import type { Acts } from "../../day/acts";
import { clockNow } from "../../shell/clock";
import { Button } from "../../ui/Button";
import { MomentField } from "../../ui/MomentField";
import { Sheet } from "../../ui/Sheet";
import { ReadingFile } from "./ReadingFile";
import { ThermometerChoice } from "./ThermometerChoice";

interface Props {
  readonly roast: Roast;
  readonly readings: readonly RoastReading[];
  readonly inAtMs: number;
  readonly acts: Acts;
}

const DOOR_MIN = [2, 5, 10] as const;

/** What was not so after all: when it went in, since when the heat was on, where readings come from, or that it is in at all. */
export function Corrections({ roast, readings, inAtMs, acts }: Props) {
  const [sure, setSure] = useState(false);
  const { zone, heat } = roast.plan;
  const door = shutBy(heat);
  return (
    <Sheet opens="Correct something" title="Correct something">
      <MomentField
        label="It went in at"
        atMs={inAtMs}
        zone={zone}
        size="stove"
        latest={{ ms: clockNow, what: "now" }}
        onChange={(ms) => acts.goesIn(ms)}
      />
      <HeatOn roast={roast} inAtMs={inAtMs} acts={acts} />
      <HeatOffs roast={roast} inAtMs={inAtMs} acts={acts} />
      {door && (
        <div className="grid gap-1.5">
          <p className="text-sm text-soft">The {door} stood open until now, for</p>
          <div className="flex flex-wrap gap-2">
            {DOOR_MIN.map((minutes) => (
              <Button key={minutes} onClick={() => acts.opened(door, minutes)}>
                {minutes} min
              </Button>
            ))}
          </div>
        </div>
      )}
      <ReadingFile roast={roast} readings={readings} onReading={acts.notes} />
      <ThermometerChoice
        value={roast.thermometer}
        onChange={(thermometer) => void acts.change((before) => ({ ...before, thermometer }))}
      />
      <Probes roast={roast} acts={acts} />
      <Button
        onClick={() => {
          if (sure) void acts.takeBack("inAt", "predicted");
          setSure(!sure);
        }}
      >
        {sure ? `Yes, it is not ${heatWords(heat).in}` : "It is not in yet"}
      </Button>
    </Sheet>
  );
}

/** Since when the heat had been on: a bird that went in before it was hot takes longer. */
function HeatOn({ roast: { plan, happened }, inAtMs, acts }: Pick<Props, "roast" | "inAtMs" | "acts">) {
  // What was not on yet is told with the other times without heat.
  if (goesInCold(plan) || offAsItWentIn(happened)) return null;
  const label = isFire(plan.heat) ? "The fire was lit at" : "The oven was on at";
  return (
    <MomentField
      label={label}
      atMs={inAtMs - heatedMin(plan, happened) * MINUTE_MS}
      zone={plan.zone}
      size="stove"
      latest={{ ms: clockNow, what: "now" }}
      onChange={(ms) => acts.heatWasOnAt(ms)}
    />
  );
}

/** A time without heat that is told afterwards is put right from here. */
const USUAL_OFF_MS = 20 * MINUTE_MS;

/** When its heat was off. */
function HeatOffs({ roast: { plan, happened }, inAtMs, acts }: Pick<Props, "roast" | "inAtMs" | "acts">) {
  const { zone, heat } = plan;
  const { heatOffs = [] } = happened;
  const { is, off } = heatWords(heat);
  const instant = (ms: number): string => new Date(ms).toISOString();
  return (
    <div className="grid gap-2">
      {heatOffs.map(({ offAt, onAt }, n) => (
        <fieldset key={offAt} className="grid gap-2 border-0 border-line border-l-2 pl-3">
          <legend className="sr-only">{`Without heat, ${n + 1}`}</legend>
          <MomentField
            label={`The ${is} was ${off} from`}
            atMs={Date.parse(offAt)}
            zone={zone}
            size="stove"
            latest={onAt ? { ms: () => Date.parse(onAt), what: "it was on again" } : { ms: clockNow, what: "now" }}
            onChange={(ms) => acts.heatWasOff({ offAt: instant(ms), ...(onAt && { onAt }) }, offAt)}
          />
          {onAt ? (
            <MomentField
              label="On again at"
              atMs={Date.parse(onAt)}
              zone={zone}
              size="stove"
              earliest={{ ms: () => Date.parse(offAt), what: `it was ${off}` }}
              latest={{ ms: clockNow, what: "now" }}
              onChange={(ms) => acts.heatWasOff({ offAt, onAt: instant(ms) }, offAt)}
            />
          ) : (
            <Button onClick={() => acts.heatIsOn()}>It is on again</Button>
          )}
          <Button onClick={() => acts.heatWasOn(offAt)}>It was on all that while</Button>
        </fieldset>
      ))}
      <div className="flex flex-wrap gap-2">
        {offSince(happened) === undefined && (
          <Button onClick={() => acts.heatIsOff()}>{`The ${is} is ${off} now`}</Button>
        )}
        <Button
          onClick={() => {
            const nowMs = clockNow();
            acts.heatWasOff({ offAt: instant(Math.max(inAtMs, nowMs - USUAL_OFF_MS)), onAt: instant(nowMs) });
          }}
        >
          {`The ${is} was ${off} for a while`}
        </Button>
      </div>
    </div>
  );
}

/** Which probe sits where; one that was put in elsewhere is told here. */
function Probes({ roast, acts }: Pick<Props, "roast" | "acts">) {
  const { probes = [], thermometer } = roast;
  /** Said to sit elsewhere: always, or from now on? */
  const [said, setSaid] = useState<{ readonly n: number; readonly place: Probe } | null>(null);
  if (thermometer !== "bridge" || probes.length === 0) return null;
  const centres = centresOf(roast.plan.bird);
  const places = PROBES.filter((probe) => centres.includes(placeOf(probe).part));
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">Probes, and where they sit</p>
      {probes.map(({ device, probe, sits }, n) => (
        <div key={`${device} ${probe}`} className="grid gap-2">
          <label className="flex items-center gap-3">
            <span className="grow">
              {device ? `${device}: ` : ""}
              {probe}
            </span>
            <select
              value={said?.n === n ? said.place : sits}
              onChange={(event) => {
                const place = PROBES.find((each) => each === event.target.value);
                setSaid(place && place !== sits ? { n, place } : null);
              }}
              className="min-h-12 rounded-xl border border-line-strong bg-mist-1 px-3"
            >
              {/* Nothing else may stand there as if it were so. */}
              {!places.includes(sits) && <option value={sits}>{probeName(sits)}: not on this bird</option>}
              {places.map((place) => (
                <option key={place} value={place}>
                  {probeName(place)}
                </option>
              ))}
            </select>
          </label>
          {said?.n === n && (
            <div className="flex flex-wrap gap-2">
              {([false, true] as const).map((moved) => (
                <Button
                  key={String(moved)}
                  onClick={() => {
                    acts.sitsAt({ device, probe }, said.place, moved);
                    setSaid(null);
                  }}
                >
                  {moved ? "It was moved there now" : "It has always sat there"}
                </Button>
              ))}
            </div>
          )}
        </div>
      ))}
      <Button onClick={() => acts.noneOfThem()}>None of them is in this bird</Button>
    </div>
  );
}
