/**
 * A whole roast through the real interface, from "oven on" to the closed record, on the fast clock with the simulated
 * thermometer at the same rate: every alarm once, in order, on whichever screen is open, and the record right to the
 * minute.
 */

import type { WebDriver } from "selenium-webdriver";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { loadKernel } from "../../cli/loadKernel";
import { ensembleOptions } from "../../core/forecast/plannedInput";
import type { Roast, RoastReading } from "../../core/plan/roast";
import { MINUTE_MS } from "../../core/units/time";
import { runThermometer } from "../../server/thermometer";
import { startApp } from "../helpers/app";
import { fill, pageText, press, pressAt, refined, STOVE, see, seeText, storedRows, WAIT_MS } from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

const RATE = 240;

let server: RunningServer;
let driver: WebDriver;
const thermometer = new AbortController();
beforeAll(async () => {
  loadKernel();
  const app = await startApp({ size: STOVE });
  ({ server, driver } = app);
  return app.end;
});
afterAll(async () => {
  thermometer.abort();
});

const bodyText = (): Promise<string> => pageText(driver);
const stored = async (): Promise<Roast> => (await storedRows<Roast>(driver, "roasts", "bruma-practice"))[0] as Roast;
/** What the page's clock says. */
const pageNow = (): Promise<number> =>
  driver.executeScript<number>(
    "const { nowMs, rate, lifeMs } = JSON.parse(sessionStorage.getItem('bruma-practice-clock')); return nowMs + rate * (Date.now() - lifeMs);",
  );
/** A link of the page itself: the page is not loaded anew. */
const goTo = async (end: string): Promise<void> => (await see(driver, `nav a[href$="${end}"]`)).click();
/** Opened, what has rung: the newest first, so turned round. */
async function rung(): Promise<readonly { readonly at: string; readonly does: string }[]> {
  const lines = await driver.executeScript<string[]>(
    "return [...document.querySelectorAll('ol[aria-label=\"What has rung\"] li')].map((each) => each.textContent);",
  );
  return lines.toReversed().map((line) => ({ at: line.slice(0, 5), does: line.slice(6) }));
}
/** How fast the clock runs from now on; 0: it is held. */
async function paced(rate: number): Promise<void> {
  await goTo("/kitchen");
  await waitFor("Your data");
  await (await see(driver, `select option[value="${rate}"]`)).click();
}
const waitFor = (what: string, seconds = 60): Promise<boolean> =>
  driver.wait(async () => (await bodyText()).includes(what), seconds * 1000, `never seen: ${what}`, 100);

