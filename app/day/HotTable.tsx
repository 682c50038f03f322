import { constant } from "../../core/constants";
import type { Roast } from "../../core/plan/roast";
import { formatTemperature } from "../../core/units/quantity";
import { useHabits } from "../shell/preferences";
import { Toggle } from "../ui/Toggle";
import { actsOf } from "./acts";

/** How warm it is where it was eaten: it halves the time that what is left may stand out. */
export function HotTable({ roast }: { readonly roast: Roast }) {
  const { units } = useHabits();
  return (
    <Toggle
      label={`Above ${formatTemperature(constant("hotKitchenC"), units)} here: one hour`}
      checked={roast.happened.hotTable === true}
      onChange={(hotTable) => void actsOf(roast.id).happens({ hotTable })}
    />
  );
}
