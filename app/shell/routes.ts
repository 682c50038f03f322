/** The routes are the table of contents of the app; each screen's script is fetched when it is first opened. */

import type { ComponentType } from "react";

export interface Route {
  readonly path: string;
  fetch(): Promise<ComponentType>;
}

const STYLE: readonly Route[] = import.meta.env.DEV
  ? [{ path: "/style", fetch: async () => (await import("../features/style")).StyleScreen }]
  : [];

export const ROUTES: readonly Route[] = [
  { path: "/", fetch: async () => (await import("../features/roasts")).RoastsScreen },
  { path: "/roast/:id/plan", fetch: async () => (await import("../features/plan")).PlanScreen },
  { path: "/roast/:id/compare", fetch: async () => (await import("../features/compare")).CompareScreen },
  { path: "/roast/:id/list", fetch: async () => (await import("../features/list")).ListScreen },
  { path: "/roast/:id/cook", fetch: async () => (await import("../features/cook")).CookScreen },
  { path: "/roast/:id/carve", fetch: async () => (await import("../features/carve")).CarveScreen },
  { path: "/roast/:id/rehearse", fetch: async () => (await import("../features/practice")).RehearsalScreen },
  { path: "/log", fetch: async () => (await import("../features/log")).LogScreen },
  { path: "/log/:id", fetch: async () => (await import("../features/log")).RecordScreen },
  { path: "/practice", fetch: async () => (await import("../features/practice")).PracticeScreen },
  { path: "/practice/drills", fetch: async () => (await import("../features/practice")).DrillsScreen },
  { path: "/practice/drills/:drill", fetch: async () => (await import("../features/practice")).DrillsScreen },
  { path: "/practice/:id", fetch: async () => (await import("../features/practice")).DebriefScreen },
  { path: "/trust", fetch: async () => (await import("../features/trust")).TrustScreen },
  { path: "/pair", fetch: async () => (await import("../features/pair")).PairScreen },
  { path: "/take", fetch: async () => (await import("../features/take")).TakeScreen },
  { path: "/kitchen", fetch: async () => (await import("../features/kitchen")).KitchenScreen },
  { path: "/handbook", fetch: async () => (await import("../features/handbook")).HandbookScreen },
  { path: "/handbook/numbers", fetch: async () => (await import("../features/handbook")).NumbersScreen },
  { path: "/handbook/:chapter/:section?", fetch: async () => (await import("../features/handbook")).ChapterScreen },
  ...STYLE,
];
