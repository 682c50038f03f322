/** A phone in the home network: paired by the code on the laptop's screen, by the picture of dots, and let go again. */
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { Pairing } from "../../server/pairing";
import { fill, openBrowser, pageText, press, STOVE, see, seeText, TABLE, WAIT_MS } from "../helpers/browser";
import { type RunningServer, serve } from "../helpers/server";

describe("a phone in the home network", () => {
  const pairing = new Pairing(join(mkdtempSync(join(tmpdir(), "bruma-pairing-")), "devices.json"));
  let server: RunningServer;
  let laptop: WebDriver;
  let phone: WebDriver;
  beforeAll(async () => {
    server = await serve(false, { pairing });
    [laptop, phone] = await Promise.all([openBrowser(TABLE), openBrowser(STOVE)]);
    // To the server it comes from another machine.
    const devTools = phone as ChromeDriver;
    await devTools.sendDevToolsCommand("Network.enable", {});
    await devTools.sendDevToolsCommand("Network.setExtraHTTPHeaders", {
      headers: { "X-Forwarded-For": "192.168.1.7" },
    });
  });
  afterAll(async () => {
    await Promise.all([laptop?.quit(), phone?.quit()]);
    server?.close();
  });

  it("is asked for the code, told when it is wrong, and let in with the one on the laptop's screen", async () => {
    await laptop.get(`${server.url}/kitchen`);
    await seeText(laptop, "Paired devices", "No other device is paired");
    await press(laptop, "Pair another device");
    const shownCode = async (): Promise<string> => {
      const text = await pageText(laptop);
      return /\b(\d{6})\b/.exec(text)?.[1] ?? "";
    };
    await laptop.wait(async () => (await shownCode()) !== "", WAIT_MS, "no code is shown");
    await phone.get(`${server.url}/`);
    const asked = "Pairing code, as it stands on the screen of the machine that runs Bruma";
    await fill(phone, asked, "12");
    await press(phone, "Pair this device");
    await seeText(phone, "a pairing code has six figures");
    await fill(phone, asked, await shownCode());
    await press(phone, "Pair this device");
    await phone.wait(async () => !(await pageText(phone)).includes("Pairing code"), WAIT_MS, "the phone is not let in");
    expect(await phone.executeScript("return document.cookie")).toBe("");
    await press(laptop, "Done");
    await seeText(laptop, "paired");
    expect(pairing.devices()).toHaveLength(1);
  });

  it("is shut out once it is removed on the laptop, and let in by the picture of dots", async () => {
    await press(laptop, "Remove it");
    await seeText(laptop, "No other device is paired");
    await phone.get(`${server.url}/`);
    await seeText(phone, "Pairing code, as it stands on the screen");
    const offer = pairing.offer();
    if (offer.kind !== "codes") throw new Error("no code is offered");
    await phone.get(`${server.url}/pair#${offer.long}`);
    await seeText(phone, "Start a roast");
    expect(await phone.getCurrentUrl()).toBe(`${server.url}/`);
    expect(await phone.findElements(By.css("form input[autocomplete='one-time-code']"))).toEqual([]);
    expect(pairing.devices()).toHaveLength(1);
    await see(phone, "main");
  });
});
