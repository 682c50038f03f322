/**
 * The clock that simulated devices keep pace with: life's, until a practice page of this machine sets another one.
 * Readings themselves carry their own instants; nothing that is stored depends on it.
 */
import express, { Router } from "express";
import * as z from "zod/mini";
import { judgedBy } from "../core/formats/judged";
import { between } from "../core/units/number";
import { firstFault } from "../words/incoming";
import { isThisMachine } from "./thisMachine";

const MOST_RATE = 240;

export const PaceSchema = z.strictObject({ rate: between(1, MOST_RATE), now: z.iso.datetime() });
export type Pace = z.infer<typeof PaceSchema>;

export class PacedClock {
  private rateNow = 1;
  private from = { nowMs: 0, lifeMs: 0 };

  constructor(private readonly life: () => number = Date.now) {
    this.from = { nowMs: life(), lifeMs: life() };
  }

  get rate(): number {
    return this.rateNow;
  }

  now(): number {
    return this.rateNow === 1 && this.from.nowMs === this.from.lifeMs
      ? this.life()
      : this.from.nowMs + this.rateNow * (this.life() - this.from.lifeMs);
  }

  set({ rate, now }: Pace): void {
    this.rateNow = rate;
    this.from = { nowMs: Date.parse(now), lifeMs: this.life() };
  }

  told(): Pace {
    return { rate: this.rateNow, now: new Date(this.now()).toISOString() };
  }
}

/** GET tells it to any device that may speak to this server; PUT sets it, from this machine alone. */
export function clockRouter(clock: PacedClock): Router {
  const router = Router();
  router.get("/", (_request, response) => {
    response.json(clock.told());
  });
  router.put("/", express.json({ limit: "1kb" }), (request, response) => {
    if (!isThisMachine(request)) {
      response.status(403).json({ why: "only the machine that runs Bruma sets its practice clock" });
      return;
    }
    const checked = judgedBy(PaceSchema, request.body);
    if (!checked.success) {
      response.status(400).json({ why: firstFault(checked.faults) });
      return;
    }
    clock.set(checked.data);
    response.json(clock.told());
  });
  return router;
}
