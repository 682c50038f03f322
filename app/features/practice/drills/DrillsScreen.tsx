import { useCallback, useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import { DRILLS, type DrillId, type DrillResult } from "../../../../core/practice/drills";
import { MINUTE_MS } from "../../../../core/units/time";
import type { DrillDone } from "../../../../storage/database";
import { drillsDone, noteDrill } from "../../../../storage/practice";
import { DRILL_NAMES, DRILL_SAYS, drillWords } from "../../../../words/drills";
import { dayAndTime } from "../../../../words/time";
import { clockNow } from "../../../shell/clock";
import { PageHeading } from "../../../shell/PageHeading";
import { useHabits } from "../../../shell/preferences";
import { stored } from "../../../shell/stored";
import { Button } from "../../../ui/Button";
import { Choices } from "./Choices";
import type { DrillProps } from "./drillProps";
import { KnifeOrder } from "./KnifeOrder";
import { Placed } from "./Placed";

const RUN: Record<DrillId, (props: DrillProps) => React.JSX.Element | null> = {
  thickest: Placed,
  "both-probes": Placed,
  "breast-side": Choices,
  "knife-order": KnifeOrder,
  spoons: Choices,
  "is-it-done": Choices,
};

const isDrill = (id: string | undefined): id is DrillId => DRILLS.includes(id as DrillId);
const SEEDS = 1e6;
/** Far from the last one, and never soon the same. */
const NEXT_SEED = 7919;

/** Two minutes of one thing, as often as one likes. */
export function DrillsScreen() {
  const { drill } = useParams();
  const [done, setDone] = useState<readonly DrillDone[]>([]);
  const load = useCallback(() => {
    void stored("What was practised is not to be read; it was", drillsDone().then(setDone));
  }, []);
  useEffect(load, [load]);
  // Each by itself: what one came to is nothing of the next.
  return isDrill(drill) ? <Drill key={drill} drill={drill} done={done} onNoted={load} /> : <DrillList done={done} />;
}

interface DrillOwn {
  readonly drill: DrillId;
  readonly done: readonly DrillDone[];
  onNoted(): void;
}

function Drill({ drill, done, onNoted }: DrillOwn) {
  const { units } = useHabits();
  const [seed, setSeed] = useState(() => Math.floor(clockNow() / MINUTE_MS) % SEEDS);
  const [result, setResult] = useState<DrillResult | null>(null);
  const Run = RUN[drill];
  return (
    <div className="grid max-w-5xl gap-4 py-4">
      <div>
        <p>
          <Link to="/practice/drills" className="text-soft underline underline-offset-4">
            All drills
          </Link>
        </p>
        <PageHeading className="text-4xl">{DRILL_NAMES[drill]}</PageHeading>
        <p className="text-lg text-soft">{DRILL_SAYS[drill]}</p>
      </div>
      {result ? (
        <div className="grid justify-items-start gap-3">
          <p role="status" className="text-2xl font-medium">
            {drillWords(result, units)}.
          </p>
          <Button
            tone="primary"
            onClick={() => {
              setResult(null);
              setSeed((seed + NEXT_SEED) % SEEDS);
            }}
          >
            Once more
          </Button>
          <Records done={done.filter((each) => each.drill === drill)} />
        </div>
      ) : (
        <Run
          key={seed}
          drill={drill}
          seed={seed}
          onDone={(came) => {
            setResult(came);
            void stored("What it came to was", noteDrill(came, clockNow())).then(onNoted);
          }}
        />
      )}
    </div>
  );
}

function DrillList({ done }: { readonly done: readonly DrillDone[] }) {
  const { units } = useHabits();
  return (
    <div className="grid max-w-3xl gap-5 py-4">
      <div>
        <PageHeading className="text-4xl">Drills</PageHeading>
        <p className="mt-1 text-lg text-soft">Two minutes each. What you find is kept for you alone, on this device.</p>
      </div>
      <ul className="grid gap-3 sm:grid-cols-2">
        {DRILLS.map((drill) => {
          const last = done.find((each) => each.drill === drill);
          return (
            <li key={drill}>
              <Link
                to={`/practice/drills/${drill}`}
                className="grid h-full content-start gap-1 rounded-3xl border border-line bg-mist-1 p-4 hover:border-ink"
              >
                <span className="font-display text-xl font-semibold">{DRILL_NAMES[drill]}</span>
                <span className="text-soft">{DRILL_SAYS[drill]}</span>
                {last && <span className="text-sm">Last: {drillWords(last, units)}.</span>}
              </Link>
            </li>
          );
        })}
      </ul>
      <p>
        <Link to="/practice" className="underline underline-offset-4">
          A whole roast
        </Link>
      </p>
    </div>
  );
}

const SHOWN = 12;
function Records({ done }: { readonly done: readonly DrillDone[] }) {
  const reader = useHabits();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  if (done.length < 2) return null;
  return (
    <section aria-label="Before">
      <h2 className="text-lg text-soft">Before</h2>
      <ol className="grid gap-0.5">
        {done.slice(0, SHOWN).map((each) => (
          <li key={each.atMs}>
            {dayAndTime(each.atMs, zone, reader)}: {drillWords(each, reader.units)}
          </li>
        ))}
      </ol>
    </section>
  );
}
