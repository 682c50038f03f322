import { SPECIES } from "../../../../core/bird/species";
import { constant } from "../../../../core/constants";
import { FAT_PERCENT, sevenLogMinutes } from "../../../../core/safety/lethality";
import { onDialC } from "../../../../core/units/dial";
import {
  fahrenheitToC,
  formatDuration,
  formatMass,
  formatTemperature,
  KG_PER_POUND,
} from "../../../../core/units/quantity";
import { GLOSSARY } from "../../../../words/glossary";
import { SPECIES_NAMES } from "../../../../words/species";
import { usePreferences } from "../../../shell/preferences";
import { Answers } from "./Answers";

const HELD_F = [140, 145, 150, 155, 160, 165];

/** Minutes that every part is held at a temperature for the reduction the guideline gives at once. */
export function Holding() {
  const { units } = usePreferences();
  const minutes = (value: number): string =>
    value < 1 ? `${Math.max(1, Math.round(value * 60))} s` : formatDuration(value * 60);
  return (
    <Answers
      caption="After USDA FSIS, Appendix A: for the fat of each bird's lean meat; a duck or a goose by the slower of the tables"
      columns={["Held at", ...SPECIES.map((species) => SPECIES_NAMES[species])]}
      rows={HELD_F.map((fahrenheit) => {
        const celsius = fahrenheitToC(fahrenheit);
        return {
          id: String(fahrenheit),
          cells: [
            formatTemperature(celsius, units),
            ...SPECIES.map((species) => minutes(sevenLogMinutes(species, FAT_PERCENT[species], celsius))),
          ],
        };
      })}
    />
  );
}

const DIALS_C = [120, 150, 160, 180, 190, 200, 220, 230];
const MASSES_LB = [1, 5, 10, 12, 14, 16, 20];

/** Both systems side by side: the one place where they are. */
export function Conversions() {
  const cup = constant("cupMl");
  return (
    <div className="grid gap-6">
      <Answers
        caption="Oven dials"
        columns={["°C", "°F"]}
        rows={DIALS_C.map((celsius) => ({
          id: String(celsius),
          cells: [formatTemperature(celsius, "metric"), formatTemperature(onDialC(celsius, "fahrenheit"), "us")],
        }))}
      />
      <Answers
        caption="Thermometer"
        columns={["°C", "°F"]}
        rows={[4, 60, 63, 65, 70, 74, 79, 82].map((celsius) => ({
          id: String(celsius),
          cells: [formatTemperature(celsius, "metric"), formatTemperature(celsius, "us")],
        }))}
      />
      <Answers
        caption="Weights"
        columns={["Pounds", "Kilograms"]}
        rows={MASSES_LB.map((pounds) => ({
          id: String(pounds),
          cells: [`${pounds} lb`, formatMass(pounds * KG_PER_POUND, "metric")],
        }))}
      />
      <Answers
        caption="Spoons and cups (US customary, NIST Handbook 44)"
        columns={["Measure", "Millilitres"]}
        rows={[
          { id: "tsp", cells: ["1 teaspoon", `${(cup / 48).toFixed(1)} mL`] },
          { id: "tbsp", cells: ["1 tablespoon = 3 teaspoons", `${(cup / 16).toFixed(1)} mL`] },
          { id: "cup", cells: ["1 cup = 16 tablespoons", `${Math.round(cup)} mL`] },
          { id: "quart", cells: ["1 quart = 4 cups", `${Math.round(4 * cup)} mL`] },
        ]}
      />
    </div>
  );
}

/** Terms and what they mean. */
export const Glossary = () => (
  <dl className="grid gap-3">
    {GLOSSARY.map(({ id, term, also, means }) => (
      <div key={id} id={id}>
        <dt className="font-semibold">
          {term} {also && <span className="font-normal text-soft">({also})</span>}
        </dt>
        <dd>{means}</dd>
      </div>
    ))}
  </dl>
);
