import { useLiveQuery } from "dexie-react-hooks";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { isOnBird } from "../../../core/plan/additions";
import { withoutAddition } from "../../../core/plan/edits";
import {
  ADDITION_MOMENTS,
  ADDITION_PLACES,
  type Addition,
  LEAST_ADDITION,
  MOST_ADDITIONS,
  type Plan,
} from "../../../core/plan/schema";
import { parseMinutes, parseNumber, type UnitSystem } from "../../../core/units/quantity";
import { readableRoasts } from "../../../storage/listing";
import { ADDITION_WHERE, additionAmount } from "../../../words/additions";
import { GRAMS_PER_OUNCE, ML_PER_CUP } from "../../../words/amounts";
import { faultWords } from "../../../words/faults";
import { database } from "../../shell/database";
import { Button } from "../../ui/Button";
import { IconButton } from "../../ui/IconButton";
import { SELECT, Select } from "../../ui/Select";
import { usePlanStore } from "./planStore";

/** What it can be measured in, in the cook's own units, and what of it is written down. */
interface Measure {
  readonly name: string;
  readonly unit: Addition["unit"];
  readonly each: number;
}
const SPOONS: Measure = { name: "tsp", unit: "tsp", each: 1 };
const TABLESPOONS: Measure = { name: "tbsp", unit: "tsp", each: 3 };
const PIECES: Measure = { name: "pieces", unit: "pieces", each: 1 };
const MEASURES: Record<UnitSystem, readonly [Measure, ...Measure[]]> = {
  metric: [
    { name: "g", unit: "g", each: 1 },
    { name: "mL", unit: "mL", each: 1 },
    SPOONS,
    TABLESPOONS,
    PIECES,
    { name: "g a kilogram of bird", unit: "g/kg", each: 1 },
  ],
  us: [
    { name: "oz", unit: "g", each: GRAMS_PER_OUNCE },
    { name: "cups", unit: "mL", each: ML_PER_CUP },
    SPOONS,
    TABLESPOONS,
    PIECES,
    { name: "oz a pound of bird", unit: "g/kg", each: 1000 / 16 },
  ],
};
const MOMENT_NAMES: Record<Addition["when"], string> = {
  "with-the-salt": "with the salt",
  "before-the-heat": "before the heat",
  "into-the-tray": "into the tray",
  "into-the-wrap": "into the wrap",
  "at-the-end": "at the end",
  "into-the-gravy": "into the gravy",
};

const SHORT = `${SELECT} mt-0.5 block w-full min-w-0`;

/** A share of its mass as typed; nothing is none. @throws QuantityError for what no mass holds */
const share = (what: string, text: string): number => (text.trim() === "" ? 0 : parseNumber(what, text, 0, 100, "%"));

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
                  {isOnBird(each) && `, ${ADDITION_WHERE[each.where]}`}
                </span>
              </span>
              <IconButton
                label={`Take ${each.name} off`}
                icon={Trash2}
                onClick={() => settle(withoutAddition(each.id))}
              />
            </li>
          ))}
        </ul>
      )}
      {plan.additions.length < MOST_ADDITIONS && (
        <>
          <OfBefore plan={plan} units={units} />
          <AdditionForm units={units} />
        </>
      )}
    </>
  );
}

const MOST_OFFERED = 6;

/** What other roasts had, newest first: one tap and it goes on this one too. */
function OfBefore({ plan, units }: { readonly plan: Plan; readonly units: UnitSystem }) {
  const { settle } = usePlanStore();
  const known = useLiveQuery(async (): Promise<readonly Addition[]> => {
    const roasts = [...(await readableRoasts(database()))].sort((a, b) => b.createdAt.localeCompare(a.createdAt));
    const byName = new Map<string, Addition>();
    for (const each of roasts.flatMap((roast) => roast.plan.additions)) {
      if (!byName.has(each.name)) byName.set(each.name, each);
    }
    return [...byName.values()];
  }, []);
  const had = new Set(plan.additions.map(({ name }) => name));
  const offered = (known ?? []).filter(({ name }) => !had.has(name)).slice(0, MOST_OFFERED);
  if (offered.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-1.5">
      {offered.map((each) => (
        <Button
          key={each.id}
          size="small"
          onClick={() =>
            settle((before) => ({ ...before, additions: [...before.additions, { ...each, id: crypto.randomUUID() }] }))
          }
        >
          {each.name} <span className="text-soft">{additionAmount(each, plan, units)}, as before</span>
        </Button>
      ))}
    </div>
  );
}

