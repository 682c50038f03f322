import type { LucideIcon } from "lucide-react";

interface Props {
  /** What it does, said to a screen reader and on hovering. */
  readonly label: string;
  readonly icon: LucideIcon;
  readonly outlined?: boolean;
  /** It can go no further: it says so and stays where it is, since a button that is taken away takes the focus along. */
  readonly atEnd?: boolean;
  onClick(): void;
}

/** A small round button that is only a picture; larger on a phone. */
export function IconButton({ label, icon: Icon, outlined = false, atEnd = false, onClick }: Props) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      aria-disabled={atEnd || undefined}
      onClick={atEnd ? undefined : onClick}
      className={`grid size-8 shrink-0 place-items-center rounded-full not-aria-disabled:hover:bg-mist-2 aria-disabled:opacity-50 max-sm:size-12 ${outlined ? "border border-line-strong" : ""}`}
    >
      <Icon aria-hidden className="size-4" />
    </button>
  );
}
