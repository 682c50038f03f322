/** Inputs made wrong on purpose, again the same for the same seed: values of a tree, letters of a text. */

/** A sequence of numbers in [0, 1): mulberry32 (T. Ettinger; from memory). */
export function randomOf(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

export type Random = () => number;
export const below = (random: Random, count: number): number => Math.floor(random() * count);
export const pick = <Item>(random: Random, items: readonly Item[]): Item => items[below(random, items.length)] as Item;

const nested = (depth: number): unknown => {
  let value: unknown = 1;
  for (let n = 0; n < depth; n++) value = n % 2 ? [value] : { a: value };
  return value;
};

/** What stands where something else should. */
const STRANGE: readonly (() => unknown)[] = [
  () => null,
  () => true,
  () => "",
  () => 0,
  () => -1,
  () => -0.5,
  () => 1e308,
  () => 4.000_000_01,
  () => 2 ** 53,
  () => "12 or so",
  () => "2026-13-45T99:99:99Z",
  () => "0001-01-01T00:00:00Z",
  () => "+275760-09-13T00:00:00.000Z",
  () => "2026-09-27T09:00:00+23:59",
  () => "=cmd()",
  () => "line\r\nbreak",
  () => "\u202Eturned",
  () => "\uD800",
  () => "\u0000",
  () => "\u{1F414}".repeat(20),
  () => "x".repeat(100_000),
  () => "__proto__",
  () => "constructor",
  () => [],
  () => ({}),
  () => [null, [1]],
  () => nested(50),
  () => nested(3000),
  () => Array.from({ length: 3000 }, (_, n) => n),
];

type Tree = Record<string, unknown>;
const isTree = (value: unknown): value is Tree => typeof value === "object" && value !== null;

/** One value of a tree changed, taken away, renamed, doubled, or put where another stood; the tree itself is changed. */
export function mutateTree(tree: unknown, random: Random): void {
  let at = tree;
  // Down to a place of its own, seldom at the top.
  for (let depth = 1 + below(random, 7); depth > 0 && isTree(at); depth--) {
    const keys = Object.keys(at);
    if (keys.length === 0) break;
    const key = pick(random, keys);
    const inside: unknown = at[key];
    if (depth > 1 && isTree(inside)) {
      at = inside;
      continue;
    }
    change(at, key, keys, random);
    return;
  }
}

function change(at: Tree, key: string, keys: readonly string[], random: Random): void {
  switch (below(random, 6)) {
    case 0:
      if (Array.isArray(at)) at.splice(Number(key), 1);
      else delete at[key];
      return;
    case 1:
      at[key] = at[pick(random, keys)];
      return;
    case 2:
      if (Array.isArray(at)) at.push(...at.slice(0, 3));
      else at[`${key}${pick(random, ["", " ", "s", "\u0000"])}x`] = at[key];
      return;
    case 3:
      if (typeof at[key] === "number") {
        at[key] = (at[key] as number) * pick(random, [-1, 0, 0.5, 1.01, 10, 1e9]);
        return;
      }
      at[key] = pick(random, STRANGE)();
      return;
    default:
      at[key] = pick(random, STRANGE)();
  }
}

const LETTERS = [
  '"',
  "{",
  "}",
  "[",
  "]",
  ",",
  ":",
  "\n",
  "\r",
  "\\",
  "-",
  "e",
  "\u0000",
  "\uFEFF",
  "\u202E",
  "\uD83D",
  "°",
  ";",
  "=",
];

/** A text cut short, with pieces moved, doubled or replaced. */
export function mutateText(text: string, random: Random): string {
  let changed = text;
  for (let n = 1 + below(random, 4); n > 0; n--) {
    const [a, b] = [below(random, changed.length + 1), below(random, changed.length + 1)].sort((x, y) => x - y) as [
      number,
      number,
    ];
    switch (below(random, 5)) {
      case 0:
        changed = changed.slice(0, b);
        break;
      case 1:
        changed = changed.slice(0, a) + changed.slice(Math.min(b, a + 40));
        break;
      case 2:
        changed = changed.slice(0, a) + pick(random, LETTERS) + changed.slice(a + below(random, 2));
        break;
      case 3:
        changed = changed.slice(0, b) + changed.slice(a, Math.min(b, a + 200)) + changed.slice(b);
        break;
      default:
        changed = changed.slice(0, a) + String(pick(random, STRANGE)()).slice(0, 5000) + changed.slice(a);
    }
  }
  return changed;
}
