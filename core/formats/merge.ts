/**
 * One roast that was changed in two places: what only one of them changed is taken from there, field by field, down
 * through the plan; lists of what has a name are joined by it, others are taken whole. Where both changed one field, the one that was kept first stands, and its
 * path is told; counts of what was done keep the higher, notes keep the lines of both.
 */

import { inOrder } from "../plan/happened";
import { type Roast, RoastSchema } from "../plan/roast";
import { same } from "./same";

export interface Merged {
  readonly roast: Roast;
  /** Dotted paths that both had changed, each to something else. */
  readonly conflicts: readonly string[];
}

type Tree = Readonly<Record<string, unknown>>;
const isTree = (value: unknown): value is Tree => typeof value === "object" && value !== null && !Array.isArray(value);

/** Lists of ids: what either took in or out counts. */
const LISTS = new Set(["happened.ticked", "happened.struck"]);
const COUNTS = new Set(["happened.stagesDone", "happened.bastingsDone", "happened.fuelsDone"]);

/** Lists of what has a name of its own, and that name. */
const NAMED: Readonly<Record<string, (item: Tree) => string>> = {
  "plan.sides": ({ id }) => String(id),
  "plan.additions": ({ id }) => String(id),
  probes: ({ device, probe }) => `${device} ${probe}`,
  "happened.doors": ({ at }) => String(at),
  "happened.left": ({ at, piece }) => `${at} ${piece}`,
  "happened.outs": ({ outAt }) => String(outAt),
};

const byName = (list: unknown, nameOf: (item: Tree) => string): Tree =>
  Object.fromEntries((Array.isArray(list) ? list.filter(isTree) : []).map((item) => [nameOf(item), item]));

const asIds = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

function mergedIds(base: readonly unknown[], kept: readonly unknown[], mine: readonly unknown[]): readonly unknown[] {
  const taken = base.filter((id) => !mine.includes(id));
  return [
    ...kept.filter((id) => !taken.includes(id)),
    ...mine.filter((id) => !base.includes(id) && !kept.includes(id)),
  ];
}

/** Lines of both, those that are in both once. */
function allLines(kept: string, mine: string): string {
  const lines = kept.split("\n");
  return [...lines, ...mine.split("\n").filter((line) => line.trim() !== "" && !lines.includes(line))]
    .filter((line, n) => n > 0 || line !== "")
    .join("\n");
}

function mergedTree(base: Tree, kept: Tree, mine: Tree, path: string, conflicts: string[]): Tree {
  const names = new Set([...Object.keys(kept), ...Object.keys(mine), ...Object.keys(base)]);
  const result: Record<string, unknown> = {};
  for (const name of names) {
    const value = mergedValue(base[name], kept[name], mine[name], path ? `${path}.${name}` : name, conflicts);
    if (value !== undefined) result[name] = value;
  }
  return result;
}

function mergedValue(base: unknown, kept: unknown, mine: unknown, path: string, conflicts: string[]): unknown {
  if (same(kept, mine) || same(base, mine)) return kept;
  if (same(base, kept)) return mine;
  if (COUNTS.has(path) && typeof kept === "number" && typeof mine === "number") return Math.max(kept, mine);
  if (path === "notes" && typeof kept === "string" && typeof mine === "string")
    return allLines(kept, mine).slice(-4000);
  if (LISTS.has(path)) return mergedIds(asIds(base), asIds(kept), asIds(mine));
  const nameOf = NAMED[path];
  if (nameOf && Array.isArray(kept) && Array.isArray(mine)) {
    const [was, one, other] = [byName(base, nameOf), byName(kept, nameOf), byName(mine, nameOf)];
    return Object.values(mergedTree(was, one, other, path, conflicts));
  }
  if (isTree(kept) && isTree(mine)) return mergedTree(isTree(base) ? base : {}, kept, mine, path, conflicts);
  conflicts.push(path);
  return kept;
}

/**
 * @param base what both began from
 * @param kept what was kept first: by the server, by the other tab
 * @param mine what is to be kept too
 */
export function mergedRoast(base: Roast, kept: Roast, mine: Roast): Merged {
  const conflicts: string[] = [];
  const joined = mergedTree(base, kept, mine, "", conflicts) as Roast;
  const checked = RoastSchema.safeParse({ ...joined, happened: inOrder(joined.happened) });
  // Each half may be right by itself and the whole not: stages of the one that overlap those of the other.
  return checked.success ? { roast: checked.data, conflicts } : { roast: kept, conflicts: ["plan"] };
}
