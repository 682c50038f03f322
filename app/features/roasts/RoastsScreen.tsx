import { useLiveQuery } from "dexie-react-hooks";
import { lazy, Suspense, useDeferredValue } from "react";
import { Link } from "react-router";
import { isOnTheTable } from "../../../core/day/leftovers";
import { isLongOver } from "../../../core/day/over";
import { cookStage, type Roast } from "../../../core/plan/roast";
import { isReadable, storedRoasts } from "../../../storage/listing";
import { inOrder } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { Heading } from "../../shell/Waiting";
import { useBehind } from "../../shell/whenIdle";
import { CopyReminder } from "./CopyReminder";
import firstBird from "./firstBird.svg";
import { DinnerCard } from "./RoastCard";
import { useCompany } from "./useCompany";

/** Its script is on its way while the list is read and painted. */
const startForm = import("./StartForm");
const StartForm = lazy(async () => ({ default: (await startForm).StartForm }));

/** What other devices have is not waited for. */
const Offered = lazy(async () => ({ default: (await import("./Offered")).Offered }));

/** Of its own script: most shelves have none. */
const UnreadableCard = lazy(async () => ({ default: (await import("../../shell/UnreadableCard")).UnreadableCard }));

const isPlanned = (roast: Roast): boolean => cookStage(roast) === "planned";

/** In the order in which they stand. */
const GROUPS: readonly { readonly title: string; holds(roast: Roast, nowMs: number): boolean }[] = [
  {
    title: "In the kitchen now",
    holds: (roast, nowMs) => ["roasting", "resting", "kept"].includes(cookStage(roast)) || isOnTheTable(roast, nowMs),
  },
  { title: "Coming", holds: (roast, nowMs) => isPlanned(roast) && !isLongOver(roast.plan, nowMs) },
  { title: "Planned, and never begun", holds: (roast, nowMs) => isPlanned(roast) && isLongOver(roast.plan, nowMs) },
];

/** Of those that are done the newest few; all of them are in the log. */
const DONE_SHOWN = 3;

/** Roasts of one dinner side by side, where the first of them stands. */
const byDinner = (roasts: readonly Roast[]): readonly (readonly Roast[])[] =>
  [...new Set(roasts.map(({ dinner }) => dinner))].map((dinner) =>
    inOrder(roasts.filter((each) => each.dinner === dinner)),
  );

function Group({ title, dinners }: { readonly title: string; readonly dinners: readonly (readonly Roast[])[] }) {
  if (dinners.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="mb-2 text-lg text-soft">{title}</h2>
      <ul className="grid gap-3">
        {dinners.map((dinner) => (
          <DinnerCard key={dinner[0]?.id} roasts={dinner} />
        ))}
      </ul>
    </section>
  );
}

/** What this is, before there is anything to show of it; a small screen has its room for the form. */
function NothingYet() {
  return (
    <>
      <p className="max-w-prose text-lg text-soft">
        Nothing planned yet. Three answers start a roast; your own bird is then cooked in the computer, from fridge to
        plate, and goes on answering while you change your mind.
      </p>
      <figure className="max-w-2xl max-lg:hidden">
        <img
          src={firstBird}
          alt="A whole bird cut lengthwise: pale in the middle of its breast and thigh, darker towards the skin"
          loading="lazy"
          className="aspect-[108/65] w-full"
        />
        <figcaption className="mt-2 text-soft">
          A turkey half way through its roast, as it is computed. The darker, the hotter.
        </figcaption>
      </figure>
    </>
  );
}

/** What is next and when; every roast; and the start of a new one. */
export function RoastsScreen() {
  const roasts = useLiveQuery(() => storedRoasts(database()), []);
  // What is stored is painted first; the form takes a tenth of a second to build and comes right behind.
  const isListed = useDeferredValue(roasts !== undefined, false);
  const isBehind = useBehind(isListed);
  const company = useCompany();
  const ordered = (roasts ?? []).filter(isReadable).sort((a, b) => a.plan.serveAt.localeCompare(b.plan.serveAt));
  // What is coming stands in its order, what is done from the newest back.
  const isDone = (roast: Roast): boolean =>
    cookStage(roast) === "done" && !roast.archived && !isOnTheTable(roast, clockNow());
  const done = byDinner(ordered.filter(isDone).reverse());
  return (
    <div className="grid grow gap-8 py-4 lg:grid-cols-[1.25fr_1fr]">
      <div className="flex flex-col gap-7">
        <Heading />
        {roasts?.length === 0 && <NothingYet />}
        <Suspense fallback={null}>
          {isBehind && <Offered />}
          {roasts?.map((roast) => !isReadable(roast) && <UnreadableCard key={roast.id} roast={roast} />)}
        </Suspense>
        <CopyReminder roasts={ordered} />
        {GROUPS.map(({ title, holds }) => (
          <Group key={title} title={title} dinners={byDinner(ordered.filter((roast) => holds(roast, clockNow())))} />
        ))}
        <Group title="Done: predicted against actual" dinners={done.slice(0, DONE_SHOWN)} />
        {done.length > DONE_SHOWN && (
          <Link to="/log" className="-mt-4 underline">
            All that came of it: the log
          </Link>
        )}
      </div>
      {/* Asked for from a plan, it comes first on a small screen too. */}
      <div className={`lg:pt-2 ${company ? "max-lg:order-first" : ""}`}>
        <Suspense fallback={null}>
          {isListed && company !== undefined && (
            <StartForm key={`${company?.roast.id} ${company?.inOneHeat}`} company={company} roasts={ordered} />
          )}
          {isListed && (
            <p className="mt-3 text-soft">
              A large bird, or the first one?{" "}
              <Link to="/practice" className="underline underline-offset-4">
                Practise before the day
              </Link>
              , on a bird that is not there.
            </p>
          )}
        </Suspense>
      </div>
    </div>
  );
}
