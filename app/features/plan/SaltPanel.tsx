import { COLD_PLACES, SALT_METHODS } from "../../../core/kitchen/salt";
import { withBird, withSalt, withSaltMethod } from "../../../core/plan/edits";
import { saltEach } from "../../../core/plan/saltPlan";
import type { UnitSystem } from "../../../core/units/quantity";
import { aboutThreeCm, COLD_LIMIT, formatSpoons, ice, iceGoes, small, spooned } from "../../../words/amounts";
import { SALT_NAMES } from "../../../words/names";
import { eachBird, forEachBird } from "../../../words/titles";
import { Caution } from "../../ui/Caution";
import { Fact } from "../../ui/Doubt";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { Why } from "../../ui/Why";
import { Brine } from "./Brine";
import { HoursRow } from "./HoursRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { SaltBesides } from "./SaltBesides";
import { SaltKind } from "./SaltKind";
import { SaltStrength } from "./SaltStrength";

const METHOD_NAMES = {
  dry: "Dry salt",
  brine: "Brine, by the hour",
  equilibrium: "Brine, by weight",
  injection: "Inject",
  none: "None",
} as const;
const methodSays = (units: UnitSystem) => ({
  dry: "Rubbed on and left uncovered: no bucket, drier skin. What runs out is thrown away.",
  brine: "Quick, saltier outside than in; the hours matter.",
  equilibrium: "As much salt as the meat shall hold, shared out between meat and water: it cannot get too salty.",
  injection: `A tenth of its weight, in sites ${aboutThreeCm[units]} apart; the salt starts inside.`,
  none: "Salt at the table and in the gravy.",
});
const COLD_NAMES = { fridge: "In the fridge", cooler: "In a cooler with ice" } as const;

export function SaltPanel({ plan, derived, cook, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const { salt: chosen } = plan;
  const { salt } = derived;
  const salted = chosen.method !== "none";
  const each = saltEach(salt);
  return (
    <>
      <Toggle
        label="Sold already salted or injected"
        checked={plan.bird.preSalted}
        onChange={(preSalted) =>
          settle((before) => withBird({ preSalted })(withSaltMethod(preSalted ? "none" : "dry")(before)))
        }
      />
      <Segmented
        label="Way of salting"
        value={chosen.method}
        choices={SALT_METHODS.map((value) => ({ value, label: METHOD_NAMES[value] }))}
        onChange={(method) => settle(withSaltMethod(method))}
      />
      <p className="text-sm text-soft">
        {plan.bird.preSalted && !salted
          ? "It is salted already: no more salt. Dry it all the same."
          : methodSays(units)[chosen.method]}
      </p>
      <Why id={plan.bird.preSalted ? "injected" : "faster"} />
      {salted && (
        <>
          <Fact
            label={salt.bath ? "Salt for the brine" : `Salt for ${eachBird({ ...plan.bird, count: salt.portions })}`}
            value={small(each.grams, units)}
            note={`${formatSpoons(each.teaspoons, units)} of ${SALT_NAMES[chosen.kind]}${each.sugarGrams > 0 ? `; ${spooned("sugar", each.sugarGrams, units)} of sugar` : ""}${salt.bath ? forEachBird(plan.bird, salt.portions) : ""}`}
          />
          <SaltStrength plan={plan} units={units} />
          <HoursRow
            label="Salted for"
            name="Hours salted"
            hours={chosen.saltHours}
            onDrag={(saltHours) => drag(withSalt({ saltHours }))}
            onSettle={(saltHours) => settle(withSalt({ saltHours }))}
          />
          <SaltKind plan={plan} units={units} />
          {salt.bath && <Brine plan={plan} bath={salt.bath} units={units} />}
          <SaltBesides plan={plan} />
          <Segmented
            label="Kept cold"
            value={chosen.keptIn}
            choices={COLD_PLACES.map((value) => ({ value, label: COLD_NAMES[value] }))}
            onChange={(keptIn) => settle(withSalt({ keptIn }))}
          />
          {salt.coolerIceKg !== null && (
            <Caution>
              {ice(salt.coolerIceKg, units)} of ice {iceGoes(salt)} for {Math.round(salt.hours)} h, and a thermometer in
              it: at or under {COLD_LIMIT[units]} all the time, or more ice.
            </Caution>
          )}
          {cook.saltPercent !== null && salt.hours > 0 && (
            <p className="text-sm text-soft">
              Simulated: {cook.saltPercent.toFixed(1)} % of salt in the whole of the meat as it goes in
              {!salt.isCertain && ", give or take a third: published speeds of salt in meat differ by four to one"}.
            </p>
          )}
        </>
      )}
      <HoursRow
        label="Uncovered"
        name="Hours uncovered on a rack, for dry skin"
        hours={chosen.dryHours}
        onDrag={(dryHours) => drag(withSalt({ dryHours }))}
        onSettle={(dryHours) => settle(withSalt({ dryHours }))}
      />
      {salted && (
        <p className="text-sm text-soft">
          Liquid that salted meat sheds is raw brine: away with it, never into the gravy.
        </p>
      )}
    </>
  );
}
