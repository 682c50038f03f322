/** All the roasts of a dinner on one list and in one timetable. */
import { TABLE_ROW } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import type { DerivedPlan } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import { small } from "./amounts";
import { amountOf, type ListItem } from "./listItem";
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

/** What two roasts want of one thing is bought as one: amounts in grams are added, equal lines stand once. */
function bought(items: readonly ListItem[], units: UnitSystem): ListItem[] {
  const lines: ListItem[] = [];
  for (const item of items) {
    const at = lines.findIndex(
      ({ what, grams }) => what === item.what && (grams === undefined) === (item.grams === undefined),
    );
    const known = lines[at];
    if (!known || (known.grams === undefined && known.amount !== item.amount)) lines.push(item);
    else if (known.grams !== undefined && item.grams !== undefined) {
      const grams = known.grams + item.grams;
      lines[at] = { ...known, grams, amount: amountOf(grams, units, known.as) };
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
    buy: [
      ...birds,
      { ...last, why },
      ...bought(
        each.flatMap(({ lists }) => lists.buy.slice(1)),
        units,
      ),
      ...dishes,
    ],
    weigh: each.flatMap(({ name, lists }) => under(name, lists.weigh)),
    kit: bought(
      each.flatMap(({ lists }) => lists.kit),
      units,
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
      // Dishes, the table and what is left on it are everybody's.
      const isShared = row.id === TABLE_ROW || row.about.kind === "leftovers" || row.about.kind === "side";
      return isShared ? row : { ...row, id: `${roast.id}-${row.id}`, what: `${roast.name}: ${row.what}` };
    }),
  );
  const seen = new Set<string>();
  // Of what is everybody's, the first counts.
  return rows.sort((one, other) => one.startMs - other.startMs).filter(({ id }) => !seen.has(id) && seen.add(id));
}
