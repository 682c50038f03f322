/** Probes that post to the bridge: heard once for all roasts while a bird with probes is in the kitchen. */

import { useEffect, useRef } from "react";
import { HeardLineSchema } from "../../core/formats/thermometer";
import { MOST_PROBES, type Roast } from "../../core/plan/roast";
import { changeRoast } from "../../storage/roasts";
import { database } from "../shell/database";
import { inOneTab } from "../shell/oneTab";
import { usePaired } from "../shell/pairing";
import { usePreferences } from "../shell/preferences";
import { Listener, useBridgeState } from "./listener";

/** A thermometer is in this bird: its probes sit where they are called. */
export async function claim(roastId: string, device: string): Promise<void> {
  const { unclaimed } = useBridgeState.getState();
  const probes = unclaimed.find((each) => each.device === device)?.newest.map(({ probe }) => probe) ?? [];
  await changeRoast(database(), roastId, (roast) => ({
    ...roast,
    thermometer: "bridge",
    probes: [
      ...(roast.probes ?? []).filter((each) => each.device !== device),
      ...probes.map((probe) => ({ device, probe, sits: probe })),
    ].slice(0, MOST_PROBES),
  }));
  useBridgeState.setState(({ claims }) => ({ claims: claims + 1 }));
}

/** A thermometer is in none of the birds that are in the kitchen now. */
export async function putInNone(device: string): Promise<void> {
  const { inNone, set } = usePreferences.getState();
  const { couldBeIn } = useBridgeState.getState();
  await set({ inNone: [...inNone.filter((each) => each.device !== device), { device, birds: couldBeIn }] });
}

/** Listens while a bird with probes is in the kitchen. */
export function useBridge(roasts: readonly Roast[], inTheKitchen: readonly Roast[]): void {
  const { inNone } = usePreferences();
  const listener = useRef<Listener | null>(null);
  const newest = useRef([roasts, inTheKitchen, inNone] as const);
  newest.current = [roasts, inTheKitchen, inNone];
  /** Since when was asked, and how to ask again. */
  const asked = useRef<{ readonly since: string; again(): void } | null>(null);
  const on = inTheKitchen.some(({ thermometer }) => thermometer === "bridge");
  useEffect(() => {
    if (!on) return;
    const heard = new Listener(database());
    heard.know(...newest.current);
    listener.current = heard;
    const listen = () =>
      inOneTab("bruma-bridge", () => {
        let source: EventSource | null = null;
        let ended = false;
        void heard.begin().then(() => {
          if (ended) return;
          const { since } = heard;
          asked.current = { since, again };
          source = new EventSource(`/api/readings/stream?${new URLSearchParams({ since })}`);
          const from = source;
          from.onopen = () => useBridgeState.setState({ unheard: null });
          from.onerror = () =>
            useBridgeState.setState({
              unheard:
                from.readyState === EventSource.CLOSED
                  ? "The bridge does not let this device in: pair it, where readings come from."
                  : "No word from the bridge; asking again. Readings can be typed meanwhile.",
            });
          from.onmessage = ({ data }) => {
            const parsed = HeardLineSchema.safeParse(JSON.parse(data));
            // The server has checked it already; a newer one may speak of what this app does not know.
            if (!parsed.success) return;
            heard.hear(parsed.data);
            heard.tell();
          };
        });
        return () => {
          ended = true;
          source?.close();
        };
      });
    const again = (): void => {
      leave();
      leave = listen();
    };
    let leave = listen();
    // Let in from now on, or in this bird and no other: asked again.
    const forget = usePaired.subscribe(again);
    const unclaim = useBridgeState.subscribe((now, before) => {
      if (now.claims !== before.claims) again();
    });
    return () => {
      forget();
      unclaim();
      leave();
      listener.current = null;
      asked.current = null;
      useBridgeState.setState({ unheard: null, unstored: null, wrongClocks: [], unclaimed: [] });
    };
  }, [on]);
  useEffect(() => {
    const heard = listener.current;
    if (!heard) return;
    heard.know(roasts, inTheKitchen, inNone);
    // A bird was in before that was said: what its probes have told meanwhile is still at the bridge.
    if (asked.current && heard.since < asked.current.since) asked.current.again();
  }, [roasts, inTheKitchen, inNone]);
}
