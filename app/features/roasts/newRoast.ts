/** Three answers become a roast. */
import { likedAs } from "../../../core/log/favourite";
import type { Equipment } from "../../../core/plan/kitchen";
import { cutFor } from "../../../core/plan/methods";
import { type Roast, RoastSchema } from "../../../core/plan/roast";
import { forDinner, forFire } from "../../../core/plan/together";
import { usualPlan } from "../../../core/plan/usualPlan";
import { inTime } from "../../../core/schedule/inTime";
import type { Reader } from "../../../words/time";
import { titleOf } from "../../../words/titles";
import { instantOf } from "../../ui/time";
import { type Answers, birdsOf, type Company } from "./answers";

interface Setting {
  readonly id: string;
  readonly nowMs: number;
  readonly zone: string;
  readonly reader: Reader;
  readonly equipment: Equipment;
  /** The one of its kind that was liked best. */
  readonly favourite: Roast | null;
}

/**
 * The roast that three answers stand for; everything else starts at its usual value, or as the roast has it that it goes
 * with.
 */
export function newRoast(
  answers: Answers,
  { id, nowMs, zone, reader, equipment, favourite }: Setting,
  company: Company | null = null,
): Roast {
  const serveMs = instantOf(answers.serveAt, zone);
  const { species } = answers;
  const cut = cutFor(answers.method, answers.cut);
  const { massKg, massOffKg, count, table } = birdsOf({ ...answers, cut }, reader.units);
  const usual = usualPlan({
    bird: { species, cut, massKg, massOffKg, count, state: answers.state },
    method: answers.method,
    serveAt: new Date(serveMs).toISOString(),
    zone,
    equipment,
  });
  const plan = favourite && answers.asLiked ? likedAs(usual, favourite) : usual;
  const made = company
    ? (company.inOneHeat ? forFire : forDinner)(plan, company.roast.plan)
    : inTime({ ...plan, ...(table && { table }) }, nowMs);
  return RoastSchema.parse({
    id,
    dinner: company?.roast.dinner ?? id,
    fire: company?.inOneHeat ? company.roast.fire : id,
    title: titleOf(made, reader),
    createdAt: new Date(nowMs).toISOString(),
    plan: made,
    happened: {},
    notes: "",
    thermometer: "typed",
  });
}
