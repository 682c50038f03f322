import type { Roast } from "../../../core/formats/roast";
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
          { value: "simulated", label: "the simulated thermometer" },
        ]}
        onChange={onChange}
      />
    </div>
  );
}
