import { Link } from "react-router";
import type { Roast } from "../../core/plan/roast";

interface Props {
  readonly of: readonly Pick<Roast, "id">[];
  /** What they are to the one that is open. */
  readonly under: string;
  readonly page: "cook" | "carve";
  /** What each is called beside the others, see `namesIn`. */
  readonly names: ReadonlyMap<string, string>;
}

/** To the other roasts of a dinner, each with a screen of its own; nothing where there are none. */
export function OtherRoasts({ of, under, page, names }: Props) {
  if (of.length === 0) return null;
  return (
    <span className="flex flex-wrap items-center gap-x-3">
      <span className="text-soft">{under}</span>
      {of.map(({ id }) => (
        <Link key={id} to={`/roast/${id}/${page}`} className="min-h-12 content-center underline underline-offset-4">
          {names.get(id)}
        </Link>
      ))}
    </span>
  );
}
