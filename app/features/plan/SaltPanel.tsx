import type { Plan } from "../../../core/formats/roast";
import { formatSpoons, SALT_KINDS, SALT_NAMES } from "../../../core/kitchen/salt";
import { Fact } from "../../ui/Doubt";
import { DragSlider } from "../../ui/DragSlider";
import { Segmented } from "../../ui/Segmented";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

const withSalt =
  (change: Partial<Plan["salt"]>) =>
  (plan: Plan): Plan => ({ ...plan, salt: { ...plan.salt, ...change } });
const HOURS = ["0", "12", "24", "36"] as const;

export function SaltPanel({ plan, derived }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const { salt } = derived;
  const hours = (value: number) => (HOURS.find((known) => Number(known) === value) ?? "24") as (typeof HOURS)[number];
  return (
    <>
      <Segmented
        label="Sold already salted?"
        value={plan.bird.preSalted ? "yes" : "no"}
        choices={[
          { value: "no", label: "Plain bird" },
          { value: "yes", label: "Sold salted" },
        ]}
        onChange={(answer) =>
          settle((before) => ({ ...before, bird: { ...before.bird, preSalted: answer === "yes" } }))
        }
      />
      {plan.bird.preSalted ? (
        <p className="text-soft">It is salted already: no more salt. Dry it uncovered all the same.</p>
      ) : (
        <>
          <Fact
            label={`${plan.salt.percent.toFixed(1)} % of the bird's weight`}
            value={`${Math.round(salt.grams)} g`}
            note={`${formatSpoons(salt.teaspoons)} of ${SALT_NAMES[salt.kind]}; other kinds weigh otherwise by the spoon`}
          />
          <DragSlider
            label="Salt, share of the bird's weight"
            value={plan.salt.percent}
            min={0}
            max={1.5}
            step={0.1}
            shown={`${plan.salt.percent.toFixed(1)} %`}
            onDrag={(percent) => drag(withSalt({ percent }))}
            onSettle={(percent) => settle(withSalt({ percent }))}
          />
          <Segmented
            label="Kind of salt"
            value={plan.salt.kind}
            choices={SALT_KINDS.map((value) => ({ value, label: SALT_NAMES[value] }))}
            onChange={(kind) => settle(withSalt({ kind }))}
          />
          <p className="text-sm text-soft">Salted, in the fridge</p>
          <Segmented
            label="Hours salted"
            value={hours(plan.salt.saltHours)}
            choices={HOURS.map((value) => ({ value, label: `${value} h` }))}
            onChange={(value) => settle(withSalt({ saltHours: Number(value) }))}
          />
        </>
      )}
      <p className="text-sm text-soft">Then uncovered on a rack, for dry skin</p>
      <Segmented
        label="Hours uncovered"
        value={hours(plan.salt.dryHours)}
        choices={HOURS.map((value) => ({ value, label: `${value} h` }))}
        onChange={(value) => settle(withSalt({ dryHours: Number(value) }))}
      />
    </>
  );
}
