import {
  columnFilteringFeature,
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  filterFn_equalsString,
  filterFn_includesString,
  globalFilteringFeature,
  rowSelectionFeature,
  rowSortingFeature,
  sortFn_basic,
  sortFn_text,
  tableFeatures,
  useTable,
} from "@tanstack/react-table";
import { useVirtualizer } from "@tanstack/react-virtual";
import { ArrowDown, ArrowUp } from "lucide-react";
import { useRef } from "react";
import { capital } from "../../../words/capital";
import { METHOD_WORDS } from "../../../words/methods";
import { HEAT_NAMES, heatsNamed } from "../../../words/names";
import { SPECIES_NAMES } from "../../../words/species";
import { Select } from "../../ui/Select";
import { Acts, Came, Note, Rated, Titled, When } from "./cells";
import type { Line } from "./line";
import { SideBySide } from "./SideBySide";

const features = tableFeatures({
  rowSortingFeature,
  rowSelectionFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns: { basic: sortFn_basic, text: sortFn_text },
  filterFns: { equalsString: filterFn_equalsString, includesString: filterFn_includesString },
});
const column = createColumnHelper<typeof features, Line>();

const columns = column.columns([
  column.display({
    id: "tick",
    header: "",
    cell: ({ row }) => (
      <input
        type="checkbox"
        aria-label={`Hold ${row.original.title} against another`}
        checked={row.getIsSelected()}
        onChange={row.getToggleSelectedHandler()}
        className="mt-1.5 size-5 accent-ember"
      />
    ),
  }),
  column.accessor("outAt", { header: "When", sortFn: "text", cell: ({ row }) => <When line={row.original} /> }),
  column.accessor("title", { header: "Roast", sortFn: "text", cell: ({ row }) => <Titled line={row.original} /> }),
  column.accessor("species", { header: "Bird", filterFn: "equalsString" }),
  column.accessor("method", {
    header: "Way",
    filterFn: "equalsString",
    sortFn: "text",
    cell: ({ row: { original } }) => METHOD_WORDS[original.method].short,
  }),
  column.accessor("heat", {
    header: "Heat",
    filterFn: "equalsString",
    sortFn: "text",
    cell: ({ row: { original } }) => capital(heatsNamed(original, original.oven, original.movedTo)),
  }),
  column.accessor(({ oven }) => oven ?? "", { id: "oven", filterFn: "equalsString" }),
  column.accessor(({ minutesOff }) => minutesOff ?? 0, {
    id: "off",
    header: "Out against predicted",
    sortFn: "basic",
    cell: ({ row }) => <Came line={row.original} />,
  }),
  column.accessor(({ rating }) => rating ?? 0, {
    id: "rating",
    header: "How it was",
    sortFn: "basic",
    cell: ({ row }) => <Rated line={row.original} />,
  }),
  column.accessor("note", {
    header: "What to change",
    enableSorting: false,
    cell: ({ row }) => <Note line={row.original} />,
  }),
  column.display({ id: "acts", header: "", cell: ({ row }) => <Acts line={row.original} /> }),
]);

/** Told within another cell; a column of its own would be empty of news. */
const WITHIN = new Set(["species", "oven"]);
/** Where there is less room what these say stands under the roast; on a phone all cells stand under one another. */
const WIDE_ONLY = new Set(["method", "heat", "rating", "note"]);

const ANY = "any";
interface Filter {
  readonly id: "species" | "method" | "heat" | "oven";
  readonly label: string;
  readonly names: Record<string, string>;
}
const METHOD_NAMES = Object.fromEntries(Object.entries(METHOD_WORDS).map(([id, { short }]) => [id, short]));
const FILTERS: readonly Filter[] = [
  { id: "species", label: "Bird", names: { [ANY]: "any bird", ...SPECIES_NAMES } },
  { id: "method", label: "Way", names: { [ANY]: "any way", ...METHOD_NAMES } },
  { id: "heat", label: "Heat", names: { [ANY]: "any heat", ...HEAT_NAMES } },
];

/** Where there are ovens by name. */
function ovenFilter(lines: readonly Line[]): readonly Filter[] {
  const ovens = [...new Set(lines.flatMap(({ oven }) => oven ?? []))].sort();
  if (ovens.length === 0) return [];
  return [
    {
      id: "oven",
      label: "Oven",
      names: { [ANY]: "any oven", ...Object.fromEntries(ovens.map((each) => [each, each])) },
    },
  ];
}

const ROW_PX = 76;

