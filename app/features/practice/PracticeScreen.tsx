import { useLiveQuery } from "dexie-react-hooks";
import { useState } from "react";
import { Link, useSearchParams } from "react-router";
import { isFire } from "../../../core/heat/sources";
import { cookStage, type Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import { usualPlan } from "../../../core/plan/usualPlan";
import { DIFFICULTIES, type Difficulty } from "../../../core/practice/scenarios";
import { derivePlan } from "../../../core/schedule/derive";
import { heatOnMs } from "../../../core/schedule/heatOn";
import { HOUR_MS } from "../../../core/units/time";
import { readableRoasts } from "../../../storage/listing";
import { beginPractice } from "../../../storage/practice";
import { DIFFICULTY_NAMES, difficultyWords } from "../../../words/practice";
import { titleOf, titleShown } from "../../../words/titles";
import { clockNow, usePace } from "../../shell/clock";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { RATES } from "../../shell/practiceClock";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";
import { useOnce } from "../../ui/useOnce";

/** Birds to practise on where none is planned: a usual weight of each, the way they are most often roasted. */
const USUAL_BIRDS = [
  { id: "turkey", bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "fresh" }, method: "steady" },
  { id: "chicken", bird: { species: "chicken", cut: "whole", massKg: 1.8, state: "fresh" }, method: "hot-start" },
  { id: "duck", bird: { species: "duck", cut: "whole", massKg: 2.3, state: "fresh" }, method: "steady" },
  { id: "flat", bird: { species: "turkey", cut: "spatchcock", massKg: 5.8, state: "fresh" }, method: "hot-flat" },
] as const;

const DINNER_AHEAD_MS = 8 * HOUR_MS;
const SPEEDS = RATES.filter((rate) => rate >= 30);

/** A text that nobody has chosen; the same one is the same roast. */
const newSeed = (): string => crypto.randomUUID().slice(0, 8);

/** A roast before the day: on the cook's own screens, with a fast clock and a hidden bird. */
export function PracticeScreen() {
  const reader = useHabits();
  const { pace } = usePace();
  const [search] = useSearchParams();
  const roasts = useLiveQuery(() => readableRoasts(database()), []);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const [serveAt] = useState(() => new Date(clockNow() + DINNER_AHEAD_MS).toISOString());
  const usual = USUAL_BIRDS.map(({ id, bird, method }) => {
    const plan = usualPlan({ bird, method, serveAt, zone });
    return { id, title: titleOf(plan, reader), plan };
  });
  const planned = (roasts ?? [])
    .filter((roast) => !pace && cookStage(roast) === "planned")
    .map((roast) => ({ id: roast.id, title: titleShown(roast, reader), plan: roast.plan }));
  const choices = [...planned, ...usual];
  const [chosen, setChosen] = useState(search.get("roast"));
  const { id, plan, title } = choices.find((choice) => choice.id === chosen) ?? (choices[0] as (typeof choices)[0]);
  const [seed] = useState(() => search.get("seed") ?? newSeed());
  if (!roasts) return null;
  return (
    <div className="grid max-w-3xl gap-6 py-4">
      <div>
        <PageHeading className="text-4xl">Practise</PageHeading>
        <p className="mt-2 max-w-prose text-lg text-soft">
          A whole roast on your own screens before the day: a bird and an oven you do not know, a clock that runs fast.
          Nothing of it comes into your log, and no oven learns from it. Afterwards you see what it truly was.
        </p>
      </div>
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">Which roast?</legend>
        <Segmented
          label="Which roast?"
          value={id}
          choices={choices.map((choice) => ({ value: choice.id, label: choice.title }))}
          onChange={setChosen}
        />
      </fieldset>
      <Begin key={id} plan={plan} title={title} seed={seed} />
      <p>
        <Link to="/practice/drills" className="underline underline-offset-4">
          Two minutes are enough for one thing: drills
        </Link>
      </p>
      {pace && <Practised roasts={roasts} />}
    </div>
  );
}

interface BeginProps {
  readonly plan: Plan;
  readonly title: string;
  readonly seed: string;
}

function Begin({ plan, title, seed }: BeginProps) {
  const [difficulty, setDifficulty] = useState<Difficulty>("usual");
  const [thermometer, setThermometer] = useState<"probes" | "hand">("probes");
  const [rate, setRate] = useState("60");
  const { cook, shares, neverMet, fault } = useSimulatedPlan(plan);
  const begin = useOnce(async () => {
    if (!cook) return false;
    const derived = derivePlan(plan, cook, shares, Number.NEGATIVE_INFINITY);
    const startMs = heatOnMs(derived, plan) ?? derived.schedule.inAtMs;
    const id = `practice-${crypto.randomUUID()}`;
    const made = beginPractice({ id, title, plan, nowMs: startMs, seed, difficulty, thermometer });
    if (!(await stored("The practice roast was", made))) return false;
    location.assign(`/roast/${id}/cook?rate=${rate}&now=${new Date(startMs).toISOString()}`);
    return true;
  });
  return (
    <>
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">What kind of day?</legend>
        <Segmented<Difficulty>
          label="What kind of day?"
          value={difficulty}
          choices={DIFFICULTIES.map((value) => ({ value, label: DIFFICULTY_NAMES[value] }))}
          onChange={setDifficulty}
        />
        <p className="text-soft">{difficultyWords(difficulty, plan.heat)}</p>
      </fieldset>
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">Which thermometer?</legend>
        <Segmented<"probes" | "hand">
          label="Which thermometer?"
          value={thermometer}
          choices={[
            { value: "probes", label: "Probes that stay in" },
            { value: "hand", label: "One in the hand" },
          ]}
          onChange={setThermometer}
        />
        <p className="text-soft">
          {thermometer === "probes"
            ? "They are pushed in for you, and not always well."
            : "You push it in yourself, as deep as you choose, and write down what you believe."}
        </p>
      </fieldset>
      <fieldset className="grid gap-2">
        <legend className="mb-1 font-semibold">How fast?</legend>
        <Segmented
          label="How fast?"
          value={rate}
          choices={SPEEDS.map((value) => ({ value: String(value), label: `${value} times life` }))}
          onChange={setRate}
        />
        <p className="text-soft">
          {cook
            ? `About ${Math.max(1, Math.round((cook.pullMinute + 60) / Number(rate)))} minutes of yours; slower and faster at any time.`
            : "Cooking it once, to see how long it takes …"}
        </p>
      </fieldset>
      {(neverMet || fault) && (
        <p className="text-ember">
          {neverMet
            ? "This plan never gets done: the plan itself says what would help."
            : `The simulation stopped: ${fault}.`}
        </p>
      )}
      <Button tone="primary" size="stove" className="justify-self-start" disabled={!cook} onClick={() => void begin()}>
        {isFire(plan.heat) ? "Light the fire" : "Turn the oven on"}
      </Button>
      <p className="text-sm text-soft">
        This bird is <code>{seed}</code>: the same one again under <code>/practice?seed={seed}</code>.
      </p>
    </>
  );
}

/** What was practised on this device, each with what it truly was. */
function Practised({ roasts }: { readonly roasts: readonly Roast[] }) {
  const reader = useHabits();
  const done = roasts.filter(({ happened }) => happened.carvedAt !== undefined);
  if (done.length === 0) return null;
  return (
    <section aria-label="Practised">
      <h2 className="mb-2 text-lg text-soft">Practised</h2>
      <ul className="grid gap-1">
        {done.map((roast) => (
          <li key={roast.id}>
            <Link to={`/practice/${roast.id}`} className="underline underline-offset-4">
              {titleShown(roast, reader)}: what it truly was
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
