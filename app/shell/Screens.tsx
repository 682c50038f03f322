import { type ComponentType, useEffect, useLayoutEffect, useRef, useState } from "react";
import { Link, type Location, matchRoutes, type RouteObject, useLocation, useRoutes } from "react-router";
import { messageOf } from "../../words/faults";
import { ROUTES, type Route } from "./routes";
import { Waiting } from "./Waiting";

/** Screens whose scripts are there. */
const fetched = new Map<Route, ComponentType>();

interface Matched extends Route {
  readonly element: React.ReactNode;
}
const MATCHED: Matched[] = ROUTES.map((route) => ({ ...route, element: <Fetched route={route} /> }));

const routeAt = (pathname: string): Route | undefined => {
  const matched = matchRoutes<RouteObject>(MATCHED as RouteObject[], pathname)?.at(-1)?.route.path;
  return ROUTES.find(({ path }) => path === matched);
};

const fetchOf = async (route: Route): Promise<void> => {
  fetched.set(route, await route.fetch());
};

/** Begins to fetch the screen at an address, before anything is drawn; one that fails is told where it is shown. */
export function beginScreen(pathname: string): void {
  const route = routeAt(pathname);
  if (route) fetchOf(route).catch((fault: unknown) => console.warn("a screen's script is late:", messageOf(fault)));
}

/** The screen at the address; until its script is there, the one before. @throws what fetching the script did */
export function Screens() {
  const location = useLocation();
  const route = routeAt(location.pathname);
  const isThere = !route || fetched.has(route);
  const [told, setTold] = useState<{ readonly of: Route; readonly fault?: unknown } | null>(null);
  useEffect(() => {
    if (isThere || !route) return;
    let isWanted = true;
    const tell = (news: typeof told): void => {
      if (isWanted) setTold(news);
    };
    fetchOf(route).then(
      () => tell({ of: route }),
      (fault: unknown) => tell({ of: route, fault }),
    );
    return () => {
      isWanted = false;
    };
  }, [route, isThere]);
  const before = useRef<Location | null>(null);
  useLayoutEffect(() => {
    if (isThere) before.current = location;
  });
  if (told?.fault !== undefined && told.of === route) throw told.fault;
  const shown = isThere ? location : before.current;
  return shown ? <At location={shown} /> : <Waiting />;
}

function At({ location }: { readonly location: Location }) {
  return useRoutes(MATCHED as RouteObject[], location) ?? <Missing />;
}

function Fetched({ route }: { readonly route: Route }) {
  const Screen = fetched.get(route);
  return Screen ? <Screen /> : null;
}

function Missing() {
  return (
    <div className="mx-auto max-w-xl p-8">
      <h1 className="text-3xl">There is no such page</h1>
      <p className="my-3 text-soft">The address does not belong to Bruma.</p>
      <Link to="/" className="underline">
        To the roasts
      </Link>
    </div>
  );
}
