/** The page over https from another device, its certificate trusted: what plain http withholds is there. */
import { createHash, createPublicKey } from "node:crypto";
import { once } from "node:events";
import { mkdtempSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { createServer as createSecureServer } from "node:https";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import type { WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { makeServer } from "../../server/app";
import { type Certificate, certificateFor } from "../../server/certificate";
import { Pairing } from "../../server/pairing";
import { newProfile, openBrowser, STOVE, seeText, WAIT_MS } from "../helpers/browser";

const HOST = "kitchen.local";
const portOf = (server: Server): number => (server.address() as AddressInfo).port;

describe("a phone that trusts the kitchen's certificate", () => {
  const servers: Server[] = [];
  let certificate: Certificate;
  let phone: WebDriver;
  let [plain, secure] = ["", ""];
  beforeAll(async () => {
    const folder = mkdtempSync(join(tmpdir(), "bruma-https-"));
    certificate = await certificateFor(join(folder, "https"), [HOST]);
    const { key, cert, authority, fingerprint } = certificate;
    const app = makeServer({
      demo: false,
      root: fileURLToPath(new URL("../../dist", import.meta.url)),
      lan: { addresses: [], pairing: new Pairing(join(folder, "devices.json")), authority, fingerprint },
    });
    servers.push(createServer(app), createSecureServer({ key, cert }, app));
    for (const server of servers) {
      server.listen(0, "127.0.0.1");
      await once(server, "listening");
    }
    plain = `http://${HOST}:${portOf(servers[0] as Server)}`;
    secure = `https://${HOST}:${portOf(servers[1] as Server)}`;
    // Trusted by its key, as an authority in the phone's settings would be.
    const spki = createPublicKey(cert).export({ type: "spki", format: "der" });
    phone = await openBrowser(STOVE, newProfile(), [
      `--host-resolver-rules=MAP ${HOST} 127.0.0.1`,
      `--ignore-certificate-errors-spki-list=${createHash("sha256").update(spki).digest("base64")}`,
    ]);
  });
  afterAll(async () => {
    await phone?.quit();
    for (const server of servers) {
      server.closeAllConnections();
      server.close();
    }
  });

  const granted = () =>
    phone.executeScript<Record<string, boolean>>(`return {
      secure: isSecureContext,
      wakeLock: "wakeLock" in navigator,
      offline: "serviceWorker" in navigator,
      persist: typeof navigator.storage?.persist === "function",
    }`);

  it("has over https what plain http withholds: wake lock, offline use, storage that is kept", async () => {
    await phone.get(plain);
    await seeText(phone, "Start a roast");
    expect(await granted()).toEqual({ secure: false, wakeLock: false, offline: false, persist: false });
    await phone.get(secure);
    await seeText(phone, "Start a roast");
    expect(await granted()).toEqual({ secure: true, wakeLock: true, offline: true, persist: true });
  });

  it("opens again without the network", async () => {
    await phone.executeAsyncScript("navigator.serviceWorker.ready.then(arguments[0])");
    await phone.wait(
      () => phone.executeScript("return caches.keys().then((names) => names.length > 0)"),
      WAIT_MS,
      "nothing is kept for offline use",
    );
    await phone.get(secure);
    await seeText(phone, "Start a roast");
    for (const server of servers) {
      server.closeAllConnections();
      server.close();
    }
    await phone.get(`${secure}/kitchen`);
    await seeText(phone, "Your data");
  });
});
