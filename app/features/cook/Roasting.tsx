import { useState } from "react";
import { centresOf } from "../../../core/bird/form";
import type { Centre } from "../../../core/bird/solid";
import { EARLY_WORD_MIN } from "../../../core/day/coach";
import { OVERDUE_MIN } from "../../../core/day/lateStage";
import { byTimeMin } from "../../../core/plan/byTime";
import { heatNow } from "../../../core/plan/heats";
import { unreadCentre } from "../../../core/plan/targets";
import { MINUTE_MS } from "../../../core/units/time";
import { changeWords } from "../../../words/change";
import { heatWords } from "../../../words/names";
import { itIsOrTheyAre } from "../../../words/titles";
import { ProbeSheet } from "../../bird-view/ProbeGuideView";
import type { Acts } from "../../day/acts";
import type { Item } from "../../day/items";
import type { RoastDay } from "../../day/roastDay";
import { instantNow } from "../../shell/clock";
import { usePreferences } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { useNow } from "../../ui/useNow";
import { AdviceList } from "./AdviceList";
import { AlongsideHeat } from "./AlongsideHeat";
import { changesOf } from "./changes";
import { DarkerSide } from "./DarkerSide";
import { MainAct } from "./MainAct";
import { NextInHeat } from "./NextInHeat";
import { PullCheck, pullCheck } from "./PullCheck";
import { pullOf } from "./pull";
import { ReadingForm } from "./ReadingForm";
import { SideBySide } from "./SideBySide";
import { Simulating } from "./Simulating";
import { Temperatures } from "./Temperatures";
import { WhatIfSheet } from "./WhatIfSheet";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/** How far short of their places the tips seem to sit, by centre, cm. */
const seemsShort = (items: readonly Item[]): Partial<Record<Centre, number>> =>
  Object.fromEntries(
    items.flatMap(({ about }) => (about.kind === "misplaced" ? [[about.part, about.shortCm] as const] : [])),
  );

/** That it has no heat comes before the countdown, and a change of it that should long have been made. */
const urgentOf = (items: readonly Item[]): Item | undefined =>
  items.find(({ about }) => about.kind === "heat-off") ??
  items.find(({ about }) => about.kind === "stage" && about.sinceMin >= OVERDUE_MIN);

/** In the oven: when it will be time, by the model fitted to the readings. Nothing here waits for a simulation. */
export function Roasting({ day, acts }: Props) {
  const now = useNow();
  const { units } = usePreferences();
  const [isChecking, setIsChecking] = useState(false);
  const { roast, believed, lost, goalsC, options, reached, heldUntilMs, items } = day;
  const { forecast, change, fault } = day.forecast;
  const { plan } = roast;
  const inAtMs = Date.parse(roast.happened.inAt ?? "");
  const nowMin = (now - inAtMs) / MINUTE_MS;
  const pull = pullOf(day, inAtMs);
  const centres = centresOf(plan.bird).filter((centre) => goalsC[centre] !== undefined);
  // Told and asked in the place of what is next; once it is there, that comes first.
  const urgent = reached ? undefined : urgentOf(items);
  const isDone = reached || heldUntilMs !== null;
  const isNear = reached || (!isDone && pull && now > pull.p10 - EARLY_WORD_MIN * MINUTE_MS);
  const changes = changesOf(roast, acts, now, units);
  const opensCheck = (
    <Button tone="quiet" onClick={() => setIsChecking(true)}>
      {pullCheck(roast.plan.bird)}
    </Button>
  );
  return (
    <SideBySide
      now={
        <>
          <NextInHeat day={day} acts={acts} pull={pull} urgent={urgent} changes={changes} />
          <MainAct>
            <Button
              tone={isNear && !urgent ? "primary" : "plain"}
              size="stove"
              onClick={() => void acts.happens({ pulledAt: instantNow() })}
            >
              {itIsOrTheyAre(plan.bird)} {heatWords(heatNow(roast)).outOf}
            </Button>
            {reached && opensCheck}
          </MainAct>
          <Temperatures
            readings={believed}
            lost={lost}
            nowMin={nowMin}
            units={units}
            goalsC={goalsC}
            unread={unreadCentre(plan)}
            goal="out at"
            birds={roast.plan.bird.count}
          />
          {roast.thermometer === "typed" && (
            <ReadingForm day={day} acts={acts} places={centres.map((part) => ({ part }))} />
          )}
          {change && <p className="text-soft">{changeWords(change, units)}.</p>}
          <Simulating day={day} />
          {fault && <Caution>The forecast is as it was last known: {fault}</Caution>}
          <AdviceList
            items={items.filter((item) => item !== urgent)}
            acts={acts}
            makes={(id) => changes(id)?.makes()}
          />
          {/* Below what is due and where readings go: it comes by itself, and nothing moves under the finger. */}
          {!isDone && <DarkerSide day={day} acts={acts} />}
          <div className="flex flex-wrap gap-3">
            {!reached && opensCheck}
            {/* In one place, wherever its button stands: it stays open while the last reading is noted in it. */}
            <PullCheck
              day={day}
              nowMin={nowMin}
              units={units}
              acts={acts}
              open={isChecking}
              onClose={() => setIsChecking(false)}
            />
            <ProbeSheet plan={plan} inAtMs={inAtMs} seemsShortCm={seemsShort(items)} />
            {options && (forecast || byTimeMin(roast) === null) && (
              <WhatIfSheet
                roast={roast}
                options={options}
                forecast={forecast}
                asIsMin={pull ? (pull.p50 - inAtMs) / MINUTE_MS : Number.POSITIVE_INFINITY}
                onTake={(name, id) => void acts.whatIf(name, id)}
              />
            )}
          </div>
        </>
      }
      then={<AlongsideHeat day={day} acts={acts} />}
    />
  );
}
