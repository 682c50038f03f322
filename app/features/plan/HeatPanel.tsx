import { centresOf } from "../../../core/bird/form";
import type { Centre } from "../../../core/bird/solid";
import { constant } from "../../../core/constants";
import { withStageFromNow } from "../../../core/day/whatIf";
import { requireBetween } from "../../../core/errors";
import { HEAT_SOURCES, isFire, takes } from "../../../core/heat/sources";
import { goesInCold } from "../../../core/kitchen/broughtUp";
import { withHeat, withOneMoreStage } from "../../../core/plan/edits";
import { usesFire } from "../../../core/plan/heats";
import { heatBy, METHODS, sears } from "../../../core/plan/methods";
import type { Roast } from "../../../core/plan/roast";
import { MOST_STAGES, type Plan } from "../../../core/plan/schema";
import { meetsGuideline } from "../../../core/safety/guideline";
import { onDialC } from "../../../core/units/dial";
import { formatTemperature, parseDurationS, parseTemperatureC } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { METHOD_WORDS } from "../../../words/methods";
import { HEAT_NAMES, heatWords, PART_NAMES } from "../../../words/names";
import { signWords } from "../../../words/tasks";
import { ProbeSheet } from "../../bird-view/ProbeGuideView";
import { clockNow } from "../../shell/clock";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { OvenChoice } from "../../ui/OvenChoice";
import { Segmented } from "../../ui/Segmented";
import { Toggle } from "../../ui/Toggle";
import { UnitField } from "../../ui/UnitField";
import { Why } from "../../ui/Why";
import { DragRow } from "./DragRow";
import { MinutesRow } from "./MinutesRow";
import { Outdoors } from "./Outdoors";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { StageRow } from "./StageRow";

const withTarget =
  (centre: Centre, celsius: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    targetC: { ...plan.targetC, [centre]: celsius },
  });

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
const withPreheat =
  (change: Partial<Plan["preheat"]>) =>
  (plan: Plan): Plan => ({ ...plan, preheat: { ...plan.preheat, ...change } });
const withSear =
  (change: Partial<NonNullable<Plan["sear"]>>) =>
  (plan: Plan): Plan =>
    plan.sear ? { ...plan, sear: { ...plan.sear, ...change } } : plan;
/** Time alone begins at what the plan has come to so far. */
const withFinish =
  (kind: Plan["finish"]["kind"]) =>
  (plan: Plan): Plan => ({ ...plan, finish: kind === "time" ? { kind, minutes: 120 } : { kind } });

const LOWEST_TARGET_C: Record<Centre, number> = { breast: 60, thigh: 65, filling: 65 };

