import { turnsItself } from "../../../core/heat/sources";
import { withDarker } from "../../../core/plan/edits";
import type { Roast } from "../../../core/plan/roast";
import { BROWNING_AT } from "../../../core/processes/conditions";
import { facingName } from "../../../words/names";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { Button } from "../../ui/Button";

type Darker = NonNullable<Roast["happened"]["darker"]>;

const SIDES: readonly Darker[] = ["even", "left", "right", "legs", "breast"];

/** Asked once, when there is colour to be seen: where it is darker the oven is hotter, and turning the tray evens it. */
export function DarkerSide({ day, acts }: { readonly day: RoastDay; readonly acts: Acts }) {
  const { roast, present } = day;
  const { bird, heat } = roast.plan;
  const isColoured = present !== null && present.browning.now >= BROWNING_AT["first-gold"];
  // On a spit every side is turned to the fire.
  if (!isColoured || turnsItself(heat) || roast.happened.darker !== undefined) return null;
  const sees = (darker: Darker): void =>
    void acts.change((before) => ({
      ...before,
      plan: withDarker(darker, before.happened.stagesDone ?? 0)(before.plan),
      happened: { ...before.happened, darker },
    }));
  return (
    <section
      aria-label="Which side is darker"
      className="grid gap-2 rounded-2xl border border-line bg-mist-1 px-4 py-3"
    >
      <p>
        When you look in: which side is darker?{" "}
        <span className="text-soft">The tray is turned to the cooler side then.</span>
      </p>
      <div className="flex flex-wrap gap-2">
        {SIDES.map((side) => (
          <Button key={side} onClick={() => sees(side)}>
            {side === "even" ? "Even" : `The ${facingName(bird.cut, side)}`}
          </Button>
        ))}
      </div>
    </section>
  );
}
