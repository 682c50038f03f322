import { RadioGroup } from "radix-ui";
import { memo, useCallback, useLayoutEffect, useRef } from "react";

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
  return (
    <RadioGroup.Root aria-label={label} value={value} onValueChange={onChange} className="flex flex-wrap gap-1.5">
      {choices.map((choice) => (
        <RadioGroup.Item
          key={choice.value}
          value={choice.value}
          className="min-h-9 lg:min-h-8 rounded-full border border-line-strong bg-mist-1 px-2.5 text-left text-[0.88rem] max-sm:min-h-12 max-sm:px-4 max-sm:text-base data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-mist-1"
        >
          {choice.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}, sameChoices);
