import { useSearchParams } from "react-router";
import { withChange } from "../../../core/formats/merge";
import { firstWays, isPlanned, planByWay, type Way, waysFor } from "../../../core/plan/compare";
import type { Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import { formatDuration } from "../../../core/units/quantity";
import { METHOD_WORDS } from "../../../words/methods";
import { birdOrBirds, theseBirds } from "../../../words/titles";
import { tellingOf } from "../../day/acts/telling";
import { PageHeading } from "../../shell/PageHeading";
import { usePreferences } from "../../shell/preferences";
import { useGoOn } from "../../shell/useGoOn";
import { type Answer, useComparisons } from "../../simulation/useComparisons";
import { Button } from "../../ui/Button";
import { heatOf, type Row, rowsFor } from "./rows";
import { ownName, WayChooser, wayName } from "./WayChooser";

interface Column {
  readonly id: string;
  readonly name: string;
  readonly mind: string;
  /** Absent for the plan itself. */
  readonly way: Way | null;
  readonly plan: Plan;
}

/** Ways to cook this very bird, each simulated: what it gives, what it costs, and one tap to take it. */
export function CompareBoard({ roast }: { readonly roast: Roast }) {
  const { plan, happened } = roast;
  // What is in the heat is cut and cooked as it is.
  const isIn = happened.inAt !== undefined;
  const { units } = usePreferences();
  const goOn = useGoOn();
  const [params, setParams] = useSearchParams();
  const all = waysFor(plan).filter((way) => !isPlanned(plan, way));
  const asked = params.get("ways")?.split(",");
  const chosen = new Set(asked ?? firstWays(plan).map(({ id }) => id));
  const toggle = (id: string): void => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setParams({ ways: [...next].join(",") }, { replace: true });
  };
  const ways = all.filter(({ id }) => chosen.has(id));
  const columns: readonly Column[] = [
    {
      id: "own",
      name: ownName(plan),
      mind: METHOD_WORDS[plan.method].mind(units),
      way: null,
      plan,
    },
    ...ways.map((way) => ({
      id: way.id,
      name: wayName(way, plan, units),
      mind: METHOD_WORDS[way.method].mind(units),
      way,
      plan: planByWay(plan, way),
    })),
  ];
  const answers = useComparisons(
    columns.map((column) => column.plan),
    "settled",
  );
  const longest = Math.max(
    1,
    ...answers.flatMap((answer) => (answer.kind === "compared" ? [answer.comparison.roastMin] : [])),
  );
  const take = async ({ name, plan: taken }: Column): Promise<void> => {
    const isTaken = await tellingOf(roast.id).tells(
      (before) => withChange(before, plan, taken),
      () => `${name} is the plan now`,
    );
    if (isTaken) await goOn(`/roast/${roast.id}/plan`);
  };
  const sheet = {
    columns,
    answers,
    longest,
    rows: rowsFor(plan, heatOf(columns.map((column) => column.plan)), units),
    onTake: isIn ? null : (column: Column) => void take(column),
  };
  return (
    <div className="grid gap-3 py-2">
      <PageHeading className="text-3xl">Ways to cook {theseBirds(plan.bird, units)}</PageHeading>
      <p className="text-soft">
        Each is simulated for {plan.bird.count > 1 ? "these" : "this"} {birdOrBirds(plan.bird)}, pulled{" "}
        {plan.finish.kind === "at-pull"
          ? "as it shows your targets"
          : "so that the rest just carries it to your targets"}
        {plan.finish.kind === "time" && "; your plan's own after its minutes"}.
        {isIn && " It went in as planned: the others are for comparing, and for the next one."}
      </p>
      <Sheet {...sheet} />
      <Cards {...sheet} />
      <WayChooser plan={plan} ways={all} chosen={chosen} units={units} onToggle={toggle} />
      <p className="text-sm text-soft">
        Coarse simulations, for comparing; the plan computes the one you take more finely, with its doubt. Juices and
        skin are tendencies of a model, not of one plate.
      </p>
    </div>
  );
}

interface SheetProps {
  readonly columns: readonly Column[];
  readonly answers: readonly Answer[];
  readonly longest: number;
  readonly rows: readonly Row[];
  /** Null: they are looked at. */
  readonly onTake: ((column: Column) => void) | null;
}

