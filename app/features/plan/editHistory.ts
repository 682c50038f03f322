import { same } from "../../../core/formats/same";
/** Undo for every edit: a pure history of kept states, with one dragged state in between that is not kept. */
export interface EditHistory<State> {
  readonly past: readonly State[];
  readonly present: State;
  readonly future: readonly State[];
  /** The last kept state while a drag is on. */
  readonly kept: State;
}

const DEEPEST = 100;

export const openHistory = <State>(present: State): EditHistory<State> => ({
  past: [],
  present,
  future: [],
  kept: present,
});

/** Shows a state without keeping it. */
export const preview = <State>(history: EditHistory<State>, present: State): EditHistory<State> => ({
  ...history,
  present,
});

/** Keeps a state; the one kept before it can be had back. */
export function commit<State>(history: EditHistory<State>, present: State): EditHistory<State> {
  if (same(present, history.kept)) return { ...history, present: history.kept };
  return { past: [...history.past, history.kept].slice(-DEEPEST), present, future: [], kept: present };
}

export function undo<State>(history: EditHistory<State>): EditHistory<State> {
  const before = history.past.at(-1);
  if (before === undefined) return history;
  return { past: history.past.slice(0, -1), present: before, kept: before, future: [history.kept, ...history.future] };
}

export function redo<State>(history: EditHistory<State>): EditHistory<State> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.kept], present: next, kept: next, future };
}
