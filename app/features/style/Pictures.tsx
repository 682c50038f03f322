import { useState } from "react";
import { SPECIES } from "../../../core/bird/species";
import { CUT_GUIDES, cutGuide } from "../../../core/kitchen/cutGuides";
import { usualPlan } from "../../../core/plan/usualPlan";
import type { TaskId } from "../../../core/schedule/backward";
import { derivePlan } from "../../../core/schedule/derive";
import { MINUTE_MS } from "../../../core/units/time";
import { cutStepWords } from "../../../words/guides";
import { BirdView } from "../../bird-view/BirdView";
import { CutDrawing } from "../../bird-view/CutDrawing";
import { ClockView } from "../../clock-view/ClockView";
import { useSimulatedPlan } from "../../simulation/useSimulatedPlan";

const SAMPLE = usualPlan({
  bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "frozen" },
  method: "hot-start",
  serveAt: "2027-09-26T13:30:00Z",
  zone: "UTC",
});

/** Every step at the board, on each species. */
export function CutPictures() {
  return SPECIES.map((species) => (
    <div key={species} className="grid grid-cols-6 gap-3">
      {CUT_GUIDES.flatMap((id) =>
        cutGuide(id, species).steps.map((step) => {
          const words = cutStepWords(id, step.id);
          return (
            <figure key={`${id} ${step.id}`}>
              <CutDrawing step={step} words={words} species={species} />
              <figcaption className="text-center text-sm">{words.does}</figcaption>
            </figure>
          );
        }),
      )}
    </div>
  ));
}

/** The clock, and the bird at four moments of its cook. */
export function Pictures() {
  const { cook, shares } = useSimulatedPlan(SAMPLE);
  const [selected, setSelected] = useState<TaskId>("roast");
  const [scrubMs, setScrubMs] = useState(Number.NaN);
  if (!cook) return null;
  const { schedule } = derivePlan(SAMPLE, cook, shares, 0);
  const serveAtMs = Date.parse(SAMPLE.serveAt);
  return (
    <>
      <ClockView
        schedule={schedule}
        sides={[]}
        chores={[]}
        stageMin={[]}
        history={cook.history}
        zone={SAMPLE.zone}
        serveAtMs={serveAtMs}
        scrubMs={Number.isNaN(scrubMs) ? schedule.inAtMs + 90 * MINUTE_MS : scrubMs}
        selected={selected}
        onSelect={setSelected}
        onScrub={setScrubMs}
        onServe={() => undefined}
        onStage={() => undefined}
      />
      <div className="grid gap-6 md:grid-cols-2">
        {[0.1, 0.4, 0.75, 1].map((share) => {
          const minute = cook.pullMinute * share;
          const point = cook.history.find((entry) => entry.minute >= minute) ?? cook.atPull;
          return (
            <div key={share} className="h-80">
              <BirdView
                form={SAMPLE.bird}
                shows="temperature"
                frames={cook.frames}
                minute={minute}
                targetC={74}
                units="metric"
                centresC={point.centresC}
                coldestC={point.coldestC}
              />
            </div>
          );
        })}
      </div>
    </>
  );
}
