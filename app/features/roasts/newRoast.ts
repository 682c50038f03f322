/** Three answers become a roast: the form's schema and what is made of it. */
import { z } from "zod";
import { SPECIES } from "../../../core/bird/anatomy";
import { massRangeKg } from "../../../core/bird/body";
import { CUTS } from "../../../core/bird/form";
import { QuantityError, requireBetween } from "../../../core/errors";
import { type Roast, RoastSchema } from "../../../core/formats/roast";
import { METHOD_IDS, methodById } from "../../../core/methods/methods";
import { usualPlan } from "../../../core/methods/usualPlan";
import { formatMass, parseMassKg, type UnitSystem } from "../../../core/units/quantity";
import { dayName, instantOf } from "../../ui/time";

/** The answers as typed; the mass may carry either unit. */
export const answersSchema = (units: UnitSystem) =>
  z
    .object({
      species: z.enum(SPECIES),
      mass: z.string(),
      cut: z.enum(CUTS),
      state: z.enum(["frozen", "fresh"]),
      serveAt: z
        .string()
        .refine((text) => !Number.isNaN(instantOf(text, "UTC")), "say on which day and when you want to eat"),
      method: z.enum(METHOD_IDS),
    })
    .superRefine(({ species, cut, mass }, context) => {
      try {
        const [low, high] = massRangeKg(species, cut);
        requireBetween(`weight of the ${species}`, parseMassKg(mass, units), low, high, "kg");
      } catch (error) {
        if (!(error instanceof QuantityError)) throw error;
        context.addIssue({ code: "custom", path: ["mass"], message: error.message });
      }
    });
export type Answers = z.infer<ReturnType<typeof answersSchema>>;

interface Setting {
  readonly id: string;
  readonly nowMs: number;
  readonly zone: string;
  readonly units: UnitSystem;
}

const CUT_WORDS: Record<Answers["cut"], string> = {
  whole: "Whole",
  spatchcock: "Flat",
  parts: "Jointed",
  crown: "Crown of",
  "boneless-breast": "Boneless breast of",
  "leg-roll": "Rolled leg of",
};

/** The roast that three answers stand for; everything else starts at its usual value. */
export function newRoast(answers: Answers, { id, nowMs, zone, units }: Setting): Roast {
  const massKg = parseMassKg(answers.mass, units);
  const serveMs = instantOf(answers.serveAt, zone);
  const { species } = answers;
  const cut = methodById(answers.method).cuts.includes(answers.cut) ? answers.cut : "spatchcock";
  return RoastSchema.parse({
    id,
    title: `${CUT_WORDS[cut]} ${species}, ${formatMass(massKg, units)}, ${dayName(serveMs, zone)}`,
    createdAt: new Date(nowMs).toISOString(),
    plan: usualPlan({
      bird: { species, cut, massKg, state: answers.state },
      method: answers.method,
      serveAt: new Date(serveMs).toISOString(),
      zone,
    }),
    happened: {},
    notes: "",
    thermometer: "typed",
  });
}
