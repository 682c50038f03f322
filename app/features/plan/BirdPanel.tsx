import { SPECIES } from "../../../core/bird/anatomy";
import { massRangeKg } from "../../../core/bird/body";
import { CUTS, centresOf, hasCavity } from "../../../core/bird/form";
import { requireBetween } from "../../../core/errors";
import type { Plan } from "../../../core/formats/roast";
import { methodById } from "../../../core/methods/methods";
import { constant } from "../../../core/sources";
import { formatDuration, formatMass, parseMassKg } from "../../../core/units/quantity";
import { CUT_NAMES, SPECIES_NAMES } from "../../bird-view/names";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { DragRow } from "./DragRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

const withBird =
  (change: Partial<Plan["bird"]>) =>
  (plan: Plan): Plan => ({ ...plan, bird: { ...plan.bird, ...change } });

/** Another bird or cut: its weight comes into range, its centres get their targets, a method it does not take gives way. */
const withForm =
  (change: Partial<Pick<Plan["bird"], "species" | "cut">>) =>
  (plan: Plan): Plan => {
    const bird = { ...plan.bird, ...change };
    const [low, high] = massRangeKg(bird.species, bird.cut);
    const massKg = Math.min(high, Math.max(low, bird.massKg));
    const cavity = hasCavity(bird.cut) ? bird.cavity : "empty";
    const fits = methodById(plan.method).cuts.includes(bird.cut);
    const guideline = constant("guidelineC");
    return {
      ...plan,
      bird: { ...bird, massKg, cavity },
      targetC: Object.fromEntries(
        centresOf({ ...bird, cavity }).map((centre) => [centre, plan.targetC[centre] ?? guideline]),
      ),
      ...(!fits && { method: "steady" as const, stages: [...methodById("steady").stages] }),
    };
  };
const withCavity =
  (cavity: Plan["bird"]["cavity"]) =>
  (plan: Plan): Plan =>
    withForm({})({ ...plan, bird: { ...plan.bird, cavity } });

export function BirdPanel({ plan, derived, cook, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const { bird } = plan;
  const [lowKg, highKg] = massRangeKg(bird.species, bird.cut);
  return (
    <>
      <DragRow
        label="As bought"
        name="Weight as bought"
        value={bird.massKg}
        shown={formatMass(bird.massKg, units)}
        min={lowKg}
        max={highKg}
        step={highKg < 6 ? 0.05 : 0.1}
        parse={(text) => requireBetween("weight", parseMassKg(text, units), lowKg, highKg, "kg")}
        onDrag={(massKg) => drag(withBird({ massKg }))}
        onSettle={(massKg) => settle(withBird({ massKg }))}
      />
      <p className="text-sm text-soft">
        {formatMass(cook.ovenMassKg, units)} of it goes into the oven, without neck and giblets.
      </p>
      <Segmented
        label="Species"
        value={bird.species}
        choices={SPECIES.map((value) => ({ value, label: SPECIES_NAMES[value] }))}
        onChange={(species) => settle(withForm({ species }))}
      />
      <Segmented
        label="Cut"
        value={bird.cut}
        choices={CUTS.map((value) => ({ value, label: CUT_NAMES[value] }))}
        onChange={(cut) => settle(withForm({ cut }))}
      />
      {bird.cut === "whole" && (
        <>
          <Segmented
            label="Legs"
            value={bird.legs}
            choices={[
              { value: "tied", label: "Legs tied" },
              { value: "open", label: "Left open" },
            ]}
            onChange={(legs) => settle(withBird({ legs }))}
          />
          <Segmented
            label="Cavity"
            value={bird.cavity}
            choices={[
              { value: "empty", label: "Empty" },
              { value: "aromatics", label: "Aromatics" },
              { value: "stuffed", label: "Stuffed" },
            ]}
            onChange={(cavity) => settle(withCavity(cavity))}
          />
          {bird.cavity === "stuffed" && (
            <Caution>
              The middle of the stuffing must reach the guideline too; beside the bird it is done sooner.
            </Caution>
          )}
        </>
      )}
      <Segmented
        label="Bought"
        value={bird.state}
        choices={[
          { value: "frozen", label: "Frozen" },
          { value: "fresh", label: "Fresh" },
        ]}
        onChange={(state) => settle(withBird({ state }))}
      />
      {derived.thaw && (
        <>
          <Segmented
            label="Thaw"
            value={plan.thawIn}
            choices={[
              { value: "fridge", label: "In the fridge" },
              { value: "water", label: "In cold water" },
            ]}
            onChange={(thawIn) => settle((before) => ({ ...before, thawIn }))}
          />
          <p className="text-sm text-soft">
            {formatDuration(derived.thaw.hours * 3600)} by the published table for this weight. At 4 °C or below; water
            changed every 30 minutes. Giblets out of both ends.
          </p>
        </>
      )}
    </>
  );
}
