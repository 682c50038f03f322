import { Link } from "react-router";
import { CUTS } from "../../../core/bird/form";
import { hasGiblets, isPiece, isSoldCut, losesBackbone, massRangeKg, mostOf } from "../../../core/bird/mass";
import { SPECIES } from "../../../core/bird/species";
import { requireBetween } from "../../../core/errors";
import { isFire } from "../../../core/heat/sources";
import { onTheMorning, withBird, withForm } from "../../../core/plan/edits";
import type { Fit } from "../../../core/plan/fits";
import { thawPlaceOf } from "../../../core/plan/ice";
import type { Plan } from "../../../core/plan/schema";
import { isBath } from "../../../core/processes/bath";
import { THAW_PLACES } from "../../../core/processes/ice";
import { formatMass, parseMassKg } from "../../../core/units/quantity";
import { roughly } from "../../../words/amounts";
import { allOf } from "../../../words/listing";
import { CUT_NAMES } from "../../../words/names";
import { SPECIES_NAMES } from "../../../words/species";
import { thawWords } from "../../../words/thawing";
import { RescueSheet } from "../../simulation/RescueSheet";
import { Button } from "../../ui/Button";
import { Segmented } from "../../ui/Segmented";
import { Stepper } from "../../ui/Stepper";
import { Toggle } from "../../ui/Toggle";
import { Why } from "../../ui/Why";
import { CutSheets } from "./CutSheet";
import { DragRow } from "./DragRow";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";
import { TapeSheet } from "./TapeSheet";

/** What of it was bought and does not go into the heat. */
const leftOut = (bird: Plan["bird"]): string =>
  allOf([...(hasGiblets(bird) ? ["neck", "giblets"] : []), ...(losesBackbone(bird.cut) ? ["what is cut off"] : [])]);

const THAW_NAMES = {
  fridge: "In the fridge",
  water: "In cold water",
  brine: "In its brine",
  none: "Not at all",
} as const;

export function BirdPanel({ roast, plan, derived, cook, units }: PanelProps) {
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
      {bird.massOffKg > 0 && (
        <p className="flex flex-wrap items-center gap-2 text-sm">
          Give or take {formatMass(bird.massOffKg, units)}: that is in the doubt of every time.
          <Button size="small" onClick={() => settle(withBird({ massOffKg: 0 }))}>
            It was weighed
          </Button>
        </p>
      )}
      {bird.cut === "whole" && (
        <TapeSheet
          species={bird.species}
          units={units}
          onTake={({ massKg, offKg }) => settle(withBird({ massKg, massOffKg: offKg }))}
        />
      )}
      <p className="text-sm text-soft">
        {cook.ovenMassKg < bird.massKg &&
          `${formatMass(cook.ovenMassKg, units)} of it goes into the heat, without ${leftOut(bird)}. `}
        {bird.cut === "leg-roll" &&
          `About ${roughly(derived.seasoning.stuffingGrams, units)} of it is what is rolled in. `}
        <FitWords fits={derived.fits} />
      </p>
      {!isSoldCut(bird.cut) && (
        <Toggle
          label="Sold without neck and giblets"
          checked={bird.noGiblets === true}
          onChange={(noGiblets) => settle(withBird({ noGiblets }))}
        />
      )}
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
        <Segmented
          label="Legs"
          value={bird.legs}
          choices={[
            { value: "tied", label: "Legs tied" },
            { value: "open", label: "Left open" },
          ]}
          onChange={(legs) => settle(withBird({ legs }))}
        />
      )}
      {bird.cut === "whole" && <Why id="tying" />}
      <CutSheets bird={bird} />
      <Why id="wash" />
      <Stepper
        label={isPiece(bird.cut) ? "Pieces like this, side by side" : "Birds like this, side by side"}
        value={bird.count}
        min={1}
        max={mostOf(bird.cut)}
        onChange={(count) => settle(withBird({ count }))}
      />
      <Link to={`/?piece=${roast.id}`} className="self-start text-sm underline underline-offset-4">
        Another kind of piece in the same {isFire(plan.heat) ? "heat" : "oven"}
      </Link>
      <Segmented
        label="Bought"
        value={bird.state === "part-frozen" ? "frozen" : bird.state}
        choices={[
          { value: "frozen", label: "Frozen" },
          { value: "fresh", label: "Fresh" },
        ]}
        onChange={(state) =>
          settle((before) => ({
            ...withBird({ state })(before),
            ...(before.thawIn === "none" && { thawIn: "fridge" as const }),
          }))
        }
      />
      {bird.state !== "fresh" && (
        <>
          <Segmented
            label="Thaw"
            value={thawPlaceOf(plan)}
            choices={THAW_PLACES.filter((place) => place !== "brine" || isBath(plan.salt.method)).map((value) => ({
              value,
              label: THAW_NAMES[value],
            }))}
            onChange={(thawIn) => settle((before) => ({ ...before, thawIn }))}
          />
          <p className="text-sm text-soft">{thawWords(plan, cook.thawHours, units)}</p>
          <RescueSheet plan={plan} onTake={(ice, thawIn) => settle(onTheMorning(ice, thawIn))} />
        </>
      )}
    </>
  );
}

const WHERE = {
  pan: "your tray",
  oven: "your oven",
  shelf: "the fridge shelf",
  thaw: "that shelf whole, as it thaws",
  pot: "the pot",
} as const;

function FitWords({ fits }: { readonly fits: readonly Fit[] }) {
  const good = fits.filter(({ fits: does }) => does).map(({ where }) => WHERE[where]);
  if (good.length === 0) return null;
  return <>It fits {allOf(good)}.</>;
}
