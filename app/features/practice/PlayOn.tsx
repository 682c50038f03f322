import { useState } from "react";
import type { Roast } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import { playOn } from "../../../storage/practice";
import { clockTime } from "../../../words/time";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { DragSlider } from "../../ui/DragSlider";
import { useOnce } from "../../ui/useOnce";

const RATE = 60;
/** Time to look around before what was decided then. */
const BEFORE_MIN = 20;

/** The same roast from any moment on, to decide otherwise. */
export function PlayOn({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { happened, plan } = roast;
  const inMs = Date.parse(happened.inAt ?? "");
  const endMs = Date.parse(happened.carvedAt ?? happened.pulledAt ?? "");
  const pulledMs = Date.parse(happened.pulledAt ?? "");
  const [fromMs, setFromMs] = useState(Math.max(inMs + MINUTE_MS, pulledMs - BEFORE_MIN * MINUTE_MS));
  const at = clockTime(fromMs, plan.zone, reader);
  const begin = useOnce(async () => {
    const id = `practice-${crypto.randomUUID()}`;
    if (!(await stored("The roast was", playOn(database(), roast.id, fromMs, id)))) return false;
    location.assign(`/roast/${id}/cook?rate=${RATE}&now=${new Date(fromMs).toISOString()}`);
    return true;
  });
  return (
    <section aria-label="Once more from a moment" className="grid max-w-xl gap-1">
      <h2 className="text-xl">Once more, from {at} on</h2>
      <DragSlider
        label="From when it is played once more"
        value={fromMs}
        min={inMs + MINUTE_MS}
        max={endMs}
        step={MINUTE_MS}
        shown={at}
        onDrag={setFromMs}
        onSettle={setFromMs}
      />
      <Button tone="plain" className="justify-self-start" onClick={() => void begin()}>
        Play on from {at}
      </Button>
    </section>
  );
}
