import type { Roast } from "../../../core/plan/roast";
import { PairingCode } from "../../shell/PairingCode";
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
  return (
    <div className="mt-2 grid gap-2 text-sm text-soft">
      <p>
        A probe posts <code>{'{"at": …, "probe": "breast", "celsius": 41.5}'}</code> to{" "}
        <code>{location.origin}/api/readings</code>.
      </p>
      {!isThisMachine(location.hostname) && <PairingCode />}
    </div>
  );
}
