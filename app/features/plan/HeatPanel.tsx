import { centresOf } from "../../../core/bird/form";
import type { Centre } from "../../../core/bird/solid";
import { requireBetween } from "../../../core/errors";
import { HEAT_SOURCES } from "../../../core/heat/ovens";
import { briquettesPerHour, briquettesToStart, burnsCharcoal } from "../../../core/kitchen/fuel";
import { heatBy, METHODS } from "../../../core/plan/methods";
import type { Plan } from "../../../core/plan/schema";
import { constant } from "../../../core/sources";
import { formatTemperature, parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { HEAT_NAMES } from "../../bird-view/names";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { UnitField } from "../../ui/UnitField";
import { DragRow } from "./DragRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { StageRow } from "./StageRow";

/** A stage after the last: half an hour on, at the same heat, to be changed from there. */
const withOneMore = (plan: Plan): Plan => {
  const last = plan.stages.at(-1);
  if (!last || plan.stages.length >= 8) return plan;
  return { ...plan, stages: [...plan.stages, { fromMin: last.fromMin + 30, airC: last.airC }] };
};
const withTarget =
  (centre: Centre, celsius: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    targetC: { ...plan.targetC, [centre]: celsius },
  });

const LOWEST_TARGET_C: Record<Centre, number> = { breast: 60, thigh: 65, filling: 65 };

export function HeatPanel({ plan, units }: Pick<PanelProps, "plan" | "units">) {
  const { drag, settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const guideline = constant("guidelineC");
  const centres = centresOf(plan.bird);
  const targetOf = (centre: Centre): number => plan.targetC[centre] ?? guideline;
  const below = Math.min(...centres.map(targetOf)) < guideline;
  const lowOven = Math.min(...plan.stages.map((stage) => stage.airC)) < constant("minimumOvenC") - 0.5;
  return (
    <>
      <Segmented
        label="Heat"
        value={plan.heat}
        choices={HEAT_SOURCES.map((value) => ({ value, label: HEAT_NAMES[value] }))}
        onChange={(heat) => settle((before) => ({ ...before, heat }))}
      />
      <Segmented
        label="Method"
        value={plan.method}
        choices={METHODS.filter((method) => method.cuts.includes(plan.bird.cut)).map(({ id, short }) => ({
          value: id,
          label: short,
        }))}
        onChange={(id) => settle((before) => ({ ...before, ...heatBy(id, before) }))}
      />
      {plan.stages.map((stage, n) => (
        <StageRow key={`${stage.fromMin} ${stage.when?.centre ?? ""}`} plan={plan} n={n} units={units} />
      ))}
      {plan.stages.length < 8 && (
        <Button size="small" className="self-start" onClick={() => settle(withOneMore)}>
          Add a stage
        </Button>
      )}
      {burnsCharcoal(plan.heat) && <Outdoors plan={plan} units={units} />}
      <p className="text-[0.9rem]">To be seen before carving</p>
      {centres.map((centre) => (
        <DragRow
          key={centre}
          label={centre}
          name={`Target, ${centre}`}
          value={targetOf(centre)}
          shown={t(targetOf(centre))}
          min={LOWEST_TARGET_C[centre]}
          max={85}
          step={1}
          parse={(text) =>
            requireBetween(`target of the ${centre}`, parseTemperatureC(text, units), LOWEST_TARGET_C[centre], 90, "°C")
          }
          onDrag={(celsius) => drag(withTarget(centre, celsius))}
          onSettle={(celsius) => settle(withTarget(centre, celsius))}
        />
      ))}
      {below && (
        <Caution>
          Below {t(guideline)}, the usual guidance for poultry. The log reduction is computed for the coldest point
          only; follow your local food-safety authority.
        </Caution>
      )}
      {lowOven && (
        <Caution>
          An oven below {t(constant("minimumOvenC"))} keeps a whole bird long in the zone where bacteria grow.
        </Caution>
      )}
      {!below && <p className="text-sm text-soft">Pulled early, since it goes on rising at rest.</p>}
    </>
  );
}

/** Weather, for fires outdoors: what it takes of charcoal. */
function Outdoors({ plan, units }: { readonly plan: Plan; readonly units: UnitSystem }) {
  const { settle } = usePlanStore();
  const weather = (change: Partial<Plan["weather"]>): void =>
    settle((before) => ({ ...before, weather: { ...before.weather, ...change } }));
  return (
    <>
      <UnitField
        label="Outdoors"
        shown={formatTemperature(plan.weather.airC, units)}
        parse={(text) => requireBetween("air outdoors", parseTemperatureC(text, units), -30, 45, "°C")}
        onChange={(airC) => weather({ airC })}
      />
      <Toggle label="Windy" checked={plan.weather.windy} onChange={(windy) => weather({ windy })} />
      <p className="text-sm text-soft">
        Charcoal: {briquettesToStart(plan)} briquettes to start, {briquettesPerHour(plan)} more each hour. Little, clean
        smoke; the lid stays shut.
      </p>
    </>
  );
}
