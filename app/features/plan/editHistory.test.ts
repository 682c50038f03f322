import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { commit, openHistory, preview, redo, undo } from "./editHistory";

describe("edit history", () => {
  it("gives back every kept state in turn, and forwards again", () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer(), { minLength: 1, maxLength: 30 }), (states) => {
        let history = openHistory(states[0] as number);
        for (const state of states.slice(1)) history = commit(preview(history, -1), state);
        for (const state of [...states].reverse().slice(1)) {
          history = undo(history);
          expect(history.present).toBe(state);
        }
        for (const state of states.slice(1)) {
          history = redo(history);
          expect(history.present).toBe(state);
        }
      }),
    );
  });

  it("keeps nothing of a drag that ends where it began", () => {
    const history = commit(preview(openHistory({ a: 1 }), { a: 7 }), { a: 1 });
    expect(history.past).toEqual([]);
    expect(history.present).toEqual({ a: 1 });
  });

  it("has no future after a new edit", () => {
    const history = commit(undo(commit(openHistory(1), 2)), 3);
    expect(redo(history)).toBe(history);
  });
});
