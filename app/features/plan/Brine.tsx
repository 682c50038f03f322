import { BATHS } from "../../../core/kitchen/salt";
import { withSalt } from "../../../core/plan/edits";
import type { SaltPlan } from "../../../core/plan/saltPlan";
import { ice, liquid, potFor } from "../../../words/amounts";
import { Segmented } from "../../ui/Segmented";
import type { PanelProps } from "./panelProps";
import { usePlanStore } from "./planStore";

const BATH_NAMES = { pot: "In a pot", bag: "In a closed bag" } as const;

interface Props extends Pick<PanelProps, "plan" | "units"> {
  readonly bath: NonNullable<SaltPlan["bath"]>;
}

/** What a brine is in, its water, and the room it takes. */
export function Brine({ plan, bath, units }: Props) {
  const { settle } = usePlanStore();
  return (
    <>
      <Segmented
        label="The brine is"
        value={plan.salt.bath}
        choices={BATHS.map((value) => ({ value, label: BATH_NAMES[value] }))}
        onChange={(chosen) => settle(withSalt({ bath: chosen }))}
      />
      <p className="text-sm">
        <b>{liquid(bath.waterL * 1000, units)}</b> of water{bath.vessels > 1 && " for each bird"}
        {bath.vessels < plan.bird.count && " for all of them in one pot"}: {liquid(bath.hotL * 1000, units)} hot to
        dissolve, then the rest cold with {ice(bath.iceKg, units)} of ice. It takes {potFor(bath.containerL, units)} of
        room.
      </p>
    </>
  );
}
