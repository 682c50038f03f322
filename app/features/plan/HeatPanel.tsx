import { constant } from "../../../core/constants";
import { withStageFromNow } from "../../../core/day/whatIf";
import { requireBetween } from "../../../core/errors";
import { HEAT_SOURCES, isFire, takes } from "../../../core/heat/sources";
import { goesInCold } from "../../../core/kitchen/broughtUp";
import { withHeat, withMethod, withOneMoreStage } from "../../../core/plan/edits";
import { usesFire } from "../../../core/plan/heats";
import { METHODS, sears } from "../../../core/plan/methods";
import type { Roast } from "../../../core/plan/roast";
import { MOST_STAGES, type Plan } from "../../../core/plan/schema";
import { onDialC } from "../../../core/units/dial";
import { formatTemperature, parseDurationS, parseTemperatureC } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { METHOD_WORDS } from "../../../words/methods";
import { HEAT_NAMES, heatWords } from "../../../words/names";
import { birdsAre, goesOrGo, theBirds } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { OvenChoice } from "../../ui/OvenChoice";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { UnitField } from "../../ui/UnitField";
import { Why } from "../../ui/Why";
import { Doneness } from "./Doneness";
import { DragRow } from "./DragRow";
import { MinutesRow } from "./MinutesRow";
import { Outdoors } from "./Outdoors";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { StageRow } from "./StageRow";

const withPreheat =
  (change: Partial<Plan["preheat"]>) =>
  (plan: Plan): Plan => ({ ...plan, preheat: { ...plan.preheat, ...change } });
const withSear =
  (change: Partial<NonNullable<Plan["sear"]>>) =>
  (plan: Plan): Plan =>
    plan.sear ? { ...plan, sear: { ...plan.sear, ...change } } : plan;
/** @param derived left out where it never gets there */
export function HeatPanel({
  roast,
  plan,
  derived,
  cook,
  units,
}: Pick<PanelProps, "roast" | "plan" | "units"> & Partial<Pick<PanelProps, "derived" | "cook">>) {
  const { drag, settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const mildestC = onDialC(constant("minimumOvenC"), plan.equipment.dial);
  const lowOven = Math.min(...plan.stages.map((stage) => stage.airC)) < mildestC - 0.5;
  return (
    <>
      <Segmented
        label="Heat"
        value={plan.heat}
        choices={HEAT_SOURCES.filter((source) => takes(source, plan.bird.cut)).map((value) => ({
          value,
          label: HEAT_NAMES[value],
        }))}
        onChange={(heat) => settle(withHeat(heat))}
      />
      <OvenChoice plan={plan} onChoose={(oven) => settle((before) => ({ ...before, oven }))} />
      <Segmented
        label="Method"
        value={plan.method}
        choices={METHODS.filter((method) => method.cuts.includes(plan.bird.cut)).map(({ id }) => ({
          value: id,
          label: METHOD_WORDS[id].short,
        }))}
        onChange={(id) => settle(withMethod(id))}
      />
      <WhileIn happened={roast.happened} bird={plan.bird} />
      {plan.stages.map((_, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a stage has no other name, and stays open while it is changed
        <StageRow key={`${n} of ${plan.stages.length}`} plan={plan} n={n} units={units} />
      ))}
      {plan.stages.length < MOST_STAGES && (
        <Button size="small" className="self-start" onClick={() => settle(withOneMoreStage)}>
          Add a stage
        </Button>
      )}
      <MinutesRow
        label="On before"
        name={`Minutes on before ${theBirds(plan.bird)} ${goesOrGo(plan.bird)} in`}
        what="preheating"
        minutes={plan.preheat.minutes}
        min={0}
        max={90}
        most={120}
        onDrag={(minutes) => drag(withPreheat({ minutes }))}
        onSettle={(minutes) => settle(withPreheat({ minutes }))}
      />
      {!isFire(plan.heat) && <Why id={goesInCold(plan) ? "cold-oven" : "oven-first"} />}
      {!goesInCold(plan) && (
        <UnitField
          label="Preheated to"
          shown={plan.preheat.airC === null ? "as hot as the first stage" : t(plan.preheat.airC)}
          parse={(text) =>
            requireBetween(`preheated ${heatWords(plan.heat).is}`, parseTemperatureC(text, units), 60, 320, "°C")
          }
          onChange={(airC) => settle(withPreheat({ airC: airC === plan.stages[0]?.airC ? null : airC }))}
        />
      )}
      {sears({ sear: {}, bird: plan.bird }) && (
        <>
          <Toggle
            label="Browned in a pan first"
            checked={plan.sear !== null}
            onChange={(on) =>
              settle((before) => ({
                ...before,
                sear: on ? { panC: onDialC(220, before.equipment.dial), minutesPerSide: 4 } : null,
              }))
            }
          />
          {plan.sear && (
            <>
              <DragRow
                label="A side"
                name="Minutes a side in the pan"
                value={plan.sear.minutesPerSide}
                shown={`${plan.sear.minutesPerSide} min`}
                min={1}
                max={12}
                step={0.5}
                parse={(text) => requireBetween("minutes a side", parseDurationS(text) / 60, 0.5, 20, "min")}
                onDrag={(minutesPerSide) => drag(withSear({ minutesPerSide }))}
                onSettle={(minutesPerSide) => settle(withSear({ minutesPerSide }))}
              />
              <UnitField
                label="The pan at"
                shown={t(plan.sear.panC)}
                parse={(text) => requireBetween("the pan", parseTemperatureC(text, units), 120, 280, "°C")}
                onChange={(panC) => settle(withSear({ panC }))}
              />
            </>
          )}
        </>
      )}
      {usesFire(plan) && <Outdoors plan={plan} units={units} />}
      <Doneness plan={plan} derived={derived} cook={cook} isOut={roast.happened.pulledAt !== undefined} units={units} />
      {lowOven && (
        <Caution>
          The usual guidance is no heat below {t(mildestC)}: in milder, poultry lies long in the zone where bacteria
          grow.
        </Caution>
      )}
    </>
  );
}

/** What has begun stays as it was: what is changed now is a stage of its own. */
interface WhileInProps extends Pick<Roast, "happened"> {
  readonly bird: Plan["bird"];
}

function WhileIn({ happened: { inAt, pulledAt, stagesDone }, bird }: WhileInProps) {
  const { settle } = usePlanStore();
  if (inAt === undefined || pulledAt !== undefined) return null;
  const nowMin = (): number => Math.max(1, Math.floor((clockNow() - Date.parse(inAt)) / MINUTE_MS));
  return (
    <>
      <p className="text-sm text-soft">
        {birdsAre(bird)} in: a stage that has begun is put right here, from its beginning on. What you turn now is a
        stage of its own.
      </p>
      <Button
        size="small"
        className="self-start"
        onClick={() => settle((plan) => withStageFromNow(plan, nowMin(), stagesDone))}
      >
        Change the heat from now on
      </Button>
    </>
  );
}
