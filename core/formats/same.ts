/** Whether two stored values say the same, in whatever order their keys stand: a schema hands them back in its own. */

function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, each]) => each !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, each]) => [key, ordered(each)]),
  );
}

/** Equal values, equal texts. */
export const canonical = (value: unknown): string => JSON.stringify(ordered(value)) ?? "undefined";

export const same = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b);
