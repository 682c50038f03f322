/** Texts and instants that come from outside: what may stand in them, wherever they are shown or written to. */
import * as z from "zod/mini";
import { rule } from "../faults";
import { Recent } from "../recent";

/** Control characters, halves of pairs, breaks of line and paragraph, and what turns the direction of a text around. */
const UNPRINTABLE = /[\p{Cc}\p{Cs}\u2028\u2029\u202A-\u202E\u2066-\u2069]/u;
const ALL_UNPRINTABLE = new RegExp(UNPRINTABLE.source, "gu");
const BREAKS = /[\n\t]/g;

/** One line of a text that can be shown. */
export const line = (least: number, most: number) =>
  z.string().check(
    z.minLength(least),
    z.maxLength(most),
    z.refine((text) => !UNPRINTABLE.test(text), rule("unprintable")),
  );

/** A name that is typed: what stands around it does not count. */
export const typedName = z.pipe(z.string().check(z.trim()), line(1, 60));

/** Several lines of it. */
export const lines = (most: number) =>
  z.string().check(
    z.maxLength(most),
    z.refine((text) => !UNPRINTABLE.test(text.replaceAll(BREAKS, "")), rule("unprintable")),
  );

/** A text of older versions as it may stand from now on. */
export const shown = (text: string): string =>
  text.replaceAll(ALL_UNPRINTABLE, (sign) => (sign === "\n" || sign === "\t" ? sign : " "));

/** One line that a person reads, whatever stood in it. */
export function oneLine(text: string, longest: number): string {
  const flat = shown(text.slice(0, 4 * longest)).replaceAll(/\s+/g, " ");
  return flat.length <= longest ? flat : `${flat.slice(0, longest - 2)} …`;
}

/** How long a reason may be that is told with its place. */
export const LONGEST_REASON = 190;

const FIRST_MS = Date.UTC(2000, 0, 1);
const LAST_MS = Date.UTC(2100, 0, 1);

/** Whether a moment lies in the years 2000 to 2099: what is outside is a slip. */
export const isOfCentury = (ms: number): boolean => ms >= FIRST_MS && ms < LAST_MS;

/** An instant with its offset, within a century. */
export const instant = z.iso
  .datetime({ offset: true })
  .check(z.refine((at) => isOfCentury(Date.parse(at)), rule("of-this-century")));

/** Whether zones are known, as they were asked for last: asking the clock takes a while, and files may name any. */
const zones = new Recent<boolean>(600);

/** Whether the clock of this machine knows a zone by its name. */
function isKnownZone(name: string): boolean {
  return zones.get(name, () => {
    try {
      return /^[A-Za-z]/.test(name) && new Intl.DateTimeFormat("en", { timeZone: name }).format(0) !== "";
    } catch {
      // Refused by the clock's own table: there is no such zone.
      return false;
    }
  });
}

/** An IANA zone that this machine's clock knows. */
export const zone = z.string().check(z.minLength(1), z.maxLength(64), z.refine(isKnownZone, rule("known-zone")));
