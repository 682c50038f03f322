/** The cook's own ways of writing quantities and times: from a language's region, and changeable one by one. */
export interface Habits {
  readonly units: "metric" | "us";
  readonly clock: "24h" | "12h";
  /** Which comes first in a written date. */
  readonly dates: "day" | "month";
  /** First day of the week: Sunday, Monday, Saturday. */
  readonly weekStart: 0 | 1 | 6;
}

export const METRIC_HABITS: Habits = { units: "metric", clock: "24h", dates: "day", weekStart: 1 };

/** Countries whose kitchens weigh in pounds and set their ovens in °F; all others are metric at the stove. */
const US_UNITS: ReadonlySet<string> = new Set(["US", "LR", "MM", "BS", "BZ", "KY", "PW", "FM", "MH"]);
/** By Unicode's CLDR (week data), from memory: what runtimes that cannot tell fall back on. */
const WEEK_FROM_SUNDAY: ReadonlySet<string> = new Set([
  "US",
  "CA",
  "MX",
  "BR",
  "JP",
  "KR",
  "IN",
  "IL",
  "ZA",
  "PH",
  "TW",
]);

interface WithWeek {
  getWeekInfo?(): { readonly firstDay: number };
  readonly weekInfo?: { readonly firstDay: number };
}

function weekStartOf(locale: Intl.Locale): Habits["weekStart"] {
  const told = locale as Intl.Locale & WithWeek;
  const firstDay = (told.getWeekInfo?.() ?? told.weekInfo)?.firstDay;
  if (firstDay === undefined) return WEEK_FROM_SUNDAY.has(locale.region ?? "") ? 0 : 1;
  // Unicode counts Monday as 1 and Sunday as 7; a week from Friday has no calendar of its own here.
  return firstDay === 7 ? 0 : firstDay === 6 ? 6 : 1;
}

/**
 * Habits of a language as browsers name it, such as "en-US" or "de"; one that nobody knows has metric ones. A
 * language without its region has those of where most speak it, but for plain English, which is no country's.
 */
export function habitsOf(language: string): Habits {
  let said: Intl.Locale;
  try {
    said = new Intl.Locale(language === "en" ? "en-GB" : language);
  } catch {
    return METRIC_HABITS;
  }
  const locale = said.maximize();
  // The name as it was said: with its script in it, the formats of "en-GB" would be sought as those of "en".
  const moment = new Intl.DateTimeFormat(said, { day: "numeric", month: "numeric", hour: "numeric", timeZone: "UTC" });
  const order = moment.formatToParts(0).map(({ type }) => type);
  return {
    units: US_UNITS.has(locale.region ?? "") ? "us" : "metric",
    clock: moment.resolvedOptions().hour12 ? "12h" : "24h",
    dates: order.indexOf("month") < order.indexOf("day") ? "month" : "day",
    weekStart: weekStartOf(locale),
  };
}
