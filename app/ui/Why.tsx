import { CircleHelp } from "lucide-react";
import { Link, useLocation } from "react-router";
import { WHYS, type WhyId } from "../../words/whys";

/** The place that a handbook page leads back to. */
export interface CameFrom {
  readonly from: string;
}

/** A why where the question arises: one sentence, and the way into the handbook, which leads back here. */
export function Why({ id }: { readonly id: WhyId }) {
  const { pathname } = useLocation();
  const { says, to } = WHYS[id];
  return (
    <p className="flex gap-1.5 text-sm text-soft print:hidden">
      <CircleHelp aria-hidden className="mt-0.5 size-4 shrink-0" />
      <span>
        {says}{" "}
        <Link
          to={`/handbook/${to}`}
          state={{ from: pathname } satisfies CameFrom}
          className="whitespace-nowrap underline underline-offset-4 max-sm:flex max-sm:min-h-12 max-sm:items-center"
        >
          In the handbook
        </Link>
      </span>
    </p>
  );
}
