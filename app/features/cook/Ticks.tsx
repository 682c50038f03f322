import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { TickSheet } from "./TickSheet";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}

/**
 * What should have begun a while ago and was not ticked off: a tap was forgotten, or the thing itself. And what was, to be
 * had back: a wet finger ticks what it did not mean to.
 */
export function Ticks({ day: { roast, passed, ticked }, acts }: Props) {
  return (
    <>
      <TickSheet
        title="Passed, not ticked off"
        rows={passed}
        zone={roast.plan.zone}
        says="Done"
        of=""
        onTap={(id) => acts.ticks(id)}
      />
      <TickSheet title="Ticked off" rows={ticked} says="Not yet" of=" done" onTap={(id) => acts.unticks(id)} />
    </>
  );
}
