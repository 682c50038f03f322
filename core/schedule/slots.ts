/** Where a side dish may go; "tray": under the bird, in its own tray. */
export const SIDE_SLOTS = ["auto", "rest", "with", "before", "tray"] as const;
export type SideSlot = (typeof SIDE_SLOTS)[number];
