export const SELECT = "min-h-10 rounded-xl border border-line-strong bg-mist-1 px-2 text-base text-ink";

interface Props<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly choices: readonly Value[];
  readonly names?: Record<Value, string>;
  onChange(value: Value): void;
}

/** One of many, folded up. */
export function Select<Value extends string>({ label, value, choices, names, onChange }: Props<Value>) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value as Value)}
      className={`${SELECT} min-w-0 max-sm:min-h-12`}
    >
      {choices.map((each) => (
        <option key={each} value={each}>
          {names ? names[each] : each}
        </option>
      ))}
    </select>
  );
}
