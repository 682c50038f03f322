/** Where in its bar a task's name stands: clear of the handles that are moved by hand on it. */

/** Half of a handle and some air, px. */
const HANDLE_PX = 8;

/**
 * @param widthPx of the bar
 * @param namePx of its name
 * @param handlesPx of the handles, from the bar's left end
 * @returns px from the left end; null where it has no room, and a word that is cut short is none
 */
export function nameFromPx(widthPx: number, namePx: number, handlesPx: readonly number[]): number | null {
  const starts = [0, ...handlesPx.map((px) => px + HANDLE_PX)].sort((a, b) => a - b);
  const isFree = (fromPx: number): boolean =>
    fromPx + namePx < widthPx && handlesPx.every((px) => px + HANDLE_PX <= fromPx || px - HANDLE_PX >= fromPx + namePx);
  return starts.find(isFree) ?? null;
}
