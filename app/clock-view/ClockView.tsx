import { memo, useMemo } from "react";
import type { HistoryPoint } from "../../core/processes/bird";
import { LANES, type Lane, type Schedule, type Task, type TaskId } from "../../core/schedule/backward";
import type { Chore } from "../../core/schedule/chore";
import type { PlacedSide } from "../../core/schedule/sides";
import { DAY_MS, MINUTE_MS } from "../../core/units/time";
import { dishName } from "../../words/dishes";
import { CHORE_NAMES, TASK_NAMES } from "../../words/names";
import { clockTime, dayAndTime, dayTick, giveOrTake, hourTick } from "../../words/time";
import { useSize } from "../chart/useSize";
import { useHabits } from "../shell/preferences";
import { temperatureColour } from "../ui/temperatureScale";
import { midnights, wholeTicks } from "../ui/time";
import { nameFromPx } from "./barName";
import { TimeHandle } from "./TimeHandle";
import { type ClockScale, clockScale, drawnFrom, endOf, firstOf, hourStepMin, hoursShown, lastOf } from "./timeScale";

interface Props {
  readonly schedule: Schedule;
  readonly sides: readonly PlacedSide[];
  readonly chores: readonly Chore[];
  /** Minutes from the start at which the dial is changed by the clock, by stage; these can be moved by hand. */
  readonly stageMin: readonly (number | null)[];
  readonly history: readonly HistoryPoint[];
  readonly zone: string;
  readonly serveAtMs: number;
  readonly scrubMs: number;
  readonly selected: TaskId;
  onSelect(task: TaskId): void;
  onScrub(ms: number): void;
  onServe(ms: number, settled: boolean): void;
  onStage(n: number, fromMin: number, settled: boolean): void;
}

const LANE_NAMES: Record<Lane, string> = { cold: "Cold", board: "Board", heat: "Heat", table: "Table" };
const GUTTER = 58;
const LANE_HEIGHT = 34;
/** WCAG 2.2, target size. */
const SMALLEST_TARGET = 24;

