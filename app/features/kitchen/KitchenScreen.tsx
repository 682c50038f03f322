import { Link } from "react-router";
import { usePreferences } from "../../shell/preferences";
import { Segmented } from "../../ui/Segmented";
import { DataInOut } from "./DataInOut";
import { Equipment } from "./Equipment";
import { PairedDevices } from "./PairedDevices";
import { Thermometer } from "./Thermometer";

/** Units, colours, the kitchen's measures, and the way in and out for the cook's own data. */
export function KitchenScreen() {
  const { units, theme, set } = usePreferences();
  return (
    <div className="grid max-w-3xl gap-8 py-4">
      <h1 className="text-4xl">Kitchen</h1>
      <section className="grid gap-3">
        <h2 className="text-xl">How things are shown</h2>
        <Segmented
          label="Units"
          value={units}
          choices={[
            { value: "metric", label: "°C, kg and grams" },
            { value: "us", label: "°F, pounds and ounces" },
          ]}
          onChange={(next) => void set({ units: next })}
        />
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
        <p className="text-soft">Either unit can be typed anywhere: 14 lb, 6.3 kg, 325f, 163 C.</p>
      </section>
      <Equipment />
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
