/**
 * Known cases, each as the command line's options, with what is known and from where. One list serves the fit, the
 * science page and the tests: published tables (from memory), and common practice. Of the eight from `stone-12` on that were
 * added together, four are fitted and four only checked, by lot: those whose names have the lowest SHA-256.
 */
export interface KnownCase {
  readonly id: string;
  readonly what: string;
  readonly origin: "published" | "practice";
  readonly source: string;
  readonly args: string;
  /** What of the answer is held against the known range. */
  readonly read:
    | "vapour share"
    | "pull minutes"
    | "breast at the pull"
    | "peak breast at rest"
    | "peak thigh at rest"
    | "breast per min";
  readonly low: number;
  readonly high: number;
  /** Taken into the fit; the others are only checked. */
  readonly fit?: true;
  /** The known figure is only a bound from above: how it falls below says nothing. */
  readonly upperBound?: true;
}

const FSIS = "USDA FSIS roasting table";
const SAFETY = "FoodSafety.gov roasting table";
const PRACTICE = "common practice";
const BOTH = "--until breast=74C,thigh=74C";

const turkey = (pounds: number, low: number, high: number, more: Partial<KnownCase> = {}): KnownCase => ({
  id: `turkey-${pounds}${more.args ? "-stuffed" : ""}`,
  what: `${pounds} lb turkey${more.args ? ", stuffed" : ""}, 325 °F, both centres 74 °C`,
  origin: "published",
  source: FSIS,
  read: "pull minutes",
  low,
  high,
  ...more,
  args: `--mass ${pounds}lb --stage 325F@0m ${BOTH} ${more.args ?? ""}`.trim(),
});
const STUFFED = { args: "--stuffed" } as const;

