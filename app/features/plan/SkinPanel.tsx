import { centresOf } from "../../../core/bird/form";
import { SPECIES_RECORDS } from "../../../core/bird/species";
import { shutBy } from "../../../core/heat/sources";
import { FATS } from "../../../core/kitchen/fats";
import { hasOwnGlaze } from "../../../core/plan/additions";
import { withForm, withSeason } from "../../../core/plan/edits";
import { type Plan, STUFFINGS } from "../../../core/plan/schema";
import { wearsBacon } from "../../../core/plan/season";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { liquid, roughly, spooned } from "../../../words/amounts";
import { laterFatWords } from "../../../words/chores";
import { forAll } from "../../../words/titles";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { Stepper } from "../../ui/Stepper";
import { Toggle } from "../../ui/Toggle";
import { UnitField } from "../../ui/UnitField";
import { Why } from "../../ui/Why";
import { Additions } from "./Additions";
import { BasteRows } from "./BasteRows";
import { Cost } from "./Cost";
import { GlazeMoments } from "./GlazeMoments";
import { MinutesRow } from "./MinutesRow";
import type { PanelProps } from "./panelProps";
import { momentShown, parseMoment } from "./parseMoment";
import { usePlanStore } from "./planStore";

const FAT_NAMES = {
  before: "Fat over the skin",
  "under-skin": "Butter under it",
  "none-at-first": "None at first",
  none: "None",
} as const;
const STUFFING_NAMES = { warm: "Warm", cold: "Cold", raw: "With raw meat" } as const;
const BASTE_EVERY = [0, 60, 30, 10] as const;

/** A minute of the roast, what the breast shows, or never. */
function parseBaconOff(text: string, units: UnitSystem): Plan["season"]["baconOff"] {
  if (/never|stays|^\s*$/i.test(text)) return null;
  return parseMoment(text, units, { what: "bacon", centres: ["breast"], lowC: 20, highC: 80 });
}

/** What goes on the skin and into the cavity, before the oven and during it. */
export function SkinPanel({ plan, derived, units }: PanelProps) {
  const { drag, settle } = usePlanStore();
  const { season, bird } = plan;
  const door = shutBy(plan.heat);
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
        {seasoning.fatGrams > 0 && `${spooned("fat", seasoning.fatGrams, units)}${forAll(plan.bird)}. `}
        {season.fat === "none"
          ? SPECIES_RECORDS[bird.species].rendersFat
            ? "It brings its own."
            : "A lean bird browns less without."
          : season.fat === "none-at-first"
            ? `Bare skin takes smoke; it goes on ${laterFatWords(plan)}.`
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
                About {roughly(seasoning.stuffingGrams, units)} of it go in{forAll(plan.bird)}, loosely. Its middle must
                reach the guideline too, and the meat waits for it. Beside the bird it is a side dish.
              </Caution>
              <Segmented
                label="Stuffing goes in"
                value={season.stuffing}
                choices={STUFFINGS.map((value) => ({ value, label: STUFFING_NAMES[value] }))}
                onChange={(stuffing) => settle(withSeason({ stuffing }))}
              />
              <Why id="stuffing" />
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
      {season.paste && (
        <p className="text-sm text-soft">Its water dries first, then the skin browns faster, by about half.</p>
      )}
      {centresOf(bird).includes("breast") && (
        <Toggle
          label="Bacon over the breast"
          checked={season.bacon}
          onChange={(bacon) => settle(withSeason({ bacon }))}
        />
      )}
      {wearsBacon(plan) && (
        <>
          <p className="text-sm text-soft">
            {roughly(seasoning.baconGrams, units)}
            {forAll(plan.bird)}. It shades the breast and keeps it wet; off in time, the skin colours.
          </p>
          <UnitField
            label="The bacon comes off"
            shown={season.baconOff === null ? "never" : momentShown(season.baconOff, units)}
            hint={`60 min, ${formatTemperature(60, units)} in the breast, or never`}
            parse={(text) => parseBaconOff(text, units)}
            onChange={(baconOff) => settle(withSeason({ baconOff }))}
          />
        </>
      )}
      <Stepper
        label="Thin passes of glaze, at the end"
        value={season.glazePasses}
        min={0}
        max={5}
        onChange={(passes) => settle(withSeason({ glazePasses: passes, glazeAt: season.glazeAt.slice(0, passes) }))}
      />
      {season.glazePasses > 0 && <GlazeMoments plan={plan} units={units} />}
      {season.glazePasses > 0 && (
        <p className="text-sm text-soft">
          {hasOwnGlaze(plan)
            ? "Your own lines for the end are the glaze, an equal part of them a pass"
            : `${liquid(seasoning.glazeMl, units)} a pass`}
          ; sugar burns, so {season.glazeAt.length > 0 ? "early passes are watched" : "none of it goes on early"}.
        </p>
      )}
      {season.glazePasses > 0 && <Why id="sugar" />}
      <Segmented<string>
        label="Baste"
        value={`${season.basteEveryMin}`}
        choices={BASTE_EVERY.map((minutes) => ({
          value: `${minutes}`,
          label:
            minutes === 0
              ? door
                ? `Leave the ${door} shut`
                : "Not at all"
              : minutes === 60
                ? "Baste hourly"
                : `Every ${minutes} min`,
        }))}
        onChange={(minutes) => settle(withSeason({ basteEveryMin: Number(minutes) }))}
      />
      <Why id="basting" />
      {season.basteEveryMin > 0 && <BasteRows plan={plan} />}
      {season.basteEveryMin > 0 && (
        <Cost
          plan={plan}
          without={withSeason({ basteEveryMin: 0 })}
          against={door ? `a ${door} left shut` : "no basting"}
        />
      )}
      <MinutesRow
        label="Out before"
        name="Minutes out of the fridge before the heat"
        what="minutes out of the fridge"
        minutes={season.counterMin}
        min={0}
        max={120}
        onDrag={(counterMin) => drag(withSeason({ counterMin }))}
        onSettle={(counterMin) => settle(withSeason({ counterMin }))}
      />
      <Why id="counter" />
      {season.counterMin > 0 && (
        <Cost plan={plan} without={withSeason({ counterMin: 0 })} against="straight from the fridge" />
      )}
      {season.counterMin > 60 && (
        <Caution>
          The two hours in the warm count from here: one hour is left for what comes after, and less in summer.
        </Caution>
      )}
      <Additions plan={plan} units={units} />
    </>
  );
}
