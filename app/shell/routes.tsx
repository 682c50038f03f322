/** The routes are the table of contents of the app. */
import { createBrowserRouter, isRouteErrorResponse, Link, type RouteObject, useRouteError } from "react-router";
import { CarveScreen } from "../features/carve";
import { CompareScreen } from "../features/compare";
import { CookScreen } from "../features/cook";
import { HandbookScreen } from "../features/handbook";
import { KitchenScreen } from "../features/kitchen";
import { ListScreen } from "../features/list";
import { PlanScreen } from "../features/plan";
import { RoastsScreen } from "../features/roasts";
import { TakeScreen } from "../features/take";
import { Frame } from "./Frame";

const styleRoute: RouteObject[] = import.meta.env.DEV
  ? [{ path: "style", lazy: async () => ({ Component: (await import("../features/style")).StyleScreen }) }]
  : [];

export const makeRouter = () =>
  createBrowserRouter([
    {
      Component: Frame,
      HydrateFallback: () => null,
      ErrorBoundary: Fault,
      children: [
        { index: true, Component: RoastsScreen },
        { path: "roast/:id/plan", Component: PlanScreen },
        { path: "roast/:id/compare", Component: CompareScreen },
        { path: "roast/:id/list", Component: ListScreen },
        { path: "roast/:id/cook", Component: CookScreen },
        { path: "roast/:id/carve", Component: CarveScreen },
        { path: "take", Component: TakeScreen },
        { path: "kitchen", Component: KitchenScreen },
        { path: "handbook", Component: HandbookScreen },
        ...styleRoute,
      ],
    },
  ]);

function Fault() {
  const error = useRouteError();
  const missing = isRouteErrorResponse(error) && error.status === 404;
  const text = error instanceof Error ? error.message : String(error);
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
