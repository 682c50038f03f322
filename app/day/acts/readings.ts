/** What thermometers show, and where they sit. */
import type { Probe } from "../../../core/bird/probe";
import { type InBird, sittingAt } from "../../../core/day/probes";
import { withOthers, withSeat } from "../../../core/plan/happened";
import { type RoastReading, readingKey } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import { addReadings } from "../../../storage/roasts";
import { probeName } from "../../../words/names";
import { clockNow, instantNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { toast } from "../../ui/toast";
import type { Telling } from "./telling";

export function readingActs({ roastId, change, tells, happened }: Telling) {
  /** Counts no more. */
  const struck = (key: string) =>
    happened((now) => ({ ...now, struck: [...(now.struck ?? []).filter((id) => id !== key), key] }));
  /** One reading in the place of another, which counts no more. */
  const takesPlaceOf = async (reading: RoastReading, right: RoastReading): Promise<void> => {
    const key = readingKey(reading);
    await addReadings(database(), roastId, [right]);
    await change(struck(key));
    const isAsItWas = happened((now) => ({
      ...now,
      struck: [...(now.struck ?? []).filter((id) => id !== key), readingKey(right)],
    }));
    toast.message("The reading was put right", { action: { label: "Undo", onClick: () => void change(isAsItWas) } });
  };
  return {
    /** @throws Error when they are not stored: what was typed stays in its field */
    async notes(readings: readonly RoastReading[]): Promise<void> {
      await addReadings(database(), roastId, readings);
    },
    /** A reading does not count any more; it can be had back. */
    async strikes(reading: RoastReading): Promise<void> {
      await tells(struck(readingKey(reading)), () => "That reading does not count any more");
    },
    /** Another value in the place of one that was read wrong. @throws Error when it is not stored */
    async corrects(reading: RoastReading, read: Pick<RoastReading, "celsius" | "shownC">): Promise<void> {
      // A thousandth of a second later: it is another reading, of the same moment.
      const at = new Date(Date.parse(reading.at) + 1).toISOString();
      const { shownC: _, ...place } = reading;
      await takesPlaceOf(reading, { ...place, at, ...read, source: "typed" });
    },
    /** It was read at another minute. @throws Error when it is not stored */
    async readAt(reading: RoastReading, ms: number): Promise<void> {
      // A thousandth of a second from where it was in its minute: it is another reading, also put back to where it was.
      const inMinute = (Date.parse(reading.at) + 1) % MINUTE_MS;
      const at = new Date(Math.min(clockNow(), MINUTE_MS * Math.floor(ms / MINUTE_MS) + inMinute)).toISOString();
      await takesPlaceOf(reading, { ...reading, at });
    },
    /** Tips were put right: from now on they are read anew. */
    seats(probes: readonly Probe[]): void {
      const at = instantNow();
      void tells(
        happened((now) => probes.reduce((seated, probe) => withSeat(seated, { at, probe }), now)),
        () => "Noted: it is read anew from now",
      );
    },
    /** A probe sits elsewhere than was said. @param moved from now on; else it has always sat there */
    sitsAt({ device, probe }: Pick<InBird, "device" | "probe">, sits: Probe, moved: boolean): void {
      const at = instantNow();
      const isIt = (each: InBird): boolean => each.device === device && each.probe === probe;
      void tells(
        (before) => ({
          ...before,
          probes: (before.probes ?? []).map((each) => (isIt(each) ? sittingAt(each, sits, at, moved) : each)),
          ...(moved && { happened: withSeat(before.happened, { at, probe: sits }) }),
        }),
        () => `Noted: it ${moved ? "sits" : "has always sat"} in the ${probeName(sits)}`,
      );
    },
    /** Its thermometers are in another bird, and were all the while. */
    noneOfThem(): void {
      const until = instantNow();
      void tells(
        ({ probes = [], ...before }) => {
          const others = [...new Set(probes.map(({ device }) => device))].map((device) => ({ device, until }));
          return { ...before, happened: withOthers(before.happened, others) };
        },
        () => "Noted: what they read is not this bird's",
      );
    },
  };
}