/** One time axis from the first thing that is done to the table; lanes are where work happens. */
export const ClockView = memo(function ClockView(props: Props) {
  const reader = useHabits();
  const { schedule, sides, chores, stageMin, history, zone, serveAtMs, scrubMs, selected } = props;
  const { ref, width } = useSize<HTMLDivElement>();
  const firstMs = firstOf([...schedule.tasks, ...chores, ...sides]);
  const wideFrom = schedule.inAtMs - 60 * MINUTE_MS;
  const room = Math.max(1, width - GUTTER);
  const lastMs = lastOf(serveAtMs, [...schedule.tasks.filter(({ id }) => id !== "table"), ...chores]);
  const until = endOf(lastMs, wideFrom, room);
  const scale = useMemo(() => clockScale(firstMs, wideFrom, until, room), [firstMs, wideFrom, until, room]);
  const pullMin = (schedule.pullAtMs.p50 - schedule.inAtMs) / MINUTE_MS;
  const warmth = useMemo(() => heatGradient(history, pullMin), [history, pullMin]);
  const stepMin = hourStepMin(scale);
  // A bird that went in days before its dinner: no hours to be told apart.
  const isOfDays = stepMin > MOST_STEP_MIN;
  const ticks = isOfDays ? [] : hoursShown(scale, serveAtMs, wholeTicks(wideFrom, until, stepMin, zone));
  const days = daysShown(scale, isOfDays ? until : wideFrom, zone);
  const top = 24;
  return (
    // On a phone the clock is wider than the screen and moves under the finger.
    <div className="max-lg:overflow-x-auto max-lg:overflow-y-hidden">
      <div
        ref={ref}
        className="relative select-none max-lg:min-w-[720px]"
        style={{ height: top + LANES.length * LANE_HEIGHT + 26 }}
      >
        {LANES.map((lane, n) => (
          <div
            key={lane}
            className="absolute inset-x-0 border-t border-line"
            style={{
              top: top + n * LANE_HEIGHT,
              height: LANE_HEIGHT,
              background: n % 2 === 0 ? "color-mix(in oklch, var(--mist-2) 55%, transparent)" : undefined,
            }}
          >
            <span className="absolute left-1 top-1/2 -translate-y-1/2 text-sm text-soft">{LANE_NAMES[lane]}</span>
          </div>
        ))}
        <div className="absolute inset-y-0 right-0" style={{ left: GUTTER }}>
          {days.map((ms) => (
            <Tick key={ms} x={scale.toX(ms)} label={dayTick(ms, zone, reader)} />
          ))}
          {ticks.map((ms) => (
            <Tick key={ms} x={scale.toX(ms)} label={hourTick(ms, zone, reader)} />
          ))}
          {schedule.tasks.map((task) => {
            const drawn = drawnFrom(scale, task.startMs, task.endMs, SMALLEST_TARGET);
            const hot = task.id === "roast" || task.id === "rest";
            const name = TASK_NAMES[task.id];
            const handles = task.id === "roast" ? stageMin.flatMap((minute) => minute ?? []) : [];
            const nameFrom = nameFromPx(
              drawn.width,
              name.length * TASK_LETTER + TASK_PADDING + (hot ? CHIP_PADDING : 0),
              handles.map((minute) => scale.toX(task.startMs + minute * MINUTE_MS) - drawn.left),
            );
            return (
              <button
                key={task.id}
                type="button"
                aria-pressed={selected === task.id}
                aria-label={`${name}: ${dayAndTime(task.startMs, zone, reader)} to ${dayAndTime(task.endMs, zone, reader)}`}
                onClick={() => {
                  props.onSelect(task.id);
                  props.onScrub(task.startMs);
                }}
                className={`absolute overflow-hidden whitespace-nowrap rounded-lg border px-1.5 text-[0.83rem] ${task.id === "rest" ? "flex items-start justify-center pt-px" : "text-left"} leading-none ${
                  selected === task.id ? "border-2 border-ink font-semibold" : "border-line-strong"
                } ${hot ? "" : task.lane === "cold" ? "bg-mist-3" : "bg-mist-1"}`}
                style={{
                  ...drawn,
                  top: top + LANES.indexOf(task.lane) * LANE_HEIGHT + 3,
                  height: LANE_HEIGHT - 6,
                  ...(hot && { background: warmth(task), color: "oklch(0.2 0.03 235)" }),
                }}
              >
                {nameFrom !== null && (
                  <span
                    className={
                      hot
                        ? `rounded-full bg-[oklch(0.985_0.008_215/0.86)] px-1.5 ${task.id === "rest" ? "" : "py-0.5"}`
                        : ""
                    }
                    style={{ marginLeft: nameFrom }}
                  >
                    {name}
                  </span>
                )}
              </button>
            );
          })}
          {strips(sides, chores, scale).map(({ key, name, startMs, endMs, lane, row, rows }) => (
            <span
              key={key}
              role="img"
              aria-label={`${name}: ${dayAndTime(startMs, zone, reader)} to ${dayAndTime(endMs, zone, reader)}`}
              title={`${name}, ${clockTime(startMs, zone, reader)} to ${clockTime(endMs, zone, reader)}`}
              className="absolute truncate rounded-md border border-line-strong bg-ember-wash px-1 text-[0.72rem] leading-tight"
              style={{
                ...drawnFrom(scale, startMs, endMs, SMALLEST_STRIP),
                top: top + LANES.indexOf(lane) * LANE_HEIGHT + 2 + (row * (LANE_HEIGHT - 4)) / rows,
                height: (LANE_HEIGHT - 5) / rows,
              }}
            >
              {scale.toX(endMs) - scale.toX(startMs) > Math.min(name.length, 9) * STRIP_LETTER + 8 && name}
            </span>
          ))}
          <div
            aria-hidden
            className="pointer-events-none absolute"
            title={giveOrTake(schedule.pullAtMs.p10, schedule.pullAtMs.p90)}
            style={{
              ...drawnFrom(scale, schedule.pullAtMs.p10, schedule.latePullMs, 0),
              top: top + LANES.indexOf("board") * LANE_HEIGHT,
              height: LANE_HEIGHT * 2,
              background:
                "linear-gradient(90deg, transparent, color-mix(in oklch, var(--mist-1) 82%, transparent) 50%, transparent)",
            }}
          />
          {stageMin.map(
            (minute, n) =>
              minute !== null && (
                <TimeHandle
                  // biome-ignore lint/suspicious/noArrayIndexKey: a stage is its place in the order
                  key={n}
                  kind="stage"
                  label={`Start of heat stage ${n + 1}`}
                  valueText={`${minute} min after going in, ${clockTime(schedule.inAtMs + minute * MINUTE_MS, zone, reader)}`}
                  ms={schedule.inAtMs + minute * MINUTE_MS}
                  scale={scale}
                  stepMs={5 * MINUTE_MS}
                  onMove={(ms, settled) => props.onStage(n, Math.round((ms - schedule.inAtMs) / MINUTE_MS), settled)}
                  topPx={top + LANES.indexOf("heat") * LANE_HEIGHT}
                />
              ),
          )}
          <TimeHandle
            kind="scrub"
            label="Moment shown"
            valueText={dayAndTime(scrubMs, zone, reader)}
            ms={Math.min(Math.max(scrubMs, scale.fromMs), until)}
            scale={scale}
            stepMs={5 * MINUTE_MS}
            onMove={(ms) => props.onScrub(ms)}
          />
          <TimeHandle
            kind="serve"
            label="On the table"
            valueText={dayAndTime(serveAtMs, zone, reader)}
            ms={serveAtMs}
            scale={scale}
            stepMs={5 * MINUTE_MS}
            onMove={(ms, settled) => props.onServe(ms, settled)}
          />
        </div>
      </div>
    </div>
  );
});

