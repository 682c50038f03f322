import type { Advice } from "../../core/day/coach";
import type { TaskId } from "../../core/schedule/backward";
import type { AdviceWords } from "../../words/advice";

/** One thing to mind, with what a tap does about it. */
export interface Item extends AdviceWords {
  readonly about:
    | Advice
    | { readonly kind: "row"; readonly id: string }
    /** Whether a first task has begun in time. */
    | { readonly kind: "begun"; readonly task: TaskId }
    | { readonly kind: "thaws-late" };
}