/** All of them side by side, where there is room. */
function Sheet({ columns, answers, longest, rows, onTake }: SheetProps) {
  return (
    <div className="overflow-x-auto max-sm:hidden">
      <table
        className="w-full table-fixed text-left text-[0.95rem] leading-snug"
        style={{ minWidth: `${11 + 8.2 * columns.length}rem` }}
      >
        <thead>
          <tr>
            <th className="w-44" />
            {columns.map(({ id, name }) => (
              <th key={id} scope="col" className="px-2 pb-1 align-bottom font-display text-lg leading-tight">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row" className="pr-2 align-top font-semibold">
              In the heat
            </th>
            {columns.map(({ id, way }, n) => (
              <td key={id} className="px-2 pb-2 align-bottom">
                <Time answer={answers[n] as Answer} longest={longest} own={way === null} />
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row" className="sr-only">
              Take it
            </th>
            {columns.map((column) => (
              <td key={column.id} className="px-2 pb-2 align-top">
                <Take column={column} onTake={onTake} />
              </td>
            ))}
          </tr>
          {rows.map((row) => (
            <tr key={row.name} className="border-t border-line">
              <th scope="row" className="py-1 pr-2 align-top font-semibold">
                {row.name}
                {row.why && <span className="block text-[0.82rem] font-normal leading-tight text-soft">{row.why}</span>}
              </th>
              {columns.map(({ id }, n) => (
                <td key={id} className="px-2 py-1 align-top">
                  {read(answers[n] as Answer, row)}
                </td>
              ))}
            </tr>
          ))}
          <tr className="border-t border-line">
            <th scope="row" className="py-1 pr-2 align-top font-semibold">
              Mind
            </th>
            {columns.map(({ id, mind }) => (
              <td key={id} className="px-2 py-1 align-top text-sm">
                {mind}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

/** One under another, on a phone: the time as a bar across. */
function Cards({ columns, answers, longest, rows, onTake }: SheetProps) {
  return (
    <ul className="grid gap-3 sm:hidden">
      {columns.map((column, n) => {
        const answer = answers[n] as Answer;
        return (
          <li key={column.id} className="grid gap-2 rounded-2xl border border-line bg-mist-1 p-4">
            <h2 className="text-xl">{column.name}</h2>
            <Time answer={answer} longest={longest} own={column.way === null} across />
            <dl hidden={answer.kind !== "compared"} className="grid grid-cols-2 gap-x-3 gap-y-1 text-[0.95rem]">
              {rows.map((row) => (
                <div key={row.name}>
                  <dt className="text-sm text-soft">{row.name}</dt>
                  <dd>{read(answer, row)}</dd>
                </div>
              ))}
            </dl>
            <p className="text-sm text-soft">Mind: {column.mind}.</p>
            <Take column={column} onTake={onTake} />
          </li>
        );
      })}
    </ul>
  );
}

const read = (answer: Answer, row: Row): string => (answer.kind === "compared" ? row.read(answer.comparison) : "");

function Take({ column, onTake }: { readonly column: Column } & Pick<SheetProps, "onTake">) {
  if (column.way === null) return <b>your plan</b>;
  if (!onTake) return null;
  return (
    <Button
      size="small"
      onClick={() => onTake(column)}
      aria-label={`Take it: ${column.name}`}
      className="justify-self-start"
    >
      Take it
    </Button>
  );
}

interface TimeProps {
  readonly answer: Answer;
  readonly longest: number;
  readonly own: boolean;
  readonly across?: boolean;
}

/** The time as a bar against the longest: shorter is sooner. */
function Time({ answer, longest, own, across = false }: TimeProps) {
  if (answer.kind === "waiting") return <span className="text-soft">simulating …</span>;
  if (answer.kind === "failed") return <span className="text-ember">{answer.why}</span>;
  const { roastMin } = answer.comparison;
  const share = `${(roastMin / longest) * 100}%`;
  const tone = own ? "bg-ember" : "bg-line-strong";
  const time = <b className="text-xl">{formatDuration(roastMin * 60)}</b>;
  if (across) {
    return (
      <div className="flex items-center gap-3">
        <div aria-hidden className="h-4 grow">
          <div className={`h-full rounded-r-lg ${tone}`} style={{ width: share }} />
        </div>
        {time}
      </div>
    );
  }
  return (
    <>
      <div aria-hidden className="flex h-16 items-end">
        <div className={`w-full rounded-t-lg ${tone}`} style={{ height: share }} />
      </div>
      {time}
    </>
  );
}
