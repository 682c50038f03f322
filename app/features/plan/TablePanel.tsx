import { Trash2 } from "lucide-react";
import { Link } from "react-router";
import { constant } from "../../../core/constants";
import { CARVINGS, type Carving, canSliceFromBone } from "../../../core/kitchen/cutting";
import { APPETITES, type Appetite, MOST_GUESTS } from "../../../core/kitchen/guests";
import { isEatenCold } from "../../../core/plan/dayBefore";
import { withDishes } from "../../../core/plan/edits";
import type { Plan, Side } from "../../../core/plan/schema";
import type { Leftovers } from "../../../core/processes/leftovers";
import { reheatDialC } from "../../../core/processes/leftovers";
import { REHEAT_ID } from "../../../core/schedule/derive";
import { ovenOnMs } from "../../../core/schedule/ovenOn";
import { formatDuration, formatMass, formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { small } from "../../../words/amounts";
import { besideWhat, dishName } from "../../../words/dishes";
import { timeBeside } from "../../../words/time";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { IconButton } from "../../ui/IconButton";
import { MomentField } from "../../ui/MomentField";
import { Segmented } from "../../ui/Segmented";
import { Stepper } from "../../ui/Stepper";
import { Why } from "../../ui/Why";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { SideFile } from "./SideFile";
import { SideForm } from "./SideForm";

const APPETITE_NAMES: Record<Appetite, string> = { light: "light eaters", usual: "usual", hearty: "hearty" };
const CARVING_NAMES: Record<Carving, string> = {
  "off-the-bone": "Off the bone, in the kitchen",
  "from-the-bone": "From the bone, at the table",
};

const withGuests =
  (appetite: Appetite, heads: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    table: { ...plan.table, guests: { ...plan.table.guests, [appetite]: heads } },
  });
const withLeftovers =
  (leftoverMeals: number) =>
  (plan: Plan): Plan => ({ ...plan, table: { ...plan.table, leftoverMeals } });
const withoutSide =
  (id: string) =>
  (plan: Plan): Plan => ({ ...plan, sides: plan.sides.filter((side) => side.id !== id) });

