import { useState } from "react";
import { parseMassKg } from "../../../core/units/quantity";
import { PageHeading } from "../../shell/PageHeading";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Doubt, Fact } from "../../ui/Doubt";
import { DragSlider } from "../../ui/DragSlider";
import { Segmented } from "../../ui/Segmented";
import { Sheet } from "../../ui/Sheet";
import { BAND_EDGES_C, bandColour } from "../../ui/temperatureScale";
import { UnitField } from "../../ui/UnitField";
import { CutPictures, Pictures } from "./Pictures";

const TOKENS = [
  "mist-0",
  "mist-1",
  "mist-2",
  "mist-3",
  "ink",
  "ink-soft",
  "line",
  "line-strong",
  "ember",
  "ember-wash",
  "caution",
];

/** The whole language on one page; development only. */
export function StyleScreen() {
  const [choice, setChoice] = useState<string>("a");
  const [value, setValue] = useState(5.8);
  return (
    <div className="grid gap-8 py-4">
      <PageHeading className="text-5xl">Mist and ember</PageHeading>
      <section>
        <h2 className="mb-2 text-xl">Temperature, −20 to 110 °C</h2>
        <div className="flex overflow-hidden rounded-xl">
          {BAND_EDGES_C.map((edge) => (
            <div
              key={edge}
              className="grow px-1 pb-1 pt-10 text-xs"
              style={{ background: bandColour(edge), color: edge < 55 ? "#1b2a33" : "#fff" }}
            >
              {edge}
            </div>
          ))}
        </div>
      </section>
      <section className="flex flex-wrap gap-2">
        {TOKENS.map((token) => (
          <div key={token} className="w-28 text-xs">
            <div className="h-12 rounded-xl border border-line" style={{ background: `var(--${token})` }} />
            {token}
          </div>
        ))}
      </section>
      <section className="grid gap-2">
        <p className="font-display text-6xl font-semibold">13:30 0123456789</p>
        <p className="text-xl">Text: Atkinson Hyperlegible Next, tabular 0123456789, 74 °C, 5.8 kg.</p>
      </section>
      <section className="flex flex-wrap gap-10">
        <Doubt label="Out, expected" value="11:40" doubt="give or take 12 min" />
        <Fact label="Salt" value="58 g" note="3 tbsp + ½ tsp table salt" />
      </section>
      <section className="flex flex-wrap items-center gap-3">
        <Button tone="primary">Plan it</Button>
        <Button>Note the reading</Button>
        <Button tone="quiet">Take back</Button>
        <Button tone="primary" size="stove">
          The bird is in the oven
        </Button>
        <Segmented
          label="Choice"
          value={choice}
          choices={[
            { value: "a", label: "Whole" },
            { value: "b", label: "Spatchcocked" },
          ]}
          onChange={setChoice}
        />
      </section>
      <section className="grid max-w-md gap-3">
        <UnitField
          label="Weight"
          shown={`${value} kg`}
          parse={parseMassKg}
          onChange={setValue}
          hint="14 lb or 6.3 kg"
        />
        <DragSlider
          label="Weight"
          value={value}
          min={2}
          max={12}
          step={0.1}
          shown={`${value} kg`}
          onDrag={setValue}
          onSettle={setValue}
        />
        <Caution>Hot juice sits in the cavity: tip it out away from you.</Caution>
        <Sheet opens="Open a sheet" title="A sheet">
          <p>Set aside from the main path; Escape leaves.</p>
        </Sheet>
      </section>
      <Pictures />
      <CutPictures />
    </div>
  );
}
