import type { Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import type { NeverMet } from "../../../core/processes/cook";
import type { UnitSystem } from "../../../core/units/quantity";
import { PageHeading } from "../../shell/PageHeading";
import { Caution } from "../../ui/Caution";
import { HeatPanel } from "./HeatPanel";
import { NeverThere } from "./NeverThere";

interface Props {
  readonly title: string;
  readonly roast: Pick<Roast, "id" | "happened">;
  readonly plan: Plan;
  readonly neverMet: NeverMet | null;
  readonly fault: string | null;
  readonly units: UnitSystem;
}

/** A plan that no simulation has finished: what is known of it, what would help, and the heat under the hand. */
export function NotThere({ title, roast, plan, neverMet, fault, units }: Props) {
  return (
    <div className="flex max-w-xl grow flex-col gap-3 py-2">
      <PageHeading className="text-2xl" title={`Plan: ${title}`}>
        {title}
      </PageHeading>
      {neverMet && <NeverThere plan={plan} neverMet={neverMet} units={units} />}
      {fault && <Caution>The simulation stopped: {fault}. The plan is stored; change it, or open it again.</Caution>}
      {!neverMet && !fault && <p className="text-lg text-soft">Cooking it once, to see …</p>}
      {(neverMet || fault) && (
        <section
          aria-label="Heat"
          className="flex flex-col gap-2 rounded-2xl border border-line bg-mist-1 p-3 shadow-card"
        >
          <HeatPanel roast={roast} plan={plan} units={units} />
        </section>
      )}
    </div>
  );
}
