import { useState } from "react";
import { SPECIES, type Species } from "../../../../core/bird/species";
import { plannedInput } from "../../../../core/forecast/plannedInput";
import { highestTargetC } from "../../../../core/plan/targets";
import { SPECIES_NAMES } from "../../../../words/species";
import { BirdView } from "../../../bird-view/BirdView";
import { ProbeGuideView } from "../../../bird-view/ProbeGuideView";
import { usePreferences } from "../../../shell/preferences";
import { useCooks } from "../../../simulation/useCooks";
import { Segmented } from "../../../ui/Segmented";
import { planOf, weightsKg } from "../birds";

const CUTS = [
  { value: "whole", label: "Whole" },
  { value: "spatchcock", label: "Spatchcocked" },
] as const;

/** Where the deepest points lie in a bird as it comes out, and the way to each of them. */
export function ProbePlaces() {
  const { units } = usePreferences();
  const [species, setSpecies] = useState<Species>("turkey");
  const [cut, setCut] = useState<(typeof CUTS)[number]["value"]>("whole");
  const weights = weightsKg(species, units);
  const plan = planOf({ species, cut, massKg: weights[Math.floor(weights.length / 2)] as number }, units);
  const [answer] = useCooks([plannedInput(plan)], "settled");
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <Segmented<Species>
          label="Species"
          value={species}
          choices={SPECIES.map((value) => ({ value, label: SPECIES_NAMES[value] }))}
          onChange={setSpecies}
        />
        <Segmented<(typeof CUTS)[number]["value"]> label="Cut" value={cut} choices={CUTS} onChange={setCut} />
      </div>
      {answer?.kind === "cooked" ? (
        <>
          <div className="h-80 max-sm:h-72">
            <BirdView
              form={answer.cook.form}
              shows="temperature"
              frames={answer.cook.frames}
              minute={answer.cook.pullMinute}
              targetC={highestTargetC(plan)}
              units={units}
              centresC={answer.cook.atPull.centresC}
              coldestC={answer.cook.atPull.coldestC}
            />
          </div>
          <ProbeGuideView plan={plan} />
        </>
      ) : (
        <p className="text-soft">{answer?.kind === "failed" ? answer.why : "Cooking it …"}</p>
      )}
    </div>
  );
}
