import { Trash2 } from "lucide-react";
import { useState } from "react";
import { centresOf, FACINGS } from "../../../core/bird/form";
import { requireBetween } from "../../../core/errors";
import { isUpright, type Shield, UNDERLAYS, type Wrap } from "../../../core/heat/covers";
import { canShield, canWrap, HEAT_SOURCES, takes, turnsItself } from "../../../core/heat/sources";
import { stageRoom, withMove, withoutStage, withStage } from "../../../core/plan/edits";
import { heatsOf } from "../../../core/plan/heats";
import type { Plan } from "../../../core/plan/schema";
import { COLOURS, isColour } from "../../../core/processes/conditions";
import { fullStages, shieldFitting } from "../../../core/processes/stages";
import { formatTemperature, parseDurationS, parseTemperatureC, type UnitSystem } from "../../../core/units/quantity";
import { capital } from "../../../words/capital";
import { conditionName } from "../../../words/conditions";
import { facingName, HEAT_NAMES, heatWords, PART_NAMES, UNDERLAY_NAMES } from "../../../words/names";
import { minuteWords, placeWords, stageName } from "../../../words/stages";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";
import { UnitField } from "../../ui/UnitField";
import { Why } from "../../ui/Why";
import { DragRow } from "./DragRow";
import { usePlanStore } from "./planStore";

type Stage = Plan["stages"][number];

interface Props {
  readonly plan: Plan;
  readonly n: number;
  readonly units: UnitSystem;
}

const SHIELDED: Record<Exclude<Shield, "none">, string> = {
  breast: "the breast",
  tips: "the tips",
  "breast-and-tips": "breast and tips",
  all: "all of it",
};

/** One stage of the heat: its temperature under the hand, its arrangement one tap below. */
export function StageRow({ plan, n, units }: Props) {
  const { drag, settle } = usePlanStore();
  const [open, setOpen] = useState(false);
  const stage = plan.stages[n] as Stage;
  const label = stageName(plan, n, units);
  const heats = heatsOf(plan);
  const heat = heats[n] ?? plan.heat;
  const changes = placeWords(plan, n);
  const waited = stage.waitedFor && conditionName(stage.waitedFor.when, (celsius) => formatTemperature(celsius, units));
  const { is } = heatWords(heat);
  // What a stage leaves out goes on as it was: the choices show what holds.
  const holds = fullStages(plan.stages, plan.bird.cut)[n];
  if (!holds) return null;
  return (
    <div>
      <DragRow
        label={label}
        name={`${capital(is)} ${label}`}
        value={stage.airC}
        shown={formatTemperature(stage.airC, units)}
        min={110}
        max={260}
        step={1}
        parse={(text) => requireBetween(`${is} temperature`, parseTemperatureC(text, units), 100, 300, "°C")}
        onDrag={(airC) => drag(withStage(n, { airC }))}
        onSettle={(airC) => settle(withStage(n, { airC }))}
      />
      <details className="mt-1 text-sm" open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="min-h-6 cursor-pointer text-soft">
          {waited && `begun at ${waited}, `}
          {changes && `${changes}, `}
          {holds.shield === "none" ? "no shield" : `foil over ${SHIELDED[holds.shield]}`},{" "}
          {{ none: "", foil: "wrapped, ", lid: "covered, ", bag: "in a bag, " }[holds.wrap]}
          {plan.bird.cut === "whole" && !isUpright(holds.surface) && `breast ${holds.side}, `}on{" "}
          {turnsItself(heat) ? "the spit" : UNDERLAY_NAMES[holds.surface]}
        </summary>
        {open && <Arrangement plan={plan} n={n} units={units} />}
      </details>
    </div>
  );
}

