import type { Roast } from "../../../core/plan/roast";
import { kitchenOf } from "../../../storage/kitchen";
import { likelyOven } from "../../../storage/ovens";
import { saveRoast } from "../../../storage/roasts";
import { shareWithDinner } from "../../../storage/sharing";
import type { Reader } from "../../../words/time";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { askToKeep } from "../../shell/storageKept";
import { stored } from "../../shell/stored";
import type { Answers, Company } from "./answers";
import { newRoast } from "./newRoast";

interface Asked {
  readonly zone: string;
  readonly reader: Reader;
  readonly company: Company | null;
  /** The one of its kind that was liked best. */
  readonly favourite: Roast | null;
}

/** Makes a roast of the answers and stores it. @returns its id; null where it could not be stored, which has been said */
export async function startRoast(
  answers: Answers,
  { zone, reader, company, favourite }: Asked,
): Promise<string | null> {
  const equipment = await kitchenOf(database(), reader.units);
  const setting = { id: crypto.randomUUID(), nowMs: clockNow(), zone, reader, equipment, favourite };
  const made = newRoast(answers, setting, company);
  const oven = company?.inOneHeat ? made.plan.oven : await likelyOven(database(), made.plan.heat, setting.nowMs);
  const roast = { ...made, plan: { ...made.plan, oven } };
  if (!(await stored("The roast was", saveRoast(database(), roast)))) return null;
  if (company) await stored("That it is in common was", shareWithDinner(database(), roast));
  void askToKeep();
  return roast.id;
}
