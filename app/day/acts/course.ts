/** In, out and carved. */
import { withHeatOn } from "../../../core/plan/happened";
import { neverIn, wentIn } from "../../../core/plan/wentIn";
import { clockTime } from "../../../words/time";
import { instantNow } from "../../shell/clock";
import { habitsNow } from "../../shell/preferences";
import { type Happened, type Telling, without } from "./telling";

type Stay = NonNullable<Happened["outs"]>[number];

export const courseActs = ({ change, tells, happened }: Telling) => ({
  happens: (event: Partial<Happened>): Promise<boolean> => change(happened((now) => ({ ...now, ...event }))),
  takeBack: (...events: (keyof Happened)[]): Promise<boolean> => change(happened((now) => without(now, events))),
  /** What was said to have happened, and has not. */
  putsRight(put: (happened: Happened) => Happened): void {
    void change(happened(put));
  },
  goesIn: (atMs: number): Promise<boolean> => change((before) => wentIn(before, atMs)),
  isNotIn(): void {
    void change(neverIn);
  },
  /** It came out, or was carved, at another time than was said. */
  wasAt: (what: "pulledAt" | "carvedAt", ms: number): Promise<boolean> =>
    tells(
      happened((now) => ({ ...now, [what]: new Date(ms).toISOString() })),
      ({ plan }) => `Noted: ${what === "pulledAt" ? "out" : "carved"} at ${clockTime(ms, plan.zone, habitsNow())}`,
    ),
  /** It was outside at another time than was said. */
  wasOutside: (n: number, stay: Partial<Stay>): Promise<boolean> =>
    change(
      happened((now) => ({ ...now, outs: (now.outs ?? []).map((each, m) => (m === n ? { ...each, ...stay } : each)) })),
    ),
  backIn(): void {
    void change(
      happened((now) => {
        const { pulledAt, outs = [], ...rest } = now;
        if (!pulledAt) return now;
        return { ...withHeatOn(rest, pulledAt), outs: [...outs, { outAt: pulledAt, backAt: instantNow() }] };
      }),
    );
  },
});
