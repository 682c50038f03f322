import { plannedInput } from "../../../../core/forecast/plannedInput";
import { highestTargetC } from "../../../../core/plan/targets";
import { CentreChart } from "../../../chart/CentreChart";
import { useSize } from "../../../chart/useSize";
import { usePreferences } from "../../../shell/preferences";
import { useCooks } from "../../../simulation/useCooks";
import { planOf } from "../birds";

const HEIGHT = 300;

/** A roast and its rest: what goes on rising after the pull. */
export function RestCurves() {
  const { units } = usePreferences();
  const plan = planOf({ method: "hot-start" }, units);
  const [answer] = useCooks([plannedInput(plan)], "settled");
  const { ref, width } = useSize<HTMLDivElement>();
  if (answer?.kind !== "cooked") {
    return <p className="text-soft">{answer?.kind === "failed" ? answer.why : "Cooking and resting it …"}</p>;
  }
  const { cook } = answer;
  return (
    <div ref={ref} style={{ height: HEIGHT }}>
      {width > 0 && (
        <CentreChart
          history={cook.history}
          targetC={highestTargetC(plan)}
          pullMinute={cook.pullMinute}
          inAtMs={Date.parse(plan.serveAt)}
          zone={plan.zone}
          units={units}
          width={width}
          height={HEIGHT}
        />
      )}
    </div>
  );
}
