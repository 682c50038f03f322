import { lazy, Suspense, use } from "react";
import { Outlet } from "react-router";
import { openShelf } from "./database";

const DayService = lazy(async () => ({ default: (await import("../day/DayService")).DayService }));

/** Screens that need the database: the frame stands around them while it opens. */
export function Opened() {
  return (
    <Suspense fallback={<p className="py-10 text-lg text-soft">Opening your roasts …</p>}>
      <WithDatabase />
    </Suspense>
  );
}

function WithDatabase() {
  use(openShelf());
  return (
    <>
      <Outlet />
      {/* Behind the screens, and not in their way: its script comes after the first of them. */}
      <Suspense fallback={null}>
        <DayService />
      </Suspense>
    </>
  );
}
