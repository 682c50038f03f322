import { heatedMin } from "../../core/forecast/plannedInput";
import { isFire } from "../../core/heat/sources";
import { goesInCold } from "../../core/kitchen/broughtUp";
import { offAsItWentIn, offSince, type TimeWithoutHeat } from "../../core/plan/happened";
import { heatNow } from "../../core/plan/heats";
import type { Roast } from "../../core/plan/roast";
import { MINUTE_MS } from "../../core/units/time";
import { uncapitalised } from "../../words/capital";
import { heatWords } from "../../words/names";
import { stageWords } from "../../words/stages";
import { clockNow } from "../shell/clock";
import { useHabits } from "../shell/preferences";
import { Button } from "../ui/Button";
import { type Bound, MomentField } from "../ui/MomentField";
import type { Acts } from "./acts";

interface Props {
  readonly roast: Roast;
  readonly acts: Acts;
  readonly size: "table" | "stove";
}

const instant = (ms: number): string => new Date(ms).toISOString();
const NOW: Bound = { ms: clockNow, what: "now" };
const bound = (at: string | undefined, what: string): Bound | undefined =>
  at === undefined ? undefined : { ms: () => Date.parse(at), what };

/** When it truly was, put right afterwards: carved, out, in between outside, in, its heat on and off; the newest first. */
export function WhenItWas(props: Props) {
  const { roast, acts, size } = props;
  const { plan, happened } = roast;
  const { inAt, pulledAt, carvedAt, closedAt, outs = [] } = happened;
  if (inAt === undefined) return null;
  const { outOf } = heatWords(heatNow(roast));
  const { zone } = plan;
  const out = bound(pulledAt, "it came out");
  return (
    <>
      {carvedAt && (
        <MomentField
          label="Carved at"
          atMs={Date.parse(carvedAt)}
          zone={zone}
          size={size}
          earliest={out}
          latest={bound(closedAt, "its record was closed") ?? NOW}
          onChange={(ms) => acts.wasAt("carvedAt", ms)}
        />
      )}
      {pulledAt && (
        <MomentField
          label={`Came ${outOf} at`}
          atMs={Date.parse(pulledAt)}
          zone={zone}
          size={size}
          earliest={bound(outs.at(-1)?.backAt, "it was back in") ?? bound(inAt, "it went in")}
          latest={bound(carvedAt, "it was carved") ?? NOW}
          onChange={(ms) => acts.wasAt("pulledAt", ms)}
        />
      )}
      {outs.map((stay, n) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the field under the hand stays, whatever moment it changes
        <Outside key={n} {...props} n={n} stay={stay} />
      ))}
      <Changes {...props} inAt={inAt} />
      <MomentField
        label="Went in at"
        atMs={Date.parse(inAt)}
        zone={zone}
        size={size}
        latest={bound(outs[0]?.outAt ?? pulledAt, "it came out") ?? NOW}
        onChange={(ms) => acts.goesIn(ms)}
      />
      <HeatOn {...props} inAt={inAt} />
      <HeatOffs {...props} inAt={inAt} />
    </>
  );
}

type Stay = NonNullable<Roast["happened"]["outs"]>[number];

/** Out of the heat and back in again. */
function Outside({ roast, acts, size, n, stay }: Props & { readonly n: number; readonly stay: Stay }) {
  const { zone } = roast.plan;
  const { inAt, pulledAt, outs = [] } = roast.happened;
  const { outAt, backAt } = stay;
  return (
    <fieldset className="grid gap-2 border-0 border-line border-l-2 pl-3">
      <legend className="sr-only">{`Outside, ${n + 1}`}</legend>
      <MomentField
        label="Outside from"
        atMs={Date.parse(outAt)}
        zone={zone}
        size={size}
        earliest={bound(outs[n - 1]?.backAt, "it was back in") ?? bound(inAt, "it went in")}
        latest={bound(backAt, "it was back in")}
        onChange={(ms) => acts.wasOutside(n, { outAt: instant(ms) })}
      />
      <MomentField
        label="Back in at"
        atMs={Date.parse(backAt)}
        zone={zone}
        size={size}
        earliest={bound(outAt, "it came out")}
        latest={bound(outs[n + 1]?.outAt ?? pulledAt, "it came out again") ?? NOW}
        onChange={(ms) => acts.wasOutside(n, { backAt: instant(ms) })}
      />
    </fieldset>
  );
}

type InHeat = Props & { readonly inAt: string };

