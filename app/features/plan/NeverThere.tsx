import type { ReactNode } from "react";
import type { Plan } from "../../../core/plan/schema";
import type { NeverMet } from "../../../core/processes/cook";
import { hotter } from "../../../core/schedule/remedies";
import type { UnitSystem } from "../../../core/units/quantity";
import { neverMetWords } from "../../../words/conflicts";
import { Caution } from "../../ui/Caution";
import { Remedies } from "./Remedies";

interface Props {
  readonly plan: Plan;
  readonly neverMet: NeverMet;
  readonly units: UnitSystem;
  readonly children?: ReactNode;
}

/** A heat that does not bring it there, and what would. */
export function NeverThere({ plan, neverMet, units, children }: Props) {
  return (
    <Caution actions={<Remedies of={hotter(plan)} units={units} />}>
      {neverMetWords(neverMet, units)} More heat, foil wrapped tight in time, or a lower target would do it. {children}
    </Caution>
  );
}
