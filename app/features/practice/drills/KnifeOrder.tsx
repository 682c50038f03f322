import { useMemo, useState } from "react";
import type { CarveStepId } from "../../../../core/kitchen/carveGuides";
import { knifeQuestion } from "../../../../core/practice/drills";
import { CARVE_WORDS } from "../../../../words/guides";
import { Button } from "../../../ui/Button";
import type { DrillProps } from "./drillProps";

/** The steps of carving, told off in the order in which they are to be done. */
export function KnifeOrder({ drill, seed, onDone }: DrillProps) {
  const { mixed, right } = useMemo(() => knifeQuestion(seed), [seed]);
  const [told, setTold] = useState<readonly CarveStepId[]>([]);
  const isOver = told.length === right.length;
  const hits = told.filter((id, n) => id === right[n]).length;
  return (
    <section aria-label="Which comes next?" className="grid justify-items-start gap-4">
      <p className="text-xl">
        {isOver ? "So you would carve it:" : told.length === 0 ? "What comes first?" : "And next?"}
      </p>
      <ol className="grid gap-1 text-lg">
        {told.map((id, n) => (
          <li key={id}>
            {n + 1}. {CARVE_WORDS[id].does}
            {isOver && (id === right[n] ? ": right" : `: here comes “${CARVE_WORDS[right[n] as CarveStepId].does}”`)}
          </li>
        ))}
      </ol>
      <div className="flex flex-wrap gap-2">
        {mixed
          .filter((id) => !told.includes(id))
          .map((id) => (
            <Button key={id} tone="plain" onClick={() => setTold([...told, id])}>
              {CARVE_WORDS[id].does}
            </Button>
          ))}
      </div>
      {isOver && (
        <Button tone="primary" onClick={() => onDone({ drill, right: hits, of: right.length })}>
          What it came to
        </Button>
      )}
    </section>
  );
}
