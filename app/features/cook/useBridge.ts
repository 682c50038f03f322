import { useEffect, useRef, useState } from "react";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import { type Probe, placeOf, probeOf, ThermometerLineSchema } from "../../../core/formats/thermometer";
import { inOneTab } from "../../shell/oneTab";
import { usePreferences } from "../../shell/preferences";

/**
 * Listens to the bridge while the bird is in the oven or rests: what the probes posted since the last reading that is
 * stored, and everything after. The browser comes back by itself after a gap and tells the number it had.
 * @returns a word about the connection where it is not there
 */
export function useBridge(
  roast: Roast,
  stored: readonly RoastReading[] | null,
  add: (readings: readonly RoastReading[]) => Promise<void>,
): string | null {
  const { inAt, carvedAt } = roast.happened;
  const { pairingCode } = usePreferences();
  const on = stored !== null && roast.thermometer === "bridge" && inAt !== undefined && carvedAt === undefined;
  const [fault, setFault] = useState<string | null>(null);
  // The newest that is known of each probe: on a reload the bridge tells everything again.
  const heardMs = useRef<Map<Probe, number> | null>(null);
  if (stored && heardMs.current === null) {
    heardMs.current = new Map(stored.map((reading) => [probeOf(reading), Date.parse(reading.at)]));
  }
  useEffect(() => {
    if (!on || !inAt) return;
    const inAtMs = Date.parse(inAt);
    const leave = inOneTab(`bruma-bridge ${roast.id}`, () => {
      const source = new EventSource(`/api/readings/stream?code=${encodeURIComponent(pairingCode)}`);
      let gathered: RoastReading[] = [];
      let writing = false;
      // What comes while a burst is being written is the next one; a timer would sleep in a tab that is not looked at.
      const write = async (): Promise<void> => {
        if (writing) return;
        writing = true;
        while (gathered.length > 0) {
          const fresh = gathered;
          gathered = [];
          await add(fresh);
        }
        writing = false;
      };
      source.onopen = () => setFault(null);
      source.onerror = () =>
        setFault(
          source.readyState === EventSource.CLOSED
            ? "The bridge does not let this device in: is the pairing code right?"
            : "No word from the bridge; asking again. Readings can be typed meanwhile.",
        );
      source.onmessage = ({ data }) => {
        const parsed = ThermometerLineSchema.safeParse(JSON.parse(data));
        // The server has checked it already; a newer one may speak of what this app does not know.
        if (!parsed.success) return;
        const { at, probe, celsius } = parsed.data;
        const atMs = Date.parse(at);
        if (atMs < inAtMs || atMs <= (heardMs.current?.get(probe) ?? Number.NEGATIVE_INFINITY)) return;
        heardMs.current?.set(probe, atMs);
        gathered.push({ at, ...placeOf(probe), celsius, source: "bridge" });
        void write();
      };
      return () => source.close();
    });
    return () => {
      leave();
      setFault(null);
    };
  }, [on, inAt, add, pairingCode, roast.id]);
  return fault;
}
