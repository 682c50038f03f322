import { useId, useState } from "react";
import { faultWords } from "../../words/faults";
import { usePreferences } from "../shell/preferences";
import { useTyped } from "./useTyped";

interface Props<Value> {
  readonly label: string;
  /** The value as text, in the cook's units. */
  readonly shown: string;
  /** Turns what was typed into a value; throws an Error whose message is shown. */
  parse(text: string): Value;
  onChange(value: Value): void;
  readonly hint?: string;
  readonly size?: "table" | "stove";
  readonly hideLabel?: boolean;
}

/** A field that understands either unit system; what it cannot read it says in one sentence, and nothing changes. */
export function UnitField<Value = number>({
  label,
  shown,
  parse,
  onChange,
  hint,
  size = "table",
  hideLabel = false,
}: Props<Value>) {
  const id = useId();
  const { units } = usePreferences();
  const [fault, setFault] = useState<string | null>(null);
  const { typed, type, letGo, giveUp } = useTyped((text) => {
    if (text.trim() === shown) {
      setFault(null);
      return true;
    }
    try {
      onChange(parse(text));
      setFault(null);
      return true;
    } catch (error) {
      setFault(faultWords(error, units));
      return false;
    }
  });
  return (
    <div>
      <label htmlFor={id} className={hideLabel ? "sr-only" : "mb-1 block text-sm text-soft"}>
        {label}
      </label>
      <input
        id={id}
        value={typed ?? shown}
        aria-invalid={fault !== null}
        aria-describedby={`${id}-note`}
        onChange={(event) => type(event.target.value)}
        onBlur={letGo}
        onKeyDown={(event) => {
          if (event.key === "Enter") letGo();
          if (event.key === "Escape") {
            giveUp();
            setFault(null);
          }
        }}
        autoComplete="off"
        className={`w-full rounded-xl border border-line-strong bg-mist-1 px-3 ${size === "stove" ? "min-h-14 text-2xl" : "min-h-10"}`}
      />
      <p
        id={`${id}-note`}
        className={`mt-1 text-sm empty:hidden ${hideLabel ? "w-[14rem]" : ""} ${fault ? "font-medium text-ember" : "text-soft"}`}
      >
        {fault ?? hint}
      </p>
    </div>
  );
}
