/** Steps from one shape of stored data to the next; the file and the database run the same ones. */

type Loose = Record<string, unknown>;
const isRecord = (value: unknown): value is Loose => typeof value === "object" && value !== null;

/**
 * Version 1 to 2: a plan says what heats the bird, a bird how its legs and its cavity are, and what the pull was expected to show is kept by centre.
 * What is not a roast is handed on as it is: the schema says what is wrong with it.
 */
export function roastWithForm(roast: unknown): unknown {
  if (!isRecord(roast) || !isRecord(roast.plan) || !isRecord(roast.plan.bird)) return roast;
  const plan = { heat: "oven", ...roast.plan, bird: { legs: "tied", cavity: "empty", ...roast.plan.bird } };
  const { happened } = roast;
  if (!isRecord(happened) || !isRecord(happened.predicted)) return { ...roast, plan };
  const { pullBreastC, pullThighC, ...predicted } = happened.predicted;
  return {
    ...roast,
    plan,
    happened: { ...happened, predicted: { ...predicted, pullC: { breast: pullBreastC, thigh: pullThighC } } },
  };
}
