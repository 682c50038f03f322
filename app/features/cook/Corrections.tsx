import { useState } from "react";
import { centresOf } from "../../../core/bird/form";
import { PROBES, type Probe, placeOf } from "../../../core/bird/probe";
import { shutBy } from "../../../core/heat/sources";
import { heatNow } from "../../../core/plan/heats";
import type { Roast, RoastReading } from "../../../core/plan/roast";
import { uncapitalised } from "../../../words/capital";
import { heatWords, probeName } from "../../../words/names";
import { stageWords } from "../../../words/stages";
import type { Acts } from "../../day/acts";
import { WhenItWas } from "../../day/WhenItWas";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { ReadingFile } from "./ReadingFile";
import { ThermometerChoice } from "./ThermometerChoice";

interface Props {
  readonly roast: Roast;
  readonly readings: readonly RoastReading[];
  /** A change of the heat is asked for elsewhere on the screen. */
  readonly isChangeAsked: boolean;
  readonly acts: Acts;
}

const DOOR_MIN = [2, 5, 10, 20] as const;

/** What was not so after all: when it went in, since when the heat was on, where readings come from, or that it is in at all. */
export function Corrections({ roast, readings, isChangeAsked, acts }: Props) {
  const { units } = usePreferences();
  const [sure, setSure] = useState(false);
  const heat = heatNow(roast);
  const door = shutBy(heat);
  const done = roast.happened.stagesDone ?? 0;
  const isToCome = !isChangeAsked && roast.plan.stages[done + 1] !== undefined;
  return (
    <Sheet opens="Correct something" title="Correct something">
      <WhenItWas roast={roast} acts={acts} size="stove" />
      {isToCome && (
        <Button onClick={() => acts.changesHeat({ kind: "stage", n: done + 1, after: done, sinceMin: 0 })}>
          Done already: {uncapitalised(stageWords(roast.plan, done + 1, units))}
        </Button>
      )}
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
          if (sure) acts.isNotIn();
          setSure(!sure);
        }}
      >
        {sure ? `Yes, not ${heatWords(heat).in}` : "Not in yet"}
      </Button>
    </Sheet>
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
