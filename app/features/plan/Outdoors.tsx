import { requireBetween } from "../../../core/errors";
import { DRAUGHTS, type Draught, FUELS, type Fuel, isLidded } from "../../../core/heat/sources";
import { briquettesPerHour, briquettesToStart } from "../../../core/kitchen/fuel";
import { heatsOf, ovenIn } from "../../../core/plan/heats";
import type { Plan } from "../../../core/plan/schema";
import { formatTemperature, parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { UnitField } from "../../ui/UnitField";
import { usePlanStore } from "./planStore";

const FUEL_NAMES: Record<Fuel, string> = { charcoal: "Charcoal", wood: "Wood", pellets: "Pellets", gas: "Gas" };
const DRAUGHT_NAMES: Record<Draught, string> = {
  weak: "Draws weakly",
  usual: "Draws as most do",
  good: "Draws well",
};
const FUEL_SAYS: Record<Exclude<Fuel, "charcoal">, string> = {
  wood: "A split or two an hour, onto embers",
  pellets: "The hopper feeds it; looked at every hour",
  gas: "A full bottle, and a second one in reach",
};

/** What burns outdoors, and the weather that it burns in. */
export function Outdoors({ plan, units }: { readonly plan: Plan; readonly units: UnitSystem }) {
  const { settle } = usePlanStore();
  const hasLid = heatsOf(plan).some(isLidded);
  const isKnown = isLidded(plan.heat) && Boolean(ovenIn(plan)?.learned);
  const weather = (change: Partial<Plan["weather"]>): void =>
    settle((before) => ({ ...before, weather: { ...before.weather, ...change } }));
  return (
    <>
      <Segmented
        label="Fuel"
        value={plan.fuel}
        choices={FUELS.map((value) => ({ value, label: FUEL_NAMES[value] }))}
        onChange={(fuel) => settle((before) => ({ ...before, fuel }))}
      />
      {hasLid && !isKnown && (
        <Segmented
          label="How it draws"
          value={plan.draught}
          choices={DRAUGHTS.map((value) => ({ value, label: DRAUGHT_NAMES[value] }))}
          onChange={(draught) => settle((before) => ({ ...before, draught }))}
        />
      )}
      <UnitField
        label="Outdoors"
        shown={formatTemperature(plan.weather.airC, units)}
        parse={(text) => requireBetween("air outdoors", parseTemperatureC(text, units), -30, 45, "°C")}
        onChange={(airC) => weather({ airC })}
      />
      <Toggle label="Windy" checked={plan.weather.windy} onChange={(windy) => weather({ windy })} />
      <p className="text-sm text-soft">
        {plan.fuel === "charcoal"
          ? `${briquettesToStart(plan)} briquettes to start, ${briquettesPerHour(plan)} more each hour`
          : FUEL_SAYS[plan.fuel]}
        . Little, clean smoke
        {hasLid && "; the lid stays shut. Cold and wind cool it, and all takes longer at the same heat"}.
      </p>
    </>
  );
}
