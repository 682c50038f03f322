import { Switch } from "radix-ui";
import { useId } from "react";

interface Props {
  readonly label: string;
  readonly checked: boolean;
  onChange(checked: boolean): void;
}

/** Yes or no. */
export function Toggle({ label, checked, onChange }: Props) {
  const id = useId();
  return (
    <div className="flex min-h-8 items-center gap-2.5 text-[0.95rem] max-sm:min-h-12">
      <Switch.Root
        id={id}
        checked={checked}
        onCheckedChange={onChange}
        className="h-6 w-10 shrink-0 rounded-full border border-line-strong bg-mist-2 p-0.5 data-[state=checked]:border-ink data-[state=checked]:bg-ink"
      >
        <Switch.Thumb className="block size-4.5 rounded-full bg-soft transition-transform data-[state=checked]:translate-x-4 data-[state=checked]:bg-mist-1 motion-reduce:transition-none" />
      </Switch.Root>
      <label htmlFor={id}>{label}</label>
    </div>
  );
}
