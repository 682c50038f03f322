/** The log: what came of the demo's roasts, found again, renamed, deleted and put back, cooked once more. */
import { Key, until, type WebDriver } from "selenium-webdriver";
import { beforeAll, describe, expect, it } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { startApp } from "../helpers/app";
import {
  fitsTheScreen,
  OVER,
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
} from "../helpers/browser";
import { offOf } from "../helpers/demoPast";
import type { RunningServer } from "../helpers/server";

let driver: WebDriver;
let server: RunningServer;
beforeAll(async () => {
  const app = await startApp({ demo: "past" });
  ({ server, driver } = app);
  return app.end;
});

const titles = (): Promise<string[]> =>
  driver.executeScript("return [...document.querySelectorAll('tbody a')].map((link) => link.innerText)");
const shows = (expected: readonly string[]): Promise<boolean> =>
  driver.wait(async () => JSON.stringify(await titles()) === JSON.stringify(expected), WAIT_MS, `not: ${expected}`);

const LATE = "Wet-brined turkey that came late";
const DUCK = "Duck in the fan oven";
const PARTS = "Winter chicken in parts";
const OLDER = [
  "Keepers' supper",
  "Chicken for the lamp trimmers",
  "Spatchcocked for the boat crew",
  "Crown for four",
  "Smoked on the slip",
];

describe("the log", () => {
  it("has every roast that came out, the newest first, and says how far to believe it", async () => {
    await driver.get(server.url);
    await seeText(driver, PARTS);
    await press(driver, "Log");
    await shows([LATE, DUCK, PARTS, ...OLDER]);
    await seeText(driver, "8 of 8 came out inside their give or take");
    await see(driver, 'svg[role="img"][aria-label^="8 of 8"]');
    await seeText(driver, offOf("demo-late"));
  });

  it("is sorted by what is pressed, and finds by word, bird and heat", async () => {
    await press(driver, "Out against predicted");
    await driver.wait(async () => {
      const [first, second] = await titles();
      return first === LATE && second === "Smoked on the slip";
    }, WAIT_MS);
    await pressAt(driver, "th:nth-of-type(3) button");
    await driver.wait(async () => (await titles())[0] === OLDER[1], WAIT_MS);
    await (await see(driver, 'input[type="search"]')).sendKeys("cups of fat");
    await shows([DUCK]);
    await (await see(driver, 'input[type="search"]')).sendKeys(OVER, Key.DELETE);
    await (await see(driver, 'select[aria-label="Bird"]')).sendKeys("Chicken");
    await driver.wait(async () => (await titles()).length === 2, WAIT_MS);
    await (await see(driver, 'select[aria-label="Heat"]')).sendKeys("Smoker");
    await seeText(driver, "None of them is like that.");
    await driver.navigate().refresh();
    await shows([LATE, DUCK, PARTS, ...OLDER]);
  });

  it("holds two that are ticked against one another", async () => {
    await pressAt(driver, `input[aria-label="Hold ${LATE} against another"]`);
    await pressAt(driver, `input[aria-label="Hold ${DUCK} against another"]`);
    const both = await see(driver, 'section[aria-label="Side by side"]');
    const said = await both.getText();
    for (const words of ["Fan oven, steady", offOf("demo-late"), offOf("demo-duck"), "≠", "6.4 kg", "2.4 kg"])
      expect(said).toContain(words);
    await pressAt(driver, `input[aria-label="Hold ${DUCK} against another"]`);
    await seeText(driver, "Tick two to see them side by side");
  });

  it("renames one", async () => {
    await press(driver, `Rename ${DUCK}`);
    const name = await see(driver, 'input[aria-label="Name of this roast"]');
    await name.sendKeys(OVER, "Duck for the lamp room", Key.ENTER);
    await shows([LATE, "Duck for the lamp room", PARTS, ...OLDER]);
  });

  it("deletes one, keeps it for a week, and gives it back with its readings", async () => {
    const before = (await storedRows(driver, "readings", "bruma-demo")).length;
    await press(driver, `Delete ${LATE}`);
    await shows(["Duck for the lamp room", PARTS, ...OLDER]);
    await seeText(driver, "for 7 more days");
    await driver.navigate().refresh();
    await press(driver, `Put it back: ${LATE}`);
    await shows([LATE, "Duck for the lamp room", PARTS, ...OLDER]);
    expect((await storedRows(driver, "readings", "bruma-demo")).length).toBeGreaterThanOrEqual(before);
  });

  it("archives one, out of the way and not gone, and duplicates another", async () => {
    await press(driver, `Archive ${PARTS}`);
    await shows([LATE, "Duck for the lamp room", ...OLDER]);
    await pressAt(driver, 'button[role="switch"]');
    await shows([PARTS]);
    await press(driver, `Take ${PARTS} out of the archive`);
    await seeText(driver, "is in the log again");
    await shows([LATE, "Duck for the lamp room", PARTS, ...OLDER]);
    await press(driver, `Duplicate ${PARTS}`);
    await seeText(driver, `${PARTS} (copy)`);
    await press(driver, `Delete ${PARTS} (copy)`);
    await shows([LATE, "Duck for the lamp room", PARTS, ...OLDER]);
  });

  it("cooks one again: the same way a week from now, with what was noted", async () => {
    await press(driver, `Cook this again: ${LATE}`);
    await seeText(driver, "Out, expected");
    const id = /roast\/([^/]+)\/plan/.exec(await driver.getCurrentUrl())?.[1];
    const roasts = await storedRows<Roast>(driver, "roasts", "bruma-demo");
    const made = roasts.find((roast) => roast.id === id);
    const late = roasts.find(({ title }) => title === LATE);
    expect(made).toMatchObject({
      happened: {},
      dinner: id,
      plan: { method: late?.plan.method, bird: late?.plan.bird },
    });
    expect(made?.notes).toContain("believe the thermometer at two hours");
    expect(Date.parse(made?.plan.serveAt ?? "")).toBeGreaterThan(Date.now());
  });

  it("is walked on a phone by keys alone: renamed, deleted and had back, cooked again", async () => {
    await resize(driver, STOVE);
    await visit(driver, `${server.url}/log`);
    await seeText(driver, PARTS);
    const onKey = async (label: string, key: string): Promise<void> => {
      const button = await see(driver, `button[aria-label="${label}"]`);
      await driver.executeScript("arguments[0].focus()", button);
      await button.sendKeys(key);
    };
    await onKey(`Rename ${PARTS}`, Key.ENTER);
    const name = await see(driver, 'input[aria-label="Name of this roast"]');
    await name.sendKeys(OVER, "Chicken in parts", Key.ENTER);
    await onKey("Delete Chicken in parts", Key.SPACE);
    // A copy lies in the bin too.
    await press(driver, "Put it back: Chicken in parts");
    await see(driver, 'button[aria-label="Delete Chicken in parts"]');
    await fitsTheScreen(driver, "the log on a phone");
    await onKey("Cook this again: Chicken in parts", Key.ENTER);
    await driver.wait(until.urlContains("/plan"), WAIT_MS);
    await resize(driver, TABLE);
  });
});
