import { useLiveQuery } from "dexie-react-hooks";
import { useMemo } from "react";
import { Link } from "react-router";
import { plannedInput } from "../../../core/forecast/plannedInput";
import type { Roast } from "../../../core/plan/roast";
import { derivePlan } from "../../../core/schedule/derive";
import { WEIGHED_BY } from "../../../words/amounts";
import {
  DIFFICULTY_NAMES,
  decisionWords,
  hiddenWords,
  TRUTH_NAMES,
  troublesWords,
  truthFigures,
  verdictWords,
} from "../../../words/practice";
import { titleShown } from "../../../words/titles";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { useBands } from "../../simulation/useBands";
import { useSimulated } from "../../simulation/useSimulated";
import { Caution } from "../../ui/Caution";
import { PlayOn } from "./PlayOn";
import { WhatItWas } from "./WhatItWas";

/** What a practised roast truly was: in words first, then the figures, beside what would have been best and the rule of thumb. */
export function DebriefBoard({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { units } = reader;
  const { id, plan, happened } = roast;
  const practised = useLiveQuery(async () => (await database().practised.get(id)) ?? null, [id]);
  const input = useMemo(() => plannedInput(plan), [plan]);
  const planned = useSimulated<"plan">({ kind: "plan", input, quality: "settled" });
  const cook = planned.answer?.kind === "done" ? planned.answer : null;
  const isOver = roast.happened.carvedAt !== undefined;
  const [shares = null] = useBands([input], [cook]);
  const carveAtMs = useMemo(
    () => (cook && shares ? derivePlan(plan, cook, shares, Number.NEGATIVE_INFINITY).schedule.carveAtMs : null),
    [plan, cook, shares],
  );
  const { answer, fault } = useSimulated<"debrief">(
    practised && cook && isOver && carveAtMs !== null
      ? {
          kind: "debrief",
          roast: { plan, happened },
          practised: {
            seed: practised.seed,
            difficulty: practised.difficulty,
            ...(practised.thermometer && { thermometer: practised.thermometer }),
          },
          cook: { atPull: cook.atPull, peak: cook.peak, marginK: cook.marginK },
          carveAtMs,
        }
      : null,
  );
  if (practised === null)
    return <p className="py-10 text-lg">This roast was not practised: nobody knows what it truly was.</p>;
  if (!isOver) {
    return (
      <p className="py-10 text-lg">
        It is not carved yet; what it truly is stays hidden until then.{" "}
        <Link to={`/roast/${id}/cook`} className="underline underline-offset-4">
          To the stove
        </Link>
      </p>
    );
  }
  const rows =
    answer &&
    [answer.asItWent, answer.atBest, answer.byThePound].map((truth) => truthFigures(truth, roast.plan, units));
  return (
    <div className="grid max-w-4xl gap-5 py-4">
      <div>
        <PageHeading className="text-4xl">What it truly was</PageHeading>
        <p className="text-soft">
          {titleShown(roast, reader)}
          {practised && `, ${DIFFICULTY_NAMES[practised.difficulty].toLowerCase()}`}
        </p>
      </div>
      {fault && <Caution>It could not be worked out: {fault}.</Caution>}
      {!answer && !fault && (
        <p role="status" className="text-lg text-soft">
          Opening what was hidden …
        </p>
      )}
      {answer && rows && (
        <>
          <p className="text-2xl font-medium">{verdictWords(answer, plan, units)}</p>
          <p className="text-lg">
            {hiddenWords(answer, plan.heat, units)} {troublesWords(answer.troubles, plan.heat)}
          </p>
          <section aria-label="What you decided">
            <h2 className="text-xl">What you decided</h2>
            <ul className="mt-1 grid gap-1 text-lg">
              {answer.decisions.map((decision) => (
                <li key={decision.kind}>{decisionWords(decision, answer.asItWent, units)}</li>
              ))}
            </ul>
          </section>
          <div className="overflow-x-auto rounded-2xl border border-line bg-mist-1 p-3">
            <table className="w-full text-left">
              <caption className="sr-only">
                This bird as it went, at its best, and by its weight, rested as long each time
              </caption>
              <thead className="text-sm text-soft">
                <tr>
                  <td />
                  <th scope="col" className="px-3 py-1.5 font-normal">
                    as it went
                  </th>
                  <th scope="col" className="px-3 py-1.5 font-normal">
                    out at the right moment
                  </th>
                  <th scope="col" className="px-3 py-1.5 font-normal">
                    by minutes a {WEIGHED_BY[units]}
                  </th>
                </tr>
              </thead>
              <tbody>
                {TRUTH_NAMES.map((name, n) => (
                  <tr key={name} className="border-t border-line align-top">
                    <th scope="row" className="py-1.5 pr-3 text-sm font-normal text-soft">
                      {name}
                    </th>
                    {rows.map((figures, m) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: three ways, always in this order
                      <td key={m} className={`px-3 py-1.5 ${m === 0 ? "font-semibold" : ""}`}>
                        {figures[n]}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <WhatItWas roast={roast} answer={answer} />
          <PlayOn roast={roast} />
          <p className="flex flex-wrap gap-x-6 gap-y-2">
            <Link to={`/log/${id}`} className="underline underline-offset-4">
              What was known at each moment
            </Link>
            {practised && (
              <Link to={`/practice?seed=${practised.seed}`} className="underline underline-offset-4">
                The same bird again
              </Link>
            )}
          </p>
        </>
      )}
    </div>
  );
}