/** @param derived left out where it never gets there */
export function HeatPanel({
  roast,
  plan,
  derived,
  units,
}: Pick<PanelProps, "roast" | "plan" | "units"> & Partial<Pick<PanelProps, "derived">>) {
  const { drag, settle } = usePlanStore();
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const guideline = constant("guidelineC");
  const centres = centresOf(plan.bird);
  const targetOf = (centre: Centre): number => plan.targetC[centre] ?? guideline;
  const below = !meetsGuideline(Math.min(...centres.map(targetOf)));
  const mildestC = onDialC(constant("minimumOvenC"), plan.equipment.dial);
  const lowOven = Math.min(...plan.stages.map((stage) => stage.airC)) < mildestC - 0.5;
  return (
    <>
      <Segmented
        label="Heat"
        value={plan.heat}
        choices={HEAT_SOURCES.filter((source) => takes(source, plan.bird.cut)).map((value) => ({
          value,
          label: HEAT_NAMES[value],
        }))}
        onChange={(heat) => settle(withHeat(heat))}
      />
      <OvenChoice plan={plan} onChoose={(oven) => settle((before) => ({ ...before, oven }))} />
      <Segmented
        label="Method"
        value={plan.method}
        choices={METHODS.filter((method) => method.cuts.includes(plan.bird.cut)).map(({ id }) => ({
          value: id,
          label: METHOD_WORDS[id].short,
        }))}
        onChange={(id) => settle((before) => ({ ...before, ...heatBy(id, before) }))}
      />
      <WhileIn happened={roast.happened} />
      {plan.stages.map((_, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a stage has no other name, and stays open while it is changed
        <StageRow key={`${n} of ${plan.stages.length}`} plan={plan} n={n} units={units} />
      ))}
      {plan.stages.length < MOST_STAGES && (
        <Button size="small" className="self-start" onClick={() => settle(withOneMoreStage)}>
          Add a stage
        </Button>
      )}
      <MinutesRow
        label="On before"
        name="Minutes on before the bird goes in"
        what="preheating"
        minutes={plan.preheat.minutes}
        min={0}
        max={90}
        most={120}
        onDrag={(minutes) => drag(withPreheat({ minutes }))}
        onSettle={(minutes) => settle(withPreheat({ minutes }))}
      />
      {!isFire(plan.heat) && <Why id={goesInCold(plan) ? "cold-oven" : "oven-first"} />}
      {!goesInCold(plan) && (
        <UnitField
          label="Preheated to"
          shown={plan.preheat.airC === null ? "as hot as the first stage" : t(plan.preheat.airC)}
          parse={(text) =>
            requireBetween(`preheated ${heatWords(plan.heat).is}`, parseTemperatureC(text, units), 60, 320, "°C")
          }
          onChange={(airC) => settle(withPreheat({ airC: airC === plan.stages[0]?.airC ? null : airC }))}
        />
      )}
      {sears({ sear: {}, bird: plan.bird }) && (
        <>
          <Toggle
            label="Browned in a pan first"
            checked={plan.sear !== null}
            onChange={(on) =>
              settle((before) => ({
                ...before,
                sear: on ? { panC: onDialC(220, before.equipment.dial), minutesPerSide: 4 } : null,
              }))
            }
          />
          {plan.sear && (
            <DragRow
              label="A side"
              name="Minutes a side in the pan"
              value={plan.sear.minutesPerSide}
              shown={`${plan.sear.minutesPerSide} min`}
              min={1}
              max={12}
              step={0.5}
              parse={(text) => requireBetween("minutes a side", parseDurationS(text) / 60, 0.5, 20, "min")}
              onDrag={(minutesPerSide) => drag(withSear({ minutesPerSide }))}
              onSettle={(minutesPerSide) => settle(withSear({ minutesPerSide }))}
            />
          )}
        </>
      )}
      {usesFire(plan) && <Outdoors plan={plan} units={units} />}
      <Segmented
        label="It leaves the heat"
        value={plan.finish.kind}
        choices={FINISHES.map((value) => ({ value, label: FINISH_NAMES[value] }))}
        onChange={(kind) => settle(withFinish(kind))}
      />
      {plan.finish.kind === "time" && (
        <MinutesRow
          label="After"
          name="Minutes in the heat"
          what="minutes in the heat"
          minutes={plan.finish.minutes}
          min={10}
          max={480}
          least={5}
          most={960}
          onDrag={(minutes) => drag((before) => ({ ...before, finish: { kind: "time", minutes } }))}
          onSettle={(minutes) => settle((before) => ({ ...before, finish: { kind: "time", minutes } }))}
        />
      )}
      {(plan.finish.kind === "time" || plan.finish.kind === "signs") && (
        <Caution>
          {plan.finish.kind === "time" ? "Time" : `Signs (${signWords(plan.bird.cut)})`} cannot tell whether the
          guideline is reached: what is shown is what the model expects of a usual bird. A thermometer decides.
        </Caution>
      )}
      {plan.finish.kind === "signs" && <Why id="juices" />}
      {plan.finish.kind !== "signs" && plan.finish.kind !== "time" && <Why id="probe" />}
      {derived && <ProbeSheet plan={plan} inAtMs={derived.schedule.inAtMs} />}
      {plan.finish.kind !== "time" && <p className="text-[0.9rem]">{GOAL_WORDS[plan.finish.kind]}</p>}
      {plan.finish.kind !== "time" &&
        centres.map((centre) => (
          <DragRow
            key={centre}
            label={PART_NAMES[centre]}
            name={`Target, ${PART_NAMES[centre]}`}
            value={targetOf(centre)}
            shown={t(targetOf(centre))}
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
      {below && (
        <Caution>
          Below {t(guideline)}, the usual guidance for poultry. What heat leaves of Salmonella is computed for the
          coldest point only; follow your local food-safety authority.
        </Caution>
      )}
      {lowOven && <Caution>Heat below {t(mildestC)} keeps a whole bird long in the zone where bacteria grow.</Caution>}
      {!below && plan.finish.kind === "after-rest" && (
        <p className="text-sm text-soft">Pulled early, since it goes on rising at rest.</p>
      )}
    </>
  );
}

/** What has begun stays as it was: what is changed now is a stage of its own. */
function WhileIn({ happened: { inAt, pulledAt, stagesDone } }: { readonly happened: Roast["happened"] }) {
  const { settle } = usePlanStore();
  if (inAt === undefined || pulledAt !== undefined) return null;
  const nowMin = (): number => Math.max(1, Math.floor((clockNow() - Date.parse(inAt)) / MINUTE_MS));
  return (
    <>
      <p className="text-sm text-soft">
        The bird is in: a stage that has begun is put right here, from its beginning on. What you turn now is a stage of
        its own.
      </p>
      <Button
        size="small"
        className="self-start"
        onClick={() => settle((plan) => withStageFromNow(plan, nowMin(), stagesDone))}
      >
        Change the heat from now on
      </Button>
    </>
  );
}