/** Changes of the heat that were made, by their minutes; of one that waits for a sign still nobody wrote down when. */
function Changes({ roast: { plan, happened }, acts, size, inAt }: InHeat) {
  const { units } = useHabits();
  const { stagesDone = 0, pulledAt } = happened;
  const at = (minute: number): string => instant(Date.parse(inAt) + minute * MINUTE_MS);
  return plan.stages.flatMap((stage, n) => {
    if (n === 0 || n > stagesDone) return [];
    const [before, next] = [plan.stages[n - 1], plan.stages[n + 1]];
    const isNextFixed = next !== undefined && next.when === undefined;
    const what = stageWords(plan, n, units);
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: the field under the hand stays, whatever moment it changes
      <div key={n} className="grid gap-2">
        {!stage.when && (
          <MomentField
            label={`${what}, at`}
            atMs={Date.parse(at(stage.fromMin))}
            zone={plan.zone}
            size={size}
            earliest={before && bound(at(before.fromMin + 1), "the change before it")}
            latest={
              (n < stagesDone && isNextFixed && bound(at(next.fromMin - 1), "the change after it")) ||
              (bound(pulledAt, "it came out") ?? NOW)
            }
            onChange={(ms) => acts.changedHeatAt(n, ms)}
          />
        )}
        {n === stagesDone && pulledAt === undefined && (
          <Button onClick={() => acts.heatNotChanged(n)}>{`Not done yet: ${uncapitalised(what)}`}</Button>
        )}
      </div>
    );
  });
}

/** Since when the heat had been on: a bird that went in before it was hot takes longer. */
function HeatOn({ roast: { plan, happened }, acts, size, inAt }: InHeat) {
  // What was not on yet is told with the other times without heat.
  if (goesInCold(plan) || offAsItWentIn(happened)) return null;
  return (
    <MomentField
      label={isFire(plan.heat) ? "The fire was lit at" : "The oven was on at"}
      atMs={Date.parse(inAt) - heatedMin(plan, happened) * MINUTE_MS}
      zone={plan.zone}
      size={size}
      latest={bound(happened.pulledAt, "it came out") ?? NOW}
      // On only now, it would be a time without heat, told elsewhere than under this hand.
      onItsDay={bound(inAt, "it went in")}
      onChange={(ms) => acts.heatWasOnAt(ms)}
    />
  );
}

/** A time without heat that is told afterwards is put right from here. */
const USUAL_OFF_MS = 20 * MINUTE_MS;

/** When its heat was off. */
function HeatOffs({ roast, acts, size, inAt }: InHeat) {
  const { plan, happened } = roast;
  const { heatOffs = [], pulledAt } = happened;
  const { is, off } = heatWords(heatNow(roast));
  const end = bound(pulledAt, "it came out") ?? NOW;
  return (
    <div className="grid gap-2">
      {heatOffs.map((each, n) => (
        <HeatOff
          // biome-ignore lint/suspicious/noArrayIndexKey: the field under the hand stays, whatever moment it changes
          key={n}
          n={n}
          acts={acts}
          size={size}
          zone={plan.zone}
          each={each}
          end={end}
          off={off}
          is={is}
        />
      ))}
      <div className="flex flex-wrap gap-2">
        {offSince(happened) === undefined && pulledAt === undefined && (
          <Button onClick={() => acts.heatIsOff()}>{`The ${is} is ${off} now`}</Button>
        )}
        <Button
          onClick={() => {
            const onMs = end.ms();
            void acts.heatWasOff({
              offAt: instant(Math.max(Date.parse(inAt), onMs - USUAL_OFF_MS)),
              onAt: instant(onMs),
            });
          }}
        >
          {`The ${is} was ${off} for a while`}
        </Button>
      </div>
    </div>
  );
}

interface HeatOffProps extends Pick<Props, "acts" | "size"> {
  /** Which of them. */
  readonly n: number;
  readonly each: TimeWithoutHeat;
  readonly zone: string;
  readonly end: Bound;
  readonly is: string;
  readonly off: string;
}

function HeatOff({ n, acts, size, zone, each: { offAt, onAt }, end, is, off }: HeatOffProps) {
  return (
    <fieldset className="grid gap-2 border-0 border-line border-l-2 pl-3">
      <legend className="sr-only">{`The ${is} ${off}`}</legend>
      <MomentField
        label={`The ${is} was ${off} from`}
        atMs={Date.parse(offAt)}
        zone={zone}
        size={size}
        latest={bound(onAt, "it was on again") ?? end}
        onChange={(ms) => acts.heatOffWas(n, { offAt: instant(ms) })}
      />
      {onAt ? (
        <MomentField
          label="On again at"
          atMs={Date.parse(onAt)}
          zone={zone}
          size={size}
          earliest={bound(offAt, `it was ${off}`)}
          latest={end}
          onChange={(ms) => acts.heatOffWas(n, { onAt: instant(ms) })}
        />
      ) : (
        <Button onClick={() => acts.heatIsOn()}>It is on again</Button>
      )}
      <Button onClick={() => acts.heatWasOn(offAt)}>It was on all that while</Button>
    </fieldset>
  );
}
