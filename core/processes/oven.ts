/** The oven itself: a dial that is followed with lag and swing, walls that hold their heat, a door that opens. */
import { constant } from "../constants";
import { type Swing, swingOf } from "../heat/fire";

const STEP_MIN = 0.25;

/** Air and walls through time, preheated to the first dial. */
export class Oven {
  /** Means over the last stretch. */
  airC: number;
  wallC: number;
  private nowAirC: number;
  private nowWallC: number;
  /** Where the thermostat has got to, without its swing. */
  private middleC: number;
  private openUntilMin = Number.NEGATIVE_INFINITY;

  constructor(
    firstDialC: number,
    private minute = 0,
    /** Time constant of its air after its setting is changed, min. */
    private readonly ownLagMin = constant("ovenLagMin"),
    private readonly ownSwing: Swing = swingOf(null),
    /** What it loses its heat to. */
    private readonly outsideC = constant("kitchenC"),
  ) {
    this.airC = firstDialC;
    this.wallC = firstDialC;
    this.nowAirC = firstDialC;
    this.nowWallC = firstDialC;
    this.middleC = firstDialC;
  }

  /**
   * Goes on to a minute.
   * @param dialC null: its heat is off, and the door shut
   * @param load mass in it against one bird alone: a full oven follows more slowly
   * @param openMin minutes from the beginning of this stretch for which the door stands open, past its end if need be
   */
  advance(toMinute: number, dialC: number | null, load: number, openMin: number): void {
    const { periodMin } = this.ownSwing;
    const amplitudeK = dialC === null ? 0 : this.ownSwing.amplitudeK;
    const wantedC = dialC ?? this.outsideC;
    const lagMin = this.ownLagMin * (0.5 + 0.5 * load);
    if (openMin > 0) this.openUntilMin = Math.max(this.openUntilMin, this.minute + openMin);
    let air = 0;
    let wall = 0;
    let total = 0;
    while (this.minute < toMinute - 1e-9) {
      const step = Math.min(STEP_MIN, toMinute - this.minute);
      const isOpen = this.minute < this.openUntilMin;
      const towards = (now: number, aim: number, timeMin: number): number =>
        now + (aim - now) * (1 - Math.exp(-step / timeMin));
      // Nothing cools an oven but what gets out through its walls: it falls far more slowly than it is heated.
      this.middleC =
        this.middleC > wantedC
          ? Math.max(wantedC, towards(this.middleC, this.outsideC, constant("ovenCoolMin")))
          : towards(this.middleC, wantedC, lagMin);
      const swing = amplitudeK * Math.sin((2 * Math.PI * this.minute) / periodMin);
      this.nowAirC = isOpen
        ? towards(this.nowAirC, this.outsideC, constant("doorLossMin"))
        : towards(this.nowAirC, this.middleC + swing, constant("airRecoveryMin"));
      // Walls are heavy: a door open for a minute hardly cools them.
      this.nowWallC = isOpen
        ? towards(this.nowWallC, this.outsideC, constant("doorWallLossMin"))
        : towards(this.nowWallC, this.middleC, constant("wallRecoveryMin"));
      this.minute += step;
      air += this.nowAirC * step;
      wall += this.nowWallC * step;
      total += step;
    }
    if (total === 0) return;
    this.airC = air / total;
    this.wallC = wall / total;
  }
}
