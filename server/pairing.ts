/**
 * Who may speak to this server once it is open to the home network: this machine, and devices that were paired with it.
 *
 * A device is paired once, by a code that this machine's screen shows: a short one to be typed, or a long one in a link or
 * a picture of dots. Both are valid for minutes and once. It then holds a token in a cookie that no script can read; here
 * only the token's hash is kept. Guessing the short code is hopeless: there is one only while it is shown, it is gone after
 * a few wrong tries of whoever, and the next one comes later and later.
 */

import { createHash, randomBytes, randomInt, timingSafeEqual } from "node:crypto";
import { existsSync, readFileSync, renameSync } from "node:fs";
import * as z from "zod/mini";
import { MINUTE_MS } from "../core/units/time";
import { messageOf } from "../words/faults";
import { replaceFile } from "./durable";

const DeviceSchema = z.strictObject({
  id: z.string(),
  name: z.string().check(z.maxLength(40)),
  /** SHA-256. */
  tokenHash: z.string().check(z.regex(/^[0-9a-f]{64}$/)),
  pairedAt: z.iso.datetime(),
});
type Stored = z.infer<typeof DeviceSchema>;
export type Device = Omit<Stored, "tokenHash">;

const VALID_MS = 5 * MINUTE_MS;
/** Wrong tries, of all devices together, that one short code outlives. */
const TRIES_A_CODE = 10;
/** After so many wrong tries of its own a device waits, twice as long each time. */
const FREE_TRIES = 3;
const LONGEST_WAIT_MS = 8000;
/** A code that was guessed at till it was gone is followed by another after this long, twice as long each time. */
const BURNT_WAIT_MS = 5000;
const LONGEST_BURNT_WAIT_MS = 5 * MINUTE_MS;
const QUIET_MS = 60 * MINUTE_MS;
const MOST_DEVICES = 50;
/** Letters that are read alike are not among them: 31 of them, so that 20 carry 99 bits. */
const LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";
const LONG = 20;

export const SHORT_CODE = /^\d{6}$/;
export const LONG_CODE = new RegExp(`^[${LETTERS}]{${LONG}}$`);

export type Offer =
  | { readonly kind: "codes"; readonly short: string; readonly long: string; readonly untilMs: number }
  /** Somebody has been guessing. */
  | { readonly kind: "wait"; readonly untilMs: number };

export type Tried =
  | { readonly kind: "paired"; readonly token: string; readonly device: Device }
  | { readonly kind: "wrong" }
  | { readonly kind: "wait"; readonly seconds: number };

interface Tries {
  readonly wrong: number;
  readonly lastMs: number;
}

const hashOf = (text: string): string => createHash("sha256").update(text).digest("hex");
const sameHash = (a: string, b: string): boolean => timingSafeEqual(Buffer.from(a), Buffer.from(b));
const sameText = (a: string, b: string): boolean => sameHash(hashOf(a), hashOf(b));
const shown = ({ id, name, pairedAt }: Stored): Device => ({ id, name, pairedAt });

export class Pairing {
  private stored: readonly Stored[];
  private codes: { readonly short: string; readonly long: string; readonly untilMs: number; wrong: number } | null =
    null;
  private readonly tries = new Map<string, Tries>();
  private burnt: Tries = { wrong: 0, lastMs: Number.NEGATIVE_INFINITY };

  /** @param path of the file of paired devices; one that cannot be read is set aside, and devices are paired anew */
  constructor(
    private readonly path: string,
    private readonly now: () => number = Date.now,
  ) {
    this.stored = this.load();
  }

  private load(): readonly Stored[] {
    if (!existsSync(this.path)) return [];
    try {
      return z.array(DeviceSchema).parse(JSON.parse(readFileSync(this.path, "utf8")));
    } catch (error) {
      const aside = `${this.path}.damaged`;
      console.warn(`${this.path} cannot be read (${messageOf(error)}): kept as ${aside}; devices are paired anew`);
      try {
        renameSync(this.path, aside);
      } catch (fault) {
        console.warn(`it could not be set aside: ${messageOf(fault)}`);
      }
      return [];
    }
  }