/** One more line; what cannot be read is said in one sentence, and stays. */
function AdditionForm({ units }: { readonly units: UnitSystem }) {
  const { settle } = usePlanStore();
  const [name, setName] = useState("");
  const [amount, setAmount] = useState("");
  const measures = MEASURES[units];
  const [named, setNamed] = useState(measures[0].name);
  const measure = measures.find(({ name }) => name === named) ?? measures[0];
  const [when, setWhen] = useState<Addition["when"]>("before-the-heat");
  const [where, setWhere] = useState<Addition["where"]>("over");
  const [salt, setSalt] = useState("");
  const [sugar, setSugar] = useState("");
  const [make, setMake] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const add = (): void => {
    try {
      if (name.trim() === "") throw new RangeError("name of what goes on: got nothing, a word is wanted");
      const much = parseNumber("amount", amount, 0.01, 5000 / measure.each, measure.name);
      const line: Addition = {
        id: crypto.randomUUID(),
        name: name.trim().slice(0, 60),
        amount: Math.max(LEAST_ADDITION, much * measure.each),
        unit: measure.unit,
        when,
        where,
        saltPercent: share("salt in it", salt),
        sugarPercent: share("sugar in it", sugar),
        makeMin: make.trim() === "" ? 0 : parseMinutes("minutes of making it", make, 0, 240),
      };
      settle((before) => ({ ...before, additions: [...before.additions, line] }));
      setName("");
      setAmount("");
      setSalt("");
      setSugar("");
      setMake("");
      setFault(null);
    } catch (error) {
      setFault(faultWords(error, units));
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
        className={`${SELECT} w-full min-w-0`}
      />
      <div className="grid grid-cols-[5rem_minmax(0,1fr)] gap-2">
        <input
          aria-label="How much of it"
          placeholder="20"
          inputMode="decimal"
          value={amount}
          onChange={(event) => setAmount(event.target.value)}
          className={`${SELECT} min-w-0`}
        />
        <Select label="Its unit" value={measure.name} choices={measures.map((each) => each.name)} onChange={setNamed} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Select
          label="When it goes on"
          value={when}
          choices={ADDITION_MOMENTS}
          names={MOMENT_NAMES}
          onChange={setWhen}
        />
        {isOnBird({ when }) && (
          <Select
            label="Where it goes"
            value={where}
            choices={ADDITION_PLACES}
            names={ADDITION_WHERE}
            onChange={setWhere}
          />
        )}
      </div>
      <div className="grid grid-cols-3 gap-2 text-xs text-soft">
        <label>
          Salt in it, %
          <input
            inputMode="decimal"
            value={salt}
            placeholder="0"
            onChange={(e) => setSalt(e.target.value)}
            className={SHORT}
          />
        </label>
        <label>
          Sugar in it, %
          <input
            inputMode="decimal"
            value={sugar}
            placeholder="0"
            onChange={(e) => setSugar(e.target.value)}
            className={SHORT}
          />
        </label>
        <label>
          Made in, min
          <input
            inputMode="numeric"
            value={make}
            placeholder="0"
            onChange={(e) => setMake(e.target.value)}
            className={SHORT}
          />
        </label>
      </div>
      <Button type="submit" size="small" className="self-start justify-self-start">
        Add it
      </Button>
      <p role="alert" className="text-sm font-medium text-ember empty:hidden">
        {fault}
      </p>
    </form>
  );
}