/** Who eats when, what that takes, and what else must be ready with the bird. */
export function TablePanel({ roast, plan, derived, dishes, isShared, cook, units }: PanelProps) {
  const reader = useHabits();
  const at = (ms: number): string => timeBeside(ms, Date.parse(plan.serveAt), plan.zone, reader);
  const { settle } = usePlanStore();
  const { portions, toBuyKg } = derived;
  const isForOne = portions.heads === 1;
  const isIn = roast.happened.inAt !== undefined && plan.roasted === "same-day";
  const add = (added: readonly Side[]): void => settle(withDishes(added, isIn));
  return (
    <>
      <MomentField
        label="On the table"
        atMs={Date.parse(plan.serveAt)}
        zone={plan.zone}
        onChange={(ms) => settle((before) => ({ ...before, serveAt: new Date(ms).toISOString() }))}
      />
      <Link to={`/?dinner=${roast.id}`} className="self-start text-sm underline underline-offset-4">
        Another roast to eat with it
      </Link>
      <Segmented
        label="Roasted on"
        value={plan.roasted}
        choices={[
          { value: "same-day", label: "Roasted that day" },
          { value: "day-before", label: "The day before" },
        ]}
        onChange={(roasted) => settle((before) => ({ ...before, roasted }))}
      />
      {plan.roasted === "day-before" && (
        <Segmented
          label="Eaten"
          value={isEatenCold(plan) ? "cold" : "hot"}
          choices={[
            { value: "hot", label: "Heated again" },
            { value: "cold", label: "Eaten cold" },
          ]}
          onChange={(eaten) => settle((before) => ({ ...before, eatenCold: eaten === "cold" }))}
        />
      )}
      {isEatenCold(plan) && plan.gravy !== "none" && (
        <p className="text-sm text-soft">
          A hot gravy is made for it all the same.{" "}
          <Button size="small" onClick={() => settle((before) => ({ ...before, gravy: "none" }))}>
            No gravy
          </Button>
        </p>
      )}
      {cook.dayAfter && <LeftoversFacts of={cook.dayAfter} plan={plan} units={units} />}
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {APPETITES.map((appetite) => (
          <Stepper
            key={appetite}
            label={APPETITE_NAMES[appetite]}
            value={plan.table.guests[appetite]}
            // Somebody eats: the last one stays.
            min={isForOne && plan.table.guests[appetite] === 1 ? 1 : 0}
            max={MOST_GUESTS}
            onChange={(heads) => settle(withGuests(appetite, heads))}
          />
        ))}
        <Stepper
          label="leftover meals each"
          value={plan.table.leftoverMeals}
          min={0}
          max={5}
          onChange={(meals) => settle(withLeftovers(meals))}
        />
      </div>
      <p className="text-sm">
        {isShared ? (
          <>
            All that is roasted for this dinner gives {isForOne ? "the one" : `these ${portions.heads}`}{" "}
            <b>{small(portions.eachKg * 1000, units)}</b> of cooked meat{isForOne ? "" : " each"}.
          </>
        ) : (
          <>
            For {isForOne ? "one" : `these ${portions.heads}`}, about <b>{formatMass(toBuyKg, units)}</b> as bought.
            Yours of {plan.bird.count > 1 ? `${plan.bird.count} × ` : ""}
            {formatMass(plan.bird.massKg, units)} gives <b>{small(portions.eachKg * 1000, units)}</b> of cooked meat
            {isForOne ? "" : " each"}.
          </>
        )}
      </p>
      {canSliceFromBone(plan.bird.cut) && plan.roasted === "same-day" && (
        <>
          <Segmented
            label="Carved"
            value={plan.carving ?? "off-the-bone"}
            choices={CARVINGS.map((value) => ({ value, label: CARVING_NAMES[value] }))}
            onChange={(carving) => settle((before) => ({ ...before, carving }))}
          />
          <Why id="carving" />
        </>
      )}
      <h3 className="mt-1 text-sm font-semibold">Side dishes</h3>
      {dishes.length > 0 && (
        <ul className="divide-y divide-line">
          {dishes.map((side) => (
            <li key={side.id} className="flex items-center gap-2 py-1 text-sm">
              <span className="grow">
                <b>{at(side.startMs)}</b> {dishName(side)}
                <span className="block text-soft">
                  {side.ovenC === null
                    ? `${side.minutes} min, ${side.ring ? "on a ring" : "at the board"}`
                    : [
                        `${side.minutes} min at ${formatTemperature(side.ovenC, units)}`,
                        side.isOvenOff && `oven on at ${at(ovenOnMs(side))}`,
                        besideWhat(side, derived.schedule, plan.bird),
                      ]
                        .filter(Boolean)
                        .join(", ")}
                </span>
              </span>
              {side.id !== REHEAT_ID && (
                <IconButton
                  label={`Take ${side.name} off`}
                  icon={Trash2}
                  onClick={() => settle(withoutSide(side.id))}
                />
              )}
            </li>
          ))}
        </ul>
      )}
      <SideForm plan={plan} isIn={isIn} units={units} onAdd={add} />
      <SideFile plan={plan} units={units} onAdd={add} />
    </>
  );
}

interface FactsProps {
  readonly of: Leftovers;
  readonly plan: Plan;
  readonly units: UnitSystem;
}

/** Chilled against the cooling rule, and how long it takes to be hot again. */
function LeftoversFacts({ of: { chill, reheat }, plan, units }: FactsProps) {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  return (
    <>
      <p className="text-sm text-soft">
        Carved, laid two fingers deep in trays{isEatenCold(plan) ? "" : " with the drippings"}, in the fridge within two
        hours and open until cold
        {chill.to5Min !== null && `: cold through after ${formatDuration(chill.to5Min * 60)}`}.{" "}
        {isEatenCold(plan)
          ? "Then covered, and out of the fridge shortly before it is eaten."
          : `Covered in the oven at ${t(reheatDialC(plan.equipment.dial))} it is ${t(constant("guidelineC"))} in the middle after ${reheat.kind === "hot" ? formatDuration(reheat.minutes * 60) : "longer than four hours"}.`}
      </p>
      {!chill.keepsTheRule && (
        <Caution>
          So much meat does not cool fast enough in one tray: lay it shallower, in more trays, and follow your local
          food-safety authority.
        </Caution>
      )}
    </>
  );
}
