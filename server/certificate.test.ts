import { X509Certificate } from "node:crypto";
import { once } from "node:events";
import { mkdtempSync, statSync, writeFileSync } from "node:fs";
import { createServer, get } from "node:https";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, vi } from "vitest";
import { certificateFor } from "./certificate";

const newFolder = (): string => join(mkdtempSync(join(tmpdir(), "bruma-cert-")), "https");

describe("the certificate of the home network", () => {
  it("is trusted by who trusts its authority, under each of its names, and by nobody else", async () => {
    const made = await certificateFor(newFolder(), ["127.0.0.1", "bruma.local"]);
    const server = createServer({ key: made.key, cert: made.cert }, (_, response) => response.end("hello"));
    server.listen(0, "127.0.0.1");
    await once(server, "listening");
    const { port } = server.address() as AddressInfo;
    const ask = (options: object): Promise<string> =>
      new Promise((resolve) => {
        get({ host: "127.0.0.1", port, ...options }, (response) => resolve(String(response.statusCode))).on(
          "error",
          (error) => resolve((error as NodeJS.ErrnoException).code ?? "failed"),
        );
      });
    expect(await ask({ ca: made.authority })).toBe("200");
    expect(await ask({ ca: made.authority, servername: "bruma.local" })).toBe("200");
    expect(await ask({ ca: made.authority, servername: "elsewhere.local" })).toContain("ALTNAME");
    expect(await ask({})).not.toBe("200");
    server.close();
  });

  it("keeps its authority when an address changes, and its keys for the owner alone", async () => {
    const folder = newFolder();
    const first = await certificateFor(folder, ["192.168.1.2"]);
    expect(await certificateFor(folder, ["192.168.1.2"])).toEqual(first);
    const moved = await certificateFor(folder, ["192.168.1.3"]);
    expect([moved.authority === first.authority, moved.cert === first.cert]).toEqual([true, false]);
    for (const name of ["authority-key.pem", "server-key.pem"]) {
      expect(statSync(join(folder, name)).mode & 0o077).toBe(0);
    }
  });

  it("is renewed before it ends, valid for no longer than phones allow, and made anew when it is damaged", async () => {
    vi.spyOn(console, "warn").mockImplementation(() => undefined);
    const folder = newFolder();
    const first = await certificateFor(folder, ["192.168.1.2"]);
    const { validFrom, validTo } = new X509Certificate(first.cert);
    expect((Date.parse(validTo) - Date.parse(validFrom)) / 86_400_000).toBeLessThan(825);
    const later = await certificateFor(folder, ["192.168.1.2"], Date.parse(validTo) - 86_400_000);
    expect(later.cert).not.toBe(first.cert);
    writeFileSync(join(folder, "authority.pem"), "nothing");
    expect((await certificateFor(folder, ["192.168.1.2"])).fingerprint).not.toBe(first.fingerprint);
    vi.restoreAllMocks();
  });
});
