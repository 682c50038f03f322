/** Readings that no bird gives: a tip that has slipped, touched bone or come out. They are set aside, never deleted. */

import { type Probe, probeOf } from "../bird/probe";
import { CENTRES, type Centre } from "../bird/solid";
import { type Line, lineThrough, onLine, RecentLine } from "./line";
import { type Reading, seriesOf } from "./reading";
import { leftBehind, type ReadingOn, readOn } from "./slipped";

export interface SetAside {
  readonly reading: Reading;
  /**
   * Slipped: from here on the probe is elsewhere. Out: it is in the oven's air. Spike: one reading by itself. Absent: the
   * bird has no such meat.
   */
  readonly why: "slipped" | "out" | "spike" | "absent";
}

/** A line is laid through readings of so long before, when there are enough of them (chosen: a few bins of noise). */
const LINE_MIN = 16;
const LINE_READINGS = 4;
/** Meat at a thermal centre bends away from its line by less than this (chosen: five deviations of a probe's noise). */
const JUMP_K = 2.5;
const JUMP_K_PER_MIN = 0.2;
/**
 * A step this high is no bend (chosen: more than three deviations of what six readings' noise makes of none; at 2 K one log
 * in forty was misjudged, at 2.5 K one in two hundred, and a slip of 4 K is still found by its third reading).
 */
const STEP_K = 2.5;
const STEP_READINGS = 8;
/** Until the heat has got to a centre its curve is level, and then bends as if it had been moved (chosen). */
const RISEN_K = 8;
/** So many in a row on the other side of a step make a slip of a spike. */
const SLIP_READINGS = 3;
/** Nothing under a skin is so hot: the tip is in the air. */
const OUT_C = 98;

/**
 * By hand, readings are too far apart for a line. In the heat a thermal centre does not fall, and rises no faster than
 * the thinnest piece in a hot oven (chosen: a tip that is put in a finger's breadth elsewhere may show so much less).
 */
const FALLS_MOST_K = 8;
const RISES_MOST_K = 8;
const RISES_MOST_K_PER_MIN = 3.5;
/** So many by hand that agree with one another are believed against what stood before. */
const AGREE_READINGS = 2;

/** Whether no bird shows this after that. */
const cannotFollow = (before: Pick<Reading, "minute" | "celsius">, { minute, celsius }: Reading): boolean => {
  const byK = celsius - before.celsius;
  return (
    celsius > OUT_C ||
    byK < -FALLS_MOST_K ||
    byK > RISES_MOST_K + RISES_MOST_K_PER_MIN * Math.max(0, minute - before.minute)
  );
};

/**
 * Whether a reading lies further from the line through those shortly before it than a bend or noise makes it.
 * @param levelC what it showed before the heat got to it; null once it has slipped
 */
function isJump({ readings }: Run, line: Line, { minute, celsius }: Reading, levelC: number | null): boolean {
  const last = readings.at(-1) as Reading;
  if (levelC !== null && last.celsius < levelC + RISEN_K) return false;
  return Math.abs(celsius - onLine(line, minute)) > JUMP_K + JUMP_K_PER_MIN * (minute - last.minute);
}

/** Whether a reading goes on from one that lay off a line rather than along the line itself: after a silence both bend away from it. */
function isNearer(off: Reading | undefined, line: Line, { minute, celsius }: Reading): boolean {
  if (!off) return false;
  const fromOff = celsius - (off.celsius + line.slopeKPerMin * (minute - off.minute));
  return Math.abs(fromOff) < Math.abs(celsius - onLine(line, minute));
}

/**
 * Whether readings that lie off the line begin with a step, and not with a bend: the lines through those shortly before and
 * through these, as many each, are held against one another in the middle of the gap. A curve that bends lies beyond both
 * of them by as much, so that they meet there; a tip that has slipped makes a step. The more there are, the surer.
 */
function isStep(before: readonly Reading[], after: readonly Reading[]): boolean {
  const count = Math.min(before.length, after.length, STEP_READINGS);
  const [near, next] = [before.slice(-count), after.slice(0, count)];
  const middle = ((near.at(-1) as Reading).minute + (next[0] as Reading).minute) / 2;
  return Math.abs(onLine(lineThrough(next), middle) - onLine(lineThrough(near), middle)) > STEP_K;
}

export interface Screened {
  readonly kept: readonly Reading[];
  readonly setAside: readonly SetAside[];
  /** Probes that are not where they should be now. */
  readonly lost: readonly Probe[];
  /** What a fit goes by: of each place where a tip has lain what it showed there, and of those where it lies no more, since when. */
  readonly stays: readonly (readonly ReadingOn[])[];
}

/** The cook has put a tip right: what its probe shows from then on is believed, whatever it jumped by. */
export interface Seat {
  readonly minute: number;
  readonly probe: Probe;
}

/** One by one: a day's readings are more than a call takes. */
function put<Item>(items: readonly Item[], into: Item[]): void {
  for (const item of items) into.push(item);
}

/** A stretch between two jumps. */
class Run {
  readonly readings: Reading[] = [];
  readonly line = new RecentLine(LINE_MIN);

  /** @param why agreed: its readings agree with one another against what stood before; seated: the cook has put the tip right */
  constructor(
    readonly why: "first" | "jumped" | "agreed" | "seated",
    readings: readonly Reading[] = [],
  ) {
    this.add(readings);
  }

  add(readings: readonly Reading[]): void {
    for (const reading of readings) {
      this.readings.push(reading);
      this.line.add(reading);
    }
  }
}

/**
 * One probe's readings: stretches between jumps, and the strays between them.
 * @param seatedMin when its tip was put right, oldest first
 */
