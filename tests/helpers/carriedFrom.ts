/** A database as an older page left it, opened by the page of today. */
import Dexie from "dexie";
import { BrumaDatabase } from "../../storage/database";

/** Tables as they came, by the version that brought them. */
const BROUGHT: readonly (readonly [version: number, stores: Readonly<Record<string, string>>])[] = [
  [1, { roasts: "id, createdAt", readings: "++key, roastId, [roastId+at]", preferences: "id" }],
  [3, { kitchen: "id" }],
  [4, { shared: "roastId", photos: "++key, roastId" }],
  [8, { roasts: "id, createdAt, dinner" }],
  [10, { bin: "roastId, binnedMs" }],
  [11, { ovens: "id", imports: "++key, atMs", practised: "roastId" }],
  [12, { drills: "++key, atMs" }],
  [13, { readings: "++key, roastId, [roastId+at], [roastId+source]" }],
];

/** @param rows by their table */
export async function carriedFrom(
  version: number,
  rows: Readonly<Record<string, readonly object[]>>,
): Promise<BrumaDatabase> {
  const name = `of-version-${version}-${Math.random()}`;
  const old = new Dexie(name);
  const brought = BROUGHT.filter(([since]) => since <= version).map(([, stores]) => stores);
  old.version(version).stores(Object.assign({}, ...brought));
  for (const [table, all] of Object.entries(rows)) await old.table(table).bulkAdd([...all]);
  old.close();
  return new BrumaDatabase(name);
}
