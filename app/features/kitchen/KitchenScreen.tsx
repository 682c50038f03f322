import type { ReactNode } from "react";
import { Link } from "react-router";
import { PageHeading } from "../../shell/PageHeading";
import { changeUnits, usePreferences } from "../../shell/preferences";
import { Segmented } from "../../ui/Segmented";
import { DataInOut } from "./DataInOut";
import { Equipment } from "./Equipment";
import { Guideline } from "./Guideline";
import { Ovens } from "./Ovens";
import { PairedDevices } from "./PairedDevices";
import { Thermometer } from "./Thermometer";

/** Units, colours, the kitchen's measures, and the way in and out for the cook's own data. */
export function KitchenScreen() {
  const { units, theme, clock, dates, weekStart, set } = usePreferences();
  return (
    <div className="grid max-w-3xl gap-8 py-4">
      <PageHeading className="text-4xl">Kitchen</PageHeading>
      <section className="grid gap-3">
        <h2 className="text-xl">How things are shown</h2>
        <Labelled label="Units">
          <Segmented
            label="Units"
            value={units}
            choices={[
              { value: "metric", label: "°C, kg and grams" },
              { value: "us", label: "°F, pounds and ounces" },
            ]}
            onChange={(next) => void changeUnits(next)}
          />
        </Labelled>
        <div className="flex flex-wrap gap-x-8 gap-y-3">
          <Labelled label="Clock">
            <Segmented
              label="Clock"
              value={clock}
              choices={[
                { value: "24h", label: "13:30" },
                { value: "12h", label: "1:30 pm" },
              ]}
              onChange={(next) => void set({ clock: next })}
            />
          </Labelled>
          <Labelled label="Dates">
            <Segmented
              label="Dates"
              value={dates}
              choices={[
                { value: "day", label: "Sun 27 Sep" },
                { value: "month", label: "Sun, Sep 27" },
              ]}
              onChange={(next) => void set({ dates: next })}
            />
          </Labelled>
          <Labelled label="A week begins on">
            <Segmented
              label="A week begins on"
              value={String(weekStart)}
              choices={[
                { value: "1", label: "Monday" },
                { value: "0", label: "Sunday" },
                { value: "6", label: "Saturday" },
              ]}
              onChange={(next) => void set({ weekStart: next === "1" ? 1 : next === "0" ? 0 : 6 })}
            />
          </Labelled>
        </div>
        <Labelled label="Colours">
          <Segmented
            label="Colours"
            value={theme}
            choices={[
              { value: "system", label: "As the device" },
              { value: "light", label: "Light" },
              { value: "dark", label: "Dark" },
            ]}
            onChange={(next) => void set({ theme: next })}
          />
        </Labelled>
        <p className="text-soft">Either unit can be typed anywhere: 14 lb, 6.3 kg, 325f, 163 C.</p>
      </section>
      <Equipment />
      <Ovens />
      <Guideline />
      <Thermometer />
      <PairedDevices />
      <DataInOut />
      <p>
        <Link to="/handbook" className="underline underline-offset-4">
          Handbook: safety, and every number with its source
        </Link>
      </p>
    </div>
  );
}

function Labelled({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div className="grid gap-1">
      <span aria-hidden className="text-sm text-soft">
        {label}
      </span>
      {children}
    </div>
  );
}
