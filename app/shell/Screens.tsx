import { type ComponentType, useEffect, useLayoutEffect, useRef, useState } from "react";
import { type Location, matchRoutes, useLocation, useRoutes } from "react-router";
import { messageOf } from "../../words/faults";
import { DeadEnd } from "./DeadEnd";
import { ROUTES, type Route } from "./routes";
import { Waiting } from "./Waiting";

/** Screens whose scripts are there. */
const fetched = new Map<Route, ComponentType>();

const MATCHED = ROUTES.map((route) => ({ path: route.path, route, element: <Fetched route={route} /> }));

const routeAt = (pathname: string): Route | undefined => matchRoutes(MATCHED, pathname)?.at(-1)?.route.route;

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
  return (
    useRoutes(MATCHED, location) ?? (
      <DeadEnd title="There is no such page" why="The address does not belong to Bruma." />
    )
  );
}

function Fetched({ route }: { readonly route: Route }) {
  const Screen = fetched.get(route);
  return Screen ? <Screen /> : null;
}
