import { requireBetween } from "../../../core/errors";
import type { Plan } from "../../../core/formats/roast";
import { formatDuration, formatMass, parseMassKg } from "../../../core/units/quantity";
import { Segmented } from "../../ui/Segmented";
import { DragRow } from "./DragRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

const withBird =
  (change: Partial<Plan["bird"]>) =>
  (plan: Plan): Plan => ({ ...plan, bird: { ...plan.bird, ...change } });

/** The flat method makes no sense for a whole bird: it falls back to the steady one. */
const withCut =
  (cut: Plan["bird"]["cut"]) =>
  (plan: Plan): Plan =>
    cut === "whole" && plan.method === "hot-flat"
      ? { ...withBird({ cut })(plan), method: "steady", stages: [{ fromMin: 0, airC: 163 }] }
      : withBird({ cut })(plan);

export function BirdPanel({ plan, derived, cook, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const { bird } = plan;
  return (
    <>
      <DragRow
        label="As bought"
        name="Weight as bought"
        value={bird.massKg}
        shown={formatMass(bird.massKg, units)}
        min={3}
        max={12}
        step={0.1}
        parse={(text) => requireBetween("weight", parseMassKg(text, units), 2, 16, "kg")}
        onDrag={(massKg) => drag(withBird({ massKg }))}
        onSettle={(massKg) => settle(withBird({ massKg }))}
      />
      <p className="text-sm text-soft">
        {formatMass(cook.ovenMassKg, units)} of it goes into the oven, without neck and giblets.
      </p>
      <Segmented
        label="Cut"
        value={bird.cut}
        choices={[
          { value: "whole", label: "Whole, trussed" },
          { value: "spatchcock", label: "Spatchcocked" },
        ]}
        onChange={(cut) => settle(withCut(cut))}
      />
      <Segmented
        label="Bought"
        value={bird.state}
        choices={[
          { value: "frozen", label: "Frozen" },
          { value: "fresh", label: "Fresh" },
        ]}
        onChange={(state) => settle(withBird({ state }))}
      />
      {derived.thaw && (
        <>
          <Segmented
            label="Thaw"
            value={plan.thawIn}
            choices={[
              { value: "fridge", label: "In the fridge" },
              { value: "water", label: "In cold water" },
            ]}
            onChange={(thawIn) => settle((before) => ({ ...before, thawIn }))}
          />
          <p className="text-sm text-soft">
            {formatDuration(derived.thaw.hours * 3600)} by the published table for this weight. At 4 °C or below; water
            changed every 30 minutes. Giblets out of both ends.
          </p>
        </>
      )}
    </>
  );
}
