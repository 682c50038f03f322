import { Check, Plus } from "lucide-react";
import type { OtherwiseId, Roast } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import { offWords } from "../../../words/log";
import { againstWords, otherwiseWords, wouldWords } from "../../../words/record";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import type { LookedBack } from "./useRecord";

/** Nobody at the table calls this late or early. */
const ON_TIME_MIN = 10;

interface Props {
  readonly roast: Roast;
  readonly back: LookedBack;
  /** Taken into next time, or not any more. */
  onTake(id: OtherwiseId, taken: boolean): void;
}

/** What would have mattered, computed: the same bird cooked again with one thing different. */
export function NextTime({ roast, back, onTake }: Props) {
  const reader = useHabits();
  const { plan, happened, nextTime = [] } = roast;
  const { mattered, fault, carveAtMs } = back;
  const isClosed = happened.closedAt !== undefined;
  const { carvedAt } = happened;
  // No dinner waits for what is carved the day before.
  const isForDinner = plan.roasted === "same-day" && carvedAt !== undefined && carveAtMs !== null;
  const lateMin = isForDinner ? Math.round((Date.parse(carvedAt) - carveAtMs) / MINUTE_MS) : null;
  const computed = mattered?.would.map(({ id }) => id) ?? [];
  const against = mattered && againstWords(mattered, reader);
  const kept = nextTime.filter((id) => !computed.includes(id));
  return (
    <section aria-label="What would have mattered" className="grid gap-2">
      <h2 className="text-2xl">What would have mattered</h2>
      {lateMin !== null && Math.abs(lateMin) > ON_TIME_MIN && (
        <p>
          Carved {offWords(lateMin)} than wanted: the same again goes in{" "}
          <b>
            {Math.abs(lateMin)} min {lateMin > 0 ? "sooner" : "later"}
          </b>
          .
        </p>
      )}
      {mattered?.would.length === 0 && <p className="text-soft">Nothing that was tried would have made it better.</p>}
      {!mattered && !fault && (
        <p role="status" className="text-soft">
          Cooking it again, each time with one thing different …
        </p>
      )}
      {against && <p className="text-[0.95rem] text-soft">{against}</p>}
      <ul className="grid gap-2">
        {(mattered?.would ?? []).map((each) => {
          const isTaken = nextTime.includes(each.id);
          const name = otherwiseWords(each.id, plan, reader);
          return (
            <li key={each.id} className="rounded-2xl border border-line bg-mist-1 p-3">
              <p className="font-display text-lg font-semibold leading-snug">{name}</p>
              <p className="text-[0.95rem] text-soft">{wouldWords(each, reader)}</p>
              <Take name={name} isTaken={isTaken} isClosed={isClosed} onTake={(taken) => onTake(each.id, taken)} />
            </li>
          );
        })}
        {kept.map((id) => {
          const name = otherwiseWords(id, plan, reader);
          return (
            <li key={id} className="rounded-2xl border border-line bg-mist-1 p-3">
              <p className="font-display text-lg font-semibold leading-snug">{name}</p>
              <Take name={name} isTaken isClosed={isClosed} onTake={(taken) => onTake(id, taken)} />
            </li>
          );
        })}
      </ul>
    </section>
  );
}

interface TakeProps {
  readonly name: string;
  readonly isTaken: boolean;
  readonly isClosed: boolean;
  onTake(taken: boolean): void;
}

function Take({ name, isTaken, isClosed, onTake }: TakeProps) {
  if (isClosed) return isTaken ? <p className="mt-1 text-sm">✓ taken into next time</p> : null;
  return (
    <Button
      size="small"
      className="mt-1.5"
      aria-pressed={isTaken}
      aria-label={`${name}: for next time`}
      onClick={() => onTake(!isTaken)}
    >
      {isTaken ? <Check aria-hidden className="size-4" /> : <Plus aria-hidden className="size-4" />}
      {isTaken ? "Taken into next time" : "Take into next time"}
    </Button>
  );
}
