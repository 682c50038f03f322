/** Steps from one shape of stored data to the next; the file and the database run the same ones. */

type Loose = Record<string, unknown>;
const isRecord = (value: unknown): value is Loose => typeof value === "object" && value !== null;

/**
 * Version 1 to 2: a plan says what heats the bird, who eats and what else is cooked, a bird how its legs and its cavity are, and what the pull was expected to show is kept by centre.
 * What is not a roast is handed on as it is: the schema says what is wrong with it.
 */
export function roastWithForm(roast: unknown): unknown {
  if (!isRecord(roast) || !isRecord(roast.plan) || !isRecord(roast.plan.bird)) return roast;
  const massKg = typeof roast.plan.bird.massKg === "number" ? roast.plan.bird.massKg : 5;
  const plan = {
    heat: "oven",
    table: { guests: { light: 0, usual: Math.max(1, Math.round(massKg / 0.5)), hearty: 0 }, leftoverMeals: 0 },
    sides: [],
    equipment: { ovens: 1, dishesInOven: 2, rings: 4 },
    gravy: "flour",
    ...roast.plan,
    bird: { legs: "tied", cavity: "empty", ...roast.plan.bird },
  };
  const { happened } = roast;
  if (!isRecord(happened) || !isRecord(happened.predicted)) return { ...roast, plan };
  const { pullBreastC, pullThighC, ...predicted } = happened.predicted;
  return {
    ...roast,
    plan,
    happened: { ...happened, predicted: { ...predicted, pullC: { breast: pullBreastC, thigh: pullThighC } } },
  };
}
