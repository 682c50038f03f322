/** Three answers become a roast: the form's schema and what is made of it. */
import { z } from "zod";
import { CUTS } from "../../../core/bird/shape";
import { QuantityError, requireBetween } from "../../../core/errors";
import { type Roast, RoastSchema } from "../../../core/formats/roast";
import { METHOD_IDS, methodById } from "../../../core/methods/methods";
import { constant } from "../../../core/sources";
import { formatMass, parseMassKg, type UnitSystem } from "../../../core/units/quantity";
import { dayName, instantOf } from "../../ui/time";

/** The answers as typed; the mass may carry either unit. */
export const answersSchema = (units: UnitSystem) =>
  z.object({
    mass: z.string().superRefine((text, context) => {
      try {
        requireBetween("weight of the turkey", parseMassKg(text, units), 2, 16, "kg");
      } catch (error) {
        if (!(error instanceof QuantityError)) throw error;
        context.addIssue({ code: "custom", message: error.message });
      }
    }),
    cut: z.enum(CUTS),
    state: z.enum(["frozen", "fresh"]),
    serveAt: z
      .string()
      .refine((text) => !Number.isNaN(instantOf(text, "UTC")), "say on which day and when you want to eat"),
    method: z.enum(METHOD_IDS),
  });
export type Answers = z.infer<ReturnType<typeof answersSchema>>;

interface Setting {
  readonly id: string;
  readonly nowMs: number;
  readonly zone: string;
  readonly units: UnitSystem;
}

/** The roast that three answers stand for; everything else starts at its usual value. */
export function newRoast(answers: Answers, { id, nowMs, zone, units }: Setting): Roast {
  const massKg = parseMassKg(answers.mass, units);
  const serveMs = instantOf(answers.serveAt, zone);
  const guideline = constant("guidelineC");
  const cut = answers.method === "hot-flat" ? "spatchcock" : answers.cut;
  return RoastSchema.parse({
    id,
    title: `${cut === "whole" ? "Whole" : "Flat"} turkey, ${formatMass(massKg, units)}, ${dayName(serveMs, zone)}`,
    createdAt: new Date(nowMs).toISOString(),
    plan: {
      bird: { species: "turkey", cut, massKg, state: answers.state, preSalted: false },
      thawIn: "fridge",
      serveAt: new Date(serveMs).toISOString(),
      zone,
      method: answers.method,
      stages: methodById(answers.method).stages,
      targetC: { breast: guideline, thigh: guideline },
      salt: {
        kind: "table",
        percent: constant("drySaltPercent"),
        saltHours: constant("drySaltHours"),
        dryHours: constant("wholeDryingHours"),
      },
      cover: "foil",
    },
    happened: {},
    notes: "",
    thermometer: "typed",
  });
}
