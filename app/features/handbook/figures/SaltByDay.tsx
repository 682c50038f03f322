import { useMemo, useState } from "react";
import { withSalt } from "../../../../core/plan/edits";
import { formatDuration } from "../../../../core/units/quantity";
import { BirdView } from "../../../bird-view/BirdView";
import { usePreferences } from "../../../shell/preferences";
import { useLife } from "../../../simulation/useLife";
import { DragSlider } from "../../../ui/DragSlider";
import { planOf } from "../birds";

const HOURS = 72;
const MIN_AN_HOUR = 60;

/** Three days in dry salt, under the hand: how deep it has gone. */
export function SaltByDay() {
  const { units } = usePreferences();
  const plan = useMemo(() => withSalt({ saltHours: HOURS, dryHours: 0 })(planOf({}, units)), [units]);
  const { life, fault } = useLife(plan, "cuts");
  const [hour, setHour] = useState(24);
  const frames = useMemo(
    () =>
      (life?.frames ?? [])
        .filter(({ phase }) => phase === "salt")
        .map((frame) => ({ minute: frame.minute, sections: frame.saltPercent })),
    [life],
  );
  if (fault) return <p>{fault}</p>;
  if (frames.length === 0) return <p className="text-soft">Salting a bird for three days …</p>;
  return (
    <div className="grid gap-1">
      <div className="h-80 max-sm:h-72">
        <BirdView
          form={plan.bird}
          shows="salt"
          frames={frames}
          minute={hour * MIN_AN_HOUR}
          targetC={0}
          units={units}
          centresC={{}}
          coldestC={0}
        />
      </div>
      <DragSlider
        label="Hours in salt"
        value={hour}
        min={0}
        max={HOURS}
        step={1}
        shown={formatDuration(hour * 3600)}
        onDrag={setHour}
        onSettle={setHour}
      />
      <p className="text-center">
        After <b>{formatDuration(hour * 3600)}</b> in dry salt, 1 % of its weight
      </p>
    </div>
  );
}
