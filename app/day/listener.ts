/** What probes say, given to the bird each is in and stored; what is in no bird waits. */

import { create } from "zustand";
import { type Probe, placeOf } from "../../core/bird/probe";
import { type InBird, type InNone, routeOf, type Unclaimed, withFound } from "../../core/day/probes";
import type { HeardLine, ThermometerLine } from "../../core/formats/thermometer";
import type { Roast, RoastReading } from "../../core/plan/roast";
import type { BrumaDatabase } from "../../storage/database";
import { momentsOf } from "../../storage/readings";
import { addReadings, changeRoast } from "../../storage/roasts";
import { messageOf } from "../../words/faults";
import { clockNow } from "../shell/clock";

interface BridgeState {
  /** A word about the connection where it is not there. */
  readonly unheard: string | null;
  /** A word about what could not be read of the store, or written to it. */
  readonly unstored: string | null;
  /** Thermometers whose clock is wrong, as they name themselves. */
  readonly wrongClocks: readonly string[];
  /** Thermometers that speak and are in no bird that is known. */
  readonly unclaimed: readonly Unclaimed[];
  /** Birds that one of those could be in. */
  readonly couldBeIn: readonly string[];
  /** How often a thermometer was said to be in a bird: what it told before is then asked for once more. */
  readonly claims: number;
}

export const useBridgeState = create<BridgeState>(() => ({
  unheard: null,
  unstored: null,
  wrongClocks: [],
  unclaimed: [],
  couldBeIn: [],
  claims: 0,
}));

const MOST_KEPT = 20_000;

const unclaimedIn = (waiting: readonly ThermometerLine[]): readonly Unclaimed[] => {
  const devices = new Map<string, Map<Probe, ThermometerLine>>();
  for (const line of waiting) {
    const own = devices.get(line.device ?? "") ?? new Map<Probe, ThermometerLine>();
    own.set(line.probe, line);
    devices.set(line.device ?? "", own);
  }
  return [...devices].map(([device, own]) => ({ device, newest: [...own.values()] }));
};

export class Listener {
  private roasts: readonly Roast[] = [];
  private inKitchen: readonly Roast[] = [];
  private inNone: readonly InNone[] = [];
  /** What is known of the probes in each bird: on a reload the bridge tells everything again, in whatever order. */
  private readonly known = new Set<string>();
  private readonly gathered = new Map<string, RoastReading[]>();
  /** Probes that were found to be in a bird, until that is stored: what is read of the store meanwhile does not know them. */
  private readonly found = new Map<string, readonly InBird[]>();
  private waiting: HeardLine[] = [];
  /** Whether what waits has changed since it was told. */
  private untold = false;
  private writing = false;

  constructor(private readonly db: BrumaDatabase) {}

  /** Which birds there are, and which are in the heat or at rest; what waited for its bird may know it now. */
  know(roasts: readonly Roast[], inKitchen: readonly Roast[], inNone: readonly InNone[]): void {
    this.roasts = this.knowing(roasts);
    this.inNone = inNone;
    this.inKitchen = this.knowing(inKitchen).filter(({ thermometer }) => thermometer === "bridge");
    const waited = this.waiting;
    this.waiting = [];
    this.untold = waited.length > 0;
    for (const line of waited) this.hear(line);
    this.tell();
  }

  /** Nothing older is of use: when the first of the birds that listen went in. */
  get since(): string {
    const instants = this.inKitchen.map(({ happened }) => Date.parse(happened.inAt ?? "")).filter(Number.isFinite);
    return new Date(Math.min(...instants, clockNow())).toISOString();
  }

  hear(line: HeardLine): void {
    this.noteClock(line);
    const route = routeOf(line, this.roasts, this.inKitchen, this.inNone);
    if (route.kind === "unclaimed") {
      this.waiting.push(line);
      this.untold = true;
      if (this.waiting.length > MOST_KEPT) this.waiting.splice(0, MOST_KEPT / 10);
      return;
    }
    if (route.kind === "nobody") return;
    const { roastId, sits } = route;
    if (route.fresh) this.remember(roastId, line, sits);
    const key = `${roastId} ${sits} ${Date.parse(line.at)}`;
    if (this.known.has(key)) return;
    this.known.add(key);
    const { at, celsius, device } = line;
    const reading: RoastReading = { at, ...placeOf(sits), celsius, source: "bridge", ...(device && { device }) };
    this.gathered.set(roastId, [...(this.gathered.get(roastId) ?? []), reading]);
    void this.write();
  }

  /** What a device says of its clock counts until it says otherwise. */
  private noteClock({ device = "", saidAt }: HeardLine): void {
    const { wrongClocks } = useBridgeState.getState();
    const isKnown = wrongClocks.includes(device);
    if ((saidAt !== undefined) === isKnown) return;
    const others = wrongClocks.filter((each) => each !== device);
    useBridgeState.setState({ wrongClocks: saidAt === undefined ? others : [...others, device] });
  }

  /** Told once a burst is through. */
  tell(): void {
    if (!this.untold) return;
    this.untold = false;
    useBridgeState.setState({
      unclaimed: unclaimedIn(this.waiting),
      couldBeIn: this.inKitchen.map(({ id }) => id),
    });
  }

  private knowing(roasts: readonly Roast[]): readonly Roast[] {
    return roasts.map((roast) => withFound(roast, this.found.get(roast.id) ?? []));
  }

  /** The only bird there is: the probe is in it, from now on by name. */
  private remember(roastId: string, { device = "", probe }: ThermometerLine, sits: Probe): void {
    const before = this.found.get(roastId);
    this.found.set(roastId, [...(before ?? []), { device, probe, sits }]);
    this.roasts = this.knowing(this.roasts);
    this.inKitchen = this.knowing(this.inKitchen);
    // What is found while one is being stored is the next one.
    if (!before) void this.storeFound(roastId);
  }

  private async storeFound(roastId: string): Promise<void> {
    try {
      let stored: readonly InBird[] | undefined;
      while (stored !== this.found.get(roastId)) {
        const found = this.found.get(roastId) ?? [];
        await changeRoast(this.db, roastId, (before) => withFound(before, found));
        stored = found;
      }
    } catch (error) {
      useBridgeState.setState({ unstored: `Which bird a probe is in was not stored: ${messageOf(error)}` });
    } finally {
      this.found.delete(roastId);
    }
  }

  /** What comes while a burst is being written is the next one; a timer would sleep in a tab that is not looked at. */
  private async write(): Promise<void> {
    if (this.writing) return;
    this.writing = true;
    try {
      while (this.gathered.size > 0) {
        const [[roastId, fresh] = ["", []]] = this.gathered;
        this.gathered.delete(roastId);
        try {
          await addReadings(this.db, roastId, fresh);
          useBridgeState.setState({ unstored: null });
        } catch (error) {
          // Kept for the next try, which the next reading makes.
          this.gathered.set(roastId, [...fresh, ...(this.gathered.get(roastId) ?? [])]);
          useBridgeState.setState({ unstored: `Readings are not being stored: ${messageOf(error)}` });
          return;
        }
      }
    } finally {
      this.writing = false;
    }
  }

  /** Learns what is stored already, so that it is not gathered again; what cannot be read is left to the store to sift. */
  async begin(): Promise<void> {
    try {
      for (const { id } of this.inKitchen) {
        for (const { probe, atMs } of await momentsOf(this.db, id)) this.known.add(`${id} ${probe} ${atMs}`);
      }
    } catch (error) {
      useBridgeState.setState({ unstored: `The stored readings cannot be read: ${messageOf(error)}` });
    }
  }
}