  /** @throws Error of the file system; then the list is what it was */
  private keep(devices: readonly Stored[]): void {
    replaceFile(this.path, Buffer.from(`${JSON.stringify(devices, null, 1)}\n`));
    this.stored = devices;
  }

  /** The codes that are valid now; made when they are asked for, so that there are none while nobody looks. */
  offer(): Offer {
    const nowMs = this.now();
    const freeMs = this.freeAfterBurntMs();
    if (nowMs < freeMs) return { kind: "wait", untilMs: freeMs };
    if (!this.codes || nowMs >= this.codes.untilMs) {
      const short = String(randomInt(0, 1_000_000)).padStart(6, "0");
      const long = Array.from({ length: LONG }, () => LETTERS[randomInt(LETTERS.length)]).join("");
      this.codes = { short, long, untilMs: nowMs + VALID_MS, wrong: 0 };
    }
    const { short, long, untilMs } = this.codes;
    return { kind: "codes", short, long, untilMs };
  }

  private freeAfterBurntMs(): number {
    const { wrong, lastMs } = this.burnt;
    if (wrong === 0 || this.now() - lastMs > QUIET_MS) return Number.NEGATIVE_INFINITY;
    return lastMs + Math.min(LONGEST_BURNT_WAIT_MS, BURNT_WAIT_MS * 2 ** (wrong - 1));
  }

  private waitMs(caller: string): number {
    const { wrong = 0, lastMs = 0 } = this.tries.get(caller) ?? {};
    if (wrong < FREE_TRIES) return 0;
    return Math.max(0, lastMs + Math.min(LONGEST_WAIT_MS, 1000 * 2 ** (wrong - FREE_TRIES)) - this.now());
  }

  /**
   * @param code a whole one, short or long: half a code is no try
   * @param caller whose tries these are
   * @throws Error of the file system when it cannot be kept; the device is not paired then
   */
  tryCode(code: string, caller: string, name: string): Tried {
    const waitMs = this.waitMs(caller);
    if (waitMs > 0) return { kind: "wait", seconds: Math.ceil(waitMs / 1000) };
    const nowMs = this.now();
    const { codes } = this;
    const isValid = codes !== null && nowMs < codes.untilMs;
    const isRight = isValid && (sameText(code, codes.short) || sameText(code, codes.long));
    if (!isRight) {
      this.wasWrong(caller, SHORT_CODE.test(code));
      return { kind: "wrong" };
    }
    const token = randomBytes(32).toString("base64url");
    const device: Stored = {
      id: randomBytes(6).toString("hex"),
      name,
      tokenHash: hashOf(token),
      pairedAt: new Date(nowMs).toISOString(),
    };
    this.keep([...this.stored, device].slice(-MOST_DEVICES));
    this.codes = null;
    this.tries.delete(caller);
    this.burnt = { wrong: 0, lastMs: nowMs };
    return { kind: "paired", token, device: shown(device) };
  }

  private wasWrong(caller: string, isShort: boolean): void {
    const lastMs = this.now();
    for (const [other, { lastMs: at }] of this.tries) if (lastMs - at > QUIET_MS) this.tries.delete(other);
    this.tries.set(caller, { wrong: (this.tries.get(caller)?.wrong ?? 0) + 1, lastMs });
    if (!this.codes || !isShort || ++this.codes.wrong < TRIES_A_CODE) return;
    this.codes = null;
    const wasQuiet = lastMs - this.burnt.lastMs > QUIET_MS;
    this.burnt = { wrong: wasQuiet ? 1 : this.burnt.wrong + 1, lastMs };
  }

  /** @param token what the device holds */
  knows(token: string): boolean {
    const hash = hashOf(token);
    return this.stored.some(({ tokenHash }) => sameHash(tokenHash, hash));
  }

  devices(): readonly Device[] {
    return this.stored.map(shown);
  }

  /** It may not speak to this server any more. @returns whether it was there @throws Error of the file system */
  remove(id: string): boolean {
    const left = this.stored.filter((each) => each.id !== id);
    if (left.length === this.stored.length) return false;
    this.keep(left);
    return true;
  }
}
