/** A handle under a finger: what it comes to while it moves, when it is let go, and when the system takes the finger away. */
import type { ClockScale } from "./timeScale";

/** A finger that rests trembles by less. */
const TREMBLE_PX = 4;

export class Drag {
  private readonly offset: number;
  private moved = false;

  /** @param scale held still while it is dragged */
  constructor(
    private readonly scale: Pick<ClockScale, "toX" | "toMs">,
    private readonly fromX: number,
    private readonly fromMs: number,
    private readonly stepMs: number,
  ) {
    this.offset = fromX - scale.toX(fromMs);
  }

  private at(x: number): number {
    return Math.round(this.scale.toMs(x - this.offset) / this.stepMs) * this.stepMs;
  }

  /** Null while it has not moved: a tap moves nothing, not even onto the grid. */
  move(x: number): number | null {
    this.moved ||= Math.abs(x - this.fromX) >= TREMBLE_PX;
    return this.moved ? this.at(x) : null;
  }

  /** Where it is dropped; null where it was only tapped. */
  drop(x: number): number | null {
    return this.moved ? this.at(x) : null;
  }

  /** Nothing was dropped: where it was; null where it had not moved. */
  cancel(): number | null {
    return this.moved ? this.fromMs : null;
  }
}
