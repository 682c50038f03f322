import { hasBreastAndThigh } from "../../../core/bird/form";
import type { Centre } from "../../../core/bird/solid";
import { constant } from "../../../core/constants";
import { requireBetween } from "../../../core/errors";
import type { PlannedDone } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/plan/schema";
import { aimsAtGuideline, targetsOf } from "../../../core/plan/targets";
import type { DerivedPlan } from "../../../core/schedule/derive";
import { fahrenheitToC, formatTemperature, parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { guidelineWords, holdWords } from "../../../words/guideline";
import { PART_NAMES } from "../../../words/names";
import { signWords } from "../../../words/tasks";
import { ProbeSheet } from "../../bird-view/ProbeGuideView";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { Why } from "../../ui/Why";
import { DragRow } from "./DragRow";
import { MinutesRow } from "./MinutesRow";
import { usePlanStore } from "./planStore";

const FINISHES = ["after-rest", "at-pull", "time", "signs"] as const;
const FINISH_NAMES: Record<Plan["finish"]["kind"], string> = {
  "after-rest": "So that rest takes it there",
  "at-pull": "When it shows it",
  time: "By time",
  signs: "By signs",
};
const GOAL_WORDS: Record<Exclude<Plan["finish"]["kind"], "time">, string> = {
  "after-rest": "To be seen before carving",
  "at-pull": "Shown as it leaves the heat",
  signs: "What the signs stand for",
};
/** Time alone begins at what the plan has come to so far. */
const withFinish =
  (kind: Plan["finish"]["kind"]) =>
  (plan: Plan): Plan => ({ ...plan, finish: kind === "time" ? { kind, minutes: 120 } : { kind } });

const LOWEST_TARGET_C: Record<Centre, number> = { breast: 60, thigh: 65, filling: 65 };
const withTarget =
  (centre: Centre, celsius: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    targetC: { ...plan.targetC, [centre]: celsius },
  });

const READ_IN = ["both", "breast", "thigh"] as const;
const READ_NAMES: Record<(typeof READ_IN)[number], string> = {
  both: "Breast and thigh",
  breast: "Breast alone",
  thigh: "Thigh alone",
};
function withReadIn(place: (typeof READ_IN)[number]): (plan: Plan) => Plan {
  return ({ decidedBy: _, ...plan }) => (place === "both" ? plan : { ...plan, decidedBy: place });
}

interface Props {
  readonly plan: Plan;
  /** Left out where it never gets there. */
  readonly derived?: DerivedPlan | undefined;
  readonly cook?: PlannedDone | undefined;
  /** It has left its heat: nothing is waited for any more. */
  readonly isOut: boolean;
  readonly units: UnitSystem;
}

/** When it leaves the heat, where it is read, and what is to be seen there. */
export function Doneness({ plan, derived, cook, isOut, units }: Props) {
  const { settle } = usePlanStore();
  const { finish } = plan;
  const isRead = finish.kind !== "signs" && finish.kind !== "time";
  return (
    <>
      <Segmented
        label="It leaves the heat"
        value={finish.kind}
        choices={FINISHES.map((value) => ({ value, label: FINISH_NAMES[value] }))}
        onChange={(kind) => settle(withFinish(kind))}
      />
      {finish.kind === "time" && <AfterMinutes minutes={finish.minutes} />}
      {!isRead && (
        <Caution>
          {finish.kind === "time" ? "Time" : `Signs (${signWords(plan.bird.cut)})`} cannot tell whether the guideline is
          reached: what is shown is what the model expects of a usual bird. A thermometer decides.
        </Caution>
      )}
      {finish.kind !== "time" && <Why id={isRead ? "probe" : "juices"} />}
      {derived && <ProbeSheet plan={plan} inAtMs={derived.schedule.inAtMs} />}
      {finish.kind !== "time" && (
        <>
          <p className="text-[0.9rem]">
            {GOAL_WORDS[finish.kind]}
            {finish.kind === "after-rest" && holdWords(plan)}
          </p>
          {hasBreastAndThigh(plan.bird) && (
            <Segmented
              label="Read in"
              value={plan.decidedBy ?? "both"}
              choices={READ_IN.map((value) => ({ value, label: READ_NAMES[value] }))}
              onChange={(place) => settle(withReadIn(place))}
            />
          )}
          <Targets plan={plan} cook={cook} isOut={isOut} units={units} />
        </>
      )}
    </>
  );
}

function AfterMinutes({ minutes }: { readonly minutes: number }) {
  const { drag, settle } = usePlanStore();
  const after =
    (to: number) =>
    (plan: Plan): Plan => ({ ...plan, finish: { kind: "time", minutes: to } });
  return (
    <MinutesRow
      label="After"
      name="Minutes in the heat"
      what="minutes in the heat"
      minutes={minutes}
      min={10}
      max={480}
      least={5}
      most={960}
      onDrag={(to) => drag(after(to))}
      onSettle={(to) => settle(after(to))}
    />
  );
}

/** What is safe in a leg is not yet tender. */
function TenderLeg({ plan, cook, isOut, units }: Omit<Props, "derived">) {
  const { settle } = usePlanStore();
  // A whole figure in the cook's own scale: 79 °C, 175 °F.
  const tenderC = units === "us" ? fahrenheitToC(175) : constant("tenderLegC");
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const peakC = cook?.peak.thigh?.celsius;
  // What reads alike is alike.
  const comesToIt = peakC !== undefined && (peakC >= tenderC || t(peakC) === t(tenderC));
  return (
    <div className="grid justify-items-start gap-1.5">
      <p className="text-sm text-soft">
        Legs are tender from about {t(tenderC)}
        {peakC === undefined ? "." : `; this thigh is computed to come to ${t(peakC)} at rest.`}
      </p>
      {!isOut && !comesToIt && (plan.targetC.thigh ?? 0) < tenderC && (
        <>
          <Why id="tender" />
          <Button size="small" onClick={() => settle(withTarget("thigh", tenderC))}>
            Wait for {t(tenderC)} in the thigh
          </Button>
        </>
      )}
    </div>
  );
}

function Targets({ plan, cook, isOut, units }: Omit<Props, "derived">) {
  const { drag, settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const targets = Object.entries(targetsOf(plan)) as [Centre, number][];
  const below = !aimsAtGuideline(plan);
  return (
    <>
      {targets.map(([centre, targetC]) => (
        <DragRow
          key={centre}
          label={PART_NAMES[centre]}
          name={`Target, ${PART_NAMES[centre]}`}
          value={targetC}
          shown={t(targetC)}
          min={LOWEST_TARGET_C[centre]}
          max={85}
          step={1}
          parse={(text) =>
            requireBetween(
              `target of the ${PART_NAMES[centre]}`,
              parseTemperatureC(text, units),
              LOWEST_TARGET_C[centre],
              90,
              "°C",
            )
          }
          onDrag={(celsius) => drag(withTarget(centre, celsius))}
          onSettle={(celsius) => settle(withTarget(centre, celsius))}
        />
      ))}
      {targets.some(([centre]) => centre === "thigh") && (
        <TenderLeg plan={plan} cook={cook} isOut={isOut} units={units} />
      )}
      {below && (
        <Caution>
          Below {guidelineWords(plan, units)}, the guideline for poultry. What heat leaves of Salmonella is computed for
          the coldest point only; follow your local food-safety authority.
        </Caution>
      )}
      {!below && plan.finish.kind === "after-rest" && (
        <p className="text-sm text-soft">Pulled early, since it goes on rising at rest.</p>
      )}
    </>
  );
}
