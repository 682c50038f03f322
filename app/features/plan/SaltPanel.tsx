import { requireBetween } from "../../../core/errors";
import { BATHS, COLD_PLACES, gramsPerTeaspoon, SALT_KINDS, SALT_METHODS } from "../../../core/kitchen/salt";
import { parseSaltPercent } from "../../../core/kitchen/saltShare";
import { withBird, withSalt, withSaltMethod } from "../../../core/plan/edits";
import { parseMassKg, parseNumber, type UnitSystem } from "../../../core/units/quantity";
import { aboutThreeCm, COLD_LIMIT, fine, formatSpoons, ice, liquid, small } from "../../../words/amounts";
import { SALT_NAMES } from "../../../words/names";
import { allOf } from "../../../words/titles";
import { Caution } from "../../ui/Caution";
import { Fact } from "../../ui/Doubt";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { UnitField } from "../../ui/UnitField";
import { Why } from "../../ui/Why";
import { DragRow } from "./DragRow";
import { HoursRow } from "./HoursRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

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
const BATH_NAMES = { pot: "In a pot", bag: "In a closed bag" } as const;
const COLD_NAMES = { fridge: "In the fridge", cooler: "In a cooler with ice" } as const;

const parsePercent =
  (what: string, low: number, high: number) =>
  (text: string): number =>
    parseNumber(what, text, low, high, "%");

export function SaltPanel({ plan, derived, cook, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const { salt: chosen } = plan;
  const { salt } = derived;
  const salted = chosen.method !== "none";
  const ownGrams = chosen.gramsPerTeaspoon ?? gramsPerTeaspoon(chosen.kind);
  // Also as a recipe has it: spoons a pound, of the salt that is chosen here.
  const parseSalt =
    (what: string, low: number, high: number) =>
    (text: string): number =>
      parseSaltPercent(text, { what, low, high, gramsPerTeaspoon: ownGrams });
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
            label={salt.bath ? "Salt for the brine" : "Salt for the bird"}
            value={small(salt.grams, units)}
            note={`${formatSpoons(salt.teaspoons, units)} of ${SALT_NAMES[chosen.kind]}${salt.sugarGrams > 0 ? `; ${small(salt.sugarGrams, units)} of sugar` : ""}${plan.bird.count > 1 ? `, for ${allOf(plan.bird.count)}` : ""}`}
          />
          {chosen.method === "brine" ? (
            <DragRow
              label="Strength"
              name="Salt by weight of the water"
              value={chosen.brinePercent}
              shown={`${chosen.brinePercent.toFixed(1)} %`}
              min={2}
              max={10}
              step={0.5}
              parse={parseSalt("strength of the brine", 1, 12)}
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
              parse={parseSalt("salt", 0, 2)}
              onDrag={(percent) => drag(withSalt({ percent }))}
              onSettle={(percent) => settle(withSalt({ percent }))}
            />
          )}
          <p className="text-sm text-soft">
            As your recipe has it, too: {units === "us" ? "“½ tsp a pound”, “1 cup a gallon”" : "“10 g/kg”, “60 g/L”"}.
          </p>
          <HoursRow
            label="Salted for"
            name="Hours salted"
            hours={chosen.saltHours}
            onDrag={(saltHours) => drag(withSalt({ saltHours }))}
            onSettle={(saltHours) => settle(withSalt({ saltHours }))}
          />
          <Segmented
            label="Kind of salt"
            value={chosen.kind}
            choices={SALT_KINDS.map((value) => ({ value, label: SALT_NAMES[value] }))}
            onChange={(kind) => settle(withSalt({ kind, gramsPerTeaspoon: null }))}
          />
          <UnitField
            label="A level teaspoon of yours weighs"
            shown={fine(ownGrams, units)}
            hint={
              chosen.gramsPerTeaspoon === null ? "the usual for this kind; weigh ten and divide" : "as you weighed it"
            }
            parse={(text) =>
              requireBetween(
                "a teaspoon of salt",
                1000 * parseMassKg(/[a-z]/i.test(text) ? text : `${text} ${units === "us" ? "oz" : "g"}`),
                1,
                8,
                "g",
              )
            }
            onChange={(grams) => settle(withSalt({ gramsPerTeaspoon: grams }))}
          />
          {salt.bath && (
            <>
              <Segmented
                label="The brine is"
                value={chosen.bath}
                choices={BATHS.map((value) => ({ value, label: BATH_NAMES[value] }))}
                onChange={(bath) => settle(withSalt({ bath }))}
              />
              <p className="text-sm">
                <b>{liquid(salt.bath.waterL * 1000, units)}</b> of water{salt.bath.vessels > 1 && " for each bird"}
                {salt.bath.vessels < plan.bird.count && " for all of them in one pot"}:{" "}
                {liquid(salt.bath.hotL * 1000, units)} hot to dissolve, then the rest cold with{" "}
                {ice(salt.bath.iceKg, units)} of ice. It takes {liquid(salt.bath.containerL * 1000, units)} of room.
              </p>
            </>
          )}
          <DragRow
            label="Sugar"
            name="Sugar, share of the salt's weight"
            value={chosen.sugarShare}
            shown={`${Math.round(100 * chosen.sugarShare)} %`}
            min={0}
            max={1}
            step={0.05}
            parse={(text) => parsePercent("sugar", 0, 100)(text) / 100}
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
              parse={parseSalt("salt injected besides", 0, 2)}
              onDrag={(injectPercent) => drag(withSalt({ injectPercent }))}
              onSettle={(injectPercent) => settle(withSalt({ injectPercent }))}
            />
          )}
          <Segmented
            label="Kept cold"
            value={chosen.keptIn}
            choices={COLD_PLACES.map((value) => ({ value, label: COLD_NAMES[value] }))}
            onChange={(keptIn) => settle(withSalt({ keptIn }))}
          />
          {salt.coolerIceKg !== null && (
            <Caution>
              {ice(salt.coolerIceKg, units)} of ice outside the bag for {Math.round(salt.hours)} h, and a thermometer in
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
