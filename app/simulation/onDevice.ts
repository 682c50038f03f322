/** What was asked and answered on this device before, by this build: see `storage/answered.ts`. */
import { hashOf } from "../../core/hash";
import type { AnsweredDatabase } from "../../storage/answered";
import { clockNow, soon } from "../shell/clock";
import type { Kept } from "./newest";

/** Tells one build from the next: the page's own script is named by what is in it. Nothing is kept where it is not. */
const BUILD = import.meta.env.PROD
  ? (document.querySelector<HTMLScriptElement>('script[type="module"][src]')?.src ?? null)
  : null;

/** An answer is kept once it has stood for so long: while a plan is worked on, none is. */
const STOOD_MS = 2000;

type Storage = typeof import("../../storage/answered");
let opening: Promise<{ readonly storage: Storage; readonly db: AnsweredDatabase } | null> | undefined;

/** Null where the browser keeps nothing: then everything is computed, as it would be the first time. */
function opened(build: string): NonNullable<typeof opening> {
  opening ??= (async () => {
    try {
      const storage = await import("../../storage/answered");
      const db = new storage.AnsweredDatabase();
      await storage.forgetOtherBuilds(db, build);
      return { storage, db };
    } catch (error) {
      console.warn("what simulations come to is not kept on this device:", error);
      return null;
    }
  })();
  return opening;
}

const OTHER_START = 0x5bd1e995;
/** Two hashes and a length: no two of all texts that a device ever sees have them alike. */
const digest = (text: string): string =>
  [hashOf(text), hashOf(text, OTHER_START), text.length].map((part) => part.toString(36)).join(" ");

/** @param question what kind of it: two kinds may be asked with the same words */
export function onDevice(question: string): Kept | undefined {
  if (BUILD === null) return undefined;
  let giveUp = (): void => undefined;
  const keyOf = (key: string): string => digest(`${question}\n${key}`);
  // The answer is simulated then.
  const without = (error: unknown): void => console.warn("a kept answer was not to be had:", error);
  return {
    async recall(key) {
      const kept = await opened(BUILD);
      return kept?.storage.recallAnswer(kept.db, keyOf(key), clockNow()).catch(without);
    },
    keep(key, answer) {
      giveUp();
      giveUp = soon(STOOD_MS, async () => {
        const kept = await opened(BUILD);
        const of = { key: keyOf(key), build: BUILD, nowMs: clockNow() };
        await kept?.storage.keepAnswer(kept.db, of, answer).catch(without);
      });
    },
  };
}
