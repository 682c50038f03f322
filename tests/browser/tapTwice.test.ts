/** A thumb that taps twice, as a wet one does where a phone takes its time: what comes under it meanwhile is not meant. */
import type { WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import {
  button,
  fill,
  heldIn,
  pageText,
  pickMoment,
  press,
  pressAt,
  resize,
  STOVE,
  see,
  seeText,
  storedRows,
  TABLE,
  visit,
  WAIT_MS,
  whileStoring,
} from "../helpers/browser";
import type { RunningServer } from "../helpers/server";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp({ size: STOVE });
  ({ server, driver } = app);
  return app.end;
});

const roasts = (): Promise<readonly Roast[]> => storedRows<Roast>(driver, "roasts");

/**
 * Twice at one place, a fifth of a second apart, as a tap is doubled by mistake; again where the page moved under it.
 * @returns how far apart the page heard them: on a busy machine that may be longer
 */
async function twice(words: string): Promise<string> {
  const isHit = async (): Promise<boolean> => {
    const there = await button(driver, words);
    await driver.executeScript(
      `window.isHit = false;
       window.heardMs = [];
       window.hears ??= addEventListener("pointerdown", ({ timeStamp }) => heardMs.push(timeStamp), { capture: true }) ?? true;
       const isIt = (each) => each?.textContent.includes(arguments[0]) || each?.ariaLabel === arguments[0];
       addEventListener("click", ({ target }) => { window.isHit ||= isIt(target.closest("button")); }, { capture: true, once: true });`,
      words,
    );
    await driver.actions().move({ origin: there }).click().pause(200).click().perform();
    return driver.executeScript<boolean>("return window.isHit");
  };
  await driver.wait(isHit, WAIT_MS, `never hit: ${words}`);
  return driver.executeScript<string>("return 'taps at ' + heardMs.map(Math.round) + ' ms'");
}

describe("tapped twice", () => {
  it("a roast is started once", async () => {
    await visit(driver, server.url);
    await press(driver, "Chicken");
    await fill(driver, "Weight as bought", "1.8 kg");
    await twice("Plan it");
    await seeText(driver, "Out, expected");
    expect(await roasts()).toHaveLength(1);
  });

  it("a bird that went in is not out as well", async () => {
    await pressAt(driver, 'nav a[href$="/cook"]');
    const taps = await twice("The bird is in the oven");
    await see(driver, 'form[aria-label="A reading"]');
    await seeText(driver, "It is out of the oven");
    expect((await roasts())[0]?.happened).toMatchObject({ inAt: expect.any(String) });
    expect((await roasts())[0]?.happened.pulledAt, taps).toBeUndefined();
  });

  it("a reading that is noted again while a slow phone stores it is one", async () => {
    await fill(driver, "breast", "7");
    await whileStoring(driver, "readings", "bruma", async () => {
      await press(driver, "Note the reading");
      await press(driver, "Note the reading");
    });
    await driver.wait(async () => (await storedRows(driver, "readings")).length > 0, WAIT_MS);
    await driver.wait(async () => (await heldIn(driver, "breast")) === "", WAIT_MS);
    expect(await storedRows(driver, "readings")).toHaveLength(1);
    await fill(driver, "thigh", "7");
    await twice("Note the reading");
    await driver.wait(async () => (await storedRows(driver, "readings")).length === 2, WAIT_MS);
    expect(await pageText(driver)).not.toContain("Type at least one temperature");
  });

  it("one that came out is not carved as well, and its record is cooked again once", async () => {
    await twice("It is out of the oven");
    await seeText(driver, "Carving now");
    expect((await roasts())[0]?.happened.carvedAt).toBeUndefined();
    // A slow phone has it stored only once its cook has gone on by another way, and does not fetch him back.
    const log = `${server.url}/log`;
    await whileStoring(driver, "roasts", "bruma", async () => {
      await press(driver, "Carving now");
      await visit(driver, log);
    });
    await driver.wait(async () => (await roasts())[0]?.happened.carvedAt !== undefined, WAIT_MS);
    await button(driver, "Cook this again");
    expect(await driver.getCurrentUrl()).toBe(log);
    await twice("Cook this again");
    await seeText(driver, "Out, expected");
    expect(await roasts()).toHaveLength(2);
  });

  it("what is worked out while a bird is late does not come under the hand", async () => {
    await resize(driver, TABLE);
    await visit(driver, server.url);
    await fill(driver, "Weight as bought", "5 kg");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
    await pressAt(driver, 'button[role="tab"][id*="table"]');
    await pickMoment(driver, "On the table", Date.now() + 40 * 60_000);
    // Where the main act stands, at every change of the page, once it is known that the bird is late.
    await driver.executeScript(`
      window.tops = new Set();
      new MutationObserver(() => {
        const act = document.querySelector("[data-main-act]");
        if (act && document.body.innerText.includes("It should have been on at")) {
          window.tops.add(Math.round(act.getBoundingClientRect().top + scrollY));
        }
      }).observe(document.body, { childList: true, subtree: true, characterData: true });`);
    await pressAt(driver, 'nav a[href$="/cook"]');
    await seeText(driver, "Spatchcocked and hot: dinner at", "In parts and hot: dinner at");
    expect(await driver.executeScript<number>("return window.tops.size")).toBe(1);
    await resize(driver, STOVE);
  });

  it("what is meant twice is heard twice", async () => {
    await visit(driver, `${server.url}/kitchen`);
    const ofThem = await see(driver, 'output[aria-label="Rings"]');
    const before = Number(await ofThem.getText());
    await twice("More: Rings");
    await driver.wait(async () => Number(await ofThem.getText()) === before + 2, WAIT_MS);
  });
});
