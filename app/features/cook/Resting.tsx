import { holdsJuice } from "../../../core/bird/form";
import { placeOf } from "../../../core/bird/probe";
import type { Centre } from "../../../core/bird/solid";
import { constant } from "../../../core/constants";
import { placesSeen } from "../../../core/day/seen";
import { heatNow } from "../../../core/plan/heats";
import { guidelineOf, unreadCentre } from "../../../core/plan/targets";
import { formatTemperature } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { COVER_CHOICES, heatWords } from "../../../words/names";
import { toBeSeen } from "../../../words/readIn";
import { clockTime, largeCountdown } from "../../../words/time";
import { itIsOrTheyAre, itOrThem, itOrThey } from "../../../words/titles";
import type { Acts } from "../../day/acts";
import type { RoastDay } from "../../day/roastDay";
import { WhenItWas } from "../../day/WhenItWas";
import { instantNow } from "../../shell/clock";
import { useHabits, usePreferences } from "../../shell/preferences";
import { useGoOn } from "../../shell/useGoOn";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { Segmented } from "../../ui/Segmented";
import { Sheet } from "../../ui/Sheet";
import { useNow } from "../../ui/useNow";
import { AdviceList } from "./AdviceList";
import { AlarmLimits } from "./AlarmSwitch";
import { MainAct } from "./MainAct";
import { NextAction } from "./NextAction";
import { PlacesSeen } from "./PullCheck";
import { ReadingForm } from "./ReadingForm";
import { ReadingList } from "./ReadingList";
import { Rung } from "./Rung";
import { SideBySide } from "./SideBySide";
import { Simulating } from "./Simulating";
import { Temperatures } from "./Temperatures";
import { Ticks } from "./Ticks";
import { Upcoming } from "./Upcoming";

interface Props {
  readonly day: RoastDay;
  readonly acts: Acts;
}
const NO_KEYS: ReadonlySet<string> = new Set();

/** The rest as a plan: not before everything is seen, not after it cools, the gravy inside; else back in the oven. */
export function Resting({ day, acts }: Props) {
  const reader = useHabits();
  const now = useNow();
  const { units } = usePreferences();
  const goOn = useGoOn();
  const { roast, believed, present, rest, rows, items, readings } = day;
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const pulledMs = Date.parse(happened.pulledAt ?? "");
  const pulledMin = (pulledMs - inAtMs) / MINUTE_MS;
  const nowMin = (now - inAtMs) / MINUTE_MS;
  const atRest = believed.filter(({ minute }) => minute >= pulledMin);
  // Out of the heat, what each centre is to show before it is carved.
  const { goalsC: targetC } = day;
  const places = placesSeen(targetC, atRest, guidelineOf(plan));
  const allSeen = places.every(({ seen }) => seen);
  const isRead = day.forecast.forecast !== null;
  const earliestMs = pulledMs + (rest?.earliestMin ?? 0) * MINUTE_MS;
  const latestMs = pulledMs + (rest?.latestMin ?? 0) * MINUTE_MS;
  const carveMs = pulledMs + (rest?.carveMin ?? rest?.earliestMin ?? 0) * MINUTE_MS;
  const at = (ms: number): string => clockTime(ms, plan.zone, reader);
  const peaks = (Object.keys(targetC) as Centre[]).flatMap((centre) => present?.rest.peak[centre]?.celsius ?? []);
  const wanted = toBeSeen(plan, units);
  const them = itOrThem(plan.bird);
  const untilCarved = now > latestMs ? `Keep ${them} hot; carve in` : `Let ${them} rest; carve in`;
  const heat = heatWords(heatNow(roast));
  const carve = async (): Promise<void> => {
    if (await acts.happens({ carvedAt: instantNow() })) await goOn(`/roast/${roast.id}/carve`);
  };
  return (
    <SideBySide
      now={
        <>
          {rest?.fallsShort ? (
            <NextAction
              action={`Put ${them} back ${heat.into}`}
              {...(rest.backInMin === null ? { figure: "now" } : largeCountdown(rest.backInMin * MINUTE_MS))}
              below={`Left to rest, ${itOrThey(plan.bird)} would not show ${wanted}. Then read again; rest and gravy move with it.`}
            />
          ) : (
            <NextAction
              action={now < carveMs ? untilCarved : "Carve"}
              {...(now < carveMs ? largeCountdown(carveMs - now) : { figure: "now" })}
              below={`out at ${at(pulledMs)}; good to carve from ${at(earliestMs)} to ${at(latestMs)}${rest?.latestBecause === "cools" ? `, when it falls under ${formatTemperature(constant("zoneHighC"), units)}` : ""}`}
            />
          )}
          <MainAct>
            {rest?.fallsShort && (
              <Button tone="primary" size="stove" onClick={acts.backIn}>
                {itIsOrTheyAre(plan.bird)} back {heat.in}
              </Button>
            )}
            <Button
              tone={!rest?.fallsShort && (allSeen ? now >= earliestMs : now >= carveMs) ? "primary" : "plain"}
              size="stove"
              onClick={() => void carve()}
            >
              Carving now
            </Button>
          </MainAct>
          <Temperatures
            readings={believed}
            lost={[]}
            nowMin={nowMin}
            units={units}
            goalsC={targetC}
            unread={unreadCentre(plan)}
            goal="to be seen:"
            birds={plan.bird.count}
          />
          <ReadingForm day={day} acts={acts} places={places.map(({ probe }) => placeOf(probe))} />
          <section aria-label="Seen before carving" className="grid gap-2">
            <p role="status" className="text-lg">
              {allSeen
                ? `It has shown ${wanted}.`
                : `Leave the probe in until it shows ${wanted}${peaks.length > 0 ? `; the lowest is ${isRead ? "expected" : "simulated"} to peak at ${formatTemperature(Math.min(...peaks), units)}` : ""}.`}
            </p>
            {!allSeen && <PlacesSeen places={places} units={units} />}
          </section>
          <Simulating day={day} />
          <AdviceList items={items} acts={acts} />
          {day.lateMin > 0 && !rest?.fallsShort && (
            <p className="text-lg">
              To the table about {day.lateMin} min later than planned; what follows has moved with it.
            </p>
          )}
        </>
      }
      then={
        <>
          <div className="grid gap-1.5">
            <p className="text-soft">Covered with</p>
            <Segmented
              label="Covered with"
              value={plan.cover}
              choices={COVER_CHOICES}
              onChange={(cover) => void acts.change((before) => ({ ...before, plan: { ...before.plan, cover } }))}
            />
          </div>
          <ReadingList readings={readings ?? []} aside={NO_KEYS} zone={plan.zone} units={units} acts={acts} />
          <Upcoming rows={rows} now={now} zone={plan.zone} />
          <Ticks day={day} acts={acts} />
          <Caution>
            {holdsJuice(plan.bird)
              ? "Hot juice sits in the cavity and hot fat in the tray"
              : "Hot juice and hot fat lie in the tray"}
            : tip them out away from you.
            {plan.gravy !== "none" && " The liquid is for the gravy; taste before salting."}
          </Caution>
          <AlarmLimits />
          <Rung roastId={roast.id} zone={plan.zone} />
          <Sheet opens="Correct something" title="Correct something">
            <WhenItWas roast={roast} acts={acts} size="stove" />
            <Button onClick={acts.backIn}>Back {heat.into} after all</Button>
            <Button onClick={() => void acts.takeBack("pulledAt")}>Never out</Button>
          </Sheet>
        </>
      }
    />
  );
}
