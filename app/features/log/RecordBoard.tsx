import { useMemo, useState } from "react";
import { Link } from "react-router";
import { closedRecord, reopened } from "../../../core/log/closing";
import { eventsOf, keyOf } from "../../../core/log/events";
import { isUnasked } from "../../../core/log/ovens";
import { logRow } from "../../../core/log/rows";
import { cameOutOf, ovenIn } from "../../../core/plan/heats";
import { isAtRest, type OtherwiseId, type Roast } from "../../../core/plan/roast";
import { highestTargetC } from "../../../core/plan/targets";
import { MINUTE_MS } from "../../../core/units/time";
import { changeRoast } from "../../../storage/roasts";
import { bandWords, offWords } from "../../../words/log";
import { heatsNamed } from "../../../words/names";
import { doneWords, eventWords, killedWords } from "../../../words/record";
import { clockTime, dayName } from "../../../words/time";
import { birdWords, titleShown } from "../../../words/titles";
import { BirdView } from "../../bird-view/BirdView";
import { actsOf } from "../../day/acts";
import { Learns } from "../../day/Learns";
import { WhenItWas } from "../../day/WhenItWas";
import { instantNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { PageHeading } from "../../shell/PageHeading";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { Caution } from "../../ui/Caution";
import { DragSlider } from "../../ui/DragSlider";
import { OvenChoice } from "../../ui/OvenChoice";
import { Sheet } from "../../ui/Sheet";
import { TimeAxis } from "./axis/TimeAxis";
import { HowItWas } from "./HowItWas";
import { NextTime } from "./NextTime";
import { Steps } from "./Steps";
import { useCookAgain } from "./useCookAgain";
import { useRecord } from "./useRecord";

/** The record of one roast: what happened, what came of it, what would have mattered. */
export function RecordBoard({ roast }: { readonly roast: Roast }) {
  const row = logRow(roast);
  if (!row) {
    return (
      <p className="py-10 text-lg">
        Not out yet; the record begins then.{" "}
        <Link to={`/roast/${roast.id}/cook`} className="underline">
          To the stove
        </Link>
      </p>
    );
  }
  return <Looked roast={roast} />;
}

function Looked({ roast }: { readonly roast: Roast }) {
  const reader = useHabits();
  const { units } = reader;
  const back = useRecord(roast);
  const { plan, happened } = roast;
  const inAtMs = Date.parse(happened.inAt ?? "");
  const events = useMemo(() => eventsOf({ plan, happened }), [plan, happened]);
  const [minute, setMinute] = useState(Math.round(back.outMin));
  const row = logRow(roast);
  const atRest = isAtRest(roast);
  const change = (next: (before: Roast) => Roast): void =>
    void stored("That was", changeRoast(database(), roast.id, next));
  const close = (closed: boolean): void =>
    change((before) => (closed ? closedRecord(before, instantNow()) : reopened(before)));
  const take = (id: OtherwiseId, taken: boolean): void =>
    change((before) => {
      const others = (before.nextTime ?? []).filter((each) => each !== id);
      return { ...before, nextTime: taken ? [...others, id] : others };
    });
  const again = useCookAgain(roast);
  const point = back.relived?.history.find((each) => each.minute >= minute) ?? back.relived?.history.at(-1);
  const endMin = Math.round(Math.max(back.tableMin, back.outMin));
  const now = clockTime(inAtMs + minute * MINUTE_MS, plan.zone, reader);
  return (
    <div className="py-4">
      <p className="text-sm text-soft">
        <Link to="/log" className="underline underline-offset-4">
          What came of them
        </Link>
      </p>
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <PageHeading className="text-4xl" title={`Record: ${titleShown(roast, reader)}`}>
            {titleShown(roast, reader)}
          </PageHeading>
          <p className="text-soft">
            {birdWords(plan.bird, units)}, {heatsNamed(plan, ovenIn(plan)?.name ?? null, cameOutOf(roast))},{" "}
            {dayName(Date.parse(plan.serveAt), plan.zone, reader)}
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-3">
          <Link to={`/roast/${roast.id}/plan`} className="text-sm underline underline-offset-4">
            Its plan
          </Link>
          <Button tone="primary" onClick={() => void again()}>
            Cook this again
          </Button>
        </div>
      </div>
      <p className="mt-2 text-xl">
        Out at <b>{clockTime(Date.parse(happened.pulledAt ?? ""), plan.zone, reader)}</b>
        {row?.minutesOff !== null && row && `, ${offWords(row.minutesOff, " than said")}`}
        {row?.inBand !== null && row && `: ${bandWords(row.inBand === true)}`}.
      </p>
      {back.fault && <Caution>It could not be looked back at in full: {back.fault}.</Caution>}
      <div className="mt-4 grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1.55fr)_minmax(0,1fr)]">
        <div className="grid grid-cols-1 content-start gap-3">
          <section aria-label="What happened" className="rounded-3xl border border-line bg-mist-1 p-3">
            <TimeAxis back={back} events={events} plan={plan} inAtMs={inAtMs} endMin={endMin} minute={minute} />
            <div className="pl-[30px] pr-[52px]">
              <DragSlider
                label="The moment that is looked at"
                value={Math.min(minute, endMin)}
                min={0}
                max={endMin}
                step={1}
                shown={now}
                onDrag={setMinute}
                onSettle={setMinute}
              />
            </div>
            <ol className="flex flex-wrap gap-x-4 gap-y-0.5 px-2 text-sm text-soft">
              {events.map((event, n) => (
                <li key={keyOf(event)}>
                  <b className="text-ink">{n + 1}</b> {clockTime(event.atMs, plan.zone, reader)}{" "}
                  {eventWords(event, plan, reader)}
                </li>
              ))}
            </ol>
            <p className="px-2 pt-1 text-sm text-soft">
              Dots: what was read{back.aside.size > 0 && ", crossed where it was set aside"}. Dark: the bird that fits
              them, its doubt shaded. Light: the plan.
            </p>
          </section>
          <section aria-label={`The bird at ${now}`} className="rounded-3xl border border-line bg-mist-1 p-3">
            <p className="px-1 font-medium">
              {now}
              {back.observed.length > 0 ? ": inside, by what the readings say" : ": the plan's bird; nothing was read"}
            </p>
            <div className="grid grid-rows-[minmax(18rem,auto)]">
              {back.relived && point ? (
                <BirdView
                  form={back.relived.form}
                  shows="temperature"
                  frames={back.relived.frames}
                  solid={{ massKg: plan.bird.massKg, lattice: back.relived.lattice }}
                  minute={minute}
                  targetC={highestTargetC(plan)}
                  units={units}
                  centresC={point.centresC}
                  coldestC={point.coldestC}
                />
              ) : (
                <p role="status" className="p-4 text-soft">
                  {back.fault ? "" : "Cooking it once more …"}
                </p>
              )}
            </div>
          </section>
        </div>
        <div className="grid content-start gap-5">
          {atRest ? (
            <p className="text-lg font-medium">Still at rest: what that comes to is told after carving.</p>
          ) : (
            back.relived && (
              <div className="grid gap-1">
                <p className="text-lg font-medium">{doneWords(back.relived.peakC, plan, reader, back.believed)}</p>
                <p className="text-sm text-soft">{killedWords(back.relived.logReduction, back.observed.length > 0)}</p>
              </div>
            )
          )}
          <Steps roast={roast} back={back} />
          {!happened.closedAt && (
            <Sheet opens="Correct when it was in, out and carved" title="When it was">
              <WhenItWas roast={roast} acts={actsOf(roast.id)} size="table" />
            </Sheet>
          )}
          {!happened.closedAt && (
            <section aria-label="Where it was cooked" className="grid gap-1">
              <h2 className="text-xl">Where it was cooked</h2>
              <OvenChoice
                plan={plan}
                onChoose={(oven) => change((before) => ({ ...before, plan: { ...before.plan, oven } }))}
              />
            </section>
          )}
          {isUnasked(roast) && <Learns roast={roast} />}
          {!atRest && <NextTime roast={roast} back={back} onTake={take} />}
          <HowItWas roast={roast} onRating={(rating) => change((before) => ({ ...before, rating }))} onClose={close} />
        </div>
      </div>
    </div>
  );
}
