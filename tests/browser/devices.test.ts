/** One roast on laptop and phone through the server, in two tabs, and the alarms of a page that looked away. */

import type { WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { MINUTE_MS } from "../../core/units/time";
import {
  fill,
  networkGone,
  openBrowser,
  pageText,
  press,
  pressAt,
  STOVE,
  seeText,
  storedRows,
  visit,
  WAIT_MS,
  wentInAgo,
} from "../helpers/browser";
import { type RunningServer, serve } from "../helpers/server";

let server: RunningServer;
let laptop: WebDriver;
let phone: WebDriver;
beforeAll(async () => {
  server = await serve(false);
  [laptop, phone] = await Promise.all([openBrowser(), openBrowser(STOVE)]);
});
afterAll(async () => {
  await Promise.all([laptop?.quit(), phone?.quit()]);
  server?.close();
});

const textOf = (driver: WebDriver): Promise<string> => pageText(driver);

/** What a browser gives for an alarm, counted: a headless one has neither ear nor hand. */
const COUNTING = `
  window.rang = { tones: 0, buzzes: 0, notices: [] };
  const node = () => ({ connect: (next) => next, frequency: {}, start() { window.rang.tones++; }, stop() {}, gain: { setValueAtTime() {}, exponentialRampToValueAtTime() {} } });
  window.AudioContext = class { currentTime = 0; destination = node(); createOscillator = node; createGain = node; resume = async () => {}; };
  navigator.vibrate = () => { window.rang.buzzes++; return true; };
  window.Notification = class { static permission = "granted"; constructor(text) { window.rang.notices.push(text); } };
  navigator.serviceWorker.getRegistration = async () => undefined;
`;

describe("one roast on two devices", () => {
  it("is put in common on the laptop and offered on the phone", async () => {
    await laptop.get(server.url);
    await press(laptop, "Chicken");
    await fill(laptop, "Weight as bought", "1.2 kg");
    await press(laptop, "Plan it");
    await seeText(laptop, "Out, expected");
    await pressAt(laptop, 'nav a[href$="/list"]');
    await press(laptop, "To a phone");
    await pressAt(laptop, 'button[role="switch"]');
    await seeText(laptop, "In common: what is done on one device shows on the others");
    await phone.get(server.url);
    await seeText(phone, "On the other device");
    await press(phone, "Cook it here too");
    await seeText(phone, "The bird is in the oven");
  });

  it("goes in on the phone, and the laptop knows; a reading typed there is on the phone", async () => {
    await visit(laptop, (await phone.getCurrentUrl()).replace(/#.*/, ""));
    await seeText(laptop, "The bird is in the oven");
    await press(phone, "The bird is in the oven");
    await seeText(laptop, "Take it out in");
    // Long enough ago that it may be near.
    await wentInAgo(phone, 60);
    await pressAt(phone, 'button[aria-label="Close"]');
    // Of a bird that has just gone in the laptop would doubt it.
    await laptop.wait(
      async () => {
        const [roast] = await storedRows<Roast>(laptop, "roasts");
        return Date.now() - Date.parse(roast?.happened.inAt ?? "") > 50 * MINUTE_MS;
      },
      WAIT_MS,
      "the laptop did not hear when it went in",
    );
    await fill(laptop, "breast", "66");
    await press(laptop, "Note the reading");
    await phone.wait(
      async () => (await textOf(phone)).includes("\n66\n"),
      WAIT_MS,
      "the phone did not hear the reading",
    );
  });

  it("goes on while the server is away, and is one again when it is back", async () => {
    const address = server.url;
    await networkGone(phone, true);
    await fill(phone, "thigh", "69");
    await press(phone, "Note the reading");
    await phone.wait(async () => (await textOf(phone)).includes("\n69\n"), WAIT_MS);
    expect(await textOf(laptop)).not.toContain("\n69\n");
    await networkGone(phone, false);
    await laptop.wait(
      async () => (await textOf(laptop)).includes("\n69\n"),
      WAIT_MS,
      "what was typed meanwhile was lost",
    );
    expect(server.url).toBe(address);
  });

  it("keeps what each of two tabs changed of one plan", async () => {
    const stored = async (): Promise<{ cover: string; usual: number }> => {
      const [roast] = await storedRows<Roast>(laptop, "roasts");
      return { cover: roast?.plan.cover ?? "", usual: roast?.plan.table.guests.usual ?? 0 };
    };
    const plan = (await laptop.getCurrentUrl()).replace("/cook", "/plan");
    await visit(laptop, plan);
    await seeText(laptop, "The bird is in.");
    const first = await laptop.getWindowHandle();
    await laptop.switchTo().newWindow("tab");
    await laptop.get(plan);
    await seeText(laptop, "The bird is in.");
    await pressAt(laptop, 'button[aria-label^="At the table:"]');
    const { usual } = await stored();
    await press(laptop, "More: usual");
    const second = await laptop.getWindowHandle();
    await laptop.switchTo().window(first);
    await pressAt(laptop, 'button[aria-label^="Rest:"]');
    await press(laptop, "Insulated box");
    await laptop.switchTo().window(second);
    await laptop.wait(async () => (await stored()).cover === "box", WAIT_MS);
    expect((await stored()).usual).toBe(usual + 1);
  });

  it("rings on the phone for a call that came while it slept: sound, buzz, notification and title", async () => {
    const devTools = phone as ChromeDriver;
    await devTools.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: COUNTING });
    await phone.navigate().refresh();
    await seeText(phone, "Take it out in");
    await press(phone, "Turn alarms on");
    await phone.executeScript("Object.defineProperty(document, 'hidden', { get: () => true, configurable: true })");
    const before = await phone.executeScript<{ tones: number }>("return window.rang");
    await devTools.sendDevToolsCommand("Page.setWebLifecycleState", { state: "frozen" });
    await visit(laptop, (await laptop.getCurrentUrl()).replace("/plan", "/cook"));
    for (const [place, shown] of Object.entries({ breast: "73.5", thigh: "76.5" })) {
      await fill(laptop, place, shown);
    }
    await press(laptop, "Note the reading");
    await seeText(laptop, "Take it out, once looked through by hand");
    await devTools.sendDevToolsCommand("Page.setWebLifecycleState", { state: "active" });
    await phone.wait(
      async () => (await phone.getTitle()).startsWith("Take it out"),
      WAIT_MS,
      "the title did not say so",
    );
    const rang = await phone.executeScript<{ tones: number; buzzes: number; notices: string[] }>("return window.rang");
    expect(rang.tones).toBeGreaterThan(before.tones);
    expect(rang.buzzes).toBeGreaterThan(0);
    expect(rang.notices).toContain("Take it out, once looked through by hand");
  });

  it("rings for a call that stands already when alarms are turned on", async () => {
    await phone.navigate().refresh();
    await phone.wait(
      async () => (await phone.getTitle()).startsWith("Take it out"),
      WAIT_MS,
      "it is not called any more",
    );
    await press(phone, "Turn alarms on");
    await seeText(phone, "What has rung");
    const rung = await phone.executeScript<string>(
      "return document.querySelector('ol[aria-label=\"What has rung\"]').textContent",
    );
    expect(rung).toContain("Take it out, once looked through by hand");
  });
});
