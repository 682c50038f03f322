import type { Roast } from "../../../core/plan/roast";
import { formatTemperature } from "../../../core/units/quantity";
import { probeName } from "../../../words/names";
import type { Acts } from "../../day/acts";
import { claim, putInNone } from "../../day/bridge";
import { useBridgeState } from "../../day/listener";
import { usePreferences } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";

interface Props {
  readonly roast: Roast;
  readonly acts: Acts;
}

/** Thermometers that speak and are in no bird that is known: asked once, by what they show. */
export function ProbeQuestions({ roast }: Props) {
  const { units } = usePreferences();
  const { unclaimed } = useBridgeState();
  if (roast.thermometer !== "bridge") return null;
  return unclaimed.map(({ device, newest }) => (
    <Caution
      key={device}
      actions={
        <>
          <Button size="stove" onClick={() => void stored("That was", claim(roast.id, device))}>
            In this bird
          </Button>
          <Button size="stove" onClick={() => void stored("That was", putInNone(device))}>
            In none
          </Button>
        </>
      }
    >
      {device ? `The thermometer “${device}”` : "A thermometer without a name"} speaks, and is in no bird yet:{" "}
      {newest.map(({ probe, celsius }) => `${probeName(probe)} ${formatTemperature(celsius, units)}`).join(", ")}.
    </Caution>
  ));
}
