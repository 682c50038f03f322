import { centresOf } from "../../../core/bird/form";
import type { Plan } from "../../../core/formats/roast";
import { constant } from "../../../core/sources";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { Caution } from "../../ui/Caution";
import { Sheet } from "../../ui/Sheet";

interface Props {
  readonly plan: Plan;
  readonly goalsC: Readonly<Record<string, number | undefined>>;
  readonly units: UnitSystem;
}

/** Before it is lifted: every place that has to be there, both sides, and what is hot. */
export function PullCheck({ plan, goalsC, units }: Props) {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const places = centresOf(plan.bird).flatMap((centre) =>
    centre === "filling" ? ["filling"] : [`left ${centre}`, `right ${centre}`],
  );
  return (
    <Sheet opens="Check before you lift it" title="Check before you lift it">
      <p className="text-lg">Deepest meat, off the bone, each of these; the lowest decides.</p>
      <ul className="grid gap-2">
        {places.map((place) => {
          const goal = goalsC[place.split(" ").at(-1) ?? ""];
          return (
            <li
              key={place}
              className="flex items-baseline justify-between rounded-2xl border border-line px-4 py-3 text-xl"
            >
              <span className="capitalize">{place}</span>
              {goal !== undefined && <b>{t(goal)}</b>}
            </li>
          );
        })}
      </ul>
      <p className="text-soft">
        It goes on rising at rest to {t(constant("guidelineC"))} or more: that is what is to be seen before carving. A
        button that pops, clear juice and a loose leg say nothing sure.
      </p>
      {plan.bird.cut === "whole" && (
        <Caution>
          Hot juice stands in the cavity: tip it into the tray, away from you, before you lift the bird.
        </Caution>
      )}
    </Sheet>
  );
}
