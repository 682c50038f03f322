import { useState } from "react";
import { requireBetween } from "../../../core/errors";
import { DISH_C, MOST_SIDES, type Plan, type Side } from "../../../core/plan/schema";
import { type Dial, onDialC } from "../../../core/units/dial";
import { formatTemperature, parseDurationS, parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { faultWords } from "../../../words/faults";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";

type Preset = Pick<Side, "name" | "minutes" | "ovenC" | "ring" | "amount">;
const NOTHING = { name: "", minutes: "", oven: "", amount: "" };

/** Usual dishes with their usual times (common practice), at marks of this oven's dial: two taps and they are in. */
const presetsAt = (dial: Dial): readonly Preset[] =>
  PRESETS.map((dish) => (dish.ovenC === null ? dish : { ...dish, ovenC: onDialC(dish.ovenC, dial) }));

const PRESETS: readonly Preset[] = [
  { name: "Roast potatoes", minutes: 45, ovenC: 200, ring: false },
  { name: "Bread stuffing, beside the bird", minutes: 35, ovenC: 190, ring: false },
  { name: "Roast roots", minutes: 35, ovenC: 200, ring: false },
  { name: "Mashed potatoes", minutes: 35, ovenC: null, ring: true },
  { name: "Green vegetables", minutes: 12, ovenC: null, ring: true },
  { name: "Warm rolls", minutes: 10, ovenC: 190, ring: false },
];

interface Props {
  readonly plan: Plan;
  /** The bird is in: nothing is baked before it any more. */
  readonly isIn: boolean;
  readonly units: UnitSystem;
  onAdd(sides: Plan["sides"]): void;
}

/** Dishes from the usual ones by a tap each, or the cook's own; once open it stays so, for the next. */
export function SideForm({ plan, isIn, units, onAdd }: Props) {
  const [open, setOpen] = useState(false);
  const [own, setOwn] = useState(NOTHING);
  const [slot, setSlot] = useState<Side["slot"]>("auto");
  const [fault, setFault] = useState<string | null>(null);
  const add = (dish: Preset): void => {
    onAdd([{ ...dish, id: crypto.randomUUID(), slot }]);
  };
  const addOwn = (): void => {
    try {
      const name = own.name.trim();
      if (name === "" || name.length > 60) throw new RangeError("name of the dish: up to 60 letters");
      const minutes = requireBetween("time of the dish", parseDurationS(own.minutes) / 60, 1, 600, "min");
      const ovenC =
        own.oven.trim() === ""
          ? null
          : requireBetween("oven for the dish", parseTemperatureC(own.oven, units), DISH_C.least, DISH_C.most, "°C");
      const amount = own.amount.trim();
      if (amount.length > 60) throw new RangeError("amount of the dish: up to 60 letters");
      add({ name, minutes, ovenC, ring: ovenC === null, ...(amount !== "" && { amount }) });
      setOwn(NOTHING);
      setFault(null);
    } catch (error) {
      setFault(faultWords(error, units));
    }
  };
  if (plan.sides.length >= MOST_SIDES) {
    return <p className="text-sm text-soft">{MOST_SIDES} dishes are as many as one plan holds.</p>;
  }
  if (!open) {
    return (
      <Button size="small" className="self-start" onClick={() => setOpen(true)}>
        Add a dish
      </Button>
    );
  }
  const field = "block min-h-9 w-full rounded-lg border border-line-strong bg-mist-1 px-2 text-ink max-sm:min-h-12";
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap gap-1.5">
        {presetsAt(plan.equipment.dial)
          .filter(({ name }) => plan.sides.every((side) => side.name !== name))
          .map((dish) => (
            <Button key={dish.name} size="small" onClick={() => add(dish)}>
              {dish.name}
              <span className="text-soft">
                {" "}
                {dish.minutes} min{dish.ovenC === null ? "" : `, ${formatTemperature(dish.ovenC, units)}`}
              </span>
            </Button>
          ))}
      </div>
      <Segmented<Side["slot"]>
        label="When the dish bakes"
        value={slot}
        choices={[
          { value: "auto", label: isIn ? "While it rests" : "Wherever it fits" },
          { value: "with", label: "Beside the bird" },
          ...(isIn ? [] : [{ value: "before" as const, label: "Before it" }]),
          { value: "tray", label: "In its tray" },
        ]}
        onChange={setSlot}
      />
      <form
        className="grid grid-cols-[1.6fr_1fr_1fr] gap-1.5 text-xs text-soft"
        onSubmit={(event) => {
          event.preventDefault();
          addOwn();
        }}
      >
        <label>
          Your own dish
          <input
            className={field}
            value={own.name}
            onChange={(event) => setOwn({ ...own, name: event.target.value })}
          />
        </label>
        <label>
          Time
          <input
            className={field}
            value={own.minutes}
            placeholder="40 min"
            onChange={(event) => setOwn({ ...own, minutes: event.target.value })}
          />
        </label>
        <label>
          Oven, if any
          <input
            className={field}
            value={own.oven}
            placeholder={units === "metric" ? "180 C" : "350 F"}
            onChange={(event) => setOwn({ ...own, oven: event.target.value })}
          />
        </label>
        <label className="col-span-3">
          How much, for the shopping list
          <input
            className={field}
            value={own.amount}
            placeholder={units === "metric" ? "1.2 kg, in the tray" : "3 lb, in the tray"}
            onChange={(event) => setOwn({ ...own, amount: event.target.value })}
          />
        </label>
        <p role="alert" className="col-span-3 font-medium text-ember empty:hidden">
          {fault}
        </p>
        <Button type="submit" size="small" className="col-span-3 justify-self-start text-ink">
          Add this dish
        </Button>
      </form>
    </div>
  );
}
