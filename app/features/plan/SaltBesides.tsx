import { withSalt } from "../../../core/plan/edits";
import { parseNumber } from "../../../core/units/quantity";
import { DragRow } from "./DragRow";
import type { PanelProps } from "./panelProps";
import { parseSalt } from "./parseSalt";
import { usePlanStore } from "./planStore";

/** What goes with the salt: sugar, and an injection beside the rub or the brine. */
export function SaltBesides({ plan: { salt: chosen } }: Pick<PanelProps, "plan">) {
  const { drag, settle } = usePlanStore();
  return (
    <>
      <DragRow
        label="Sugar"
        name="Sugar, share of the salt's weight"
        value={chosen.sugarShare}
        shown={`${Math.round(100 * chosen.sugarShare)} %`}
        min={0}
        max={1}
        step={0.05}
        parse={(text) => parseNumber("sugar", text, 0, 100, "%") / 100}
        onDrag={(sugarShare) => drag(withSalt({ sugarShare }))}
        onSettle={(sugarShare) => settle(withSalt({ sugarShare }))}
      />
      {chosen.sugarShare > 0 && (
        <p className="text-sm text-soft">
          Only salt goes deep; sugar, herbs and spice season the skin and the drippings, and sugar browns early.
        </p>
      )}
      {chosen.method !== "injection" && (
        <DragRow
          label="Injected too"
          name="Salt injected besides, share of the bird's weight"
          value={chosen.injectPercent}
          shown={`${chosen.injectPercent.toFixed(1)} %`}
          min={0}
          max={1}
          step={0.1}
          parse={parseSalt(chosen, "salt injected besides", 0, 2)}
          onDrag={(injectPercent) => drag(withSalt({ injectPercent }))}
          onSettle={(injectPercent) => settle(withSalt({ injectPercent }))}
        />
      )}
    </>
  );
}
