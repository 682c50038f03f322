import { lazy, Suspense } from "react";
import type { ProbePath } from "../../core/bird/probePath";
import type { Vec3 } from "../../core/bird/sdf";
import type { Centre } from "../../core/bird/solid";
import { ensembleOptions } from "../../core/forecast/plannedInput";
import type { ProbeGuide } from "../../core/forecast/probeGuide";
import type { Drawn } from "../../core/kitchen/cutGuides";
import type { Plan } from "../../core/plan/schema";
import { probeWords } from "../../words/probing";
import { usePreferences } from "../shell/preferences";
import { type Asked, useSimulated } from "../simulation/useSimulated";
import { Sheet } from "../ui/Sheet";
import { GuideSteps } from "./GuideSteps";

/** So much of a stem is drawn outside, of its length in the meat. */
const OUTSIDE_SHARE = 0.35;

/** Seen from where the way shows best: a whole bird from its side, what lies flat from above. */
function drawnOn({ bird }: Pick<Plan, "bird">, { entry, tip }: ProbePath, paired: boolean): Drawn {
  const outside = entry.map((at, axis) => at + OUTSIDE_SHARE * (at - (tip[axis] as number))) as unknown as Vec3;
  const view = bird.cut === "whole" || bird.cut === "crown" ? "side" : "breast";
  // From the side the far one would only be drawn over the near one.
  const lines = [{ mark: "probe" as const, points: [outside, entry, tip], paired: paired && view === "breast" }];
  return { form: { cut: bird.cut, legs: bird.legs }, view, lines };
}

/** Large, and wanted only where a thermometer is placed. */
const ProbeBench = lazy(() => import("./solid/ProbeBench"));

interface SheetProps {
  readonly plan: Plan;
  /** When it goes in, or went in. */
  readonly inAtMs: number;
  readonly seemsShortCm?: Partial<Record<Centre, number>>;
}

/** The same set aside, behind a button, and on the bird itself. */
export function ProbeSheet(props: SheetProps) {
  const isMisplaced = Object.keys(props.seemsShortCm ?? {}).length > 0;
  return (
    <Sheet
      opens={isMisplaced ? "Where the tip seems to sit, on the bird" : "Where the probes go"}
      title="Where the probes go"
      wide
    >
      <ProbesPlaced {...props} />
    </Sheet>
  );
}

function ProbesPlaced(props: SheetProps) {
  const guides = useProbeGuides(props.plan);
  return (
    <>
      {guides.answer && (
        <Suspense fallback={null}>
          <ProbeBench {...props} guides={guides.answer} />
        </Suspense>
      )}
      <Guides plan={props.plan} {...guides} />
    </>
  );
}

const useProbeGuides = (plan: Plan): Asked<readonly ProbeGuide[]> =>
  useSimulated<"probe-guides">({ kind: "probe-guides", options: ensembleOptions(plan, plan.targetC) });

/** Where this bird's thermometers go in: drawn, and in words. */
export function ProbeGuideView({ plan }: { readonly plan: Plan }) {
  return <Guides plan={plan} {...useProbeGuides(plan)} />;
}

type GuidesProps = { readonly plan: Plan } & Pick<Asked<readonly ProbeGuide[]>, "answer" | "fault">;

function Guides({ plan, answer, fault }: GuidesProps) {
  const { units } = usePreferences();
  if (fault) return <p className="text-soft">It could not be worked out: {fault}.</p>;
  if (!answer) return <p className="text-soft">Looking for the way into this bird …</p>;
  return (
    <>
      <GuideSteps
        steps={answer.map((guide) => {
          const isPaired = guide.centre !== "filling" && guide.tip[0] > 0.005;
          return {
            id: guide.centre,
            step: drawnOn(plan, guide, isPaired),
            words: probeWords(guide, plan.bird.cut, isPaired, units),
          };
        })}
        species={plan.bird.species}
        size="sheet"
      />
      <p className="text-sm text-soft">
        Worked out on this bird's own shape: the way on which a slip of the hand matters least, clear of bone and
        cavity, with a stem of {units === "us" ? "4¾ in" : "12 cm"}. Thick meat reads lowest: push on past it and draw
        back, and believe the lowest you see.
      </p>
    </>
  );
}
