import { centresOf } from "../../../core/bird/form";
import { constant } from "../../../core/constants";
import type { WhatIfId } from "../../../core/day/whatIf";
import type { Quantiles } from "../../../core/forecast/shares";
import { byTimeMin } from "../../../core/plan/byTime";
import { offSince } from "../../../core/plan/happened";
import { formatTemperature } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { capital, uncapitalised } from "../../../words/capital";
import { clockTime, giveOrTake, largeCountdown, largeDelay, timeBeside } from "../../../words/time";
import { inEach, itOrThem, theBirds } from "../../../words/titles";
import { unbroken } from "../../../words/unbroken";
import type { Acts } from "../../day/acts";
import { outWords } from "../../day/calls";
import type { Item } from "../../day/items";
import type { RoastDay } from "../../day/roastDay";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { useNow } from "../../ui/useNow";
import type { Changes } from "./changes";
import { NextAction } from "./NextAction";
import { NoHeat } from "./NoHeat";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
  /** When it will be there, ms. */
  readonly pull: Quantiles | null;
  /** What comes before the countdown, where something does. */
  readonly urgent: Item | undefined;
  readonly changes: Changes;
}

/** Ways to cook it on where its own heat is gone. */
const ELSEWHERE: readonly WhatIfId[] = ["into-oven", "onto-grill"];

/** As what a change of the heat counts that nobody has told. */
const COUNTED = {
  "at-its-sign":
    "Nobody has read it since it should be there; it counts as done at its sign until you say, or note what it shows.",
  "in-time": "By your readings it was, in time, and it counts so until you say.",
  "not-done": "The plan wanted it by now; until it is done, everything goes on as before.",
} as const;

/** What is next of a bird in the heat, large: what is urgent, that it comes out, or when it will. */
export function NextInHeat({ day, acts, pull, urgent, changes }: Props) {
  const reader = useHabits();
  const now = useNow();
  const { roast, reached, heldUntilMs, forecast } = day;
  const { bird } = roast.plan;
  const them = itOrThem(bird);
  const inAtMs = Date.parse(roast.happened.inAt ?? "");
  const finish = pull && Number.isFinite(pull.p50) && <Finish day={day} pull={pull} />;
  switch (urgent?.about.kind) {
    case "heat-off":
      return (
        <NoHeat item={urgent} sinceMs={now - Date.parse(offSince(roast.happened) ?? "")} finish={finish} acts={acts}>
          {ELSEWHERE.map((id) => {
            const change = changes(id);
            return (
              change && (
                <Button key={id} size="stove" onClick={change.makes}>
                  Moved {uncapitalised(change.name)}
                </Button>
              )
            );
          })}
        </NoHeat>
      );
    case "stage": {
      const { about } = urgent;
      const counts = about.isUnread ? "at-its-sign" : day.seemsMade ? "in-time" : "not-done";
      return (
        <>
          <NextAction
            action={urgent.does}
            {...(counts === "not-done" ? largeDelay(about.sinceMin) : { figure: "done?" })}
            below={COUNTED[counts]}
          />
          <div key={urgent.key} className="grid grid-cols-2 gap-3">
            <Button
              tone={day.seemsMade ? "plain" : "primary"}
              size="stove"
              aria-label={`Done just now: ${urgent.does}`}
              onClick={() => acts.changesHeat(about)}
            >
              Done just now
            </Button>
            <Button
              tone={day.seemsMade ? "primary" : "plain"}
              size="stove"
              aria-label={`Done in time: ${urgent.does}`}
              onClick={() => acts.changesHeat(about, "in time")}
            >
              Done at {clockTime(now - about.sinceMin * MINUTE_MS, roast.plan.zone, reader)}
            </Button>
          </div>
          {finish && <p className="text-lg">As it goes, out {finish}</p>}
        </>
      );
    }
  }
  if (reached) {
    return (
      <NextAction
        action={outWords(roast.plan)}
        figure="now"
        below={
          byTimeMin(roast) === null
            ? `At each place${inEach(roast.plan.bird)} push on past the deepest meat, off the bone, and draw back slowly: the lowest you see counts.`
            : "The clock says nothing of how done it is: a thermometer does."
        }
      />
    );
  }
  if (heldUntilMs !== null) {
    return (
      <NextAction
        action={`Hold ${them} there; take ${them} out in`}
        {...largeCountdown(heldUntilMs - now)}
        below={`at ${timeBeside(heldUntilMs, now, roast.plan.zone, reader)}, to rest for dinner. Done: leave the probe in, nothing is to fall under ${formatTemperature(constant("zoneHighC"), reader.units)}`}
      />
    );
  }
  if (pull && finish) {
    const centres = centresOf(roast.plan.bird).filter((centre) => day.goalsC[centre] !== undefined);
    return (
      <NextAction
        action={
          now < pull.p50
            ? `Take ${them} out in`
            : `${capital(theBirds(bird))} should be there: read ${[them, "both centres"][centres.length - 1] ?? "every centre"}`
        }
        {...largeCountdown(pull.p50 - now)}
        below={finish}
      />
    );
  }
  return (
    <NextAction
      action={forecast.forecast ? "At this heat it does not get there" : "In the heat for"}
      {...largeCountdown(now - inAtMs)}
      below={
        forecast.forecast
          ? "By your readings, most such birds would not come to their target: turn the heat up, or wrap it tight."
          : "A reading says when it will be done."
      }
    />
  );
}

const knownBy = ({ forecast, refitting }: RoastDay["forecast"]): string => {
  if (forecast) return `, refitted to your readings${refitting ? " …" : ""}`;
  return refitting ? ", simulated; your readings are about to narrow it" : ", simulated; a reading will narrow it";
};

/** When it will be there, with its doubt and what it is known by. */
function Finish({ day, pull }: { readonly day: RoastDay; readonly pull: Quantiles }) {
  const reader = useHabits();
  const now = useNow();
  const { roast, forecast } = day;
  const at = timeBeside(pull.p50, now, roast.plan.zone, reader);
  if (byTimeMin(roast) !== null) return <span aria-live="polite">at {at}, by time alone</span>;
  return (
    <span aria-live="polite">
      at {at}, {unbroken(giveOrTake(pull.p10, pull.p90))}
      {knownBy(forecast)}
    </span>
  );
}
