/** What ways to cook a bird are held against one another by: a row each. */
import { hasBreastAndThigh } from "../../../core/bird/form";
import { type Comparison, OVERDONE_K } from "../../../core/plan/compare";
import type { Plan } from "../../../core/plan/schema";
import {
  formatDuration,
  formatTemperature,
  formatTemperatureDifference,
  type UnitSystem,
} from "../../../core/units/quantity";
import { capital } from "../../../words/capital";
import { FIT_PLACES } from "../../../words/conflicts";
import { colourWords, heatWords } from "../../../words/names";

const percent = (share: number | null): string => (share === null ? "–" : `${Math.round(share * 100)} %`);

function aheadWords(minutes: number | null): string {
  if (minutes === null) return "–";
  if (Math.abs(minutes) < 3) return "together";
  return `${minutes > 0 ? "breast" : "leg"} ${Math.round(Math.abs(minutes))} min before`;
}
const skinWords = ({ browning, isSeared }: Comparison): string => {
  const colour = colourWords(browning, isSeared);
  return colour === "dark" ? "dark: watch it" : colour;
};
const roomWords = (tooLargeFor: Comparison["tooLargeFor"]): string =>
  tooLargeFor.length === 0 ? "fits" : `too large: ${tooLargeFor.map((where) => FIT_PLACES[where]).join(", ")}`;
function actWords(acts: number): string {
  if (acts === 0) return "none";
  return acts === 1 ? "once" : `${acts} times`;
}

export interface Row {
  readonly name: string;
  readonly why: string;
  read(comparison: Comparison): string;
}
/** As the plan has it before the heat, whatever the way. */
const skinBefore = ({ salt, bird }: Plan): string => {
  const done = [(salt.method !== "none" || bird.preSalted) && "salted", salt.dryHours > 0 && "dried beforehand"];
  return done.filter(Boolean).join(", ") || "not salted, not dried";
};

/** What all of them go into, oven or fire; where they differ, the heat. */
export const heatOf = (plans: readonly Plan[]): string => {
  const [one, other] = new Set(plans.map(({ heat }) => heatWords(heat).is));
  return one === undefined || other !== undefined ? "heat" : one;
};

export const rowsFor = (plan: Plan, heat: string, units: UnitSystem): readonly Row[] => [
  ...(hasBreastAndThigh(plan.bird)
    ? [
        {
          name: "Breast and leg done",
          why: `at ${formatTemperature(70, units)} in their centres`,
          read: ({ breastAheadMin }: Comparison) => aheadWords(breastAheadMin),
        },
      ]
    : []),
  {
    name: "Juices kept",
    why: hasBreastAndThigh(plan.bird) ? "breast and leg; a tendency" : "a tendency",
    read: ({ juicesBreast, juicesLeg }) =>
      (hasBreastAndThigh(plan.bird) ? [juicesBreast, juicesLeg] : [juicesBreast ?? juicesLeg]).map(percent).join(", "),
  },
  { name: "Skin", why: skinBefore(plan), read: skinWords },
  {
    name: `${capital(heat)} taken`,
    why: "preheating counted",
    read: ({ ovenMin }) => formatDuration(ovenMin * 60),
  },
  { name: "Room", why: "tray, oven, shelf, pot", read: ({ tooLargeFor }) => roomWords(tooLargeFor) },
  {
    name: "Work",
    why: "before, and carving",
    read: ({ boardMin, carveMin }) => `${Math.round(boardMin)} + ${Math.round(carveMin)} min`,
  },
  { name: `At the ${heat}`, why: "between in and out", read: ({ acts }) => actWords(acts) },
  {
    name: "Room for error",
    why: `until ${formatTemperatureDifference(OVERDONE_K, units)} too hot`,
    read: ({ leewayMin }) => (Number.isFinite(leewayMin) ? `${Math.round(leewayMin)} min` : "–"),
  },
  { name: "Whole at the table", why: "", read: ({ wholeAtTable }) => (wholeAtTable ? "yes" : "no") },
];