function stretches(
  own: readonly Reading[],
  startC: number | undefined,
  seatedMin: readonly number[],
): { readonly runs: readonly Run[]; readonly strays: readonly Reading[] } {
  const runs: Run[] = [new Run("first")];
  const strays: Reading[] = [];
  const levelC = Math.min(startC ?? Number.POSITIVE_INFINITY, own[0]?.celsius ?? Number.POSITIVE_INFINITY);
  let pending: Reading[] = [];
  let line: Line | null = null;
  let seats = 0;
  const pendingGoAstray = (): void => {
    put(pending, strays);
    pending = [];
  };
  const sits = (): void => {
    pendingGoAstray();
    runs.push(new Run("seated"));
    seats++;
  };
  for (const reading of own) {
    while ((seatedMin[seats] ?? Number.POSITIVE_INFINITY) <= reading.minute) sits();
    const run = runs.at(-1) as Run;
    // Those that wait for a verdict are held against one line: what was read before them is getting old meanwhile.
    // After a silence there is no line at all: over one no curve is straight.
    const waiting = pending.at(-1);
    const isHeld = waiting !== undefined && reading.minute - waiting.minute <= LINE_MIN;
    line = (isHeld && line) || run.line.before(reading.minute, LINE_READINGS);
    const before = run.readings.at(-1) ?? (startC === undefined ? undefined : { minute: 0, celsius: startC });
    const byHand = line === null;
    const isOff = line
      ? isJump(run, line, reading, runs.length === 1 ? levelC : null) || isNearer(pending.at(-1), line, reading)
      : before
        ? cannotFollow(before, reading)
        : reading.celsius > OUT_C;
    if (!isOff) {
      pendingGoAstray();
      run.add([reading]);
      continue;
    }
    const last = pending.at(-1);
    // Two that contradict what stood before and one another say nothing.
    if (byHand && last && cannotFollow(last, reading)) pendingGoAstray();
    pending.push(reading);
    if (pending.length < (byHand ? AGREE_READINGS : SLIP_READINGS)) continue;
    if (byHand && pending.some(({ celsius }) => celsius > OUT_C)) continue;
    if (!byHand && !isStep(run.readings, pending)) {
      run.add(pending.splice(0));
      continue;
    }
    runs.push(new Run(byHand ? "agreed" : "jumped", pending));
    pending = [];
  }
  // The newest ones may be either: until the next reading says which, they are not counted.
  pendingGoAstray();
  while (seats < seatedMin.length) sits();
  return { runs, strays };
}

/** What one probe's stretches come to: which of them are believed, and whether the newest is. */
function judged(runs: readonly Run[]): Omit<Screened, "lost"> & { readonly isLost: boolean } {
  const kept: Reading[] = [];
  const setAside: SetAside[] = [];
  const stays: (readonly ReadingOn[])[] = [];
  let stay: Reading[] = [];
  let believed = true;
  let slipK = 0;
  runs.forEach(({ readings: run, why: begun }, n) => {
    const before = runs[n - 1]?.readings.at(-1);
    const first = run[0];
    const wasBelieved = believed;
    if (begun === "seated" || begun === "agreed") believed = true;
    // With more readings than it was first judged by, what looked like a step may turn out a bend.
    else if (before && first && isStep(runs[n - 1]?.readings ?? [], run)) {
      const byK = first.celsius - before.celsius;
      believed = !believed && Math.sign(byK) !== Math.sign(slipK) && Math.abs(byK) > Math.abs(slipK) / 2;
      slipK = byK;
    }
    // Put in again, it hardly lies where it lay.
    if (begun === "seated" || (believed && !wasBelieved)) {
      stays.push(leftBehind(stay));
      stay = [];
    }
    const outvoted = runs[n + 1]?.why === "agreed" && run.length < (runs[n + 1] as Run).readings.length;
    const isOut = run.some(({ celsius }) => celsius > OUT_C);
    const why = outvoted ? "spike" : isOut ? "out" : "slipped";
    if (!believed && !outvoted) stays.push(readOn(run));
    for (const reading of run) {
      if (!believed || outvoted) {
        setAside.push({ reading, why });
        continue;
      }
      kept.push(reading);
      stay.push(reading);
    }
  });
  return { kept, setAside, stays: [...stays, stay], isLost: !believed };
}

/**
 * The stretch before the first jump is believed, and after a slip the one that begins with a jump back towards it: the
 * cook has pushed the probe in again. By hand, a reading that no bird shows after the one before is set aside until
 * another agrees with it.
 * @param startC of the bird as it went in, where it is known: nothing in the heat is much colder
 * @param centres that this bird has
 * @param seats when tips were put right
 */
export function screened(
  readings: readonly Reading[],
  startC?: number,
  centres: readonly Centre[] = CENTRES,
  seats: readonly Seat[] = [],
): Screened {
  const kept: Reading[] = [];
  const setAside: SetAside[] = [];
  const lost: Probe[] = [];
  const stays: (readonly ReadingOn[])[] = [];
  for (const own of seriesOf(readings)) {
    if (!centres.includes((own[0] as Reading).part)) {
      for (const reading of own) setAside.push({ reading, why: "absent" });
      continue;
    }
    const probe = probeOf(own[0] as Reading);
    const seatedMin = seats.filter((seat) => seat.probe === probe).map(({ minute }) => minute);
    const { runs, strays } = stretches(
      own,
      startC,
      seatedMin.sort((a, b) => a - b),
    );
    for (const reading of strays) setAside.push({ reading, why: "spike" });
    const of = judged(runs);
    put(of.kept, kept);
    put(of.setAside, setAside);
    put(of.stays, stays);
    if (of.isLost) lost.push(probe);
  }
  return { kept, setAside, lost, stays };
}
