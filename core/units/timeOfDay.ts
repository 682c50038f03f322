/** A time of day as cooks type it, in minutes after midnight. */
import { QuantityError } from "../errors";

const TIME = /^(\d{1,2})(?:\s*[:.h]?\s*([0-5]\d))?\s*h?\s*([ap])?\.?\s*(?:m\.?)?$/i;
const HALF_DAY = 12 * 60;
const NAMED: ReadonlyMap<string, number> = new Map([
  ["noon", HALF_DAY],
  ["midday", HALF_DAY],
  ["midnight", 0],
  ["24:00", 0],
]);

/**
 * "13:30", "1:30 pm", "1330", "7pm", "noon". Without "am" or "pm" it is what a 24-hour clock shows, or, on a 12-hour
 * clock, the half of the day that is nearer to another time.
 * @param nearMin what was there before, minutes after midnight; null: a 24-hour clock
 * @throws QuantityError when the text is no time of day
 */
export function parseTimeOfDay(text: string, nearMin: number | null = null): number {
  const named = NAMED.get(text.trim().toLowerCase());
  if (named !== undefined) return named;
  const match = TIME.exec(text.trim());
  const [hour, minute] = [Number(match?.[1]), Number(match?.[2] ?? 0)];
  const half = match?.[3]?.toLowerCase();
  if (!match || hour > 23 || (half && (hour < 1 || hour > 12))) {
    throw new QuantityError("time", text, { kind: "read-as", what: "time-of-day" });
  }
  if (half) return (hour % 12) * 60 + minute + (half === "p" ? HALF_DAY : 0);
  const plain = hour * 60 + minute;
  if (nearMin === null || hour < 1 || hour > 12) return plain;
  const early = (hour % 12) * 60 + minute;
  // The shorter way round the clock: at ten past midnight "11:55" is the evening's.
  const apart = Math.abs(early - nearMin);
  return Math.min(apart, 2 * HALF_DAY - apart) <= HALF_DAY / 2 ? early : early + HALF_DAY;
}
