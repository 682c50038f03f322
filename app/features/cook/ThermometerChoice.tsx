import type { Roast } from "../../../core/formats/roast";
import { usePreferences } from "../../shell/preferences";
import { isThisMachine } from "../../shell/thisMachine";
import { Segmented } from "../../ui/Segmented";

interface Props {
  readonly value: Roast["thermometer"];
  onChange(value: Roast["thermometer"]): void;
}

export function ThermometerChoice({ value, onChange }: Props) {
  return (
    <div>
      <p className="mb-1.5 text-sm text-soft">Readings come from</p>
      <Segmented
        label="Readings come from"
        value={value}
        choices={[
          { value: "typed", label: "my thermometer, typed in" },
          { value: "bridge", label: "probes that post to Bruma" },
        ]}
        onChange={onChange}
      />
      {value === "bridge" && <BridgeSays />}
    </div>
  );
}

/** Where a probe posts to; from another machine, the code that pairs it. */
function BridgeSays() {
  const { pairingCode, set } = usePreferences();
  return (
    <div className="mt-2 grid gap-2 text-sm text-soft">
      <p>
        A probe posts <code>{'{"at": …, "probe": "breast", "celsius": 41.5}'}</code> to{" "}
        <code>{location.origin}/api/readings</code>.
      </p>
      {!isThisMachine(location.hostname) && (
        <label>
          Pairing code, as it stands on the screen of the machine that runs Bruma
          <input
            value={pairingCode}
            inputMode="numeric"
            autoComplete="off"
            onChange={(event) => void set({ pairingCode: event.target.value.trim() })}
            className="mt-1 block min-h-12 w-40 rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
          />
        </label>
      )}
    </div>
  );
}
