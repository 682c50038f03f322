/** Rings: a tone, a buzz, a notification and the page's title, each where the browser allows it; on whatever screen is open. */

import { useEffect, useRef } from "react";
import { useNavigate } from "react-router";
import { create } from "zustand";
import { titleShown } from "../../words/titles";
import { clockNow, every } from "../shell/clock";
import { useHabits } from "../shell/preferences";
import { nameCall } from "../shell/windowTitle";
import { toast } from "../ui/toast";
import { type Call, CallBook } from "./calls";
import { useDays } from "./roastDay";

/** A call as it rang, newest last. */
export interface Rung {
  readonly atMs: number;
  readonly roastId: string;
  readonly does: string;
}

interface AlarmState {
  readonly on: boolean;
  readonly rung: readonly Rung[];
  /** By the cook's own tap: browsers give sound and notifications only then. */
  turn(on: boolean): void;
}

let audio: AudioContext | null = null;

function tone(): void {
  if (!audio) return;
  const from = audio.currentTime;
  for (const [n, pitchHz] of [660, 880, 660, 880].entries()) {
    const oscillator = audio.createOscillator();
    const gain = audio.createGain();
    oscillator.frequency.value = pitchHz;
    gain.gain.setValueAtTime(0.25, from + 0.3 * n);
    gain.gain.exponentialRampToValueAtTime(0.001, from + 0.3 * n + 0.28);
    oscillator.connect(gain).connect(audio.destination);
    oscillator.start(from + 0.3 * n);
    oscillator.stop(from + 0.3 * n + 0.3);
  }
}

export const useAlarmSwitch = create<AlarmState>((set) => ({
  on: false,
  rung: [],
  turn: (on) => {
    set({ on });
    if (!on) return;
    audio ??= new AudioContext();
    void audio.resume().then(tone);
    if (!("Notification" in window) || Notification.permission !== "default") return;
    // Who tells what the browser gives looks once more.
    void Notification.requestPermission().then(() => set({}));
  },
}));

const BUZZ_MS = [300, 150, 300, 150, 300];
/** A call that nobody has answered is made again. */
const AGAIN_MS = 120_000;
const MOST_KEPT = 100;

type CallOf = Call & { readonly roastId: string };

/** Phones give notifications only through the app's service worker; a plain page, only by itself. */
async function notify({ key, does }: Call): Promise<void> {
  try {
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker) await worker.showNotification(does, { tag: key });
    else new Notification(does, { tag: key });
  } catch (error) {
    // Sound and buzz have gone out already.
    console.warn("no notification could be shown:", error);
  }
}

function ring(calls: readonly Call[]): void {
  tone();
  navigator.vibrate?.(BUZZ_MS);
  if (!("Notification" in window) || Notification.permission !== "granted" || !document.hidden) return;
  for (const call of calls) void notify(call);
}

/** What is called now, of all roasts; with two in the kitchen each call says of which. */
function useCalls(): readonly CallOf[] {
  const reader = useHabits();
  const { days } = useDays();
  const all = Object.values(days);
  const several = all.filter(({ calls }) => calls.length > 0).length > 1;
  return all.flatMap(({ roast, calls }) =>
    calls.map(({ key, does }) => ({
      roastId: roast.id,
      key: `${roast.id} ${key}`,
      does: several ? `${titleShown(roast, reader)}: ${does}` : does,
    })),
  );
}

/**
 * Rings once for each new call, and again for those that stay unanswered; a page that slept through one rings on its
 * return, and one whose alarms were off when they are turned on, since the call still stands. Away from the stove the call
 * is shown with the way there.
 * @param openId roast whose stove screen is open
 */
export function useAlarms(openId: string | undefined): void {
  const { on } = useAlarmSwitch();
  const calls = useCalls();
  const navigate = useNavigate();
  const book = useRef(new CallBook());
  const newest = useRef(calls);
  newest.current = calls;
  const keys = calls.map(({ key }) => key).join("\n");
  // biome-ignore lint/correctness/useExhaustiveDependencies: the keys stand for the calls
  useEffect(() => {
    nameCall(calls[0]?.does ?? null);
    // What nobody was told stays new: it rings once alarms are turned on.
    if (!on) return;
    const fresh = book.current.fresh(calls, clockNow());
    if (fresh.length > 0) {
      ring(fresh);
      const atMs = clockNow();
      useAlarmSwitch.setState(({ rung: before }) => ({
        rung: [...before, ...fresh.map(({ roastId, does }) => ({ atMs, roastId, does }))].slice(-MOST_KEPT),
      }));
    }
    for (const { key, does, roastId } of fresh) {
      if (roastId === openId) continue;
      const action = { label: "To the stove", onClick: () => void navigate(`/roast/${roastId}/cook`) };
      toast.message(does, { id: key, duration: 30_000, action });
    }
    return calls.length > 0 ? every(AGAIN_MS, () => ring(newest.current)) : undefined;
  }, [keys, on]);
}
