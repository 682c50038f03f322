import { useId } from "react";

interface Props {
  readonly label: string;
  readonly checked: boolean;
  onChange(checked: boolean): void;
}

/** Yes or no. The browser's own button: a library for it would be a hundredth of the first view's script. */
export function Toggle({ label, checked, onChange }: Props) {
  const id = useId();
  return (
    <div className="flex min-h-8 items-center gap-2.5 text-[0.95rem] max-sm:min-h-12">
      <button
        type="button"
        role="switch"
        id={id}
        aria-checked={checked}
        onClick={() => onChange(!checked)}
        className="group h-6 w-10 shrink-0 rounded-full border border-line-strong bg-mist-2 p-0.5 aria-checked:border-ink aria-checked:bg-ink"
      >
        <span className="block size-4.5 rounded-full bg-soft transition-transform group-aria-checked:translate-x-4 group-aria-checked:bg-mist-1 motion-reduce:transition-none" />
      </button>
      <label htmlFor={id}>{label}</label>
    </div>
  );
}
