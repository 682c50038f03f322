import type { PlannedDone } from "../../../core/forecast/planned";
import type { Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import type { DerivedPlan } from "../../../core/schedule/derive";
import type { PlacedSide } from "../../../core/schedule/sides";
import type { UnitSystem } from "../../../core/units/quantity";

/** What every panel of a stage is given. */
export interface PanelProps {
  /** As it is stored. */
  readonly roast: Pick<Roast, "id" | "happened">;
  readonly plan: Plan;
  readonly derived: DerivedPlan;
  /** Of the whole dinner, placed. */
  readonly dishes: readonly PlacedSide[];
  /** Others are roasted for the same dinner. */
  readonly isShared: boolean;
  readonly cook: PlannedDone;
  readonly units: UnitSystem;
}
