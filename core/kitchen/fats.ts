/** When fat goes on, and where. */
export const FATS = ["before", "under-skin", "none-at-first", "none"] as const;
export type Fat = (typeof FATS)[number];