const SMALLEST_STRIP = 6;
/** Width of a letter on a strip, px: a name that does not fit is left to the pointer and the screen reader. */
const STRIP_LETTER = 6.6;
/** Of a task, px. */
const TASK_LETTER = 6.4;
const TASK_PADDING = 6;
const CHIP_PADDING = 12;

interface Strip {
  readonly key: string;
  readonly name: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly lane: Lane;
}

/** Chores of a moment, and those in the heat beside the bird's own bar, are on the timetable; here they would only crowd. */
const isDrawn = ({ lane, hands }: Chore): boolean => lane === "board" && hands > 0;

/** Dishes and work at the board; what is on at the same time lies above one another, in two rows at least. */
function strips(sides: readonly PlacedSide[], chores: readonly Chore[], scale: ClockScale) {
  const all: Strip[] = [
    ...sides.map((side) => ({ ...side, key: side.id, name: dishName(side), lane: "heat" as const })),
    ...chores
      .filter(isDrawn)
      .map((chore) => ({ ...chore, key: `${chore.kind} ${chore.n}`, name: CHORE_NAMES[chore.kind] })),
  ].sort((a, b) => a.startMs - b.startMs);
  return LANES.flatMap((lane) => {
    const ends: number[] = [];
    const placed = all
      .filter((strip) => strip.lane === lane)
      .map((strip) => {
        const free = ends.findIndex((endX) => endX <= scale.toX(strip.startMs));
        const row = free >= 0 ? free : ends.length;
        ends[row] = Math.max(scale.toX(strip.endMs), scale.toX(strip.startMs) + SMALLEST_STRIP);
        return { ...strip, row };
      });
    const rows = Math.max(2, ends.length);
    // At the board from the bottom up: the names of its bars stay free.
    return placed.map((each) => ({ ...each, rows, row: lane === "board" ? rows - 1 - each.row : each.row }));
  });
}

const NAME_WIDTH = 74;
const MOST_STEP_MIN = 6 * 60;

/** More than any clock has room for. */
const MOST_DAYS = 100;

/** Those midnights before an instant whose names run neither into one another nor into what stands there. */
function daysShown(scale: ClockScale, untilMs: number, zone: string): number[] {
  const kept: number[] = [];
  const everyDays = Math.max(1, Math.ceil((untilMs - scale.fromMs) / DAY_MS / MOST_DAYS));
  for (const ms of midnights(scale.fromMs, untilMs, zone, everyDays)) {
    const before = kept.at(-1);
    const isFree = before === undefined || scale.toX(ms) - scale.toX(before) > NAME_WIDTH;
    if (isFree && scale.toX(untilMs) - scale.toX(ms) > NAME_WIDTH) kept.push(ms);
  }
  return kept;
}

function Tick({ x, label }: { readonly x: number; readonly label: string }) {
  return (
    <div className={`absolute bottom-[26px] top-[18px] border-l border-line`} style={{ left: x }}>
      <span className="absolute -top-[18px] -translate-x-1/2 whitespace-nowrap text-xs text-soft">{label}</span>
    </div>
  );
}

/** The centre a bird is first judged by: its breast, or what it has. */
const firstCentreC = ({ centresC }: HistoryPoint): number =>
  centresC.breast ?? centresC.thigh ?? centresC.filling ?? Number.NaN;

/** The bar's own colours: the first thermal centre over the time the bar covers. */
function heatGradient(history: readonly HistoryPoint[], pullMin: number) {
  return (task: Task): string => {
    const part = history.filter((point) => (task.id === "roast" ? point.minute <= pullMin : point.minute >= pullMin));
    const from = part[0]?.minute ?? 0;
    const span = (part.at(-1)?.minute ?? 1) - from || 1;
    const stops = part
      .filter((_, n) => n % 8 === 0)
      .map(
        (point) => `${temperatureColour(firstCentreC(point))} ${(((point.minute - from) / span) * 100).toFixed(0)}%`,
      );
    return stops.length > 1
      ? `linear-gradient(90deg, ${stops.join(", ")})`
      : temperatureColour(part[0] ? firstCentreC(part[0]) : 20);
  };
}
