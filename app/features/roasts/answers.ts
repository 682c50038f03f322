/** The three answers that start a roast: how they are checked, and the birds they stand for. */
import * as z from "zod/mini";
import { CUTS } from "../../../core/bird/form";
import { massRangeKg } from "../../../core/bird/mass";
import { SPECIES } from "../../../core/bird/species";
import { QuantityError, requireBetween } from "../../../core/errors";
import { birdsToBuy, MOST_GUESTS, type ToBuy } from "../../../core/kitchen/guests";
import { cutFor, METHOD_IDS } from "../../../core/plan/methods";
import type { Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import { parseMassRangeKg, parseNumber, type UnitSystem } from "../../../core/units/quantity";
import { faultWords } from "../../../words/faults";
import { instantOf } from "../../ui/time";

type Known = { readonly known: "mass" | "guests"; readonly mass: string; readonly guests: string } & Pick<
  Plan["bird"],
  "species" | "cut"
>;

/**
 * The birds that an answer stands for, and who eats where that is what was said.
 * @throws QuantityError for a weight or a number of guests outside its range
 */
export function birdsOf(
  { known, mass, guests, species, cut }: Known,
  units: UnitSystem,
): ToBuy & { readonly massOffKg: number; readonly table?: Plan["table"] } {
  if (known === "mass") {
    const [low, high] = massRangeKg(species, cut);
    const { massKg, offKg } = parseMassRangeKg(mass, units);
    requireBetween(`weight of the ${species}`, massKg, low, high, "kg");
    requireBetween("half the range of its weight", offKg, 0, Math.min(4, massKg / 2), "kg");
    return { count: 1, massKg, massOffKg: offKg, isEnough: true };
  }
  const usual = Math.round(parseNumber("guests", guests, 1, MOST_GUESTS, "people"));
  const table = { guests: { light: 0, usual, hearty: 0 }, leftoverMeals: 0 };
  return { ...birdsToBuy(table, species, cut), massOffKg: 0, table };
}

/** The answers as typed; the mass may carry either unit. */
export const answersSchema = (units: UnitSystem) =>
  z
    .object({
      species: z.enum(SPECIES),
      /** What the cook knows: a bird that is there, or how many come. */
      known: z.enum(["mass", "guests"]),
      mass: z.string(),
      guests: z.string(),
      cut: z.enum(CUTS),
      state: z.enum(["frozen", "fresh"]),
      serveAt: z
        .string()
        .check(z.refine((text) => !Number.isNaN(instantOf(text, "UTC")), "say on which day and when you want to eat")),
      method: z.enum(METHOD_IDS),
      /** Salted, done and rested as the one of its kind that was liked best, where there is one. */
      asLiked: z.boolean(),
    })
    .check(
      z.superRefine((answers, context) => {
        try {
          // The way decides the cut where it does not take the one that was asked for.
          birdsOf({ ...answers, cut: cutFor(answers.method, answers.cut) }, units);
        } catch (error) {
          if (!(error instanceof QuantityError)) throw error;
          context.addIssue({ code: "custom", path: [answers.known], message: faultWords(error, units) });
        }
      }),
    );
export type Answers = z.infer<ReturnType<typeof answersSchema>>;

/** What a new roast goes with: another one's dinner, or its heat too. */
export interface Company {
  readonly roast: Roast;
  readonly inOneHeat: boolean;
}
