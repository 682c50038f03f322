import { centresOf } from "../../../core/bird/form";
import { guidelineOf } from "../../../core/plan/targets";
import type { Indices } from "../../../core/processes/indices";
import { peakTemperatures, restFor } from "../../../core/processes/rest";
import { verdict } from "../../../core/safety/guideline";
import { FAT_PERCENT } from "../../../core/safety/lethality";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { ZONE } from "../../../words/amounts";
import { earliestRestWords } from "../../../words/longRest";
import { COVER_CHOICES, PART_NAMES } from "../../../words/names";
import { survivors } from "../../../words/safety";
import { unbroken } from "../../../words/unbroken";
import { ProbeSheet } from "../../bird-view/ProbeGuideView";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";
import { MinutesRow } from "./MinutesRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

export function RestPanel({ plan, cook, derived, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const peaks = centresOf(plan.bird).flatMap((centre) => {
    const peak = cook.peak[centre];
    return peak ? [{ centre, celsius: peak.celsius }] : [];
  });
  const restMin = plan.restMin ?? restFor(plan.bird.massKg).usualMin;
  const early = earliestRestWords(derived.schedule.restMin.early, plan, units);
  const ends = centresOf(plan.bird)
    .flatMap((centre) => {
      const celsius = cook.atCarve.centresC[centre];
      return celsius === undefined ? [] : [`${t(celsius)} ${PART_NAMES[centre]}`];
    })
    .join(", ");
  const judged = verdict(peakTemperatures(cook.peak), cook.logReduction, guidelineOf(plan));
  return (
    <>
      <p className="text-sm text-soft">While it rests</p>
      <Segmented
        label="Cover at rest"
        value={plan.cover}
        choices={COVER_CHOICES}
        onChange={(cover) => settle((before) => ({ ...before, cover }))}
      />
      <MinutesRow
        label="Rests for"
        name="Minutes of rest"
        what="rest"
        minutes={restMin}
        min={5}
        max={120}
        onDrag={(minutes) => drag((before) => ({ ...before, restMin: minutes }))}
        onSettle={(minutes) => settle((before) => ({ ...before, restMin: minutes }))}
      />
      {plan.restMin !== null && (
        <Button size="small" className="self-start" onClick={() => settle((before) => ({ ...before, restMin: null }))}>
          The usual rest
        </Button>
      )}
      {early && <p className="text-[0.95rem]">{unbroken(early)}</p>}
      <ProbeSheet plan={plan} inAtMs={derived.schedule.inAtMs} />
      <p className="text-[0.95rem]">
        At the end of it {ends}.{" "}
        {judged.kind === "meets-guideline" ? (
          <>Wherever it is measured, the guideline is seen before carving. </>
        ) : judged.kind === "unknown" ? (
          <>What it comes to is not known. </>
        ) : (
          <>Not all of it reaches the guideline: the lowest place that is measured peaks at {t(judged.highestC)}. </>
        )}
        <span className="text-soft">
          Peak {peaks.map(({ centre, celsius }) => `${t(celsius)} ${PART_NAMES[centre]}`).join(", ")}. The point that is
          coldest as it comes out is computed at {t(cook.atCarve.coldestC)} when it is carved; there{" "}
          {survivors(cook.logReduction)} Salmonella would be left, computed for this species at{" "}
          {FAT_PERCENT[plan.bird.species]} % fat. A thermometer decides, not this.
        </span>
      </p>
      <p className="text-sm text-soft">
        In the zone where bacteria grow, {ZONE[units]}: the coldest point for {Math.round(cook.zoneMin.coldest)} min,
        the skin for {Math.round(cook.zoneMin.surface)} min.
      </p>
      {cook.indices && <Kept indices={cook.indices} units={units} />}
    </>
  );
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What the heat has done, as far as a model can tell. */
function Kept({ indices, units }: { readonly indices: Indices; readonly units: UnitSystem }) {
  const { juicesKept, legTenderMin, fatRendered } = indices;
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-4 text-sm">
      {juicesKept.breast !== undefined && (
        <>
          <dt className="text-soft">Juices kept, breast</dt>
          <dd>{percent(juicesKept.breast)}</dd>
        </>
      )}
      {juicesKept.thigh !== undefined && (
        <>
          <dt className="text-soft">Juices kept, leg</dt>
          <dd>{percent(juicesKept.thigh)}</dd>
        </>
      )}
      {legTenderMin !== undefined && (
        <>
          <dt className="text-soft">Leg above {formatTemperature(70, units)}, tender from about 20 min</dt>
          <dd>{Math.round(legTenderMin)} min</dd>
        </>
      )}
      {fatRendered !== undefined && (
        <>
          <dt className="text-soft">Fat rendered</dt>
          <dd>{percent(fatRendered)}</dd>
        </>
      )}
    </dl>
  );
}
