/** Where a side dish may go. */
export const SIDE_SLOTS = ["auto", "rest", "with", "before"] as const;
export type SideSlot = (typeof SIDE_SLOTS)[number];
