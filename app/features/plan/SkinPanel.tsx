import { FATS } from "../../../core/kitchen/fats";
import { withForm, withSeason } from "../../../core/plan/edits";
import { liquid, small } from "../../../core/schedule/amounts";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { Stepper } from "../../ui/Stepper";
import { Toggle } from "../../ui/Toggle";
import { Cost } from "./Cost";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

const FAT_NAMES = {
  before: "Fat over the skin",
  "under-skin": "Butter under it",
  "none-at-first": "None at first",
} as const;
const BASTE_EVERY = [0, 60, 30, 10] as const;

/** What goes on the skin and into the cavity, before the oven and during it. */
export function SkinPanel({ plan, derived, units }: PanelProps) {
  const { settle } = usePlanStore();
  const { season, bird } = plan;
  const { seasoning } = derived;
  return (
    <>
      <Segmented
        label="Fat"
        value={season.fat}
        choices={FATS.map((value) => ({ value, label: FAT_NAMES[value] }))}
        onChange={(fat) => settle(withSeason({ fat }))}
      />
      <p className="text-sm text-soft">
        {small(seasoning.fatGrams, units)}.{" "}
        {season.fat === "none-at-first"
          ? "Bare skin takes smoke; oil it once it has coloured."
          : "Herbs and butter season the skin and the drippings; only salt goes deep."}
      </p>
      {bird.cut === "whole" && (
        <>
          <Segmented
            label="Cavity"
            value={bird.cavity}
            choices={[
              { value: "empty", label: "Cavity empty" },
              { value: "aromatics", label: "Aromatics in" },
              { value: "stuffed", label: "Stuffed" },
            ]}
            onChange={(cavity) => settle(withForm({ cavity }))}
          />
          {bird.cavity === "stuffed" && (
            <>
              <Caution>
                The middle of the stuffing must reach the guideline too, and the meat waits for it. Beside the bird it
                is a side dish.
              </Caution>
              <Cost plan={plan} without={withForm({ cavity: "empty" })} against="an empty cavity" />
            </>
          )}
        </>
      )}
      <Toggle
        label="Alkaline paste, for crisp skin"
        checked={season.paste}
        onChange={(paste) => settle(withSeason({ paste }))}
      />
      <Toggle
        label="Bacon over the breast"
        checked={season.bacon}
        onChange={(bacon) => settle(withSeason({ bacon }))}
      />
      {season.bacon && (
        <p className="text-sm text-soft">
          {small(seasoning.baconGrams, units)}. Its shade on the breast is not simulated; a foil shield is.
        </p>
      )}
      <Stepper
        label="Thin passes of glaze, at the end"
        value={season.glazePasses}
        min={0}
        max={5}
        onChange={(glazePasses) => settle(withSeason({ glazePasses }))}
      />
      {season.glazePasses > 0 && (
        <p className="text-sm text-soft">
          {liquid(seasoning.glazeMl, units)} a pass; sugar burns, so none of it goes on early.
        </p>
      )}
      <Segmented<string>
        label="Baste"
        value={`${season.basteEveryMin}`}
        choices={BASTE_EVERY.map((minutes) => ({
          value: `${minutes}`,
          label: minutes === 0 ? "Leave the door shut" : minutes === 60 ? "Baste hourly" : `Every ${minutes} min`,
        }))}
        onChange={(minutes) => settle(withSeason({ basteEveryMin: Number(minutes) }))}
      />
      {season.basteEveryMin > 0 && (
        <Cost plan={plan} without={withSeason({ basteEveryMin: 0 })} against="a door left shut" />
      )}
      <Segmented<string>
        label="Out of the fridge"
        value={season.counterMin > 0 ? "45" : "0"}
        choices={[
          { value: "0", label: "Straight into the oven" },
          { value: "45", label: "45 min on the counter" },
        ]}
        onChange={(minutes) => settle(withSeason({ counterMin: Number(minutes) }))}
      />
      {season.counterMin > 0 && (
        <Cost plan={plan} without={withSeason({ counterMin: 0 })} against="straight from the fridge" />
      )}
    </>
  );
}
