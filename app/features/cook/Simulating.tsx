import { neverMetWords } from "../../../words/conflicts";
import type { RoastDay } from "../../day/roastDay";
import { usePreferences } from "../../shell/preferences";
import { Caution } from "../../ui/Caution";

interface Props {
  readonly day: RoastDay;
  /** That it is under way is said in the place where its answer will stand. */
  readonly isToldAbove?: boolean;
}

/** What the simulation cannot say, beside what the hand goes on with. */
export function Simulating({ day: { simulated }, isToldAbove = false }: Props) {
  const { units } = usePreferences();
  const { cook, neverMet, fault } = simulated;
  return (
    <>
      {neverMet && (
        <Caution>{neverMetWords(neverMet, units)} More heat, or foil wrapped tight, brings it there.</Caution>
      )}
      {fault && (
        <Caution>
          The simulation stopped: {fault}. Times are {cook ? "as last computed" : "not known"}; read the thermometer,
          and go on.
        </Caution>
      )}
      {!isToldAbove && !cook && !neverMet && !fault && (
        <p className="text-soft">Cooking it once in the computer, to see when …</p>
      )}
    </>
  );
}
