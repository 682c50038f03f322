/**
 * The practice clock of this tab: asked for in the address (`?rate=120&now=2026-12-24T10:00:00Z`), kept over reloads
 * until life is chosen again, told to the server so that the simulated thermometer keeps pace. Practice has a database of
 * its own: no roast of the cook's gets the times of a fast clock.
 */
import { messageOf } from "../../words/faults";
import { backToLife, clock, setPace, usePace } from "./clock";

const KEY = "bruma-practice-clock";

/** Called once, before anything reads the time. */
export function startPracticeClock(): void {
  const asked = new URLSearchParams(location.search);
  const rate = asked.get("rate");
  if (rate !== null) {
    const now = asked.get("now");
    set(Number(rate), now === null ? clock.now() : Date.parse(now));
    return;
  }
  const kept = sessionStorage.getItem(KEY);
  if (kept) usePace.setState({ pace: JSON.parse(kept) });
}

function set(rate: number, nowMs: number): void {
  try {
    sessionStorage.setItem(KEY, JSON.stringify(setPace(rate, nowMs)));
  } catch (error) {
    // Nonsense in the address: life goes on, and the reason is where a developer looks.
    console.warn(`no practice clock: ${messageOf(error)}`);
    return;
  }
  // A server's clock is never held: the simulated thermometer behind it is of no practised bird.
  if (rate > 0) void tellServer(rate, nowMs);
}

async function tellServer(rate: number, nowMs: number): Promise<void> {
  try {
    const body = JSON.stringify({ rate, now: new Date(nowMs).toISOString() });
    await fetch("/api/clock", { method: "PUT", headers: { "Content-Type": "application/json" }, body });
  } catch (error) {
    console.info("no server keeps pace with the practice clock:", error);
  }
}

/** What a hand chooses from; 0: it is held. */
export const RATES: readonly number[] = [0, 1, 10, 30, 60, 120, 240];

/** From this moment on so fast. */
export const changeRate = (rate: number): void => set(rate, clock.now());

/** Back to life's time, and to the cook's own roasts. */
export function endPractice(): void {
  sessionStorage.removeItem(KEY);
  backToLife();
  void tellServer(1, clock.now()).then(() => location.assign("/"));
}
