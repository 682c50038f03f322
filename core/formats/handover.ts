/**
 * A dinner small enough for a picture of dots: the roast file, deflated (RFC 1951), in base64url (RFC 4648), behind the
 * `#` of an address, which a browser never sends anywhere. Readings stay where they are.
 */

import type { Fault } from "../faults";
import type { Roast } from "../plan/roast";
import { checkRoastFile, FILE_FORMAT, type RoastFile } from "./file";
import { FILE_VERSION } from "./migrations";

/** Far above any roast, far below what would stall a phone. */
const LONGEST_TEXT = 200_000;

async function through(bytes: Uint8Array<ArrayBuffer>, stream: GenericTransformStream): Promise<Uint8Array> {
  const piped = new Blob([bytes]).stream().pipeThrough(stream as ReadableWritablePair<Uint8Array, Uint8Array>);
  const parts: Uint8Array[] = [];
  let length = 0;
  for (const reader = piped.getReader(); ; ) {
    const { done, value } = await reader.read();
    if (done) break;
    length += value.length;
    if (length > LONGEST_TEXT) throw new RangeError("what was handed over is far too long for a roast");
    parts.push(value);
  }
  const all = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

export const base64url = (bytes: Uint8Array): string =>
  btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(""))
    .replaceAll("+", "-")
    .replaceAll("/", "_")
    .replace(/=+$/, "");

const fromBase64url = (text: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(text.replaceAll("-", "+").replaceAll("_", "/")), (letter) => letter.charCodeAt(0));

/** @param roasts of one dinner */
export async function packRoasts(roasts: readonly Roast[], exportedAt: Date): Promise<string> {
  const file: RoastFile = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt: exportedAt.toISOString(),
    roasts: roasts.map((roast) => ({ roast, readings: [] })),
  };
  const bytes = new TextEncoder().encode(JSON.stringify(file));
  return base64url(await through(bytes, new CompressionStream("deflate-raw")));
}

/** Small enough for a picture: without its notes where they would be too long. @param most letters */
export async function packShort(
  roasts: readonly Roast[],
  exportedAt: Date,
  most: number,
): Promise<{ readonly packed: string; readonly withNotes: boolean }> {
  const packed = await packRoasts(roasts, exportedAt);
  if (packed.length <= most || roasts.every(({ notes }) => notes === "")) return { packed, withNotes: true };
  const bare = roasts.map((roast) => ({ ...roast, notes: "" }));
  return { packed: await packRoasts(bare, exportedAt), withNotes: false };
}

export type Unpacked =
  | { readonly kind: "roasts"; readonly roasts: readonly [Roast, ...Roast[]] }
  | { readonly kind: "refused"; readonly faults: readonly Fault[] };

/** Checked like any file that comes in, and carried forward from an older version. */
export async function unpackRoasts(packed: string): Promise<Unpacked> {
  let text: string;
  try {
    text = new TextDecoder().decode(await through(fromBase64url(packed), new DecompressionStream("deflate-raw")));
  } catch {
    // Cut off, mistyped or not ours: the reader is told what to do about it, the library's own words would not help.
    return { kind: "refused", faults: [{ where: "", wrong: { kind: "rule", rule: "whole-address" } }] };
  }
  const checked = checkRoastFile(text);
  if (!checked.valid) return { kind: "refused", faults: checked.faults };
  const [first, ...others] = checked.file.roasts.map(({ roast }) => roast);
  return first
    ? { kind: "roasts", roasts: [first, ...others] }
    : { kind: "refused", faults: [{ where: "roasts", wrong: { kind: "rule", rule: "some-roast" } }] };
}
