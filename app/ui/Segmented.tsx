import { memo, useCallback, useId, useLayoutEffect, useRef } from "react";

interface Choice<Value extends string> {
  readonly value: Value;
  readonly label: string;
}

interface Props<Value extends string> {
  readonly label: string;
  readonly value: Value;
  readonly choices: readonly Choice<Value>[];
  onChange(value: Value): void;
}

/** A few choices, all in view; arrow keys move. */
export function Segmented<Value extends string>({ label, value, choices, onChange }: Props<Value>) {
  const newest = useRef(onChange);
  useLayoutEffect(() => {
    newest.current = onChange;
  });
  const choose = useCallback((next: string) => newest.current(next as Value), []);
  return <Choices label={label} value={value} choices={choices} onChange={choose} />;
}

const sameChoices = (a: Props<string>, b: Props<string>): boolean =>
  a.label === b.label &&
  a.value === b.value &&
  a.choices.length === b.choices.length &&
  a.choices.every(({ value, label }, n) => value === b.choices[n]?.value && label === b.choices[n]?.label);

/** Left alone while a hand drags something else: a dozen choices would cost a third of every step. */
const Choices = memo(function Choices({ label, value, choices, onChange }: Props<string>) {
  const name = useId();
  return (
    <div role="radiogroup" aria-label={label} className="flex flex-wrap gap-1.5">
      {choices.map((choice) => (
        <label
          key={choice.value}
          className="relative inline-flex min-h-9 lg:min-h-8 cursor-pointer items-center rounded-full border border-line-strong bg-mist-1 px-2.5 text-[0.88rem] max-sm:min-h-12 max-sm:px-4 max-sm:text-base has-checked:border-ink has-checked:bg-ink has-checked:text-mist-1 has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-ember"
        >
          <input
            type="radio"
            name={name}
            value={choice.value}
            checked={choice.value === value}
            onChange={() => onChange(choice.value)}
            className="sr-only"
          />
          {choice.label}
        </label>
      ))}
    </div>
  );
}, sameChoices);
