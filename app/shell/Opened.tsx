import { lazy, Suspense, useEffect, useState } from "react";
import { begun } from "./begun";
import { useOpening } from "./database";
import { Blocked, Outdated } from "./NotOpened";
import { Screens } from "./Screens";
import { Waiting } from "./Waiting";
import { useBehind } from "./whenIdle";

const DayService = lazy(async () => ({ default: (await import("../day/DayService")).DayService }));
const Toasts = lazy(async () => ({ default: (await import("./Toasts")).Toasts }));

/**
 * Whether what stands before the first screen is there. A state, and not a promise that is suspended on: React holds back
 * what comes behind a suspended screen for a third of a second.
 * @throws Error when the database does not open
 */
function useBegun(): boolean {
  const [known, setKnown] = useState<{ readonly fault?: Error } | null>(null);
  useEffect(() => {
    begun().then(
      () => setKnown({}),
      (fault: Error) => setKnown({ fault }),
    );
  }, []);
  if (known?.fault) throw known.fault;
  return known !== null;
}

/** Screens that need the database: the frame stands around them while it opens. */
export function Opened() {
  const hasBegun = useBegun();
  // Behind the screens, and not in their way.
  const isBehind = useBehind(hasBegun);
  return (
    <>
      <Begun hasBegun={hasBegun} />
      {/* Each when its own script is there: what is said waits for no service. */}
      <Suspense fallback={null}>{isBehind && <Toasts />}</Suspense>
      <Suspense fallback={null}>{isBehind && <DayService />}</Suspense>
    </>
  );
}

function Begun({ hasBegun }: { readonly hasBegun: boolean }) {
  const { isBlocked, isOutdated } = useOpening();
  if (isOutdated) return <Outdated />;
  if (!hasBegun && isBlocked) return <Blocked />;
  if (!hasBegun) return <Waiting />;
  return <Screens />;
}
