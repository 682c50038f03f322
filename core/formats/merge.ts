/**
 * One roast that was changed in two places: what only one of them changed is taken from there, field by field, down
 * through the plan; lists of what has a name are joined by it, others are taken whole. Where both changed one field, the one that was kept first stands, and its
 * path is told; counts of what was done keep the higher, notes keep the lines of both.
 */

import { happenedAfterEdit } from "../plan/edited";
import { inOrder } from "../plan/happened";
import { notesWith } from "../plan/notes";
import { type Roast, RoastSchema } from "../plan/roast";
import type { Plan } from "../plan/schema";
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
  "happened.heatOffs": ({ offAt }) => String(offAt),
  "happened.seated": ({ at, probe }) => `${at} ${probe}`,
  "happened.notItsOwn": ({ device, until }) => `${device} ${until}`,
  "happened.left": ({ at, piece }) => `${at} ${piece}`,
  "happened.outs": ({ outAt }) => String(outAt),
};

const byName = (list: unknown, nameOf: (item: Tree) => string): Tree =>
  Object.fromEntries((Array.isArray(list) ? list.filter(isTree) : []).map((item) => [nameOf(item), item]));

const asIds = (value: unknown): readonly unknown[] => (Array.isArray(value) ? value : []);

function mergedIds(
  base: readonly unknown[],
  kept: readonly unknown[],
  mine: readonly unknown[],
  sent: readonly unknown[],
): readonly unknown[] {
  const taken = [...base, ...sent].filter((id) => !mine.includes(id));
  return [
    ...kept.filter((id) => !taken.includes(id)),
    ...mine.filter((id) => !base.includes(id) && !kept.includes(id)),
  ];
}

/** One field, or all, in its several versions. */
interface Versions<Value> {
  readonly base: Value;
  readonly kept: Value;
  readonly mine: Value;
  /** Mine as it was sent before, without word of whether it was kept. */
  readonly sent: readonly Value[];
}

const asTree = (value: unknown): Tree => (isTree(value) ? value : {});

function mergedTree({ base, kept, mine, sent }: Versions<Tree>, path: string, conflicts: string[]): Tree {
  const names = new Set([...Object.keys(kept), ...Object.keys(mine), ...Object.keys(base)]);
  const result: Record<string, unknown> = {};
  for (const name of names) {
    const versions = { base: base[name], kept: kept[name], mine: mine[name], sent: sent.map((each) => each[name]) };
    const value = mergedValue(versions, path ? `${path}.${name}` : name, conflicts);
    if (value !== undefined) result[name] = value;
  }
  return result;
}

function mergedValue(versions: Versions<unknown>, path: string, conflicts: string[]): unknown {
  const { base, kept, mine, sent } = versions;
  if (same(kept, mine)) return kept;
  // What comes back is my own, and I have changed it since.
  if (same(base, kept) || sent.some((each) => same(each, kept))) return mine;
  if (same(base, mine) && sent.every((each) => same(each, mine))) return kept;
  if (COUNTS.has(path) && typeof kept === "number" && typeof mine === "number") return Math.max(kept, mine);
  if (path === "notes" && typeof kept === "string" && typeof mine === "string")
    return notesWith(kept, typeof base === "string" ? base : "", mine);
  if (LISTS.has(path)) return mergedIds(asIds(base), asIds(kept), asIds(mine), sent.flatMap(asIds));
  const nameOf = NAMED[path];
  if (nameOf && Array.isArray(kept) && Array.isArray(mine)) {
    const named = (list: unknown): Tree => byName(list, nameOf);
    const trees = { base: named(base), kept: named(kept), mine: named(mine), sent: sent.map(named) };
    return Object.values(mergedTree(trees, path, conflicts));
  }
  if (isTree(kept) && isTree(mine)) {
    return mergedTree({ base: asTree(base), kept, mine, sent: sent.map(asTree) }, path, conflicts);
  }
  conflicts.push(path);
  return kept;
}

/**
 * @param base what both began from
 * @param kept what was kept first: by the server, by the other tab
 * @param mine what is to be kept too
 * @param sent mine as it was sent before, without word of whether it was kept: what is kept may be one of these
 */
export function mergedRoast(base: Roast, kept: Roast, mine: Roast, sent: readonly Roast[] = []): Merged {
  const conflicts: string[] = [];
  const joined = mergedTree({ base, kept, mine, sent }, "", conflicts) as Roast;
  const checked = RoastSchema.safeParse({ ...joined, happened: inOrder(joined.happened) });
  // Each half may be right by itself and the whole not: stages of the one that overlap those of the other.
  return checked.success ? { roast: checked.data, conflicts } : { roast: kept, conflicts: ["plan"] };
}

/** A roast with what differs between two plans of it, and all that was changed meanwhile. */
export function withChange(before: Roast, from: Plan, to: Plan): Roast {
  const { roast } = mergedRoast({ ...before, plan: from }, { ...before, plan: to }, before);
  return { ...roast, happened: happenedAfterEdit(before, roast.plan) };
}

/** A roast with one change of it taken back, and all that was changed since; as it is where that cannot be. */
export function withoutChange(now: Roast, before: Roast, after: Roast): Roast {
  const { roast } = mergedRoast(after, before, now);
  return roast === before ? now : roast;
}

/**
 * A roast whose plan is again as it was before an edit: what had happened and that edit took counts again, what was told
 * since stands.
 */
export function withGivenBack(now: Roast, before: Roast, after: Roast): Roast {
  const { plan } = now;
  const { happened } = mergedRoast({ ...after, plan }, now, { ...before, plan }).roast;
  return { ...now, happened };
}
