/** What a plan wants to have to hand, and room for. */
import { ovenMassKg } from "../core/bird/mass";
import { SPECIES_RECORDS } from "../core/bird/species";
import { bathFor } from "../core/kitchen/brining";
import { stringM } from "../core/kitchen/cutting";
import { isEatenCold } from "../core/plan/dayBefore";
import { liesOnRack } from "../core/plan/fits";
import { sears } from "../core/plan/methods";
import type { Plan } from "../core/plan/schema";
import { startsShielded } from "../core/plan/season";
import { isTied } from "../core/plan/tied";
import type { DerivedPlan } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import { iceGoes, potFor, roomFor, sides, stringLength } from "./amounts";
import { isMisted } from "./basting";
import { type ListItem, type Part, summed, when } from "./listItem";
import { underWords } from "./tasks";
import { eachBird, theBirds } from "./titles";

export function toLayOut(plan: Plan, { salt, seasoning, fits }: DerivedPlan, units: UnitSystem): Part {
  const { bird } = plan;
  const ovenKg = ovenMassKg(bird);
  const pan = fits.find(({ where }) => where === "pan");
  const shelf = fits.find(({ where }) => where === "shelf");
  const string = (metres: number): ListItem => summed("kitchen string", metres, (total) => stringLength(total, units));
  const eachM = stringM(bird.cut, bird.massKg);
  const thaws = fits.find(({ where }) => where === "thaw");
  return [
    { what: "thermometer, checked in ice water", amount: "" },
    {
      what: underWords(plan),
      amount: "",
      isOwn: true,
      ...(pan && { why: `at least ${roomFor(pan.needs, units)}; yours: ${sides(pan.has, units)}` }),
    },
    { what: `foil, two towels, ${servedOn(plan)}`, amount: "" },
    ...when(plan.roasted === "day-before", { what: "shallow trays for the carved meat, to be covered", amount: "" }),
    ...when(plan.cover === "box", {
      what: `insulated box that holds ${theBirds(bird)} in foil`,
      amount: "",
      isOwn: true,
    }),
    ...when(seasoning.baconGrams > 0 || startsShielded(plan), {
      what: "skewers or string to hold what covers the breast",
      amount: "",
    }),
    ...when(
      plan.stages.some(({ wrap }) => wrap === "lid"),
      { what: `lid that closes over ${theBirds(bird)} in the tray`, amount: "", isOwn: true },
    ),
    ...when(
      plan.stages.some(({ wrap }) => wrap === "bag"),
      {
        what: `roasting bag that holds ${bird.count > 1 ? "a" : "the"} bird loosely, a spoonful of flour to shake in it`,
        amount: bird.count > 1 ? `${bird.count}` : "",
        isOwn: true,
      },
    ),
    ...when(isMisted(plan.season), { what: "bottle that sprays, filled with water", amount: "" }),
    ...when(bird.cut === "spatchcock" || bird.cut === "parts", {
      what: "poultry shears and a heavy knife",
      amount: "",
    }),
    ...when(isTied(plan), string(eachM * bird.count)),
    ...when(bird.state !== "fresh" && plan.thawIn === "water", {
      what: `tub for the thaw${bird.count > 1 ? ` of ${eachBird(bird)}` : ""}, at least`,
      amount: potFor(bathFor(ovenKg, true).containerL, units),
      isOwn: true,
    }),
    ...(salt.bath
      ? [
          {
            what: `${salt.bath.inBag ? (salt.coolerIceKg === null ? "brining bag in a bowl" : "brining bag") : "pot or bucket for the brine"}${salt.bath.vessels > 1 ? ` for ${eachBird(bird)}` : ""}, at least`,
            amount: potFor(salt.bath.containerL, units),
            isOwn: true,
            ...(salt.coolerIceKg === null && { why: "with room for it in the fridge" }),
          },
        ]
      : []),
    ...when(SPECIES_RECORDS[bird.species].rendersFat, { what: "jar for the fat, which keeps", amount: "" }),
    ...when(sears(plan), { what: "heavy pan for the sear", amount: "" }),
    ...when(salt.method === "injection" || salt.injected !== null, {
      what: "injector with a fresh needle",
      amount: "",
    }),
    ...when(salt.coolerIceKg !== null, {
      what: `cooler, the ice ${iceGoes(salt)}; a thermometer in it`,
      amount: "",
      isOwn: true,
    }),
    { what: "carving knife, sharpened; board with a groove", amount: "" },
    ...(thaws
      ? [
          {
            what: `room in the fridge: ${theBirds(bird)} whole on a tray, for the thaw`,
            amount: roomFor(thaws.needs, units),
            isOwn: true,
          },
        ]
      : []),
    ...(shelf
      ? [
          {
            what: `room in the fridge: ${theBirds(bird)} ${liesOnRack(plan, salt) ? "on the rack, uncovered" : "until the heat"}`,
            amount: roomFor(shelf.needs, units),
            isOwn: true,
          },
        ]
      : []),
  ];
}

/** What it comes to the table on, and its gravy in. */
function servedOn(plan: Plan): string {
  const hasGravy = plan.gravy !== "none";
  if (isEatenCold(plan)) return hasGravy ? "platter and a warm jug" : "platter";
  return hasGravy ? "warm platter and jug" : "warm platter";
}
