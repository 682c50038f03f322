/** What a remedy does, on the button that does it. */
import type { SaltMethod } from "../core/kitchen/salt";
import type { Does, PlainRemedy } from "../core/schedule/remedy";
import { formatDuration, formatTemperature, type UnitSystem } from "../core/units/quantity";
import { capital } from "./capital";
import { oneOrSo } from "./titles";

const PLAIN: Record<PlainRemedy, string> = {
  "at-the-end": "Only at the end",
  "bacon-stays": "Leave the bacon on",
  "fat-first": "Fat on before the heat",
  bland: "Nothing salty besides",
  "brine-a-day": "Brine one day",
  "brine-in-bag": "Brine in a closed bag",
  cooler: "Into a cooler with ice",
  "dishes-anywhere": "Dishes wherever they fit",
  "dry-salt": "Dry salt instead",
  "fridge-room": "There is room for it",
  "fridge-room-for-all": "There is room for all of it",
  hotter: "Hotter all through",
  "in-the-oven": "Roast in the oven",
  joint: "In parts instead",
  "lay-down": "On a rack",
  "leave-whole": "Whole instead",
  "lid-instead": "A lid instead, or foil over the dish",
  "make-gravy": "Make a gravy",
  "no-glaze": "No glaze",
  "no-drying": "No drying",
  "no-ring": "They need no ring",
  "no-salt": "No more salt",
  "on-the-grill": "On the covered grill",
  "one-more-hand": "Ask for one more pair of hands",
  "one-more-oven": "There is one more oven",
  "one-more-ring": "There is one more ring",
  "one-stock": "Leave out the other stock",
  "one-thermometer": "There is one to hand",
  "roast-frozen": "Roast unthawed, up to half as long again",
  "salt-at-oven": "Salt just before the heat",
  "shorter-salting": "Salt 12 h, no drying",
  preheat: "Preheat the oven first",
  spatchcock: "Spatchcocked instead",
  "straight-in": "Straight in, undried",
  "stuffing-beside": "Stuffing in a dish beside",
  "thaw-in-fridge": "Thaw in the fridge instead",
  "thaw-in-water": "Thaw in cold water, salt before the heat",
  "thaw-in-water-and-in": "Thaw in cold water, and straight in",
  "thawed-on-the-grill": "Thaw this one in water, then the grill",
  "this-on-the-grill": "This one on the covered grill",
  "tray-stock": "All stock from the drip tray",
  "under-the-skin": "Under the skin",
  "usual-glaze": "Glaze at the usual moments",
  "without-stage": "Without that change of the heat",
};

export function remedyWords(does: Does, units: UnitSystem): string {
  switch (does.kind) {
    case "salt-percent":
      return `Back to ${does.percent} %`;
    case "brine-percent":
      return `A brine of ${does.percent} %`;
    case "eat-later":
      return `Eat ${formatDuration(3600 * does.hours)} later, and be in time`;
    case "eat-later-and-sleep":
      return `Eat ${formatDuration(3600 * does.hours)} later, and sleep`;
    case "brine-hours":
      return `Brine ${does.hours} h`;
    case "glaze-times":
      return does.times === 1 ? "One pass of glaze only" : `${does.times} passes of glaze only`;
    case "fewer":
      return `${oneOrSo(does)} only`;
    case "salt-less":
      return saltedWords(does);
    case "and-bland":
      return `${remedyWords(does.first, units)}, and nothing salty besides`;
    case "leave-out":
      return `Leave out: ${does.name}`;
    case "bag-at":
      return `${formatTemperature(does.celsius, units)} in the bag`;
    case "bake-at":
      return `Bake at ${formatTemperature(does.celsius, units)}, with more time`;
    case "heat-as-other":
      return `This one at ${formatTemperature(does.celsius, units)} too`;
    default:
      return PLAIN[does.kind];
  }
}

const SALTED: Record<SaltMethod, string> = {
  dry: "Salt",
  brine: "Brine",
  equilibrium: "Brine",
  injection: "Inject, then wait",
  none: "",
};

function saltedWords({ method, saltHours, dryHours }: Extract<Does, { kind: "salt-less" }>): string {
  const salted = method !== "none" && `${SALTED[method]} ${formatDuration(3600 * saltHours)}`;
  const dried = dryHours !== null && (dryHours > 0 ? `dry ${formatDuration(3600 * dryHours)}` : "no drying");
  return capital([salted, dried].filter(Boolean).join(", "));
}
