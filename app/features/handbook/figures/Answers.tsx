import type { ReactNode } from "react";

interface Props {
  readonly caption: string;
  readonly columns: readonly string[];
  readonly rows: readonly { readonly id: string; readonly cells: readonly ReactNode[] }[];
}

/** A table of the handbook: what is asked on the left, answers to its right. */
export function Answers({ caption, columns, rows }: Props) {
  return (
    <table className="w-full text-left max-sm:text-sm">
      <caption className="pb-1 text-left text-sm text-soft">{caption}</caption>
      <thead>
        <tr className="border-b border-line-strong text-soft">
          {columns.map((column, n) => (
            <th
              key={column}
              scope="col"
              className={`py-1.5 pr-4 font-medium max-[23rem]:wrap-anywhere max-sm:pr-1.5 last:pr-0 ${n > 0 ? "text-right" : ""}`}
            >
              {column}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ id, cells }) => (
          <tr key={id} className="border-b border-line last:border-0">
            {cells.map((cell, n) => (
              <td
                // biome-ignore lint/suspicious/noArrayIndexKey: cells stand under their columns
                key={n}
                className={`py-1.5 pr-4 max-sm:pr-1.5 last:pr-0 ${n > 0 ? "text-right" : ""}`}
              >
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** While it is being simulated. */
export const Waiting = () => <span className="text-soft">simulating …</span>;
