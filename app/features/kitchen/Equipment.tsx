import { useLiveQuery } from "dexie-react-hooks";
import { requireBetween } from "../../../core/errors";
import type { Equipment as Measures } from "../../../core/plan/kitchen";
import {
  formatLength,
  formatTemperature,
  formatTemperatureDifference,
  formatVolume,
  parseLengthCm,
  parseTemperatureC,
  parseTemperatureDifferenceK,
  parseVolumeL,
  type UnitSystem,
} from "../../../core/units/quantity";
import { changeKitchen, kitchenOf } from "../../../storage/kitchen";
import { database } from "../../shell/database";
import { usePreferences } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Stepper } from "../../ui/Stepper";
import { UnitField } from "../../ui/UnitField";

const COUNTED = [
  { of: "ovens", label: "Ovens", min: 1, max: 3 },
  { of: "dishesInOven", label: "Dishes an oven takes", min: 1, max: 4 },
  { of: "rings", label: "Rings", min: 0, max: 8 },
  { of: "hands", label: "People at work", min: 1, max: 4 },
  { of: "thermometers", label: "Thermometers", min: 0, max: 8 },
] as const;

const BOXES = [
  {
    of: "ovenCm",
    title: "Oven, inside",
    hint: "height: from the shelf to the roof",
    sides: ["width", "depth", "height"],
  },
  { of: "panCm", title: "Roasting tray", hint: "inside", sides: ["length", "width"] },
  { of: "shelfCm", title: "Fridge shelf", hint: "height: to the shelf above", sides: ["width", "depth", "height"] },
] as const;

/** What there is and how large: every new roast reckons with it, and those still planned follow. */
export function Equipment() {
  const { units } = usePreferences();
  const kitchen = useLiveQuery(() => kitchenOf(database(), units), [units]);
  if (!kitchen) return null;
  const change = (how: (before: Measures) => Partial<Measures>): void =>
    void stored("The kitchen was", changeKitchen(database(), how, units));
  return (
    <section className="grid gap-4" aria-labelledby="equipment-title">
      <div>
        <h2 id="equipment-title" className="text-xl">
          What your kitchen has
        </h2>
        <p className="text-soft">
          New roasts reckon with it, and those still planned follow: what fits, what bakes when, how fast it thaws.
        </p>
      </div>
      <div className="grid grid-cols-5 gap-4 max-sm:grid-cols-2">
        {COUNTED.map(({ of, label, min, max }) => (
          <Stepper
            key={of}
            label={label}
            value={kitchen[of]}
            min={min}
            max={max}
            // By how much, not to what: the step before it may be being stored still.
            onChange={(value) =>
              change((before) => ({ [of]: Math.min(max, Math.max(min, before[of] + value - kitchen[of])) }))
            }
          />
        ))}
      </div>
      {BOXES.map((box) => (
        <Box key={box.of} {...box} kitchen={kitchen} units={units} onChange={change} />
      ))}
      <div className="grid grid-cols-5 items-start gap-4 max-sm:grid-cols-2">
        <UnitField
          label="Largest pot"
          shown={formatVolume(kitchen.potL, units)}
          parse={(text) => requireBetween("pot", parseVolumeL(text, units), 1, 60, "L")}
          onChange={(potL) => change(() => ({ potL }))}
        />
        <UnitField
          label="Room in the fridge"
          shown={formatVolume(kitchen.fridgeL, units)}
          hint="that can be cleared"
          parse={(text) => requireBetween("room in the fridge", parseVolumeL(text, units), 0, 400, "L")}
          onChange={(fridgeL) => change(() => ({ fridgeL }))}
        />
        <UnitField
          label="Fridge"
          shown={formatTemperature(kitchen.fridgeC, units)}
          hint="by a thermometer in it"
          parse={(text) => requireBetween("fridge", parseTemperatureC(text, units), 0, 7, "°C")}
          onChange={(fridgeC) => change(() => ({ fridgeC }))}
        />
        <UnitField
          label="Cold tap"
          shown={formatTemperature(kitchen.tapWaterC, units)}
          hint="after running a minute"
          parse={(text) => requireBetween("tap water", parseTemperatureC(text, units), 2, 21, "°C")}
          onChange={(tapWaterC) => change(() => ({ tapWaterC }))}
        />
        <UnitField
          label="Oven's hot side"
          shown={formatTemperatureDifference(kitchen.hotSideK, units)}
          hint="hotter than its cool side; 0: even"
          parse={(text) => requireBetween("hot side", parseTemperatureDifferenceK(text, units), 0, 40, "K")}
          onChange={(hotSideK) => change(() => ({ hotSideK }))}
        />
      </div>
    </section>
  );
}

interface BoxProps {
  readonly of: (typeof BOXES)[number]["of"];
  readonly title: string;
  readonly hint: string;
  readonly sides: readonly string[];
  readonly kitchen: Measures;
  readonly units: UnitSystem;
  onChange(how: (before: Measures) => Partial<Measures>): void;
}

function Box({ of, title, hint, sides, kitchen, units, onChange }: BoxProps) {
  const box: Readonly<Record<string, number>> = kitchen[of];
  return (
    <fieldset className="grid grid-cols-5 items-start gap-4 max-sm:grid-cols-3">
      <legend className="sr-only">{title}</legend>
      <div className="col-span-2 self-center max-sm:col-span-3">
        <span className="block">{title}</span>
        <span className="text-sm text-soft">{hint}</span>
      </div>
      {sides.map((side) => (
        <UnitField
          key={side}
          label={side}
          shown={formatLength(box[side] ?? 0, units)}
          parse={(text) =>
            requireBetween(`${side} of the ${title.toLowerCase()}`, parseLengthCm(text, units), 5, 150, "cm")
          }
          onChange={(cm) => onChange((before) => ({ [of]: { ...before[of], [side]: cm } }))}
        />
      ))}
    </fieldset>
  );
}
