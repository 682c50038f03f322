import { withSalt } from "../../../core/plan/edits";
import { DragRow } from "./DragRow";
import type { PanelProps } from "./panelProps";
import { parseSalt } from "./parseSalt";
import { usePlanStore } from "./planStore";

/** How much salt: of the bird's weight, or of the brine's. */
export function SaltStrength({ plan: { salt: chosen }, units }: Pick<PanelProps, "plan" | "units">) {
  const { drag, settle } = usePlanStore();
  return (
    <>
      {chosen.method === "brine" ? (
        <DragRow
          label="Strength"
          name="Salt by weight of the water"
          value={chosen.brinePercent}
          shown={`${chosen.brinePercent.toFixed(1)} %`}
          min={2}
          max={10}
          step={0.5}
          parse={parseSalt(chosen, "strength of the brine", 1, 12)}
          onDrag={(brinePercent) => drag(withSalt({ brinePercent }))}
          onSettle={(brinePercent) => settle(withSalt({ brinePercent }))}
        />
      ) : (
        <DragRow
          label="Of its weight"
          name="Salt, share of the bird's weight"
          value={chosen.percent}
          shown={`${chosen.percent.toFixed(1)} %`}
          min={0}
          max={1.5}
          step={0.1}
          parse={parseSalt(chosen, "salt", 0, 2)}
          onDrag={(percent) => drag(withSalt({ percent }))}
          onSettle={(percent) => settle(withSalt({ percent }))}
        />
      )}
      <p className="text-sm text-soft">
        As your recipe has it, too: {units === "us" ? "“½ tsp a pound”, “1 cup a gallon”" : "“10 g/kg”, “60 g/L”"}.
      </p>
    </>
  );
}
