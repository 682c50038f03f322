/** What of a roast a path into it means, as its cook calls it. */

import type { Roast } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { allOf } from "./listing";

const OF_PLAN: Record<keyof Plan, string> = {
  bird: "the bird",
  thawIn: "how it thaws",
  serveAt: "when it is eaten",
  roasted: "on which day it is roasted",
  eatenCold: "whether it is eaten cold",
  zone: "the time zone",
  heat: "what it is heated in",
  oven: "which oven it is in",
  fuel: "the fuel",
  draught: "how the fire draws",
  method: "the method",
  sear: "the pan before it",
  preheat: "how the heat is brought up",
  stages: "the stages of its heat",
  targetC: "the targets",
  decidedBy: "where it is read",
  finish: "when it leaves the heat",
  salt: "the salt",
  season: "what goes on it",
  additions: "what else goes on it",
  weather: "the weather",
  carving: "how it is carved",
  cover: "the cover at rest",
  restMin: "the rest",
  table: "the table",
  sides: "the side dishes",
  equipment: "the kitchen",
  gravy: "the gravy",
  rouxFat: "the gravy",
  stock: "the stock",
  morePots: "the stock",
  liver: "the stock",
};

const OF_HAPPENED: Record<keyof Roast["happened"], string> = {
  inAt: "when it went in",
  pulledAt: "when it came out",
  carvedAt: "when it was carved",
  closedAt: "whether its record is closed",
  stagesDone: "which changes of its heat were made",
  bastingsDone: "how often it was basted",
  fuelsDone: "how often the fire was fed",
  darker: "which side is darker",
  heatOnAt: "when the heat was turned on",
  thawBegunAt: "when its thaw began",
  hotTable: "how warm it was at the table",
  ticked: "what is ticked off",
  struck: "which readings count",
  predicted: "what was expected",
  doors: "when the door stood open",
  heatOffs: "when the heat was off",
  left: "which pieces were taken out",
  outs: "when it was out and back in",
  seated: "which tips were put right",
  notItsOwn: "whose thermometer it is",
};

const OF_ROAST: Record<Exclude<keyof Roast, "plan" | "happened">, string> = {
  id: "the roast",
  dinner: "the dinner it belongs to",
  fire: "the heat it shares",
  title: "its name",
  named: "its name",
  createdAt: "when it was planned",
  notes: "the notes",
  rating: "how good it was",
  says: "what it says of its oven",
  nextTime: "what to change next time",
  archived: "whether it is put away",
  thermometer: "where its readings come from",
  probes: "where its probes sit",
};

const within = (words: Readonly<Record<string, string>>, name = ""): string =>
  (Object.hasOwn(words, name) && words[name]) || "the roast";

function fieldWords(path: string): string {
  const [first = "", second] = path.split(".");
  if (first === "plan") return second === undefined ? "the plan" : within(OF_PLAN, second);
  if (first === "happened") return second === undefined ? "what happened" : within(OF_HAPPENED, second);
  return within(OF_ROAST, first);
}

/** "the salt and the stages of its heat": each once. @param paths dotted, from the roast down */
export const fieldsWords = (paths: readonly string[]): string => allOf([...new Set(paths.map(fieldWords))]);
