/** What can be changed of a roast in the heat at a moment, in words, and to be made. */
import { changeableAt, changedNow, type WhatIfId } from "../../../core/day/whatIf";
import { heatNow } from "../../../core/plan/heats";
import type { Roast } from "../../../core/plan/roast";
import type { UnitSystem } from "../../../core/units/quantity";
import { whatIfName } from "../../../words/whatIf";
import type { Acts } from "../../day/acts";

/** Null for what would change nothing, or cannot be made. */
export type Changes = (id: WhatIfId) => { readonly name: string; makes(): void } | null;

export const changesOf =
  (roast: Roast, acts: Acts, now: number, units: UnitSystem): Changes =>
  (id) => {
    const changed = changedNow(id, changeableAt(roast, now));
    if (!changed) return null;
    const name = whatIfName(id, { ...roast.plan, heat: heatNow(roast) }, changed, units);
    return { name, makes: () => void acts.whatIf(name, id) };
  };
