/** What a plan makes one weigh out before anything raw is touched. */
import { hasCavity } from "../core/bird/form";
import { isSoldCut } from "../core/bird/mass";
import { SALT_SHARES } from "../core/kitchen/brining";
import { isOnBird } from "../core/plan/additions";
import { saltEach } from "../core/plan/saltPlan";
import type { Plan } from "../core/plan/schema";
import type { DerivedPlan } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import { ADDITION_WHERE, additionAmount } from "./additions";
import { formatSpoons, ice, liquid, PINCH, small, spooned, strength } from "./amounts";
import { gravyHere, type Part, when } from "./listItem";
import { allOf } from "./listing";
import { heatWords, SALT_NAMES } from "./names";
import { eachBird, forEachBird } from "./titles";

const SALTED_WHERE: Record<(typeof SALT_SHARES)[number]["where"], string> = {
  breast: "breast, both sides",
  legs: "thighs and drumsticks",
  rest: "wings and back",
  inside: "cavity",
};
/** Of a bird that is cut flat or up. */
const INSIDE_OF_CUT = "bone side";

export function toWeigh(plan: Plan, derived: DerivedPlan, units: UnitSystem): Part {
  const { salt, seasoning } = derived;
  const gravy = gravyHere(derived);
  const { bath } = salt;
  const { count } = plan.bird;
  const each = forEachBird(plan.bird, salt.portions);
  const { grams, teaspoons, sugarGrams } = saltEach(salt);
  const spoons = formatSpoons(teaspoons, units);
  const isWhole = !isSoldCut(plan.bird.cut);
  const salty = plan.additions.filter((own) => isOnBird(own) && own.saltPercent > 0).map(({ name }) => name);
  const part = (share: number): string =>
    units === "us" ? formatSpoons(teaspoons * share, units) : small(grams * share, units);
  const shares = SALT_SHARES.map(
    ({ where, share }) =>
      `${where === "inside" && !hasCavity(plan.bird.cut) ? INSIDE_OF_CUT : SALTED_WHERE[where]} ${part(share)}`,
  ).join(", ");
  return [
    ...(salt.grams > 0
      ? [
          {
            what: `${SALT_NAMES[plan.salt.kind]} for ${bath ? `the brine${each}` : eachBird(plan.bird)}`,
            amount: spoons === PINCH ? small(grams, units) : `${small(grams, units)}, ${spoons}`,
            why: bath
              ? strength(bath.gramsPerLitre, units)
              : salt.method === "injection"
                ? `dissolved in ${liquid(salt.waterEachL * 1000, units)} of water, injected in an even pattern`
                : `portioned before raw hands touch anything${isWhole ? `: ${shares}` : ""}`,
          },
        ]
      : [
          {
            what: plan.bird.preSalted
              ? "no salt: sold salted"
              : `no salt before it goes ${heatWords(plan.heat).into}${salty.length > 0 ? ` but that in: ${allOf(salty)}` : ""}`,
            amount: "",
          },
        ]),
    ...when(sugarGrams > 0, { what: `sugar, with that salt${each}`, amount: spooned("sugar", sugarGrams, units) }),
    ...(salt.injected
      ? [
          {
            what: `${SALT_NAMES[plan.salt.kind]} to inject${count > 1 ? ` into ${eachBird(plan.bird)}` : ""}`,
            amount: small(salt.injected.grams, units),
            why: `dissolved in ${liquid(salt.injected.waterL * 1000, units)} of water, in an even pattern, before the rest`,
          },
        ]
      : []),
    ...(bath
      ? [
          {
            what: `water for the brine${each}`,
            amount: liquid(bath.waterL * 1000, units),
            why: `${liquid(bath.hotL * 1000, units)} of it hot, to dissolve; then cold water and ${ice(bath.iceKg, units)} of ice, so that it is cold by the time it is wanted`,
          },
        ]
      : []),
    ...when(seasoning.pasteGrams > 0, {
      what: "baking powder for the skin",
      amount: spooned("baking powder", seasoning.pasteGrams, units),
      why: "with as much water, right before it goes on",
    }),
    // What goes on by hands that have touched the bird.
    ...plan.additions.filter(isOnBird).map((own) => ({
      what: own.name,
      amount: additionAmount(own, plan, units),
      why: bath && own.when === "with-the-salt" ? "into the brine" : ADDITION_WHERE[own.where],
    })),
    ...(gravy
      ? [
          {
            isShared: true,
            what: gravy.thickenedWith === "starch" ? "starch, put in cold" : "flour for the roux",
            amount: spooned(gravy.thickenedWith, gravy.thickenerGrams, units),
            ...(gravy.fatGrams > 0 && {
              why: `with ${spooned("fat", gravy.fatGrams, units)} of ${plan.rouxFat === "butter" ? "butter" : "fat, skimmed from the drippings"}`,
            }),
          },
          {
            isShared: true,
            what: `liquid for the gravy: ${gravy.liquid}`,
            amount: liquid(gravy.liquidMl, units),
            why: `with about ${liquid(gravy.drippingsMl, units)} of drippings${gravy.liquid === "water" ? ", salty enough" : ""}; taste before salting`,
          },
        ]
      : []),
  ];
}
