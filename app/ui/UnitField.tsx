import { useId, useState } from "react";
import { faultWords } from "../../words/faults";
import { usePreferences } from "../shell/preferences";

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
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = () => {
    if (typed === null) return;
    try {
      onChange(parse(typed));
      setFault(null);
      setTyped(null);
    } catch (error) {
      setFault(faultWords(error, units));
    }
  };
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
        onChange={(event) => setTyped(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
          if (event.key === "Escape") {
            setTyped(null);
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
