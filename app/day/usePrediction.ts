/** What was expected as the bird went in, written down once: by whichever page is open, after a reload or a crash too. */

import { useEffect, useEffectEvent } from "react";
import { withPrediction } from "../../core/forecast/prediction";
import type { Roast } from "../../core/plan/roast";
import { changeRoast } from "../../storage/roasts";
import { messageOf } from "../../words/faults";
import { Superseded } from "../../workers/pool";
import { predictPull } from "../../workers/predict";
import { database } from "../shell/database";
import { toast } from "../ui/toast";

export function usePrediction(roast: Roast): void {
  const { id, happened } = roast;
  const isOwed = happened.inAt !== undefined && !happened.predicted && !happened.closedAt;
  // By the plan as it was when the bird went in: what is changed at the stove afterwards is no prediction.
  const predict = useEffectEvent(async (): Promise<void> => {
    const inAtMs = Date.parse(happened.inAt ?? "");
    try {
      const predicted = await predictPull(roast);
      await changeRoast(database(), id, (before) => withPrediction(before, predicted, inAtMs));
    } catch (error) {
      if (!(error instanceof Superseded)) toast.error(`No prediction was stored: ${messageOf(error)}`);
    }
  });
  useEffect(() => {
    if (isOwed) void predict();
  }, [isOwed]);
}
