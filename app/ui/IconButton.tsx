import type { LucideIcon } from "lucide-react";

interface Props {
  /** What it does, said to a screen reader and on hovering. */
  readonly label: string;
  readonly icon: LucideIcon;
  readonly outlined?: boolean;
  onClick(): void;
}

/** A small round button that is only a picture; larger on a phone. */
export function IconButton({ label, icon: Icon, outlined = false, onClick }: Props) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      onClick={onClick}
      className={`grid size-8 shrink-0 place-items-center rounded-full hover:bg-mist-2 max-sm:size-12 ${outlined ? "border border-line-strong" : ""}`}
    >
      <Icon aria-hidden className="size-4" />
    </button>
  );
}
