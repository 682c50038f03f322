import { useLiveQuery } from "dexie-react-hooks";
import { useMemo, useState } from "react";
import { CENTRES, type Centre } from "../../core/bird/solid";
import { HAND_OFF_M, type HiddenPoint } from "../../core/forecast/hiddenRoast";
import { hiddenOptions } from "../../core/practice/practice";
import { type Call, callsOf, interrupted, openCall } from "../../core/practice/scenarios";
import { formatTemperature } from "../../core/units/quantity";
import { MINUTE_MS } from "../../core/units/time";
import type { PractisedHere } from "../../storage/database";
import { answerCall } from "../../storage/practice";
import { addReadings, changeRoast } from "../../storage/roasts";
import { PART_NAMES } from "../../words/names";
import { callWords } from "../../words/practice";
import { instantNow } from "../shell/clock";
import { database } from "../shell/database";
import { usePreferences } from "../shell/preferences";
import { stored } from "../shell/stored";
import { useSimulated } from "../simulation/useSimulated";
import { Button } from "../ui/Button";
import { DragSlider } from "../ui/DragSlider";
import { Segmented } from "../ui/Segmented";
import { useNow } from "../ui/useNow";
import type { RoastDay } from "./roastDay";
import { useHeard } from "./useHeard";

/** What a practised day brings besides: what somebody says, and the thermometer in the hand. */
export function PracticePanel({ day }: { readonly day: RoastDay }) {
  const { id } = day.roast;
  const practised = useLiveQuery(() => database().practised.get(id), [id]);
  if (!practised) return null;
  return (
    <>
      <Calls day={day} practised={practised} />
      {practised.thermometer === "hand" && <InTheHand day={day} practised={practised} />}
    </>
  );
}

interface Props {
  readonly day: RoastDay;
  readonly practised: PractisedHere;
}

function Calls({ day, practised }: Props) {
  const { roast, simulated } = day;
  const { units } = usePreferences();
  const now = useNow();
  const { inAt } = roast.happened;
  const [said, setSaid] = useState<Call | null>(null);
  const pullMin = simulated.cook?.pullMinute;
  const calls = pullMin === undefined ? [] : callsOf(practised, roast.plan, pullMin);
  const nowMin = inAt ? (now - Date.parse(inAt)) / MINUTE_MS : Number.NEGATIVE_INFINITY;
  const open = openCall(calls, nowMin, practised.answered ?? {}, said);
  if (open !== said) setSaid(open);
  if (!open) return null;
  const words = callWords(open, units);
  const answer = async (said: "yes" | "no"): Promise<void> => {
    if (said === "yes" && !(await stored("That was", heed(roast.id, open, Math.round(nowMin))))) return;
    await stored("The answer was", answerCall(database(), roast.id, open.kind, said));
  };
  return (
    <section
      aria-label="Somebody says"
      role="status"
      className="grid gap-2 rounded-3xl border-2 border-ember bg-ember-wash p-4"
    >
      <p className="text-xl font-medium">{words.says}</p>
      <div className="flex flex-wrap gap-2">
        <Button tone="primary" onClick={() => void answer("yes")}>
          {words.yes}
        </Button>
        <Button tone="plain" onClick={() => void answer("no")}>
          {words.no}
        </Button>
      </div>
    </section>
  );
}

/** The plan as it then is: a later table, or an oven that is another's for a while. */
const heed = (roastId: string, call: Call, nowMin: number): Promise<unknown> =>
  changeRoast(database(), roastId, (before) => {
    const { plan, happened } = before;
    if (call.kind === "guests-late") {
      const serveAt = new Date(Date.parse(plan.serveAt) + call.byMin * MINUTE_MS).toISOString();
      return { ...before, plan: { ...plan, serveAt } };
    }
    const { stages, on } = interrupted(plan.stages, nowMin, call.minutes, () => call.airC, happened.stagesDone);
    // The hand that answered has turned the dial.
    return { ...before, plan: { ...plan, stages: [...stages] }, happened: { ...happened, stagesDone: on } };
  });

/** As deep as a hand pushes it: from just under the skin to past the deepest meat. */
function InTheHand({ day, practised }: Props) {
  const { roast } = day;
  const { units } = usePreferences();
  const now = useNow();
  const heard = useHeard(roast, now);
  const options = useMemo(() => hiddenOptions(heard, practised), [heard, practised]);
  const { answer: points, stale } = useSimulated<"hidden-roast">({ kind: "hidden-roast", options });
  const centres = CENTRES.filter((centre) => points?.[0]?.byDepthC?.[centre]);
  const [part, setPart] = useState<Centre>("breast");
  const [step, setStep] = useState(0);
  const nowMin = (now - Date.parse(roast.happened.inAt ?? "")) / MINUTE_MS;
  const centre = centres.includes(part) ? part : centres[0];
  if (!points || !centre) return <p className="text-soft">Taking the thermometer in the hand …</p>;
  // What is under way knows of what was just done to it; the points that are there do not.
  const celsius = stale ? null : shownAt(points, nowMin, centre, step);
  const write = (): void => {
    if (celsius === null) return;
    const reading = { at: instantNow(), part: centre, celsius, source: "typed" as const };
    void stored("The reading was", addReadings(database(), roast.id, [reading]));
  };
  return (
    <section aria-label="Thermometer in the hand" className="grid gap-2 rounded-3xl border border-line bg-mist-1 p-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <Segmented<Centre>
          label="Pushed into"
          value={centre}
          choices={centres.map((value) => ({ value, label: `The ${PART_NAMES[value]}` }))}
          onChange={setPart}
        />
        <output className="font-display text-4xl font-semibold" aria-label="It shows">
          {celsius === null ? "–" : formatTemperature(celsius, units)}
        </output>
      </div>
      <DragSlider
        label="How deep it is pushed in"
        value={step}
        min={0}
        max={HAND_OFF_M.length - 1}
        step={1}
        shown={`${step + 1} of ${HAND_OFF_M.length} steps in`}
        onDrag={setStep}
        onSettle={setStep}
      />
      <div className="flex flex-wrap items-center justify-between gap-3">
        <p className="text-sm text-soft">
          From just under the skin to past the deepest meat. Believe the lowest you find, and look on the other side
          too.
        </p>
        <Button tone="plain" onClick={write} disabled={celsius === null}>
          Write it down
        </Button>
      </div>
    </section>
  );
}

function shownAt(points: readonly HiddenPoint[], nowMin: number, centre: Centre, step: number): number | null {
  const point = points.findLast(({ minute }) => minute <= nowMin) ?? points[0];
  return point?.byDepthC?.[centre]?.[step] ?? null;
}
