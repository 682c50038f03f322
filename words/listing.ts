/** Names one after the other, as a sentence has them. */

const ALL = new Intl.ListFormat("en-GB", { type: "conjunction" });
const ANY = new Intl.ListFormat("en-GB", { type: "disjunction" });

/** "salt, oil and thyme"; empty of none. */
export const allOf = (names: readonly string[]): string => ALL.format(names);

/** "salt, oil or thyme"; empty of none. */
export const anyOf = (names: readonly string[]): string => ANY.format(names);
