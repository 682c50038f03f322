import { useEffect, useState } from "react";
import type { CutGeometry } from "../../core/bird/section";
import type { Cut } from "../../core/bird/shape";
import { simulations } from "../../workers/simulations";

const asked = new Map<Cut, Promise<CutGeometry>>();

function geometryOf(cut: Cut): Promise<CutGeometry> {
  const known = asked.get(cut);
  if (known) return known;
  const made = simulations.request<"geometry">(`geometry of ${cut}`, { kind: "geometry", cut });
  asked.set(cut, made);
  return made;
}

/** Outlines and thermal centres of a cut, made once in a worker for all pictures; null until they are there. */
export function useGeometry(cut: Cut): CutGeometry | null {
  const [geometry, setGeometry] = useState<{ cut: Cut; made: CutGeometry } | null>(null);
  const [fault, setFault] = useState<Error | null>(null);
  useEffect(() => {
    let stopped = false;
    geometryOf(cut).then(
      (made) => {
        if (!stopped) setGeometry({ cut, made });
      },
      (error: unknown) => setFault(error instanceof Error ? error : new Error(String(error))),
    );
    return () => {
      stopped = true;
    };
  }, [cut]);
  // Without its outlines there is no picture: the screen's own fault page says so.
  if (fault) throw fault;
  return geometry?.cut === cut ? geometry.made : null;
}
