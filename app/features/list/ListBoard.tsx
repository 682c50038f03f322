import { CalendarDays, FileJson, FileText, Printer } from "lucide-react";
import { useMemo } from "react";
import { Link } from "react-router";
import type { Roast } from "../../../core/plan/roast";
import { isQuestion } from "../../../core/schedule/conflicts";
import { exportDinner } from "../../../storage/files";
import { dinnerLists, dinnerTimetable } from "../../../words/dinnerLists";
import type { ListItem } from "../../../words/listItem";
import { planMarkdown } from "../../../words/markdown";
import { toBeSeen } from "../../../words/readIn";
import { clockTime, dayAndTime, dayName, newDay } from "../../../words/time";
import { titleShown } from "../../../words/titles";
import { unbroken } from "../../../words/unbroken";
import { ProbeGuideView } from "../../bird-view/ProbeGuideView";
import { usePlaced } from "../../day/roastDay";
import { useClashes } from "../../day/useClashes";
import { useHappened } from "../../day/useHeard";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits, usePreferences } from "../../shell/preferences";
import { listedTogether } from "../../simulation/listed";
import { useDinner } from "../../simulation/useDinner";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { saveText } from "../../ui/saveFile";
import { planCalendar } from "./calendar";
import { HandOver } from "./HandOver";

