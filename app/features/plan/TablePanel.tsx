import { Minus, Plus, Trash2 } from "lucide-react";
import type { Plan } from "../../../core/formats/roast";
import { APPETITES, type Appetite } from "../../../core/kitchen/guests";
import type { PlacedSide } from "../../../core/schedule/sides";
import { formatMass, formatTemperature } from "../../../core/units/quantity";
import { clockTime, fieldTime, instantOf } from "../../ui/time";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { SideForm } from "./SideForm";

const APPETITE_NAMES: Record<Appetite, string> = { light: "light eaters", usual: "usual", hearty: "hearty" };
const SLOT_WORDS: Record<PlacedSide["slot"], string> = {
  rest: "while it rests",
  with: "beside the bird",
  before: "before it",
};

const withGuests =
  (appetite: Appetite, change: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    table: {
      ...plan.table,
      guests: { ...plan.table.guests, [appetite]: Math.min(60, Math.max(0, plan.table.guests[appetite] + change)) },
    },
  });
const withLeftovers =
  (change: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    table: { ...plan.table, leftoverMeals: Math.min(5, Math.max(0, plan.table.leftoverMeals + change)) },
  });
const withoutSide =
  (id: string) =>
  (plan: Plan): Plan => ({ ...plan, sides: plan.sides.filter((side) => side.id !== id) });

/** Who eats when, what that takes, and what else must be ready with the bird. */
export function TablePanel({ plan, derived, units }: PanelProps) {
  const { settle } = usePlanStore();
  const { portions, toBuyKg, sides } = derived;
  return (
    <>
      <label className="text-sm text-soft">
        On the table
        <input
          type="datetime-local"
          value={fieldTime(Date.parse(plan.serveAt), plan.zone)}
          onChange={(event) => {
            const ms = instantOf(event.target.value, plan.zone);
            if (!Number.isNaN(ms)) settle((before) => ({ ...before, serveAt: new Date(ms).toISOString() }));
          }}
          className="mt-1 block min-h-10 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
        />
      </label>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {APPETITES.map((appetite) => (
          <Stepper
            key={appetite}
            label={APPETITE_NAMES[appetite]}
            value={plan.table.guests[appetite]}
            onStep={(change) => settle(withGuests(appetite, change))}
          />
        ))}
        <Stepper
          label="leftover meals each"
          value={plan.table.leftoverMeals}
          onStep={(change) => settle(withLeftovers(change))}
        />
      </div>
      <p className="text-sm">
        For these {portions.heads}, about <b>{formatMass(toBuyKg, units)}</b> as bought. Yours of{" "}
        {formatMass(plan.bird.massKg, units)} gives <b>{formatMass(portions.eachKg, units)}</b> of cooked meat each.
      </p>
      <h3 className="mt-1 text-sm font-semibold">Side dishes</h3>
      {sides.length > 0 && (
        <ul className="divide-y divide-line">
          {sides.map((side) => (
            <li key={side.id} className="flex items-center gap-2 py-1 text-sm">
              <span className="grow">
                <b>{clockTime(side.startMs, plan.zone)}</b> {side.name}
                <span className="block text-soft">
                  {side.minutes} min
                  {side.ovenC === null
                    ? ", on a ring"
                    : ` at ${formatTemperature(side.ovenC, units)}, ${SLOT_WORDS[side.slot]}`}
                </span>
              </span>
              <button
                type="button"
                aria-label={`Take ${side.name} off`}
                onClick={() => settle(withoutSide(side.id))}
                className="grid size-8 place-items-center rounded-full hover:bg-mist-2 max-sm:size-12"
              >
                <Trash2 aria-hidden className="size-4" />
              </button>
            </li>
          ))}
        </ul>
      )}
      <SideForm
        plan={plan}
        units={units}
        onAdd={(side) => settle((before) => ({ ...before, sides: [...before.sides, side] }))}
      />
    </>
  );
}

function Stepper({ label, value, onStep }: { label: string; value: number; onStep(change: number): void }) {
  const button = "grid size-8 place-items-center rounded-full border border-line-strong hover:bg-mist-2 max-sm:size-12";
  return (
    <div className="grid grid-cols-[auto_1fr_auto] items-center text-sm">
      <span className="col-span-3 text-soft">{label}</span>
      <button type="button" aria-label={`Fewer: ${label}`} className={button} onClick={() => onStep(-1)}>
        <Minus aria-hidden className="size-4" />
      </button>
      <output aria-label={label} className="text-center text-base font-semibold">
        {value}
      </output>
      <button type="button" aria-label={`More: ${label}`} className={button} onClick={() => onStep(1)}>
        <Plus aria-hidden className="size-4" />
      </button>
    </div>
  );
}