describe("a whole roast on the fast clock", () => {
  let id = "";
  /** What the page's clock said before and after each tap. */
  const taps: Partial<Record<"inAt" | "pulledAt" | "carvedAt", { readonly fromMs: number; readonly toMs: number }>> =
    {};
  async function tap(event: keyof typeof taps, words: string): Promise<void> {
    const fromMs = await pageNow();
    await press(driver, words);
    taps[event] = { fromMs, toMs: await pageNow() };
  }
  const heard: string[] = [];

  it("is planned, and the clock set to when the oven goes on", async () => {
    await driver.get(`${server.url}/?rate=1&now=2026-12-20T09:00:00Z`);
    await waitFor("Practice clock");
    await press(driver, "Chicken");
    await fill(driver, "Weight as bought", "1 kg");
    await press(driver, "Fresh");
    await press(driver, "Hot start");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected", "In");
    await refined(driver);
    const roast = await stored();
    id = roast.id;
    const on = /Oven on\s+(\d\d):(\d\d)/.exec(await bodyText());
    await goTo("/list");
    // The list has what the plan has once the doubt about it is there: before, it is some minutes off.
    await driver.wait(
      async () => new RegExp(`${on?.[1]}:${on?.[2]}\\s+Oven on at 220 °C`).test(await bodyText()),
      WAIT_MS,
      "the list never said what the plan had",
    );
    // In the browser's zone, which is this machine's too.
    const onMs = new Date(roast.plan.serveAt).setHours(Number(on?.[1]), Number(on?.[2]), 0, 0);
    // As fast as life until everything is ready, then fast.
    await driver.get(`${server.url}/roast/${id}/cook?rate=1&now=${new Date(onMs).toISOString()}`);
    await press(driver, "Turn alarms on");
    await driver.wait(
      async () => {
        await press(driver, "probes that post to Bruma");
        return (await stored()).thermometer === "bridge";
      },
      WAIT_MS,
      "the choice of the thermometer was not stored",
    );
  });

  it("calls for the oven and the bird, on another screen too", async () => {
    await press(driver, "The oven is on");
    await paced(RATE);
    await driver.wait(() => server.clock.rate === RATE, 5000, "the server does not keep pace");
    await waitFor("Bird into the oven");
    // Held while it goes in and the thermometer is plugged in: how long that takes here is not the bird's time.
    await paced(0);
    await press(driver, "To the stove");
    await tap("inAt", "The bird is in the oven");
    await driver.wait(async () => (await stored()).happened.inAt !== undefined, WAIT_MS);
    const { plan, happened } = await stored();
    const inAtMs = Date.parse(happened.inAt ?? "");
    const hidden = { options: ensembleOptions(plan, {}), seed: "whole roast", trouble: true };
    void runThermometer({
      bird: { inAtMs, asked: () => hidden },
      url: server.url,
      clock: server.clock,
      everyS: 20,
      signal: thermometer.signal,
    });
  });

  it("calls for the change of the heat while the plan is open", async () => {
    await goTo("/plan");
    await paced(RATE);
    await driver.navigate().back();
    await waitFor("Heat to 160 °C");
    // Held meanwhile: on a slow machine the bird would be done before its first fit is.
    await paced(0);
    await driver.navigate().back();
    await goTo("/cook");
    await waitFor("refitted to your readings");
    // By then it may have been called minutes ago.
    await pressAt(driver, 'button[aria-label^="Done: Heat to"], button[aria-label^="Done in time: Heat to"]');
    await driver.wait(async () => (await stored()).happened.stagesDone === 1, WAIT_MS);
    await paced(RATE);
    await driver.navigate().back();
  });

  it("calls it out, lets it rest and calls for the knife", async () => {
    await waitFor("Take it out, once looked through by hand", 80);
    await tap("pulledAt", "It is out of the oven");
    await waitFor("Let it rest");
    const title = await driver.wait(async () => {
      const now = await driver.getTitle();
      return now.includes("Carve") ? now : null;
    }, WAIT_MS);
    expect(title).toContain("Carve");
    await pressAt(driver, "summary.min-h-12.cursor-pointer.content-center");
    heard.push(...(await rung()).map(({ does }) => does));
    await tap("carvedAt", "Carving now");
    await driver.wait(async () => (await driver.getCurrentUrl()).endsWith("/carve"), WAIT_MS);
    await seeText(driver, "Leftovers into the fridge by");
  });

  it("is closed, with a record that is right to the minute, and every alarm in it once, in order", async () => {
    await goTo("/cook");
    await press(driver, "How it was, and the record");
    await press(driver, "Close the record");
    await waitFor("Closed ");
    const { happened } = await stored();
    for (const event of ["inAt", "pulledAt", "carvedAt"] as const) {
      const atMs = Date.parse(happened[event] ?? "");
      expect(atMs, event).toBeGreaterThan((taps[event]?.fromMs ?? Number.POSITIVE_INFINITY) - MINUTE_MS);
      expect(atMs, event).toBeLessThan((taps[event]?.toMs ?? Number.NEGATIVE_INFINITY) + MINUTE_MS);
    }
    const readings = await storedRows<RoastReading>(driver, "readings", "bruma-practice");
    expect(readings.length).toBeGreaterThan(50);
    for (const { at } of readings) expect(Date.parse(at)).toBeGreaterThanOrEqual(Date.parse(happened.inAt ?? ""));
    const once = (what: string): number => {
      const times = heard.filter((does) => does.startsWith(what));
      expect(times, what).toHaveLength(1);
      return heard.findIndex((does) => does.startsWith(what));
    };
    const order = ["Oven on", "Dress the bird", "Bird into the oven", "Heat to 160", "Take it out", "Carve"].map(once);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});
