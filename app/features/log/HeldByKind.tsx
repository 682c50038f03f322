import { heldByKind } from "../../../core/log/rows";
import { heldShort } from "../../../words/log";
import { METHOD_WORDS } from "../../../words/methods";
import type { Line } from "./line";

/** How often the give or take held, by way and by oven: where there are at least two of a kind. */
export function HeldByKind({ lines }: { readonly lines: readonly Line[] }) {
  const kinds = [
    ...heldByKind(lines, ({ method }) => METHOD_WORDS[method].short),
    ...heldByKind(lines, ({ oven }) => oven),
  ];
  if (kinds.length === 0) return null;
  return (
    <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-0.5 text-[0.95rem]">
      {kinds.map(({ kind, held }) => (
        <div key={kind} className="contents">
          <dt className="text-soft">{kind}</dt>
          <dd>{heldShort(held)}</dd>
        </div>
      ))}
    </dl>
  );
}
