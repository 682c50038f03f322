import { ArrowLeft } from "lucide-react";
import { Link, useLocation } from "react-router";
import type { CameFrom } from "../../ui/Why";

const PLACES: readonly (readonly [pattern: RegExp, name: string])[] = [
  [/\/plan$/, "Back to the plan"],
  [/\/cook$/, "Back to the stove"],
  [/\/list$/, "Back to the list"],
  [/\/carve$/, "Back to carving"],
  [/\/compare$/, "Back to the comparison"],
];

/** Where the reader came from into the handbook, handed on from page to page. */
export function useCameFrom(): CameFrom | null {
  const { state } = useLocation();
  const from = (state as Partial<CameFrom> | null)?.from;
  return typeof from === "string" ? { from } : null;
}

/** The way back to the place in the plan from which the handbook was opened; nothing where there is none. */
export function BackLink() {
  const cameFrom = useCameFrom();
  const name = cameFrom && PLACES.find(([pattern]) => pattern.test(cameFrom.from))?.[1];
  if (!cameFrom || !name) return null;
  return (
    <Link
      to={cameFrom.from}
      className="inline-flex min-h-11 items-center gap-2 self-start justify-self-start rounded-full border border-line-strong bg-mist-1 px-4 print:hidden"
    >
      <ArrowLeft aria-hidden className="size-4.5" />
      {name}
    </Link>
  );
}