export const CASES: readonly KnownCase[] = [
  turkey(10, 165, 180, { fit: true }),
  turkey(13, 180, 225),
  turkey(16, 225, 255),
  turkey(19, 255, 270, { fit: true }),
  turkey(22, 270, 300, { fit: true }),
  turkey(10, 180, 210, STUFFED),
  turkey(13, 210, 240, { ...STUFFED, fit: true }),
  turkey(16, 240, 255, STUFFED),
  turkey(19, 255, 285, STUFFED),
  turkey(22, 285, 315, STUFFED),
  {
    id: "turkey-crown-6",
    what: "6 lb turkey breast on the bone, 325 °F, 74 °C",
    origin: "published",
    source: FSIS,
    args: "--cut crown --mass 6lb --stage 325F@0m --until breast=74C",
    read: "pull minutes",
    low: 90,
    high: 195,
  },
  {
    id: "chicken-3.5",
    what: "3.5 lb chicken, 350 °F, both centres 74 °C",
    origin: "published",
    source: SAFETY,
    args: `--species chicken --mass 3.5lb --stage 350F@0m ${BOTH}`,
    read: "pull minutes",
    low: 75,
    high: 90,
    fit: true,
  },
  {
    id: "chicken-6",
    what: "6 lb chicken, 350 °F, both centres 74 °C",
    origin: "published",
    source: SAFETY,
    args: `--species chicken --mass 6lb --stage 350F@0m ${BOTH}`,
    read: "pull minutes",
    low: 120,
    high: 135,
  },
  {
    id: "duck-5",
    what: "5 lb duck, 350 °F, both centres 74 °C (the table includes rendering: an upper bound)",
    origin: "published",
    source: SAFETY,
    args: `--species duck --mass 5lb --stage 350F@0m ${BOTH}`,
    read: "pull minutes",
    low: 150,
    high: 175,
    upperBound: true,
  },
  {
    id: "goose-10",
    what: "10 lb goose, 350 °F, both centres 74 °C (the row is for 8 to 12 lb)",
    origin: "published",
    source: SAFETY,
    args: `--species goose --mass 10lb --stage 350F@0m ${BOTH}`,
    read: "pull minutes",
    low: 150,
    high: 180,
  },
  {
    id: "chicken-thighs-6oz",
    what: "chicken legs or thighs of 6 oz (a 4 lb bird in parts), 350 °F, 74 °C",
    origin: "published",
    source: SAFETY,
    args: "--species chicken --cut parts --mass 4lb --stage 350F@0m --until thigh=74C",
    read: "pull minutes",
    low: 40,
    high: 50,
  },
  {
    id: "chicken-breasts-7oz",
    what: "chicken breast halves, bone in, 7 oz (a 2.5 lb bird in parts), 350 °F, 74 °C",
    origin: "published",
    source: SAFETY,
    args: "--species chicken --cut parts --mass 2.5lb --stage 350F@0m --until breast=74C",
    read: "pull minutes",
    low: 30,
    high: 40,
  },
  {
    id: "flat-12-hot",
    what: "12 lb spatchcocked, 450 °F on a rack over a tray, breast 63–66 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--cut spatchcock --mass 12lb --stage 450F@0m --until breast=64.5C",
    read: "pull minutes",
    low: 75,
    high: 85,
    fit: true,
  },
  {
    id: "hot-start-10",
    what: "10 lb, 18 min at 425 °F, then 325 °F, thigh 74 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 10lb --stage 425F@0m --stage 325F@18m --until thigh=74C",
    read: "pull minutes",
    low: 150,
    high: 180,
    fit: true,
  },
  {
    id: "hot-start-19",
    what: "19 lb, 18 min at 425 °F, then 325 °F, thigh 74 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 19lb --stage 425F@0m --stage 325F@18m --until thigh=74C",
    read: "pull minutes",
    low: 240,
    high: 300,
  },
  {
    id: "smoker-13-2h",
    what: "13 lb in a smoker at 300 °F: breast after 2 h",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 13lb --heat smoker --stage 300F@0m --until time=120m",
    read: "breast at the pull",
    low: 54,
    high: 54,
    fit: true,
  },
  {
    id: "smoker-13-3h",
    what: "13 lb in a smoker at 300 °F: breast after 3 h",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 13lb --heat smoker --stage 300F@0m --until time=180m",
    read: "breast at the pull",
    low: 71,
    high: 71,
  },
  {
    id: "stone-12",
    what: "12 lb dried two days, breast shielded, on stone and pan preheated at 500 °F, 425 °F for 45 min, then 325 °F bare: breast 74 and thigh 79 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 12lb --skin dried,hours=48 --preheat 500F --stage 425F@0m,shield=breast,surface=hot-stone --stage 325F@45m,shield=none --until breast=74C,thigh=79C",
    read: "pull minutes",
    low: 90,
    high: 135,
  },
  {
    id: "shield-14",
    what: "14 lb, 500 °F for 30 min, then 350 °F with a shield on the breast, breast 161 °F",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 14lb --stage 500F@0m --stage 350F@30m,shield=breast --until breast=71.7C",
    read: "pull minutes",
    low: 120,
    high: 150,
    fit: true,
  },
  {
    id: "crown-covered",
    what: "6 lb crown on vegetables, foil sealed over the dish for 75 min of 425 °F, then bare to 165 °F",
    origin: "practice",
    source: PRACTICE,
    args: "--cut crown --mass 6lb --stage 425F@0m,wrap=lid,surface=vegetables --stage 425F@75m,wrap=none --until breast=74C",
    read: "pull minutes",
    low: 90,
    high: 110,
    fit: true,
  },
  ...(
    [
      [10, 90, 120],
      [14, 120, 150],
      [18, 150, 180],
      [22, 180, 210],
    ] as const
  ).map(
    ([pounds, low, high]): KnownCase => ({
      id: `bag-${pounds}`,
      what: `${pounds} lb in a roasting bag, 350 °F, both centres 74 °C (as printed on bags for such weights)`,
      origin: "practice",
      source: PRACTICE,
      args: `--mass ${pounds}lb --stage 350F@0m,wrap=bag ${BOTH}`,
      read: "pull minutes",
      low,
      high,
    }),
  ),
  {
    id: "stand-4",
    what: "chicken, 4 lb, upright on a stand in a covered grill, 350 °F, both centres 74 °C",
    origin: "practice",
    source: PRACTICE,
    args: `--species chicken --mass 4lb --heat covered-grill --stage 350F@0m,surface=stand ${BOTH}`,
    read: "pull minutes",
    low: 75,
    high: 90,
  },
  {
    id: "smoke-12",
    what: "12 lb, smoker with a good draught, 225 °F, until the breast is at 57 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 12lb --heat smoker --draught good --stage 225F@0m --until breast=57C",
    read: "pull minutes",
    low: 90,
    high: 150,
  },
  {
    id: "smoke-wrapped-12",
    what: "the same, then wrapped at 290 °F for 50 to 90 min more: breast 67 and thigh 80 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 12lb --heat smoker --draught good --stage 225F@0m --stage 290F@breast=57C,wrap=foil --until breast=67C,thigh=80C",
    read: "pull minutes",
    low: 140,
    high: 240,
  },
  {
    id: "duck-turned",
    what: "4.5 lb duck, breast down for 40 min, then up, 362 °F, 74 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--species duck --mass 4.5lb --stage 362F@0m,side=down --stage 362F@40m,side=up --until breast=74C,thigh=74C",
    read: "pull minutes",
    low: 60,
    high: 100,
    fit: true,
  },
  {
    id: "chicken-vegetables",
    what: "4 lb chicken on vegetables, 425 °F",
    origin: "practice",
    source: PRACTICE,
    args: "--species chicken --mass 4lb --stage 425F@0m,surface=vegetables --until breast=74C,thigh=74C",
    read: "pull minutes",
    low: 75,
    high: 90,
  },
  {
    id: "chicken-82",
    what: "5.5 lb chicken, 400 °F, thigh 82 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--species chicken --mass 5.5lb --stage 400F@0m --until thigh=82C",
    read: "pull minutes",
    low: 90,
    high: 130,
    fit: true,
  },
  {
    id: "grill-5kg",
    what: "5 kg, covered grill, 180 °C, a shield until the breast is at 64 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 5kg --heat covered-grill --stage 180C@0m,shield=breast --stage 180C@130m,shield=none --until breast=74C,thigh=74C",
    read: "pull minutes",
    low: 165,
    high: 190,
  },
  {
    id: "spit-3.75",
    what: "3.75 lb chicken on a spit at the fire (air 230 °C): breast 68 °C",
    origin: "practice",
    source: PRACTICE,
    args: "--species chicken --mass 3.75lb --heat spit --stage 230C@0m --until breast=68C",
    read: "pull minutes",
    low: 45,
    high: 60,
  },
  {
    id: "rest-breast",
    what: "12 lb pulled at 68 °C breast and 74 °C thigh, 30 min under foil: breast",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 12lb --stage 325F@0m --until breast=68C,thigh=74C --rest 30m,cover=foil",
    read: "peak breast at rest",
    low: 71,
    high: 71,
  },
  {
    id: "rest-thigh",
    what: "12 lb pulled at 68 °C breast and 74 °C thigh, 30 min under foil: thigh",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 12lb --stage 325F@0m --until breast=68C,thigh=74C --rest 30m,cover=foil",
    read: "peak thigh at rest",
    low: 77,
    high: 79,
  },
  {
    id: "vapour-13",
    what: "13 lb at 325 °F, both centres 74 °C: water given off to the oven, share of the bird as it goes in",
    origin: "published",
    source:
      "USDA Agriculture Handbook 102, Food Yields: turkey loses 21 to 27 % in roasting, of it 5 to 9 % to drippings",
    args: `--mass 13lb --stage 325F@0m ${BOTH}`,
    read: "vapour share",
    low: 0.14,
    high: 0.2,
    fit: true,
  },
  {
    id: "breast-rate",
    what: "13 lb at 325 °F: gain of the breast over the last third",
    origin: "practice",
    source: PRACTICE,
    args: "--mass 13lb --stage 325F@0m --until breast=74C",
    read: "breast per min",
    low: 0.2,
    high: 0.35,
  },
];