/** How the bird lies and what covers it; only there while it is open, since a hand may be dragging above it. */
function Arrangement({ plan, n, units }: Props) {
  const { settle } = usePlanStore();
  const stage = plan.stages[n] as Stage;
  const { when } = stage;
  const before = plan.stages[n - 1];
  const room = stageRoom(plan, n);
  const holds = fullStages(plan.stages, plan.bird.cut)[n];
  if (!holds) return null;
  const heat = heatsOf(plan)[n] ?? plan.heat;
  const set = (change: Partial<Stage>): void => settle(withStage(n, change));
  return (
    <div className="grid gap-1.5 border-l-2 border-line py-1.5 pl-2.5">
      {before && (
        <>
          <UnitField
            label="Begins, minutes after going in"
            shown={`${minuteWords(stage.fromMin)} min`}
            parse={(text) =>
              requireBetween("start of the stage", parseDurationS(text) / 60, room.least, room.most, "min")
            }
            onChange={(fromMin) => set({ fromMin })}
          />
          <Segmented
            label="Waits for"
            value={!when ? "time" : isColour(when) ? "colour" : when.centre}
            choices={[
              { value: "time", label: "That time" },
              ...centresOf(plan.bird).map((centre) => ({ value: centre, label: `The ${PART_NAMES[centre]}` })),
              { value: "colour", label: "Its colour" },
            ]}
            onChange={(value) => {
              if (value === "time") set({ when: undefined });
              else if (value === "colour") set({ when: { colour: "first-gold" } });
              else set({ when: { centre: value, reachesC: when && !isColour(when) ? when.reachesC : 55 } });
            }}
          />
          {when && isColour(when) && (
            <>
              <Segmented
                label="Begins when it is"
                value={when.colour}
                choices={COLOURS.map((colour) => ({ value: colour, label: conditionName({ colour }, String) }))}
                onChange={(colour) => set({ when: { colour } })}
              />
              <p className="text-soft">The model says when to look, not before that minute; you say when it is.</p>
            </>
          )}
          {when && !isColour(when) && (
            <UnitField
              label={`Begins when the ${PART_NAMES[when.centre]} shows`}
              shown={formatTemperature(when.reachesC, units)}
              parse={(text) => requireBetween("temperature to wait for", parseTemperatureC(text, units), 20, 90, "°C")}
              onChange={(reachesC) => set({ when: { ...when, reachesC } })}
            />
          )}
          <Segmented
            label="In which heat from then on"
            value={heat}
            choices={HEAT_SOURCES.filter((source) => takes(source, plan.bird.cut)).map((value) => ({
              value,
              label: HEAT_NAMES[value],
            }))}
            onChange={(movedTo) => settle(withMove(n, movedTo))}
          />
        </>
      )}
      <Segmented
        label="Foil"
        value={holds.shield}
        choices={SHIELD_CHOICES.filter(
          ({ value }) =>
            shieldFitting(value, plan.bird.cut) === value && (canShield(heat, value) || value === holds.shield),
        )}
        onChange={(shield) => set({ shield })}
      />
      <Segmented
        label="Wrap"
        value={holds.wrap}
        choices={WRAP_CHOICES.filter(({ value }) => canWrap(heat, value))}
        onChange={(wrap) => set({ wrap })}
      />
      {plan.bird.cut === "whole" && !isUpright(holds.surface) && (
        <Segmented
          label="Breast"
          value={holds.side}
          choices={[
            { value: "up", label: "Breast up" },
            { value: "down", label: "Breast down" },
          ]}
          onChange={(side) => set({ side })}
        />
      )}
      {!turnsItself(heat) && (
        <>
          <Segmented
            label="Under it"
            value={holds.surface}
            choices={UNDERLAYS.filter((value) => plan.bird.cut === "whole" || !isUpright(value)).map((value) => ({
              value,
              label: UNDERLAY_NAMES[value],
            }))}
            onChange={(surface) => set({ surface })}
          />
          <Why id="under" />
          <Segmented
            label={plan.equipment.hotSideK > 0 ? "To the hot side" : "How the tray stands, to be turned half way"}
            value={holds.towardsHot}
            choices={FACINGS.map((value, n) => ({
              value,
              label: `${capital(facingName(plan.bird.cut, value))} to ${n === 0 ? "the hot side" : "it"}`,
            }))}
            onChange={(towardsHot) => set({ towardsHot })}
          />
        </>
      )}
      {before && (
        <Button size="small" className="justify-self-start" onClick={() => settle(withoutStage(n))}>
          <Trash2 aria-hidden className="size-4" /> Take this stage out
        </Button>
      )}
    </div>
  );
}

const WRAP_CHOICES: readonly { readonly value: Wrap; readonly label: string }[] = [
  { value: "none", label: "Unwrapped" },
  { value: "foil", label: "Wrapped tight in foil" },
  { value: "lid", label: "Lid on, or foil sealed over the dish" },
  { value: "bag", label: "In a roasting bag" },
];

const SHIELD_CHOICES: readonly { readonly value: Shield; readonly label: string }[] = [
  { value: "none", label: "No shield" },
  { value: "breast", label: "Over the breast" },
  { value: "tips", label: "Over the tips" },
  { value: "breast-and-tips", label: "Over both" },
  { value: "all", label: "Loose tent over all" },
];
