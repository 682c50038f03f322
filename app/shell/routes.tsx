/** The routes are the table of contents of the app; each screen's script is fetched when it is first opened. */

import { createBrowserRouter, isRouteErrorResponse, Link, type RouteObject, useRouteError } from "react-router";
import { OpeningFault } from "../../storage/opening";
import { messageOf } from "../../words/faults";
import { Frame } from "./Frame";
import { NotOpened } from "./NotOpened";
import { Opened } from "./Opened";
import { Waiting } from "./Waiting";

const styleRoute: RouteObject[] = import.meta.env.DEV
  ? [{ path: "style", lazy: async () => ({ Component: (await import("../features/style")).StyleScreen }) }]
  : [];

const SCREENS: RouteObject[] = [
  { index: true, lazy: async () => ({ Component: (await import("../features/roasts")).RoastsScreen }) },
  { path: "roast/:id/plan", lazy: async () => ({ Component: (await import("../features/plan")).PlanScreen }) },
  { path: "roast/:id/compare", lazy: async () => ({ Component: (await import("../features/compare")).CompareScreen }) },
  { path: "roast/:id/list", lazy: async () => ({ Component: (await import("../features/list")).ListScreen }) },
  { path: "roast/:id/cook", lazy: async () => ({ Component: (await import("../features/cook")).CookScreen }) },
  { path: "roast/:id/carve", lazy: async () => ({ Component: (await import("../features/carve")).CarveScreen }) },
  { path: "log", lazy: async () => ({ Component: (await import("../features/log")).LogScreen }) },
  { path: "log/:id", lazy: async () => ({ Component: (await import("../features/log")).RecordScreen }) },
  {
    path: "roast/:id/rehearse",
    lazy: async () => ({ Component: (await import("../features/practice")).RehearsalScreen }),
  },
  { path: "practice", lazy: async () => ({ Component: (await import("../features/practice")).PracticeScreen }) },
  { path: "practice/drills", lazy: async () => ({ Component: (await import("../features/practice")).DrillsScreen }) },
  {
    path: "practice/drills/:drill",
    lazy: async () => ({ Component: (await import("../features/practice")).DrillsScreen }),
  },
  { path: "practice/:id", lazy: async () => ({ Component: (await import("../features/practice")).DebriefScreen }) },
  { path: "trust", lazy: async () => ({ Component: (await import("../features/trust")).TrustScreen }) },
  { path: "pair", lazy: async () => ({ Component: (await import("../features/pair")).PairScreen }) },
  { path: "take", lazy: async () => ({ Component: (await import("../features/take")).TakeScreen }) },
  { path: "kitchen", lazy: async () => ({ Component: (await import("../features/kitchen")).KitchenScreen }) },
  { path: "handbook", lazy: async () => ({ Component: (await import("../features/handbook")).HandbookScreen }) },
  { path: "handbook/numbers", lazy: async () => ({ Component: (await import("../features/handbook")).NumbersScreen }) },
  {
    path: "handbook/:chapter/:section?",
    lazy: async () => ({ Component: (await import("../features/handbook")).ChapterScreen }),
  },
  ...styleRoute,
];

export const makeRouter = () =>
  createBrowserRouter([
    {
      Component: Frame,
      HydrateFallback: Opening,
      ErrorBoundary: Fault,
      children: [{ Component: Opened, children: SCREENS }],
    },
  ]);

/** While the first screen's script is on its way. */
function Opening() {
  return (
    <div className="mx-auto max-w-[1280px] px-6 py-4">
      <p className="pb-4 font-display text-xl font-semibold">Bruma</p>
      <Waiting />
    </div>
  );
}

function Fault() {
  const error = useRouteError();
  if (error instanceof OpeningFault) {
    return (
      <div className="mx-auto max-w-[1280px] px-6">
        <NotOpened fault={error} />
      </div>
    );
  }
  const missing = isRouteErrorResponse(error) && error.status === 404;
  const text = messageOf(error);
  return (
    <div className="mx-auto max-w-xl p-8">
      <h1 className="text-3xl">{missing ? "There is no such page" : "This screen has stopped"}</h1>
      <p className="my-3 text-soft">
        {missing
          ? "The address does not belong to Bruma."
          : `Your roasts are stored and unharmed. What went wrong: ${text}`}
      </p>
      <Link to="/" className="underline">
        To the roasts
      </Link>
    </div>
  );
}
