import { useEffect, useRef, useState } from "react";
import type { Member } from "../../../core/forecast/ensemble";
import { ensembleOptions } from "../../../core/forecast/planned";
import { linesAt } from "../../../core/forecast/simulatedThermometer";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import { ThermometerLineSchema } from "../../../core/formats/thermometer";
import { simulations } from "../../../workers/simulations";

/** A gap (the app was closed) is filled from the device's own log at this spacing. */
const LOG_EVERY_MS = 60_000;

/**
 * Listens to the simulated thermometer while the bird is in the oven: a reading a probe each second, and what the
 * device logged while nobody listened.
 */
export function useSimulatedThermometer(
  roast: Roast,
  lastReadingMs: number | null,
  ready: boolean,
  add: (readings: readonly RoastReading[]) => Promise<void>,
): void {
  const { inAt, pulledAt } = roast.happened;
  const on = ready && roast.thermometer === "simulated" && inAt !== undefined && pulledAt === undefined;
  const [device, setDevice] = useState<Member | null>(null);
  // Up to when the device has been heard; set once the stored readings are known.
  const heardMs = useRef<number | null>(null);
  if (ready && heardMs.current === null) heardMs.current = lastReadingMs ?? Number.NEGATIVE_INFINITY;
  const options = JSON.stringify(ensembleOptions(roast.plan, {}));
  useEffect(() => {
    if (!on) return;
    let stopped = false;
    simulations
      .request<"thermometer">("thermometer", { kind: "thermometer", options: JSON.parse(options), seed: roast.id })
      .then((member) => {
        if (!stopped) setDevice(member);
      });
    return () => {
      stopped = true;
    };
  }, [on, options, roast.id]);
  useEffect(() => {
    if (!on || !device || !inAt) return;
    const inAtMs = Date.parse(inAt);
    const listen = (atMs: number): RoastReading[] =>
      linesAt(device, roast.id, inAtMs, atMs).map((line) => {
        // The same check a real device's line would pass.
        const { at, probe, celsius } = ThermometerLineSchema.parse(line);
        return { at, part: probe, celsius, source: "simulated" };
      });
    const missed: RoastReading[] = [];
    const from = Math.max(inAtMs, heardMs.current ?? inAtMs);
    for (let at = from + LOG_EVERY_MS; at < Date.now(); at += LOG_EVERY_MS) missed.push(...listen(at));
    heardMs.current = Date.now();
    if (missed.length > 0) void add(missed);
    const timer = setInterval(() => {
      heardMs.current = Date.now();
      void add(listen(heardMs.current));
    }, 1000);
    return () => clearInterval(timer);
  }, [on, device, inAt, roast.id, add]);
}
