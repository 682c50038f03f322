/**
 * The certificate by which the home network reaches this server over https: browsers give notifications, the wake lock and
 * offline use on nothing less. A small authority of this machine's own, made once, signs a certificate for its addresses
 * of today; a phone that trusts the authority goes on trusting when an address changes.
 */

import { X509Certificate } from "node:crypto";
import { chmodSync, existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { isIP } from "node:net";
import { join } from "node:path";
import { generate } from "selfsigned";
import { DAY_MS } from "../core/units/time";
import { messageOf } from "../words/faults";

export interface Certificate {
  readonly key: string;
  readonly cert: string;
  /** What a phone is told to trust, PEM. */
  readonly authority: string;
  /** SHA-256 of the authority, to be compared by eye. */
  readonly fingerprint: string;
}
const AUTHORITY_DAYS = 3650;
/** Phones refuse certificates that are valid for longer than 825 days. */
const SERVER_DAYS = 800;
const RENEW_DAYS = 60;

const days = (nowMs: number, count: number) => ({
  // A phone's clock may be a little behind.
  notBeforeDate: new Date(nowMs - DAY_MS),
  notAfterDate: new Date(nowMs + count * DAY_MS),
});

interface Pair {
  readonly key: string;
  readonly cert: string;
}

/** Both files of a certificate, if they are there and can be read. */
function stored(folder: string, name: string): Pair | null {
  const [keyPath, certPath] = [join(folder, `${name}-key.pem`), join(folder, `${name}.pem`)];
  if (!existsSync(keyPath) || !existsSync(certPath)) return null;
  try {
    const pair = { key: readFileSync(keyPath, "utf8"), cert: readFileSync(certPath, "utf8") };
    return new X509Certificate(pair.cert).subject === "" ? null : pair;
  } catch (error) {
    console.warn(`${certPath} cannot be read (${messageOf(error)}): made anew; phones must trust the new one`);
    return null;
  }
}

function keep(folder: string, name: string, { key, cert }: Pair): Pair {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const keyPath = join(folder, `${name}-key.pem`);
  writeFileSync(keyPath, key, { mode: 0o600 });
  // A file that was there keeps its mode: the key is the owner's alone.
  chmodSync(keyPath, 0o600);
  writeFileSync(join(folder, `${name}.pem`), cert);
  return { key, cert };
}

async function makeAuthority(nowMs: number): Promise<Pair> {
  const made = await generate([{ name: "commonName", value: "Bruma at home" }], {
    keyType: "ec",
    algorithm: "sha256",
    ...days(nowMs, AUTHORITY_DAYS),
    extensions: [
      { name: "basicConstraints", cA: true, critical: true },
      { name: "keyUsage", keyCertSign: true, cRLSign: true, critical: true },
    ],
  });
  return { key: made.private, cert: made.cert };
}

async function makeServer(authority: Pair, names: readonly string[], nowMs: number): Promise<Pair> {
  const made = await generate([{ name: "commonName", value: "Bruma" }], {
    keyType: "ec",
    algorithm: "sha256",
    ...days(nowMs, SERVER_DAYS),
    extensions: [
      { name: "basicConstraints", cA: false, critical: true },
      { name: "keyUsage", digitalSignature: true, critical: true },
      { name: "extKeyUsage", serverAuth: true },
      {
        name: "subjectAltName",
        altNames: names.map((name) =>
          isIP(name) ? { type: 7 as const, ip: name } : { type: 2 as const, value: name },
        ),
      },
    ],
    ca: authority,
  });
  return { key: made.private, cert: made.cert };
}

/** Whether it is signed by that authority, for all these names, and for a while yet. */
function serves({ cert }: Pair, authority: Pair, names: readonly string[], nowMs: number): boolean {
  const read = new X509Certificate(cert);
  return (
    read.verify(new X509Certificate(authority.cert).publicKey) &&
    Date.parse(read.validTo) - nowMs > RENEW_DAYS * DAY_MS &&
    names.every((name) => (isIP(name) ? read.checkIP(name) : read.checkHost(name)) !== undefined)
  );
}

/**
 * The one that is there, or one made anew.
 * @param folder for the owner alone
 * @param names addresses and host names by which this machine is reached
 */
export async function certificateFor(
  folder: string,
  names: readonly string[],
  nowMs: number = Date.now(),
): Promise<Certificate> {
  const authority = stored(folder, "authority") ?? keep(folder, "authority", await makeAuthority(nowMs));
  const known = stored(folder, "server");
  const server =
    known && serves(known, authority, names, nowMs)
      ? known
      : keep(folder, "server", await makeServer(authority, names, nowMs));
  return { ...server, authority: authority.cert, fingerprint: new X509Certificate(authority.cert).fingerprint256 };
}
