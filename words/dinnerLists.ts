/** All the roasts of a dinner on one list and in one timetable. */
import { TABLE_ROW } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { type DerivedPlan, REHEAT_ID } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import { small } from "./amounts";
import { type ListItem, summed } from "./listItem";
import { type Lists, listsOf } from "./lists";
import { type TimetableRow, timetableOf } from "./timetable";
import { dishesToBuy } from "./toBuy";

export interface ListedRoast {
  readonly id: string;
  /** What it is called beside the others. */
  readonly name: string;
  readonly plan: Plan;
  readonly derived: DerivedPlan;
  /** Its timetable as its day stands now; as planned where it is left out. */
  readonly placed?: readonly TimetableRow[] | undefined;
}

const under = (name: string, items: readonly ListItem[]): ListItem[] =>
  items.map((item) => (item.isShared ? item : { ...item, what: `${name}: ${item.what}` }));

/** What two roasts want of one thing is had as one: what can be added is, lines without a sum that are equal stand once. */
function together(items: readonly ListItem[]): ListItem[] {
  const lines: ListItem[] = [];
  for (const item of items) {
    // Of one unit: so much of either is written alike.
    const isSame = ({ what, amount, sum }: ListItem): boolean =>
      what === item.what && (sum && item.sum ? sum.said(1) === item.sum.said(1) : amount === item.amount);
    const at = lines.findIndex(isSame);
    const known = lines[at];
    if (!known) lines.push(item);
    else if (known.sum && item.sum) {
      const { total, said } = known.sum;
      // What one of them says of its own amount is not true of both.
      lines[at] = summed(known.what, total + item.sum.total, said, known.why === item.why ? known.why : undefined);
    }
  }
  return lines;
}

/** @param all of one dinner, in the order in which they were planned; one alone is listed as it is */
export function dinnerLists(all: readonly ListedRoast[], units: UnitSystem): Lists {
  const [first, ...others] = all;
  if (!first) return { buy: [], weigh: [], kit: [] };
  if (others.length === 0) return listsOf(first.plan, first.derived, units);
  const each = all.map(({ name, plan, derived }) => ({ name, lists: listsOf(plan, derived, units, "of-a-dinner") }));
  const { portions } = first.derived;
  // The birds first, each by itself: two of a kind are two.
  const birds = each.flatMap(({ lists }) => lists.buy.slice(0, 1));
  const last = birds.pop() as ListItem;
  const why = `with all the others, for ${portions.heads} at the table; together they give ${small(portions.eachKg * 1000, units)} of cooked meat a head`;
  const dishes = dishesToBuy(
    { sides: [...new Map(all.flatMap(({ plan }) => plan.sides).map((side) => [side.id, side])).values()] },
    portions.heads,
  );
  return {
    buy: [...birds, { ...last, why }, ...together(each.flatMap(({ lists }) => lists.buy.slice(1))), ...dishes],
    weigh: each.flatMap(({ name, lists }) => under(name, lists.weigh)),
    kit: together(
      each.flatMap(({ name, lists }) => lists.kit.flatMap((item) => (item.isOwn ? under(name, [item]) : [item]))),
    ),
  };
}

/** @param all of one dinner; one alone has the rows of its own timetable */
export function dinnerTimetable(all: readonly ListedRoast[], units: UnitSystem): readonly TimetableRow[] {
  const rowsOf = ({ plan, derived, placed }: ListedRoast): readonly TimetableRow[] =>
    placed ?? timetableOf(plan, derived, units);
  if (all.length === 1) return all.flatMap(rowsOf);
  const rows = all.flatMap((roast) =>
    rowsOf(roast).map((row) => {
      // Dishes, the table and what is left on it are everybody's; what was carved the day before is heated again by itself.
      const { about } = row;
      const isDish = "side" in about && about.side.id !== REHEAT_ID;
      const isShared = row.id === TABLE_ROW || about.kind === "leftovers" || isDish;
      return isShared ? row : { ...row, id: `${roast.id}-${row.id}`, what: `${roast.name}: ${row.what}` };
    }),
  );
  const seen = new Set<string>();
  // Of what is everybody's, the first counts.
  return rows.sort((one, other) => one.startMs - other.startMs).filter(({ id }) => !seen.has(id) && seen.add(id));
}
