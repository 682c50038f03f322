/** One bird through its life: what it is made of, how warm it is, how salty, what has happened to it, and when. */
import { type Body, viewIn } from "../bird/body";
import type { Posture } from "../bird/exposure";
import {
  CENTRES,
  type Centre,
  type CentreTemperatures,
  PART_NAMES,
  type PartName,
  PIECE_OF_PART,
  type Piece,
} from "../bird/solid";
import { constant } from "../constants";
import { QuantityError } from "../errors";
import { HeatSolver, type Snapshot } from "../heat/solver";
import { colderAt, resampled, type SidesStencil, sidesStencil } from "../heat/stencil";
import type { Surroundings } from "../heat/surroundings";
import { ADDED_TISSUES } from "../heat/tissue";
import { type Indices, Watch, type WatchState } from "./indices";
import { SaltField } from "./saltField";

export interface HistoryPoint {
  readonly minute: number;
  readonly airC: number;
  readonly centresC: CentreTemperatures;
  readonly coldestC: number;
  /** Mean over the open skin, 1 is golden; only of a bird that is watched. */
  readonly browning?: number;
}

/** Minutes spent where bacteria grow, 4 to 60 °C, while the bird was above its start in the fridge or the freezer. */
export interface ZoneMinutes {
  readonly coldest: number;
  readonly surface: number;
}

/** A moment of a bird that can be gone back to. */
export interface BirdState {
  readonly minute: number;
  readonly heat: Snapshot;
  readonly watch: WatchState | undefined;
  readonly zoneMin: ZoneMinutes;
  readonly points: number;
}

export interface BirdOptions {
  /** Keep what the indices and the lethality need; not wanted of an ensemble's members. */
  readonly watched?: boolean;
}

/** A tenth above the fridge: what stands in a good fridge is not in the zone. */
const isInZone = (celsius: number): boolean => celsius > constant("zoneLowC") + 0.1 && celsius < constant("zoneHighC");

export class LivingBird {
  readonly solver: HeatSolver;
  readonly history: HistoryPoint[] = [];
  readonly watch: Watch | undefined;
  /** Off while something is only tried: it is gone back from, and nothing of it counts. */
  watching = true;
  readonly centres: readonly Centre[];
  /** Minutes since this bird's first process began. */
  minute = 0;
  /** Time in the zone, at the coldest point and on the skin, since this bird's first process began. */
  zoneMin: ZoneMinutes = { coldest: 0, surface: 0 };
  posture: Posture = { side: "up", neighbours: 0 };
  private readonly stencils: Partial<Record<Centre, SidesStencil>>;
  private readonly gone = new Set<Piece>();
  private saltField: SaltField | undefined;
  private followed: number | undefined;

  constructor(
    readonly body: Body,
    { watched = true }: BirdOptions = {},
  ) {
    this.solver = new HeatSolver(body);
    const { centres } = body.unit;
    this.centres = CENTRES.filter((name) => centres[name] !== undefined);
    this.stencils = Object.fromEntries(
      this.centres.map((name) => [name, sidesStencil(body, centres[name] as [number, number, number])]),
    );
    this.watch = watched ? new Watch(body, this.solver) : undefined;
    this.turn("up");
  }

  /** The same temperature all through; a filling may have its own. */
  startAt(celsius: number, fillingC = celsius): void {
    this.solver.startAt(celsius, fillingC);
  }

  /** Goes on from where the same bird, on another grid, has got to: its temperatures, its salt, its dryness. */
  takeOver(from: LivingBird): void {
    this.solver.startFrom(resampled(this.body, from.body, from.solver.temperatureC));
    this.solver.surface.arrays.vapourLostKgPerM2.fill(from.meanVapourLostKgPerM2());
    if (from.isSalted) this.salt.takeOver(from.salt);
    this.zoneMin = from.zoneMin;
  }

  /** What follows counts from here: it is as it has become, and nothing of it has been told yet. */
  beginAnew(): void {
    this.minute = 0;
    this.history.length = 0;
  }

  /** Bread or aromatics go in, at their own temperature. */
  fill(celsius: number): void {
    this.solver.fill(ADDED_TISSUES, celsius);
  }

  private meanVapourLostKgPerM2(): number {
    const { areaM2 } = this.solver.surface.arrays;
    return this.solver.surface.vapourKg() / areaM2.reduce((sum, area) => sum + area, 0);
  }

