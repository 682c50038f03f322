import { centresOf } from "../../../core/bird/form";
import { withSeason } from "../../../core/plan/edits";
import type { Plan } from "../../../core/plan/schema";
import { glazeMoments } from "../../../core/plan/season";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { Button } from "../../ui/Button";
import { UnitField } from "../../ui/UnitField";
import { type Moment, momentShown, parseMoment } from "./parseMoment";
import { usePlanStore } from "./planStore";

/** When each pass goes on: a minute of the roast, or what the first centre shows. */
export function GlazeMoments({ plan, units }: { readonly plan: Plan; readonly units: UnitSystem }) {
  const { settle } = usePlanStore();
  const centres = centresOf(plan.bird);
  const moments = glazeMoments(plan);
  const parse = (text: string): Moment => parseMoment(text, units, { what: "glaze", centres, lowC: 0, highC: 95 });
  const take = (n: number, moment: Moment): void =>
    settle(withSeason({ glazeAt: moments.map((each, m) => (m === n ? moment : each)) }));
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        {moments.map((moment, n) => (
          <UnitField
            // biome-ignore lint/suspicious/noArrayIndexKey: passes have no other name than their number
            key={n}
            label={`Pass ${n + 1}`}
            shown={momentShown(moment, units)}
            hint={`60 min, ${formatTemperature(65, units)} in the first centre, or first gold`}
            parse={parse}
            onChange={(taken) => take(n, taken)}
          />
        ))}
      </div>
      {plan.season.glazeAt.length > 0 && (
        <Button size="small" className="self-start" onClick={() => settle(withSeason({ glazeAt: [] }))}>
          At the usual moments
        </Button>
      )}
    </>
  );
}
