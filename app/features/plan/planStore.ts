/** The plan under the hand: edits, undo, and what is written to the database when the hand lets go. */

import { create } from "zustand";
import { withChange, withGivenBack } from "../../../core/formats/merge";
import { canonical } from "../../../core/formats/same";
import type { Roast } from "../../../core/plan/roast";
import type { Plan } from "../../../core/plan/schema";
import { changeRoast } from "../../../storage/roasts";
import { messageOf } from "../../../words/faults";
import { titleOf } from "../../../words/titles";
import { database } from "../../shell/database";
import { habitsNow } from "../../shell/preferences";
import { toast } from "../../ui/toast";
import { commit, type EditHistory, openHistory, preview, redo, undo } from "./editHistory";

/** Called by its bird and day, as they are now, until the cook names it. */
const titled = (roast: Roast): Roast => (roast.named ? roast : { ...roast, title: titleOf(roast.plan, habitsNow()) });

interface PlanState {
  readonly roastId: string | null;
  readonly history: EditHistory<Plan> | null;
  /** Its record is closed: nothing is changed until it is opened again. */
  readonly isClosed: boolean;
  /** Takes up a roast as it is stored, and what is stored of it later from elsewhere. */
  open(roast: Roast, isClosed: boolean): void;
  /** While the hand drags: shown, not yet kept. */
  drag(change: (plan: Plan) => Plan): void;
  /** The hand has let go: kept, and can be undone. */
  settle(change: (plan: Plan) => Plan): void;
  undo(): void;
  redo(): void;
}

export const usePlanStore = create<PlanState>((set, get) => {
  /** The edit by which each plan was left: whoever comes back to it has back what that took from what had happened. */
  const leftBy = new Map<string, { readonly before: Roast; readonly after: Roast }>();
  const edited = (before: Roast, from: Plan, to: Plan): Roast => {
    const after = withChange(before, from, to);
    leftBy.set(canonical(from), { before, after });
    const left = leftBy.get(canonical(to));
    return titled(left ? withGivenBack(after, left.before, left.after) : after);
  };
  /** The roast as it was handed here last. */
  let known: Roast | null = null;
  /** Plans written from here that the database has not handed back yet, oldest first. */
  let underWay: string[] = [];
  const keep = (history: EditHistory<Plan>): void => {
    const { roastId, history: before, isClosed } = get();
    if (isClosed) {
      toast.info("The record is closed; it is opened again under Cook.");
      return;
    }
    set({ history });
    if (!roastId || !before) return;
    underWay.push(canonical(history.present));
    // Only what was changed here is written: another tab or device may have changed something else meanwhile.
    changeRoast(database(), roastId, (roast) => edited(roast, before.kept, history.present)).catch((error: unknown) => {
      toast.error(`The change was not stored: ${messageOf(error)}`);
    });
  };
  return {
    roastId: null,
    history: null,
    isClosed: false,
    open: (roast, isClosed) => {
      set({ isClosed });
      const { id: roastId, plan } = roast;
      const { roastId: openId, history } = get();
      const before = known;
      known = roast;
      if (openId !== roastId || !history) {
        underWay = [];
        leftBy.clear();
        set({ roastId, history: openHistory(plan) });
        return;
      }
      const stored = canonical(plan);
      const echo = underWay.lastIndexOf(stored);
      // Some of the writes before it may never be handed back: only the newest state of a row is.
      if (echo >= 0) underWay = underWay.slice(echo + 1);
      else if (stored !== canonical(history.kept)) {
        // Changed from elsewhere (another screen, another tab): an edit like any other, to be undone like any other.
        underWay = [];
        const left = canonical(history.kept);
        if (before && canonical(before.plan) === left) leftBy.set(left, { before, after: roast });
        set({ history: commit(history, plan) });
      }
    },
    drag: (change) => {
      const { history, isClosed } = get();
      if (history && !isClosed) set({ history: preview(history, change(history.present)) });
    },
    settle: (change) => {
      const { history } = get();
      if (history) keep(commit(history, change(history.present)));
    },
    undo: () => {
      const { history } = get();
      if (history) keep(undo(history));
    },
    redo: () => {
      const { history } = get();
      if (history) keep(redo(history));
    },
  };
});
