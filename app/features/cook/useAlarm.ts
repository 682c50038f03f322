/** Rings: a tone, a buzz, a notification and the page's title, each where the browser allows it. */

import { useEffect, useRef } from "react";
import { create } from "zustand";
import { every } from "../../shell/clock";

interface AlarmState {
  readonly on: boolean;
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
  turn: (on) => {
    set({ on });
    if (!on) return;
    audio ??= new AudioContext();
    void audio.resume().then(tone);
    if ("Notification" in window && Notification.permission === "default") void Notification.requestPermission();
  },
}));

const BUZZ_MS = [300, 150, 300, 150, 300];
/** A call that nobody has answered is made again. */
const AGAIN_MS = 120_000;

export interface Call {
  /** Stays the same while it is the same call. */
  readonly key: string;
  readonly does: string;
}

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

/**
 * Rings once for each new call, and again for those that stay unanswered; a page that slept through one rings on its
 * return, since the call still stands.
 */
export function useAlarm(calls: readonly Call[]): void {
  const { on } = useAlarmSwitch();
  const rung = useRef(new Set<string>());
  const keys = calls.map(({ key }) => key).join("\n");
  // biome-ignore lint/correctness/useExhaustiveDependencies: the keys stand for the calls
  useEffect(() => {
    const before = document.title;
    const fresh = calls.filter(({ key }) => !rung.current.has(key));
    for (const { key } of fresh) rung.current.add(key);
    // A call that is over may come again.
    for (const key of rung.current) if (!calls.some((call) => call.key === key)) rung.current.delete(key);
    const [first] = calls;
    if (first) document.title = `${first.does} – Bruma`;
    if (on && fresh.length > 0) ring(fresh);
    const again = on && calls.length > 0 ? every(AGAIN_MS, () => ring(calls)) : undefined;
    return () => {
      again?.();
      document.title = before;
    };
  }, [keys, on]);
}