  /** Salt in this bird; made when it is first asked for. */
  get salt(): SaltField {
    this.saltField ??= new SaltField(this.body);
    return this.saltField;
  }
  get isSalted(): boolean {
    return this.saltField !== undefined;
  }

  /** At the colder side of a pair. */
  centreC(centre: Centre): number {
    const stencil = this.stencils[centre];
    return stencil ? colderAt(this.solver.temperatureC, stencil) : Number.NaN;
  }

  /** @throws QuantityError when this bird has no such centre */
  requireCentre(centre: Centre): void {
    if (this.stencils[centre]) return;
    throw new QuantityError("target", centre, { kind: "one-of", values: this.centres });
  }

  /** Lays it on its back or on its breast. */
  turn(side: Posture["side"], neighbours = this.posture.neighbours): void {
    this.posture = { side, neighbours };
    this.solver.surface.look(viewIn(this.body.unit, this.posture));
    this.removeGone();
  }

  /** A thin alkaline paste: its water must dry before the skin does, and the skin under it browns sooner. */
  spreadPaste(): void {
    // As much water as powder.
    const waterKg = constant("pasteGramsPerKg") * 1e-3 * this.body.massKg;
    this.solver.surface.wet(waterKg / (this.body.unit.grid.mirrored ? 2 : 1));
    this.watch?.brownSooner(constant("pasteBrowningShare"));
  }

  /** A piece leaves: its surface meets the kitchen from now on. */
  leave(piece: Piece): void {
    this.gone.add(piece);
    this.removeGone();
  }

  /** This bird is done with: its memory is used again. */
  release(): void {
    this.solver.release();
    this.saltField?.release();
  }

  private removeGone(): void {
    if (this.gone.size === 0) return;
    const { part } = this.body.unit;
    this.solver.surface.takeAway((cell) => this.gone.has(PIECE_OF_PART[PART_NAMES[part[cell] as number] as PartName]));
  }

  /** The coldest cell, or the one that is followed. */
  coldest(): { cell: number; celsius: number } {
    if (this.followed === undefined) return this.solver.coldest();
    return { cell: this.followed, celsius: this.solver.temperatureC[this.followed] as number };
  }

  /** From here on the skin cools, and the coldest cell would soon be skin that was long done: the least done is followed. */
  followColdest(): void {
    this.followed = this.solver.coldest().cell;
  }

  /** Adds the present state to the history. */
  note(airC: number): HistoryPoint {
    const point: HistoryPoint = {
      minute: this.minute,
      airC,
      centresC: Object.fromEntries(this.centres.map((name) => [name, this.centreC(name)])),
      coldestC: this.coldest().celsius,
      ...(this.watch && { browning: this.watch.browning() }),
    };
    this.history.push(point);
    return point;
  }

  advance(minutes: number, surroundings: Surroundings, airC: number): HistoryPoint {
    this.solver.advance(minutes * 60, surroundings);
    this.minute += minutes;
    if (this.watching) this.watch?.add(minutes);
    const point = this.note(airC);
    const { coldest, surface } = this.zoneMin;
    const skinC = this.solver.surface.meanFrontC("skin", "breast", "tips", "contact");
    this.zoneMin = {
      coldest: coldest + (isInZone(point.coldestC) ? minutes : 0),
      surface: surface + (isInZone(skinC) ? minutes : 0),
    };
    return point;
  }

  indices(): Indices | undefined {
    return this.watch?.indices(this.saltField ? this.saltField.shares().whole : 0);
  }

  /** Vapour lost by the whole bird, kg. */
  vapourLostKg(): number {
    return (this.body.unit.grid.mirrored ? 2 : 1) * this.solver.surface.vapourKg();
  }

  snapshot(): BirdState {
    return {
      minute: this.minute,
      heat: this.solver.snapshot(),
      watch: this.watch?.snapshot(),
      zoneMin: this.zoneMin,
      points: this.history.length,
    };
  }

  /** Goes back to an earlier moment; what came after it in the history is dropped. */
  restore(state: BirdState, history: readonly HistoryPoint[] = this.history): void {
    this.minute = state.minute;
    this.followed = undefined;
    this.zoneMin = state.zoneMin;
    this.solver.restore(state.heat);
    if (state.watch) this.watch?.restore(state.watch);
    const kept = history.slice(0, state.points);
    this.history.length = 0;
    this.history.push(...kept);
  }
}