/** What to buy, weigh and lay out on one page, the day's timetable on the next; to print, and to take along as files. */
export function ListBoard({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { units } = usePreferences();
  const { plan } = roast;
  const simulated = useSimulatedPlan(plan, { happened: useHappened(roast) });
  const { fault, neverMet } = simulated;
  const { derived, beside, waiting } = useDinner(roast, plan, simulated);
  const { refining } = simulated;
  const placed = usePlaced(roast, beside);
  const listed = useMemo(() => (derived ? listedTogether(roast, derived, beside) : []), [roast, derived, beside]);
  const clashes = [...useClashes(listed).values()].flat();
  if (!derived || waiting) {
    const why = fault
      ? `The simulation stopped: ${fault}.`
      : neverMet
        ? "At the heat that is set it never gets there, so nothing can be placed: the plan says what would help."
        : "Cooking it once, to see …";
    return (
      <p className="py-10 text-lg text-soft">
        {why}{" "}
        {(fault || neverMet) && (
          <Link to={`/roast/${roast.id}/plan`} className="underline underline-offset-4">
            To the plan
          </Link>
        )}
      </p>
    );
  }
  const together = listed.map((each) => ({ ...each, placed: placed.get(each.id) }));
  const many = together.length > 1;
  const title = many ? `Dinner, ${dayName(Date.parse(plan.serveAt), plan.zone, reader)}` : titleShown(roast, reader);
  const lists = dinnerLists(together, units);
  const rows = dinnerTimetable(together, units);
  const write = (ms: number): string => dayAndTime(ms, plan.zone, reader);
  const fileName =
    title
      .replace(/[^\p{L}\p{N}]+/gu, "-")
      .replace(/^-|-$/g, "")
      .toLowerCase() || "roast";
  return (
    <article className="grid gap-4 py-2 print:gap-2 print:py-0 print:text-[9.5pt] print:leading-snug">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <PageHeading className="text-3xl print:text-2xl" title={`List: ${title}`}>
          {title}
        </PageHeading>
        <p className="text-soft">
          on the table {write(Date.parse(plan.serveAt))}
          {many && `: ${together.map(({ name }) => name).join(", ")}`}
        </p>
        <div className="ml-auto flex flex-wrap gap-2 print:hidden">
          <Button tone="primary" disabled={refining} onClick={() => print()}>
            <Printer aria-hidden className="mr-1.5 size-4" /> Print
          </Button>
          <Button
            onClick={() =>
              saveText(`${fileName}.ics`, "text/calendar", planCalendar(roast.dinner, title, rows, clockNow()))
            }
          >
            <CalendarDays aria-hidden className="mr-1.5 size-4" /> Calendar with alarms
          </Button>
          <Button onClick={() => saveText(`${fileName}.md`, "text/markdown", planMarkdown(title, lists, rows, write))}>
            <FileText aria-hidden className="mr-1.5 size-4" /> Markdown
          </Button>
          <Button
            onClick={async () =>
              saveText(
                `${fileName}.json`,
                "application/json",
                await exportDinner(database(), roast.dinner, new Date(clockNow())),
              )
            }
          >
            <FileJson aria-hidden className="mr-1.5 size-4" /> JSON
          </Button>
          <HandOver roasts={[roast, ...beside.map((each) => each.roast)]} />
        </div>
      </header>
      <p role="status" className="text-sm text-soft empty:hidden print:hidden">
        {refining && "The times are still being refined: they may move by some minutes, and printing waits for them."}
      </p>
      {clashes.length + listed.flatMap((each) => each.derived.conflicts).filter((each) => !isQuestion(each)).length >
        0 && (
        <Caution>
          Something here cannot fit yet: the plan names it, with remedies. The times below are as they stand.
        </Caution>
      )}
      <div className="grid gap-4 md:grid-cols-3 print:grid-cols-3">
        <ItemList name="Buy" items={lists.buy} />
        <ItemList name="Weigh" items={lists.weigh} />
        <ItemList name="Lay out" items={lists.kit} />
      </div>
      {/* On paper a page of its own: what to lay out and where the probes go stand together before it. */}
      <section className="print:order-last print:break-before-page">
        <h2 className="mb-1 text-2xl">Timetable</h2>
        <table className="w-full text-left">
          <thead className="text-sm text-soft">
            <tr>
              <th className="py-1 pr-4 font-medium">When</th>
              <th className="pr-4 font-medium">What</th>
              <th className="font-medium max-sm:hidden">How</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, n) => {
              const day = newDay(row.startMs, rows[n - 1]?.startMs, plan.zone, reader);
              return (
                <tr key={row.id} className={day ? "border-t-2 border-line-strong" : "border-t border-line"}>
                  <td className="whitespace-nowrap py-1.5 pr-4 align-baseline print:py-0.5">
                    {day && <span className="block text-sm text-soft print:text-[8.5pt]">{day}</span>}
                    <b className="text-lg print:text-[10.5pt]">{clockTime(row.startMs, plan.zone, reader)}</b>
                  </td>
                  <td className="pr-4 align-baseline">
                    {unbroken(row.what)}
                    <span className="block text-sm text-soft sm:hidden">{unbroken(row.detail)}</span>
                  </td>
                  <td className="align-baseline text-soft max-sm:hidden">{unbroken(row.detail)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <p className="mt-3 text-sm text-soft print:mt-1.5 print:text-[8.5pt]">
          A sleeping phone cannot ring: take the calendar file along, it carries an alarm for every step. Expected times
          are the likeliest; all is placed so that dinner is on time in nine cases of ten. Before carving the
          thermometer has to show {toBeSeen(plan, units)}; follow your local food-safety authority.
        </p>
      </section>
      <section className="print:break-inside-avoid">
        <h2 className="mb-2 text-2xl">Where the probes go</h2>
        <div className="grid gap-6 md:grid-cols-2">
          {together.map((each) => (
            <div key={each.id}>
              {many && <h3 className="mb-1 text-lg">{each.name}</h3>}
              <ProbeGuideView plan={each.plan} />
            </div>
          ))}
        </div>
      </section>
    </article>
  );
}

function ItemList({ name, items }: { readonly name: string; readonly items: readonly ListItem[] }) {
  return (
    <section className="rounded-2xl border border-line bg-mist-1 px-4 py-3 print:border-0 print:p-0">
      <h2 className="mb-1 text-xl">{name}</h2>
      <ul>
        {items.map(({ what, amount, why }, n) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: two birds may want the same, and lines never change places
          <li key={`${n} ${what}`} className="flex gap-2.5 border-t border-line py-1.5 first:border-0 print:py-0.5">
            <span aria-hidden className="mt-1 size-4 shrink-0 rounded border border-line-strong" />
            <span className="grow">
              <span className="flex justify-between gap-3">
                {unbroken(what)}
                <b className="max-w-[55%] shrink-0 text-right">{amount}</b>
              </span>
              {why && <span className="block text-sm text-soft print:text-[8.5pt]">{unbroken(why)}</span>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
