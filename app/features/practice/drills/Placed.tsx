import { lazy, Suspense, useMemo, useState } from "react";
import { median } from "../../../../core/median";
import { PLACED_WITHIN_MM, type PlaceQuestion, placeQuestions } from "../../../../core/practice/drills";
import type { DrillProps } from "./drillProps";
import type { Off } from "./off";

/** Large, and wanted only where a thermometer is placed. */
const PlaceBird = lazy(() => import("./PlaceBird"));

/** Thermometers pushed into one bird after the other. */
export function Placed({ drill, seed, onDone }: DrillProps) {
  const both = drill === "both-probes";
  const tasks = useMemo(
    () =>
      placeQuestions(seed, both ? 5 : 10, both).flatMap((question) =>
        question.centres.map((centre) => ({ question, centre })),
      ),
    [seed, both],
  );
  const [offs, setOffs] = useState<readonly Off[]>([]);
  const n = offs.length;
  const task = tasks[Math.min(n, tasks.length - 1)] as { question: PlaceQuestion; centre: "breast" };
  const next = (off: Off): void => {
    const all = [...offs, off];
    setOffs(all);
    if (all.length < tasks.length) return;
    const kelvins = all.flatMap(({ kelvin }) => kelvin ?? []);
    onDone({
      drill,
      right: all.filter(({ mm }) => mm <= PLACED_WITHIN_MM).length,
      of: tasks.length,
      offMm: median(all.map(({ mm }) => mm)),
      ...(kelvins.length > 0 && { offK: median(kelvins) }),
    });
  };
  return (
    <Suspense fallback={null}>
      <p className="text-soft">
        {Math.min(n + 1, tasks.length)} of {tasks.length}
      </p>
      <PlaceBird key={n} question={task.question} centre={task.centre} onNext={next} />
    </Suspense>
  );
}
