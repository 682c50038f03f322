import type { PlannedDone } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/plan/schema";
import type { DerivedPlan } from "../../../core/schedule/derive";
import type { UnitSystem } from "../../../core/units/quantity";

/** What every panel of a stage is given. */
export interface PanelProps {
  readonly plan: Plan;
  readonly derived: DerivedPlan;
  readonly cook: PlannedDone;
  readonly units: UnitSystem;
}
