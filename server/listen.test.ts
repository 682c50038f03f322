import { createServer, type Server } from "node:http";
import { afterEach, describe, expect, it } from "vitest";
import { listen, portFrom } from "./listen";

const HERE = "127.0.0.1";
const open: Server[] = [];
const made = (): Server => {
  const server = createServer();
  open.push(server);
  return server;
};
afterEach(() => {
  for (const server of open.splice(0)) server.close();
});

describe("where a server listens", () => {
  it("is the port that the machine gave, where any will do", async () => {
    expect(await listen(made(), HERE, 0)).toBeGreaterThan(0);
  });

  it("is the next one where a port is taken, and that is told", async () => {
    const taken = await listen(made(), HERE, 0);
    const told: string[] = [];
    expect(await listen(made(), HERE, taken, (line) => told.push(line))).toBeGreaterThan(taken);
    expect(told[0]).toBe(`Port ${taken} is taken; trying ${taken + 1}.`);
  });

  it("is read from the environment, and what is no port is told in a sentence", () => {
    expect([portFrom(undefined), portFrom("0"), portFrom("8080")]).toEqual([4173, 0, 8080]);
    for (const text of ["abc", "", " ", "-1", "65536", "80.5", "1e9"])
      expect(() => portFrom(text)).toThrow(`PORT is “${text}”; a whole number from 0 to 65535 is allowed`);
  });
});
