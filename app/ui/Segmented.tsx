import { RadioGroup } from "radix-ui";

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
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={(next) => onChange(next as Value)}
      className="flex flex-wrap gap-1.5"
    >
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
}
