import { Suspense, use } from "react";
import { Outlet } from "react-router";
import { openShelf } from "./database";

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
  return <Outlet />;
}
