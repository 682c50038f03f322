import { lazy, Suspense, useEffect, useRef } from "react";
import type { Roast } from "../../../core/plan/roast";
import { namesIn, titleShown } from "../../../words/titles";
import { actsOf } from "../../day/acts";
import { useBridgeState } from "../../day/listener";
import { type RoastDay, useDay } from "../../day/roastDay";
import { usePace } from "../../shell/clock";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { Caution } from "../../ui/Caution";
import { OtherRoasts } from "../../ui/OtherRoasts";
import { SafetyNotices } from "../../ui/SafetyNotices";
import { AlarmSwitch } from "./AlarmSwitch";
import { Before } from "./Before";
import { Done } from "./Done";
import { Kept } from "./Kept";
import { ProbeQuestions } from "./ProbeQuestions";
import { Resting } from "./Resting";
import { Roasting } from "./Roasting";

/** Of its own script: who practises nothing has no hidden bird. */
const PracticePanel = lazy(async () => ({ default: (await import("../../day/PracticePanel")).PracticePanel }));

/** A word about thermometers whose clock is wrong; nothing where there is none. */
const clockWord = (devices: readonly string[]): string | null =>
  devices.length > 0
    ? `The clock of the thermometer ${devices.filter((name) => name !== "").join(", ")} is wrong: its readings count from the moment they come.`
    : null;

/** Another face begins with what is next, however far down the hand was on the one before. */
function useTopOf(stage: RoastDay["stage"] | undefined): void {
  const before = useRef(stage);
  useEffect(() => {
    if (before.current !== undefined && before.current !== stage) scrollTo({ top: 0 });
    before.current = stage;
  }, [stage]);
}

/** The stove side: one next action, large; what has happened decides which of five faces is shown. */
export function CookBoard({ roast: stored }: { readonly roast: Roast }) {
  const reader = useHabits();
  const day = useDay(stored.id);
  useTopOf(day?.stage);
  const { pace } = usePace();
  const { unheard, unstored, wrongClocks } = useBridgeState();
  if (!day) return <p className="py-10 text-soft">Opening the day …</p>;
  const { roast, stage, simulated, derived, renewed, beside } = day;
  const others = (pieces: boolean): readonly Roast[] =>
    beside.flatMap((other) => (other.isPiece === pieces ? [other.roast] : []));
  const acts = actsOf(roast.id);
  const isPractised = pace !== null;
  const names = namesIn([roast, ...beside.map((other) => other.roast)]);
  const isOn = stage === "roasting" || stage === "resting";
  return (
    <div className={`mx-auto flex w-full grow flex-col gap-3 pb-2 ${isOn ? "max-w-3xl lg:max-w-none" : "max-w-3xl"}`}>
      <div className="flex items-center justify-between gap-3">
        <PageHeading className="text-lg leading-tight text-soft" title={`Cook: ${titleShown(roast, reader)}`}>
          {titleShown(roast, reader)}
        </PageHeading>
        {(stage !== "done" || day.leftovers) && <AlarmSwitch />}
      </div>
      {beside.length > 0 && (
        <nav aria-label="Other roasts of this dinner" className="flex flex-wrap items-center gap-x-4">
          <OtherRoasts of={others(true)} under="In with it" page="cook" names={names} />
          <OtherRoasts of={others(false)} under="For the same dinner" page="cook" names={names} />
        </nav>
      )}
      {(stage === "planned" || isOn) && (
        <SafetyNotices
          plan={roast.plan}
          cook={simulated.cook}
          derived={renewed ?? derived}
          stage={stage}
          goodForMin={day.goodForMin}
          isBrief
        />
      )}
      {isOn && isPractised && (
        <Suspense fallback={null}>
          <PracticePanel day={day} />
        </Suspense>
      )}
      {isOn && <ProbeQuestions roast={roast} acts={acts} />}
      {isOn &&
        roast.thermometer === "bridge" &&
        [unheard, unstored, clockWord(wrongClocks)].map((fault) => fault && <Caution key={fault}>{fault}</Caution>)}
      {stage === "planned" && <Before day={day} acts={acts} />}
      {stage === "roasting" && <Roasting day={day} acts={acts} />}
      {stage === "resting" && <Resting day={day} acts={acts} />}
      {stage === "kept" && <Kept day={day} acts={acts} />}
      {stage === "done" && <Done day={day} acts={acts} />}
    </div>
  );
}
