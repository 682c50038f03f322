import { lazy, Suspense, useId, useRef, useState } from "react";
import { MINUTE_MS } from "../../core/units/time";
import { parseTimeOfDay } from "../../core/units/timeOfDay";
import { faultWords } from "../../words/faults";
import { clockTime, dayName } from "../../words/time";
import { useHabits } from "../shell/preferences";
import { fieldTime, instantOf, momentsMeant } from "./time";
import { useTyped } from "./useTyped";

const DayPopover = lazy(() => import("./DayPopover"));

export interface Bound {
  ms(): number;
  readonly what: string;
}

interface Props {
  readonly label: string;
  /** As it is stored. */
  readonly atMs: number;
  readonly zone: string;
  readonly size?: "table" | "stove";
  /** It is not earlier, and not later: that is refused in one sentence, and on its day, picked before a time is typed, it is that moment. */
  readonly earliest?: Bound | undefined;
  readonly latest?: Bound | undefined;
  /** What its day stands for, picked before a time is typed, where that would be too late; the latest when left out. */
  readonly onItsDay?: Bound | undefined;
  /** Taken once it is whole and the hand has let go of it: one step to be undone. @returns false where it was not stored */
  onChange(ms: number): unknown;
}

const BOX = "rounded-xl border border-line-strong bg-mist-1 px-3 text-ink";
const two = (value: number): string => String(value).padStart(2, "0");

/**
 * A day, from a calendar, and a time, as it is typed; both in the cook's own habits. A time that cannot be read is said
 * in one sentence, and nothing moves.
 */
export function MomentField({
  label,
  atMs: storedMs,
  zone,
  size = "table",
  earliest,
  latest,
  onItsDay,
  onChange,
}: Props) {
  const reader = useHabits();
  const id = useId();
  const dayButton = useRef<HTMLButtonElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  /** For the time that is typed next. */
  const [isDayPicked, setDayPicked] = useState(false);
  // It counts though a slow phone is storing it still.
  const [asked, setAsked] = useState<{ readonly ms: number; readonly insteadOfMs: number } | null>(null);
  if (asked && asked.insteadOfMs !== storedMs) setAsked(null);
  const atMs = asked?.ms ?? storedMs;
  const [day = "", time = ""] = fieldTime(atMs, zone).split("T");
  const beyond = (ms: number): string | undefined =>
    (latest && ms > latest.ms() && `not after ${latest.what}`) ||
    (earliest && ms < earliest.ms() && `not before ${earliest.what}`) ||
    undefined;
  /** @returns whether it may be */
  const change = (ms: number): boolean => {
    if (Number.isNaN(ms)) return false;
    const why = beyond(ms);
    setFault(why ? `${label}: ${why}. Nothing was changed.` : null);
    if (!why && ms !== atMs) void ask(ms);
    return !why;
  };
  /** To put a moment right the time alone is typed: in the small hours it may be of the evening before. A picked day stands. */
  const changeTime = (typedTime: string): void => {
    const onItsDayMs = instantOf(`${day}T${typedTime}`, zone);
    const [likeliestMs, ...others] = isDayPicked || !latest ? [onItsDayMs] : momentsMeant(typedTime, atMs, zone);
    setDayPicked(false);
    change([likeliestMs, ...others].find((ms) => !beyond(ms)) ?? likeliestMs);
  };
  const ask = async (ms: number): Promise<void> => {
    setAsked({ ms, insteadOfMs: storedMs });
    if ((await onChange(ms)) === false) setAsked(null);
  };
  const { typed, type, letGo, giveUp } = useTyped((text) => {
    try {
      const [hours, minutes] = time.split(":").map(Number) as [number, number];
      const minute = parseTimeOfDay(text, reader.clock === "12h" ? 60 * hours + minutes : null);
      changeTime(`${two(Math.floor(minute / 60))}:${two(minute % 60)}`);
      return true;
    } catch (error) {
      setFault(faultWords(error));
      return false;
    }
  });
  const height = size === "stove" ? "min-h-12 text-lg" : "min-h-10 text-base";
  return (
    <fieldset className="min-w-0">
      <legend className="mb-1 text-sm text-soft">{label}</legend>
      <div className="grid grid-cols-[minmax(0,1fr)_6.5rem] gap-2">
        <button
          ref={dayButton}
          type="button"
          aria-label={`${label}: day, ${dayName(atMs, zone, reader)}`}
          aria-haspopup="dialog"
          aria-expanded={open}
          onClick={() => setOpen(true)}
          className={`${BOX} ${height} truncate text-left`}
        >
          {dayName(atMs, zone, reader)}
        </button>
        {open && (
          <Suspense fallback={null}>
            <DayPopover
              at={dayButton}
              day={day}
              weekStart={reader.weekStart}
              onClose={() => setOpen(false)}
              onPick={(picked) => {
                setOpen(false);
                // A field knows whole minutes: the first that is not before, the last that is not after.
                const first = earliest ? fieldTime(earliest.ms() + MINUTE_MS - 1, zone) : "";
                const last = latest ? fieldTime(latest.ms(), zone) : "";
                const usual = onItsDay ? fieldTime(onItsDay.ms(), zone) : last;
                const field = `${picked}T${time}`;
                const pick = (onThatDay: string): void => setDayPicked(change(instantOf(onThatDay, zone)));
                if (last.startsWith(picked) && field > last) pick(usual.startsWith(picked) ? usual : last);
                else pick(first.startsWith(picked) && field < first ? first : field);
              }}
            />
          </Suspense>
        )}
        <input
          aria-label={`${label}: time`}
          aria-invalid={fault !== null}
          aria-describedby={`${id}-fault`}
          autoComplete="off"
          value={typed ?? clockTime(atMs, zone, reader)}
          onChange={(event) => type(event.target.value)}
          onBlur={letGo}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              event.preventDefault();
              letGo();
            }
            if (event.key === "Escape") {
              giveUp();
              setFault(null);
            }
          }}
          className={`${BOX} ${height} w-full`}
        />
      </div>
      <p id={`${id}-fault`} role="alert" className="mt-1 text-sm font-medium text-ember empty:hidden">
        {fault}
      </p>
    </fieldset>
  );
}
