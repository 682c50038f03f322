import { useEffect, useState } from "react";
import type { CutGeometry } from "../../core/bird/section";
import type { Cut } from "../../core/bird/shape";
import { simulations } from "../../workers/simulations";

const known = new Map<Cut, CutGeometry>();

/** Outlines and thermal centres of a cut, made once in a worker; null until they are there. */
export function useGeometry(cut: Cut): CutGeometry | null {
  const [, setReady] = useState(0);
  useEffect(() => {
    if (known.has(cut)) return;
    let stopped = false;
    simulations.request<"geometry">(`geometry of ${cut}`, { kind: "geometry", cut }).then((geometry) => {
      known.set(cut, geometry);
      if (!stopped) setReady((count) => count + 1);
    });
    return () => {
      stopped = true;
    };
  }, [cut]);
  return known.get(cut) ?? null;
}