/** As the command line takes it: tables are read in the deepest meat, practice where cooks' thermometers sit. */
export const argsOf = ({ origin, args }: KnownCase): string[] => [
  ...args.split(" "),
  ...["--tips", origin === "practice" ? "usual" : "deepest"],
];

/** The answer of `simulate`, as far as cases read it. */
export interface Simulated {
  readonly pullMinutes: number;
  readonly pullBand: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly atPull: { readonly breastC: number; readonly thighC: number; readonly coldestC: number };
  readonly vapourShare: number;
  readonly rest: { readonly peakBreastC: number; readonly peakThighC: number };
  readonly series: readonly { readonly minute: number; readonly breastC: number; readonly thighC: number }[];
}

export function readOf(known: KnownCase, simulated: Simulated): number {
  const { pullMinutes, pullBand, vapourShare, atPull, rest, series } = simulated;
  switch (known.read) {
    case "vapour share":
      return vapourShare;
    case "pull minutes":
      // By thermometers where they usually sit; where no band was asked for, its middle is the computed bird itself.
      return known.origin === "practice" ? pullBand.p50 : pullMinutes;
    case "breast at the pull":
      return atPull.breastC;
    case "peak breast at rest":
      return rest.peakBreastC;
    case "peak thigh at rest":
      return rest.peakThighC;
    case "breast per min": {
      const from = series.find(({ minute }) => minute >= (2 * pullMinutes) / 3);
      return from ? (atPull.breastC - from.breastC) / (pullMinutes - from.minute) : Number.NaN;
    }
  }
}

/** Whether a figure is a temperature, which is held to degrees; the others are held to per cent. */
export const isTemperature = ({ read }: KnownCase): boolean => read.includes("breast at") || read.includes("at rest");

/** A finish that is known, and not only from above. */
export const isTimed = ({ read, upperBound }: KnownCase): boolean => read === "pull minutes" && !upperBound;

/** Whether a band holds the middle of what is known. */
export const holdsMiddle = (
  { p10, p90 }: Pick<Simulated["pullBand"], "p10" | "p90">,
  { low, high }: KnownCase,
): boolean => (low + high) / 2 >= p10 && (low + high) / 2 <= p90;

/** Error against the nearest end of the known range: share of it, or degrees. Zero inside the range. */
export function missOf(known: KnownCase, answer: number): number {
  const { low, high, upperBound } = known;
  const edge = answer > high ? high : answer < low && !upperBound ? low : answer;
  return isTemperature(known) ? answer - edge : answer / edge - 1;
}

/** Error against the middle of the known range. */
export const errorOf = (known: KnownCase, answer: number): number => {
  const middle = (known.low + known.high) / 2;
  return isTemperature(known) ? answer - middle : answer / middle - 1;
};
