import { requireBetween } from "../../../core/errors";
import type { Plan } from "../../../core/formats/roast";
import { METHODS, methodById } from "../../../core/methods/methods";
import { constant } from "../../../core/sources";
import { formatTemperature, parseTemperatureC } from "../../../core/units/quantity";
import { Caution } from "../../ui/Caution";
import { DragSlider } from "../../ui/DragSlider";
import { Segmented } from "../../ui/Segmented";
import { UnitField } from "../../ui/UnitField";
import { usePlanStore } from "./planStore";
import type { PanelProps } from "./StagePanel";

const withStage =
  (n: number, airC: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    stages: plan.stages.map((stage, m) => (m === n ? { ...stage, airC } : stage)),
  });
const withTarget =
  (part: "breast" | "thigh", celsius: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    targetC: { ...plan.targetC, [part]: celsius },
  });

export function HeatPanel({ plan, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const guideline = constant("guidelineC");
  const below = Math.min(plan.targetC.breast, plan.targetC.thigh) < guideline;
  const lowOven = Math.min(...plan.stages.map((stage) => stage.airC)) < constant("minimumOvenC") - 0.5;
  return (
    <>
      <Segmented
        label="Method"
        value={plan.method}
        choices={METHODS.filter((method) => method.cuts.includes(plan.bird.cut)).map(({ id, short }) => ({
          value: id,
          label: short,
        }))}
        onChange={(id) => settle((before) => ({ ...before, method: id, stages: [...methodById(id).stages] }))}
      />
      {plan.stages.map((stage, n) => {
        const label =
          plan.stages.length === 1
            ? "Oven"
            : n === 0
              ? `Oven, first ${plan.stages[1]?.fromMin} min`
              : `Oven from ${stage.fromMin} min`;
        return (
          <div key={stage.fromMin} className="grid grid-cols-[6.5rem_1fr] items-center gap-x-3">
            <p className="col-span-2 text-sm text-soft">{label}</p>
            <UnitField
              label={label}
              hideLabel
              shown={t(stage.airC)}
              parse={(text) => requireBetween("oven temperature", parseTemperatureC(text, units), 100, 260, "°C")}
              onChange={(airC) => settle(withStage(n, airC))}
            />
            <DragSlider
              label={`${label}, by hand`}
              value={stage.airC}
              min={110}
              max={260}
              step={1}
              shown={t(stage.airC)}
              onDrag={(airC) => drag(withStage(n, airC))}
              onSettle={(airC) => settle(withStage(n, airC))}
            />
          </div>
        );
      })}
      <div className="grid grid-cols-2 gap-3">
        {(["breast", "thigh"] as const).map((part) => (
          <UnitField
            key={part}
            label={`Target, ${part}`}
            shown={t(plan.targetC[part])}
            parse={(text) =>
              requireBetween(
                `target of the ${part}`,
                parseTemperatureC(text, units),
                part === "breast" ? 55 : 60,
                90,
                "°C",
              )
            }
            onChange={(celsius) => settle(withTarget(part, celsius))}
          />
        ))}
      </div>
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
      {!below && (
        <p className="text-sm text-soft">
          {t(guideline)} seen at both thermal centres before carving; pulled early, since it goes on rising at rest.
        </p>
      )}
    </>
  );
}
