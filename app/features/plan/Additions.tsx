import { Trash2 } from "lucide-react";
import { useState } from "react";
import { messageOf, requireBetween } from "../../../core/errors";
import {
  ADDITION_MOMENTS,
  ADDITION_PLACES,
  ADDITION_UNITS,
  type Addition,
  MOST_ADDITIONS,
  type Plan,
} from "../../../core/plan/schema";
import { additionAmount } from "../../../core/schedule/timetable";
import type { UnitSystem } from "../../../core/units/quantity";
import { Button } from "../../ui/Button";
import { IconButton } from "../../ui/IconButton";
import { usePlanStore } from "./planStore";

const UNIT_NAMES: Record<Addition["unit"], string> = {
  g: "g",
  mL: "mL",
  tsp: "tsp",
  pieces: "pieces",
  "g/kg": "g a kilogram of bird",
};
const MOMENT_NAMES: Record<Addition["when"], string> = {
  "with-the-salt": "with the salt",
  "before-the-heat": "before the heat",
  "into-the-tray": "into the tray",
  "at-the-end": "at the end",
  "into-the-gravy": "into the gravy",
};
const PLACE_NAMES: Record<Addition["where"], string> = {
  over: "over the skin",
  "under-the-skin": "under the skin",
  inside: "inside",
  "in-slits": "in slits",
};
const FIELD = "min-h-10 rounded-xl border border-line-strong bg-mist-1 px-2 text-base text-ink";

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly choices: readonly Value[];
  readonly names: Record<Value, string>;
  onChange(value: Value): void;
}

function Choice<Value extends string>({ label, value, choices, names, onChange }: ChoiceProps<Value>) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value as Value)}
      className={`${FIELD} min-w-0`}
    >
      {choices.map((each) => (
        <option key={each} value={each}>
          {names[each]}
        </option>
      ))}
    </select>
  );
}

/** Rubs, pastes, liquids, spices: lines of the cook's own, which reach the lists and the timetable. */
export function Additions({ plan, units }: { readonly plan: Plan; readonly units: UnitSystem }) {
  const { settle } = usePlanStore();
  return (
    <>
      <h3 className="mt-1 text-sm font-semibold">Rubs, pastes, liquids</h3>
      {plan.additions.length > 0 && (
        <ul className="divide-y divide-line">
          {plan.additions.map((each) => (
            <li key={each.id} className="flex items-center gap-2 py-1 text-sm">
              <span className="grow">
                <b>{each.name}</b>, {additionAmount(each, plan, units)}
                <span className="block text-soft">
                  {MOMENT_NAMES[each.when]}
                  {isOnBird(each.when) && `, ${PLACE_NAMES[each.where]}`}
                </span>
              </span>
              <IconButton
                label={`Take ${each.name} off`}
                icon={Trash2}
                onClick={() =>
                  settle((before) => ({ ...before, additions: before.additions.filter(({ id }) => id !== each.id) }))
                }
              />
            </li>
          ))}
        </ul>
      )}
      {plan.additions.length < MOST_ADDITIONS && <AdditionForm />}
    </>
  );
}

const isOnBird = (when: Addition["when"]): boolean => when === "with-the-salt" || when === "before-the-heat";

/** One more line; what cannot be read is said in one sentence, and stays. */
function AdditionForm() {
  const { settle } = usePlanStore();
  const [name, setName] = useState("");
  const [amount, setAmount] = useState("");
  const [unit, setUnit] = useState<Addition["unit"]>("g");
  const [when, setWhen] = useState<Addition["when"]>("before-the-heat");
  const [where, setWhere] = useState<Addition["where"]>("over");
  const [fault, setFault] = useState<string | null>(null);
  const add = (): void => {
    try {
      if (name.trim() === "") throw new RangeError("name of what goes on: got nothing, a word is wanted");
      const much = requireBetween(
        "amount",
        Number(amount.replace(",", ".").trim() || Number.NaN),
        0.1,
        5000,
        UNIT_NAMES[unit],
      );
      const line: Addition = {
        id: crypto.randomUUID(),
        name: name.trim().slice(0, 60),
        amount: much,
        unit,
        when,
        where,
      };
      settle((before) => ({ ...before, additions: [...before.additions, line] }));
      setName("");
      setAmount("");
      setFault(null);
    } catch (error) {
      setFault(messageOf(error));
    }
  };
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <input
        aria-label="What goes on"
        placeholder="A rub, a paste, cider"
        value={name}
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
        className={`${FIELD} w-full min-w-0`}
      />
      <div className="grid grid-cols-[5rem_minmax(0,1fr)] gap-2">
        <input
          aria-label="How much of it"
          placeholder="20"
          inputMode="decimal"
          value={amount}
          onChange={(event) => setAmount(event.target.value)}
          className={`${FIELD} min-w-0`}
        />
        <Choice label="Its unit" value={unit} choices={ADDITION_UNITS} names={UNIT_NAMES} onChange={setUnit} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Choice
          label="When it goes on"
          value={when}
          choices={ADDITION_MOMENTS}
          names={MOMENT_NAMES}
          onChange={setWhen}
        />
        {isOnBird(when) && (
          <Choice
            label="Where it goes"
            value={where}
            choices={ADDITION_PLACES}
            names={PLACE_NAMES}
            onChange={setWhere}
          />
        )}
        <Button type="submit" size="small">
          Add it
        </Button>
      </div>
      <p role="alert" className="text-sm font-medium text-ember empty:hidden">
        {fault}
      </p>
    </form>
  );
}
