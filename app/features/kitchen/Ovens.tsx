import { useLiveQuery } from "dexie-react-hooks";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { Link } from "react-router";
import { HEAT_SOURCES } from "../../../core/heat/sources";
import { isHeard, isUnasked } from "../../../core/log/ovens";
import { foretold } from "../../../core/plan/byTime";
import { MOST_TESTS, type Oven } from "../../../core/plan/kitchen";
import type { Roast } from "../../../core/plan/roast";
import { kitchenOf } from "../../../storage/kitchen";
import { changeOven, deleteOven, type OvenHere, ovensOf, saveOven } from "../../../storage/ovens";
import { offWords } from "../../../words/log";
import { HEAT_NAMES, heatWords } from "../../../words/names";
import { changedWords, learnedWords, NOTHING_LEARNED } from "../../../words/ovens";
import { dayName } from "../../../words/time";
import { titleShown } from "../../../words/titles";
import { Learns } from "../../day/Learns";
import { clockNow, instantNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { IconButton } from "../../ui/IconButton";
import { Select } from "../../ui/Select";
import { toast } from "../../ui/toast";
import { OvenTestSheet } from "./OvenTestSheet";

const LONGEST_NAME = 60;
const FIELD = "min-h-10 rounded-xl border border-line-strong bg-mist-1 px-3 max-sm:min-h-12";

const save = (oven: Oven): Promise<boolean> => stored("The oven was", saveOven(database(), oven, clockNow()));
const change = (shown: Oven, how: (oven: Oven) => Oven): Promise<boolean> =>
  stored("The oven was", changeOven(database(), shown, how, clockNow()));

/** Ovens and fires by name: what their roasts have taught of each, and which of them it goes by. */
export function Ovens() {
  const ovens = useLiveQuery(() => ovensOf(database(), clockNow()), []);
  if (!ovens) return null;
  const unheard = ovens.flatMap(({ roasts }) => roasts).find(isUnasked);
  return (
    <section className="grid gap-4" aria-labelledby="ovens-title">
      <div>
        <h2 id="ovens-title" className="text-xl">
          Your ovens and fires
        </h2>
        <p className="text-soft">
          Each by a name. What was read of the roasts in it tells how hot it truly is, and the next plan in it begins
          from there.
        </p>
      </div>
      {ovens.map((here) => (
        <OvenCard key={here.oven.id} here={here} />
      ))}
      <NewOven />
      {unheard && <Learns key={unheard.id} roast={unheard} />}
    </section>
  );
}

function OvenCard({ here }: { readonly here: OvenHere }) {
  const reader = useHabits();
  const { oven, learned, roasts, isChanged } = here;
  const [isTested, setIsTested] = useState(false);
  const kitchen = useLiveQuery(() => kitchenOf(database(), reader.units), [reader.units]);
  const { id, name, heat, afreshAt } = oven;
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const startAfresh = async (): Promise<void> => {
    if (!(await change(oven, (before) => ({ ...before, afreshAt: instantNow() })))) return;
    const undo = (): void => void change(oven, (now) => ({ ...now, afreshAt }));
    toast.message(`${name} starts afresh`, { action: { label: "Undo", onClick: undo } });
  };
  const remove = async (): Promise<void> => {
    if (!(await stored("That it is gone was", deleteOven(database(), id)))) return;
    toast.message(`${name} is no ${heatWords(heat).is} of this kitchen any more`, {
      action: { label: "Undo", onClick: () => void save(oven) },
    });
  };
  return (
    <article aria-label={name} className="grid gap-2 rounded-2xl border border-line bg-mist-1 p-4">
      <div className="flex flex-wrap items-center gap-3">
        <NameOf oven={oven} />
        <span className="text-soft">{HEAT_NAMES[heat].toLowerCase()}</span>
        <span className="grow" />
        <Button size="small" aria-label={`Test it: ${name}`} onClick={() => setIsTested(true)}>
          Test it
        </Button>
        <Button size="small" aria-label={`Start afresh: ${name}`} onClick={() => void startAfresh()}>
          Start afresh
        </Button>
        {roasts.length === 0 && <IconButton label={`Take ${name} out`} icon={Trash2} onClick={() => void remove()} />}
      </div>
      <p className="text-lg">{learned ? learnedWords(learned, heat, reader) : NOTHING_LEARNED}</p>
      {afreshAt && (
        <p className="text-sm text-soft">
          Afresh since {dayName(Date.parse(afreshAt), zone, reader)}: what was before says nothing of it.
        </p>
      )}
      {oven.tests.length > 0 && (
        <ul className="grid gap-1 text-[0.95rem] text-soft">
          {oven.tests.map((test) => (
            <li key={test.at} className="flex items-center gap-2">
              Tested with {test.kind === "water" ? "a tray of water" : "a thermometer"},{" "}
              {dayName(Date.parse(test.at), zone, reader)}
              <IconButton
                label={`Take the test of ${dayName(Date.parse(test.at), zone, reader)} out`}
                icon={Trash2}
                onClick={() =>
                  void change(oven, (before) => ({ ...before, tests: before.tests.filter(({ at }) => at !== test.at) }))
                }
              />
            </li>
          ))}
        </ul>
      )}
      {isTested && kitchen && (
        <OvenTestSheet
          oven={oven}
          panCm={kitchen.panCm}
          onClose={() => setIsTested(false)}
          onKeep={(test) => {
            setIsTested(false);
            void change(oven, (before) => ({ ...before, tests: [...before.tests.slice(1 - MOST_TESTS), test] }));
          }}
        />
      )}
      {isChanged && <Caution>{changedWords(heat)}</Caution>}
      {roasts.length > 0 && (
        <details>
          <summary className="cursor-pointer text-sm text-soft max-sm:min-h-12">The roasts it goes by</summary>
          <ul className="mt-1 grid gap-1">
            {[...roasts].reverse().map((roast) => (
              <HeardRoast key={roast.id} oven={oven} roast={roast} />
            ))}
          </ul>
        </details>
      )}
    </article>
  );
}

function NameOf({ oven }: { readonly oven: Oven }) {
  const [typed, setTyped] = useState(oven.name);
  const keep = (): void => {
    const name = typed.replace(/\s+/g, " ").trim();
    if (name === "" || name === oven.name) setTyped(oven.name);
    else void change(oven, (before) => ({ ...before, name }));
  };
  return (
    <input
      aria-label={`Name of ${oven.name}`}
      value={typed}
      maxLength={LONGEST_NAME}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
      className={`${FIELD} min-w-0 font-display text-lg font-semibold`}
    />
  );
}

/** One roast in it: what it says, and whether it is listened to. */
function HeardRoast({ oven, roast }: { readonly oven: Oven; readonly roast: Roast }) {
  const reader = useHabits();
  const { id, happened, says } = roast;
  const { pulledAt } = happened;
  const predicted = foretold(roast);
  const off = predicted && pulledAt ? (Date.parse(pulledAt) - Date.parse(predicted.pullP50At)) / 60_000 : null;
  const isLeftOut = oven.leftOut.includes(id);
  const title = titleShown(roast, reader);
  const leave = (out: boolean): void => {
    void change(oven, (before) => {
      const others = before.leftOut.filter((each) => each !== id);
      return { ...before, leftOut: out ? [...others, id] : others };
    });
  };
  const word = ((): string => {
    if (says === undefined) return isUnasked(roast) ? "being asked" : "not closed yet";
    if (says === null) return "too little was read of it";
    return isHeard(oven, roast) || isLeftOut ? "" : "of before it was changed";
  })();
  return (
    <li className="flex flex-wrap items-center gap-x-3 text-[0.95rem]">
      <label className="flex min-h-8 grow items-center gap-2 max-sm:min-h-12">
        <input
          type="checkbox"
          checked={!isLeftOut}
          onChange={(event) => leave(!event.target.checked)}
          className="size-4.5 accent-ink"
          aria-label={`Learn from ${title}`}
        />
        <Link to={`/log/${id}`} className="underline underline-offset-4">
          {title}
        </Link>
      </label>
      <span className="text-soft">{word || offWords(off, " than said")}</span>
    </li>
  );
}

function NewOven() {
  const [name, setName] = useState("");
  const [heat, setHeat] = useState<Oven["heat"]>("oven");
  const add = async (): Promise<void> => {
    const typed = name.replace(/\s+/g, " ").trim();
    if (typed === "") return;
    if (await save({ id: crypto.randomUUID(), name: typed, heat, afreshAt: null, leftOut: [], tests: [] })) setName("");
  };
  return (
    <form
      className="flex flex-wrap items-center gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <input
        aria-label="Name of another oven or fire"
        placeholder="the range, the grill on the deck …"
        value={name}
        maxLength={LONGEST_NAME}
        onChange={(event) => setName(event.target.value)}
        className={`${FIELD} w-72 max-w-full`}
      />
      <Select label="What it is" value={heat} choices={HEAT_SOURCES} names={HEAT_NAMES} onChange={setHeat} />
      <Button type="submit" disabled={name.trim() === ""}>
        Add it
      </Button>
    </form>
  );
}
