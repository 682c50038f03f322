/** Texts as numbers of 32 bits: FNV-1a (G. Fowler, L. C. Noll and K.-P. Vo; constants from memory). */
const FNV_START = 0x811c9dc5;
const FNV_PRIME = 0x01000193;

/** @param start another one makes another number of the same text */
export function hashOf(text: string, start = FNV_START): number {
  let hash = start;
  for (let n = 0; n < text.length; n++) hash = Math.imul(hash ^ text.charCodeAt(n), FNV_PRIME);
  return hash >>> 0;
}