/** All of them in one table that is sorted and searched; only the rows in view are drawn. */
export function LogTable({ lines }: { readonly lines: readonly Line[] }) {
  const table = useTable({
    features,
    columns,
    data: lines as Line[],
    getRowId: ({ id }) => id,
    globalFilterFn: "includesString",
    getColumnCanGlobalFilter: ({ id }) => id === "title" || id === "note",
    initialState: { sorting: [{ id: "outAt", desc: true }] },
  });
  const { rows } = table.getRowModel();
  const ticked = lines.filter(({ id }) => table.state.rowSelection[id]);
  const two = ticked.length === 2 ? ([ticked[0], ticked[1]] as [Line, Line]) : null;
  const box = useRef<HTMLDivElement>(null);
  const drawn = useVirtualizer({
    count: rows.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW_PX,
    getItemKey: (n) => rows[n]?.id ?? n,
    overscan: 8,
  });
  const items = drawn.getVirtualItems();
  const before = items[0]?.start ?? 0;
  const after = drawn.getTotalSize() - (items.at(-1)?.end ?? 0);
  const heads = (table.getHeaderGroups()[0]?.headers ?? []).filter(({ column: { id } }) => !WITHIN.has(id));
  return (
    <section aria-label="Roasts">
      <div className="my-4 flex flex-wrap items-center gap-2">
        <input
          type="search"
          aria-label="Search names and notes"
          placeholder="Search names and notes"
          value={String(table.state.globalFilter ?? "")}
          onChange={(event) => table.setGlobalFilter(event.target.value)}
          className="min-h-10 w-64 max-w-full rounded-xl border border-line-strong bg-mist-1 px-3 max-sm:min-h-12 max-sm:w-full"
        />
        {[...FILTERS, ...ovenFilter(lines)].map(({ id, label, names }) => (
          <Select
            key={id}
            label={label}
            value={String(table.getColumn(id)?.getFilterValue() ?? ANY)}
            choices={Object.keys(names)}
            names={names}
            onChange={(value) => table.getColumn(id)?.setFilterValue(value === ANY ? undefined : value)}
          />
        ))}
        <span role="status" className="text-sm text-soft">
          {rows.length} of {lines.length}
          {lines.length > 1 && !two && ". Tick two to see them side by side"}
        </span>
      </div>
      {two && <SideBySide one={two[0]} other={two[1]} />}
      <div ref={box} className="max-h-[70dvh] overflow-auto rounded-2xl border border-line bg-mist-1">
        <table className="w-full border-collapse text-left">
          <thead className="sticky top-0 z-10 bg-mist-2 text-sm max-sm:hidden">
            <tr>
              {heads.map(({ id, column: own }) => {
                const sorted = own.getIsSorted();
                return (
                  <th
                    key={id}
                    scope="col"
                    aria-sort={sorted === "asc" ? "ascending" : sorted === "desc" ? "descending" : undefined}
                    className={`px-3 py-2 font-semibold ${WIDE_ONLY.has(own.id) ? "max-lg:hidden" : ""}`}
                  >
                    {own.getCanSort() ? (
                      <button
                        type="button"
                        onClick={own.getToggleSortingHandler()}
                        className="inline-flex min-h-8 items-center gap-1 rounded-lg hover:underline"
                      >
                        {String(own.columnDef.header)}
                        {sorted === "asc" && <ArrowUp aria-hidden className="size-3.5" />}
                        {sorted === "desc" && <ArrowDown aria-hidden className="size-3.5" />}
                      </button>
                    ) : own.columnDef.header ? (
                      String(own.columnDef.header)
                    ) : (
                      <span className="sr-only">{own.id === "tick" ? "Tick two" : "What can be done"}</span>
                    )}
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody>
            {before > 0 && <tr aria-hidden style={{ height: before }} />}
            {items.map(({ index, key }) => {
              const row = rows[index];
              return (
                row && (
                  <tr
                    key={key}
                    data-index={index}
                    ref={drawn.measureElement}
                    className="border-t border-line align-top max-sm:block max-sm:py-2"
                  >
                    {row.getAllCells().map(
                      (cell) =>
                        !WITHIN.has(cell.column.id) && (
                          <td
                            key={cell.id}
                            className={`px-3 py-2.5 max-sm:py-0.5 ${WIDE_ONLY.has(cell.column.id) ? "max-lg:hidden" : "max-sm:block"}`}
                          >
                            <table.FlexRender cell={cell} />
                          </td>
                        ),
                    )}
                  </tr>
                )
              );
            })}
            {after > 0 && <tr aria-hidden style={{ height: after }} />}
          </tbody>
        </table>
        {rows.length === 0 && <p className="px-4 py-6 text-soft">None of them is like that.</p>}
      </div>
    </section>
  );
}
