import { useState } from "react";
import { hasCavity } from "../../core/bird/form";
import { hasGiblets } from "../../core/bird/mass";
import { isFire } from "../../core/heat/sources";
import { goesInWithIce } from "../../core/plan/ice";
import type { Plan } from "../../core/plan/schema";
import { formatDuration } from "../../core/units/quantity";
import { capital } from "../../words/capital";
import { usePreferences } from "../shell/preferences";
import { Button } from "../ui/Button";
import { Caution } from "../ui/Caution";
import { Segmented } from "../ui/Segmented";
import { Sheet } from "../ui/Sheet";
import { useRescue, type WayOut } from "./useRescue";

type Ice = Plan["bird"]["ice"];

interface Props {
  readonly plan: Plan;
  /** Salted already, as far as was ticked off. */
  readonly isSalted?: boolean;
  /** @param waterMin in the water, before it goes into the heat */
  onTake(ice: Ice, thawIn: "water" | "none", waterMin: number): void;
}

const ICE_NAMES: Record<Ice, string> = {
  cavity: "Some, in the cavity",
  middle: "The middle is hard",
  most: "Most of it",
};

/** The morning after a thaw that was too short: what is safe, and what each way costs in minutes, simulated. */
export function RescueSheet(props: Props) {
  return (
    <Sheet opens="Still ice in it on the morning?" title="Ice on the morning">
      <Rescue {...props} />
    </Sheet>
  );
}

function Rescue({ plan, isSalted = false, onTake }: Props) {
  const [ice, setIce] = useState<Ice>(plan.bird.ice);
  const { units } = usePreferences();
  const ways = useRescue(plan, ice, units);
  const ovenOnly = isFire(plan.heat) || plan.bird.cavity === "stuffed";
  const taken = (thawIn: "water" | "none"): boolean =>
    plan.bird.state === "part-frozen" && plan.bird.ice === ice && (thawIn === "none") === goesInWithIce(plan);
  return (
    <>
      <p>
        {hasCavity(plan.bird.cut) ? "A hand in the cavity, a skewer into the thigh" : "A skewer into the thickest meat"}
        : how much of it is still ice?
      </p>
      <Segmented<Ice>
        label="How much is still ice"
        value={ice}
        choices={(Object.keys(ICE_NAMES) as Ice[]).map((value) => ({
          value,
          label: value === "cavity" && !hasCavity(plan.bird.cut) ? "Some of it" : ICE_NAMES[value],
        }))}
        onChange={setIce}
      />
      <ul className="grid gap-3">
        <WayRow
          name="Cold water first, then roast"
          says="In its closed bag, the water changed every 30 minutes; then into the heat at once."
          way={ways.water}
          taken={taken("water")}
          onTake={() => onTake(ice, "water", ways.water.kind === "known" ? ways.water.waterMin : 0)}
        />
        <WayRow
          name="Roast it as it is"
          says={`Oven only. ${capital(
            [
              hasGiblets(plan.bird) && "the giblet bag comes out as soon as it lets go",
              hasCavity(plan.bird.cut) && "no stuffing",
              "the thermometer decides",
            ]
              .filter(Boolean)
              .join("; "),
          )}.`}
          way={ways.none}
          taken={taken("none")}
          onTake={() => onTake(ice, "none", 0)}
        />
      </ul>
      {ovenOnly && (
        <Caution>
          {plan.bird.cavity === "stuffed"
            ? "A stuffed bird does not go in with ice: as it is, its stuffing goes beside it."
            : "With ice it is for the oven, not for the smoker, the grill or the spit: as it is, it goes there."}
        </Caution>
      )}
      <p className="text-sm text-soft">
        Never hot water, never the counter: the outside would be warm for hours before the middle is thawed.{" "}
        {isSalted ? "It is salted: no more salt." : "What was to be salted and dried is salted as it goes in."} Follow
        your local food-safety authority.
      </p>
    </>
  );
}

interface WayProps {
  readonly name: string;
  readonly says: string;
  readonly way: WayOut;
  readonly taken: boolean;
  onTake(): void;
}

function WayRow({ name, says, way, taken, onTake }: WayProps) {
  return (
    <li className="rounded-2xl border border-line p-3">
      <div className="flex items-baseline justify-between gap-3">
        <b>{name}</b>
        {way.kind === "known" && (
          <b className="whitespace-nowrap font-display text-2xl">{formatDuration(way.totalMin * 60)}</b>
        )}
      </div>
      <p className="text-sm text-soft">{says}</p>
      <div className="mt-1 flex items-center justify-between gap-3 text-sm">
        <span>
          {way.kind === "waiting" && "simulating …"}
          {way.kind === "failed" && way.why}
          {way.kind === "known" &&
            `${way.waterMin > 0 ? `${formatDuration(way.waterMin * 60)} in water, ` : ""}${formatDuration(way.roastMin * 60)} in the heat, until it can rest`}
        </span>
        {taken ? (
          <b className="whitespace-nowrap">your plan</b>
        ) : (
          <Button className="shrink-0" onClick={onTake}>
            Take it
          </Button>
        )}
      </div>
    </li>
  );
}
