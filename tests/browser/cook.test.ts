import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { By, Key, until, type WebDriver } from "selenium-webdriver";
import type { Driver as ChromeDriver } from "selenium-webdriver/chrome.js";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { checkRoastFile } from "../../core/formats/file";
import type { RoastReading } from "../../core/plan/roast";
import {
  field,
  fill,
  heldIn,
  newProfile,
  openBrowser,
  pageText,
  press,
  pressAt,
  refined,
  resize,
  STOVE,
  seeText,
  storedRows,
  turnedThereAndBack,
  typeTime,
  visit,
  WAIT_MS,
  wentInAgo,
} from "../helpers/browser";
import { type RunningServer, serve } from "../helpers/server";

/** How often the browser is killed; twenty times for the record: `BRUMA_KILLS=20 npm run browser`. */
const KILLS = Number(process.env.BRUMA_KILLS ?? 1);

let server: RunningServer;
let driver: WebDriver;
const profile = newProfile();
beforeAll(async () => {
  server = await serve(false);
  driver = await openBrowser(STOVE, profile);
});
afterAll(async () => {
  await driver?.quit().catch(() => undefined);
  server?.close();
});

/** Nothing while a page, or what it shows next, is on its way. */
const next = (): Promise<string> =>
  driver.executeScript("return document.querySelector('section[aria-label=\"Next\"]')?.innerText ?? ''");
const finish = async (): Promise<string> => /at (\d\d:\d\d), give or take/.exec(await next())?.[1] ?? "";

const DAY_MIN = 24 * 60;
const minutes = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
/** How much later one time of the clock is than another, minutes: over midnight too, the shorter way round. */
const laterBy = (one: string, other: string): number =>
  ((minutes(other) - minutes(one) + 1.5 * DAY_MIN) % DAY_MIN) - DAY_MIN / 2;

describe("the day itself, at the stove", () => {
  it("begins with one tap, from a plan that is due", async () => {
    await driver.get(server.url);
    await fill(driver, "Weight as bought", "5.8 kg");
    await press(driver, "Fresh");
    await press(driver, "Plan it");
    await seeText(driver, "Out, expected");
    await press(driver, "Cook");
    await seeText(driver, "Readings come from");
    await press(driver, "The bird is in the oven");
    await seeText(driver, "Take it out in");
    // Before what was expected can be computed: it is written down all the same, see the record below.
    await driver.navigate().refresh();
    await seeText(driver, "Take it out in", "simulated; a reading will narrow it");
  });

  it("has other ways to cook it to look at, and none to take, once it is in", async () => {
    const stove = await driver.getCurrentUrl();
    await visit(driver, stove.replace(/cook$/, "compare"));
    await seeText(driver, "Ways to cook this", "for comparing, and for the next one", "your plan");
    expect(await pageText(driver)).not.toContain("Take it");
    await visit(driver, stove);
    await seeText(driver, "Take it out in");
  });

  it("can be told that the bird went in an hour and a half ago, and that the oven was cold then", async () => {
    // The list says when the finish is as fine as it gets.
    await press(driver, "List");
    await seeText(driver, "Timetable");
    await refined(driver);
    await press(driver, "Cook");
    await driver.wait(async () => (await finish()) !== "", WAIT_MS, "no finish");
    /** Under the corrections, whose sheet hides what is next; closed again, the finish moves on to where it is looked for. */
    const corrected = async (what: string, atMs: number, isThere: (finish: string) => boolean): Promise<string> => {
      await press(driver, "Correct something");
      await typeTime(driver, what, atMs);
      await driver.actions().sendKeys(Key.ESCAPE).perform();
      let shown = "";
      await driver.wait(
        async () => {
          shown = await finish();
          return shown !== "" && isThere(shown);
        },
        WAIT_MS,
        `the plan did not follow "${what}"`,
      );
      return shown;
    };
    const before = await finish();
    const wentInMs = Date.now() - 90 * 60_000;
    const hot = await corrected("Went in at", wentInMs, (now) => laterBy(now, before) > 80);
    const at = new Date(wentInMs);
    await seeText(
      driver,
      `In since ${String(at.getHours()).padStart(2, "0")}:${String(at.getMinutes()).padStart(2, "0")}`,
    );
    await corrected("The oven was on at", wentInMs, (now) => laterBy(hot, now) > 4);
    // The finish that was hot may have been a coarse one still.
    await corrected("The oven was on at", wentInMs - 60 * 60_000, (now) => Math.abs(laterBy(hot, now)) <= 2);
  });

  it("tries what a change would do before anything was read, on the usual bird", async () => {
    await press(driver, "What if …");
    await seeText(driver, "As it is:", "Done: oven down", "later", "Simulated on the usual bird of its kind");
    await driver.actions().sendKeys(Key.ESCAPE).perform();
  });

  it("refits the model to typed readings: a cold bird moves the finish later, a warm one sooner", async () => {
    await driver.wait(async () => (await finish()) !== "", WAIT_MS);
    const note = async (breast: string, thigh: string): Promise<string> => {
      const before = await next();
      await fill(driver, "breast", breast);
      await fill(driver, "thigh", thigh);
      await press(driver, "Note the reading");
      await driver.wait(
        async () => {
          const now = await next();
          return (
            now.includes("refitted to your readings") &&
            !now.includes("…") &&
            now.split("\n").at(-1) !== before.split("\n").at(-1)
          );
        },
        WAIT_MS,
        "the forecast did not move",
      );
      return finish();
    };
    const planned = await finish();
    const late = await note("36", "42");
    expect(laterBy(planned, late)).toBeGreaterThan(0);
  });

  it("has the finish that its readings say on the plan and on the list too", async () => {
    const stove = await driver.getCurrentUrl();
    await driver.wait(async () => !/…/.test(await next()), WAIT_MS, "still being refitted");
    const said = await finish();
    await visit(driver, stove.replace(/cook$/, "plan"));
    await seeText(driver, "The bird is in.", "it went in then", "Out, by its readings");
    const seen = async (pattern: RegExp): Promise<string> => pattern.exec(await pageText(driver))?.[1] ?? "";
    // Until its plan is as fine as it gets, a minute more or less.
    const isSaid = (pattern: RegExp) => async () => Math.abs(laterBy(said, await seen(pattern))) <= 1;
    await driver.wait(isSaid(/Out, by its readings.*\s+(\d\d:\d\d)/), WAIT_MS, `the plan does not say ${said}`);
    await visit(driver, stove.replace(/cook$/, "list"));
    await seeText(driver, "Timetable");
    await driver.wait(isSaid(/(\d\d:\d\d)\s+Expected out/), WAIT_MS, `the list does not say ${said}`);
    await visit(driver, stove);
    await seeText(driver, "Take it out in");
  });

  it("asks about a reading that this bird cannot show, and sets it aside where it is kept all the same", async () => {
    const before = await finish();
    await fill(driver, "breast", "7");
    await press(driver, "Note the reading");
    await seeText(driver, "7 °C in the breast?", "was to be expected there now");
    expect(await driver.findElements(By.xpath('//button[contains(., "°F")]'))).toHaveLength(0);
    await press(driver, "Keep it all the same");
    await seeText(driver, "Readings: 3");
    await driver.wait(async () => (await finish()) !== "" && !(await next()).includes("…"), WAIT_MS);
    expect(Math.abs(laterBy(before, await finish()))).toBeLessThanOrEqual(3);
    await press(driver, "Readings: 3");
    await seeText(driver, "set aside");
    await pressAt(driver, 'button[aria-label^="Strike out: breast 7"]');
    await seeText(driver, "That reading does not count any more");
    await driver.actions().sendKeys(Key.ESCAPE).perform();
    await seeText(driver, "Readings: 2");
  });

  it("takes what a thermometer in the other unit showed for what it is, where that is what the bird shows", async () => {
    await fill(driver, "breast", "99");
    await press(driver, "Note the reading");
    await seeText(driver, "99 °C in the breast?");
    await press(driver, "It was 99 °F");
    await seeText(driver, "Readings: 3");
    await press(driver, "Readings: 3");
    await seeText(driver, "breast 37.2 °C");
    await pressAt(driver, 'button[aria-label^="Strike out: breast 37"]');
    await driver.actions().sendKeys(Key.ESCAPE).perform();
    await seeText(driver, "Readings: 2");
  });

  it("puts a reading right by a tap on its dot", async () => {
    const dot = await driver.wait(until.elementLocated(By.css("figure svg circle[r='2.2']")), WAIT_MS);
    await driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", dot);
    await driver.actions().move({ origin: dot }).click().perform();
    await seeText(driver, "What this dot stands for");
    await pressAt(driver, 'button[aria-label^="Put right:"]');
    const value = await field(driver, "What it really showed");
    await value.sendKeys(Key.chord(Key.CONTROL, "a"), "38", Key.ENTER);
    await seeText(driver, "The reading was put right");
    await seeText(driver, "Readings: 2");
  });

  it("keeps what is typed while the reading before it is being stored", async () => {
    await driver.executeScript(
      `const [breast, thigh] = document.querySelectorAll('form[aria-label="A reading"] input');
       const type = (field, text) => {
         Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, text);
         field.dispatchEvent(new Event("input", { bubbles: true }));
       };
       type(breast, "38");
       setTimeout(() => {
         breast.form.requestSubmit();
         type(thigh, "44");
       });`,
    );
    await seeText(driver, "Readings: 3");
    await driver.wait(
      async () => (await heldIn(driver, "breast")) === "",
      WAIT_MS,
      "what was stored stands there still",
    );
    expect(await heldIn(driver, "thigh")).toBe("44");
    await fill(driver, "thigh", Key.BACK_SPACE);
    await press(driver, "Readings: 3");
    await pressAt(driver, 'button[aria-label^="Strike out: breast 38"]');
    await driver.actions().sendKeys(Key.ESCAPE).perform();
    await seeText(driver, "Readings: 2");
  });

  it("keeps what was typed where it cannot be stored, and stays as wide as the phone when that is turned", async () => {
    await driver.executeScript(
      "window.kept = IDBObjectStore.prototype.add; IDBObjectStore.prototype.add = () => { throw new DOMException('the disk is full', 'QuotaExceededError'); };",
    );
    const breast = await field(driver, "breast");
    await breast.sendKeys("38");
    await press(driver, "Note the reading");
    await seeText(driver, "Not stored, and still here");
    expect(await breast.getAttribute("value")).toBe("38");
    await driver.executeScript("IDBObjectStore.prototype.add = window.kept;");
    await breast.sendKeys(Key.chord(Key.CONTROL, "a"), Key.DELETE);
    await turnedThereAndBack(driver, "Breast");
  });

  it("has the temperatures beside the next action on a phone that lies on its side, and its main act under that", async () => {
    await resize(driver, { width: STOVE.height, height: STOVE.width });
    await seeText(driver, "Breast");
    const [next, act, temperatures] = await driver.executeScript<Record<"left" | "top" | "right" | "bottom", number>[]>(
      `scrollTo(0, 0);
       return ['section[aria-label="Next"]', "[data-main-act]", "[data-temperatures]"]
         .map((css) => document.querySelector(css).getBoundingClientRect().toJSON());`,
    );
    expect(temperatures?.top).toBe(next?.top);
    expect(temperatures?.left).toBeGreaterThan(next?.right ?? 0);
    expect(act?.top).toBeGreaterThan(next?.bottom ?? 0);
    expect(act?.right).toBeLessThan(temperatures?.left ?? 0);
    // And a month that is opened over it has all its days within reach.
    await wentInAgo(driver, 91);
    await pressAt(driver, 'button[aria-label="Close"]');
    await resize(driver, STOVE);
  });

  it("refuses a reading no thermometer shows and keeps what was typed", async () => {
    const breast = await field(driver, "breast");
    await breast.sendKeys("740");
    await press(driver, "Note the reading");
    await seeText(driver, "breast reading: got 740 °C, allowed is -40 to 330 °C");
    expect(await breast.getAttribute("value")).toBe("740");
    await breast.sendKeys(Key.chord(Key.CONTROL, "a"), Key.DELETE);
  });

  it("keeps what was typed and not noted where its page is left or loaded anew, and notes it as read when it was typed", async () => {
    await fill(driver, "breast", "38");
    await press(driver, "List");
    await seeText(driver, "Timetable");
    await press(driver, "Cook");
    await driver.wait(async () => (await heldIn(driver, "breast")) === "38", WAIT_MS, "what was typed is gone");
    const typedMs = Date.now() - 4 * 60_000;
    await driver.executeScript(
      `for (const [key, typed] of Object.entries(sessionStorage)) {
         if (!key.startsWith("bruma-typed")) continue;
         const { breast } = JSON.parse(typed);
         sessionStorage.setItem(key, JSON.stringify({ breast: { ...breast, at: arguments[0] } }));
       }`,
      new Date(typedMs).toISOString(),
    );
    await driver.navigate().refresh();
    await seeText(driver, "and noted as read then");
    await press(driver, "Note the reading");
    await seeText(driver, "Readings: 3");
    const rows = await storedRows<RoastReading>(driver, "readings");
    expect(rows.map(({ at }) => Date.parse(at))).toContain(typedMs);
    expect(await heldIn(driver, "breast")).toBe("");
    await press(driver, "Readings: 3");
    await pressAt(driver, 'button[aria-label^="Strike out: breast 38"]');
    await driver.actions().sendKeys(Key.ESCAPE).perform();
    await seeText(driver, "Readings: 2");
  });

  it(
    "loses no reading that was acknowledged when the browser is killed, and goes on at the right minute",
    async () => {
      // Two probes that post once a second; what has been answered is on the server's disk.
      let acknowledged = 0;
      const probes = setInterval(async () => {
        const at = new Date().toISOString();
        const lines = (["left breast", "left thigh"] as const).map((probe) => ({ at, probe, celsius: 41 }));
        const response = await fetch(`${server.url}/api/readings`, { method: "POST", body: JSON.stringify(lines) });
        if (response.ok) acknowledged += lines.length;
      }, 1000);
      try {
        await press(driver, "Correct something");
        await press(driver, "probes that post to Bruma");
        await driver.actions().sendKeys(Key.ESCAPE).perform();
        await seeText(driver, "read just now");
        const stored = async (): Promise<{ n: number; lastMs: number }> => {
          const rows = await storedRows<RoastReading>(driver, "readings");
          const posted = rows.filter(({ source }) => source === "bridge");
          return { n: posted.length, lastMs: Math.max(...posted.map(({ at }) => Date.parse(at))) };
        };
        const roastUrl = await driver.getCurrentUrl();
        for (let kill = 0; kill < KILLS; kill++) {
          const pid = browserPid();
          // Killed at a moment when the newest stored reading is under a second and a half old: that one must be there afterwards.
          let seen = await stored();
          await driver.wait(
            async () => {
              seen = await stored();
              return Date.now() - seen.lastMs < 1500;
            },
            WAIT_MS,
            "no fresh reading was stored",
            50,
          );
          process.kill(pid, "SIGKILL");
          await driver.quit().catch(() => undefined);
          for (const lock of readdirSync(profile).filter((name) => name.startsWith("Singleton"))) {
            rmSync(join(profile, lock));
          }
          driver = await openBrowser(STOVE, profile);
          // A file of the same address: what is stored is seen before the app runs again.
          await driver.get(`${server.url}/favicon.svg`);
          const after = await stored();
          expect(after.n).toBeGreaterThanOrEqual(seen.n);
          expect(after.lastMs).toBeGreaterThanOrEqual(seen.lastMs);
          const due = acknowledged;
          await driver.get(roastUrl);
          await seeText(driver, "Take it out in", "In since");
          await driver.wait(async () => (await next()).includes("refitted to your readings"), WAIT_MS);
          // What came while the browser was dead is asked for from the bridge; nothing of it is kept twice.
          await driver.wait(
            async () => (await stored()).n >= due,
            WAIT_MS,
            "readings that were acknowledged are missing",
          );
          expect((await stored()).n).toBeLessThanOrEqual(acknowledged);
        }
      } finally {
        clearInterval(probes);
      }
    },
    60_000 * KILLS,
  );

  it("is pulled, rested and carved, and stands in the list with predicted against actual", async () => {
    await press(driver, "It is out of the oven");
    await seeText(driver, "Leave the probe in until");
    await fill(driver, "left breast", "74.5");
    await fill(driver, "left thigh", "80");
    await press(driver, "Note the reading");
    // One side is one side.
    await seeText(driver, "not read; 74 °C wanted");
    await fill(driver, "right breast", "75");
    await fill(driver, "right thigh", "79");
    await press(driver, "Note the reading");
    await seeText(driver, "It has shown 74 °C at every centre");
    await press(driver, "Carving now");
    await driver.wait(until.urlContains("/carve"), WAIT_MS);
    await driver.navigate().back();
    await seeText(driver, "Leftovers into the fridge", "predicted");
  });

  it("cools and keeps what is left, simulated for its tray", async () => {
    const cook = await driver.getCurrentUrl();
    await press(driver, "How deep its tray");
    await seeText(driver, "Leftovers into the fridge by", ", in 1:5", "Cold in time", "Heated again");
    await pressAt(driver, 'button[role="switch"]');
    await seeText(driver, ", in 5");
    await press(driver, "heaped");
    await press(driver, "Most of it");
    await press(driver, "covered at once");
    await seeText(driver, "Too slow");
    await pressAt(driver, 'nav a[href$="/cook"]');
    await driver.wait(until.urlIs(cook), WAIT_MS);
    await press(driver, "Roasts");
    await seeText(driver, "In the kitchen now", "Next: Leftovers into the fridge, by ");
    await driver.navigate().back();
    await press(driver, "They are in the fridge");
    await seeText(driver, "To the table");
  });

  it("is closed with how it was, what to change and a picture, and stands in the list so", async () => {
    await press(driver, "How it was, and the record");
    await press(driver, "Very good");
    const notes = await driver.wait(until.elementLocated(By.css("textarea")), WAIT_MS);
    await notes.sendKeys("Ten minutes less next time.");
    // One red pixel.
    const picture = join(mkdtempSync(join(tmpdir(), "bruma-picture-")), "bird.png");
    const pixel = "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8DwHwAFBQIAX8jx0gAAAABJRU5ErkJggg==";
    writeFileSync(picture, Buffer.from(pixel, "base64"));
    const picker = await driver.findElement(By.css('input[aria-label="A picture"]'));
    const bad = join(mkdtempSync(join(tmpdir(), "bruma-picture-")), "bird.txt");
    writeFileSync(bad, "no picture");
    await picker.sendKeys(bad);
    await seeText(driver, "bird.txt is no picture this browser can read");
    await picker.sendKeys(picture);
    await driver.wait(until.elementLocated(By.css('img[alt^="Taken"]')), WAIT_MS);
    await press(driver, "Close the record");
    await seeText(driver, "Closed ");
    await press(driver, "Open the record again");
    await seeText(driver, "Open it?");
    await press(driver, "No, leave it closed");
    await press(driver, "Roasts");
    await seeText(driver, "Done: predicted against actual", "than predicted", "Very good. Ten minutes less next time.");
  });

  it("goes out to a file and in again; a bad file is refused with what is wrong and where", async () => {
    const folder = mkdtempSync(join(tmpdir(), "bruma-out-"));
    await (driver as ChromeDriver).sendDevToolsCommand("Browser.setDownloadBehavior", {
      behavior: "allow",
      downloadPath: folder,
    });
    await visit(driver, `${server.url}/kitchen`);
    await press(driver, "Write everything to a file");
    const written = (): string | undefined => readdirSync(folder).find((name) => name.endsWith(".json"));
    await driver.wait(() => written() !== undefined, WAIT_MS, "no file was written");
    const text = readFileSync(join(folder, written() as string), "utf8");
    const checked = checkRoastFile(text);
    expect(checked.valid && checked.file.roasts).toHaveLength(1);

    const bad = join(folder, "bad.txt");
    writeFileSync(bad, text.replace('"massKg":5.8', '"massKg":580'));
    const picker = await driver.wait(until.elementLocated(By.css('input[type="file"]')), WAIT_MS);
    await picker.sendKeys(bad);
    await seeText(driver, "bad.txt was refused; nothing stored has changed", "roasts.0.roast.plan.bird.massKg");
    await picker.sendKeys(join(folder, written() as string));
    await seeText(driver, "Roasts: 1 the same as here");
    await press(driver, "Leave everything as it is");
    const other = join(folder, "other.txt");
    writeFileSync(other, text.replace(/"title":"[^"]*"/, '"title":"Another name"'));
    await picker.sendKeys(other);
    await seeText(driver, "1 where file and device each have something of their own");
    await press(driver, "Leave everything as it is");
    const another = join(folder, "another.txt");
    writeFileSync(another, text.replace(/"id":"[^"]*"/, '"id":"another"'));
    await picker.sendKeys(another);
    await seeText(driver, "Roasts: 1 not here yet");
    await press(driver, "Take in 1 roast");
    await seeText(driver, "1 roast taken in from another.txt.");
  });

  it("lists all others when a stored one is damaged, which can be written out and deleted", async () => {
    await visit(driver, `${server.url}/`);
    await seeText(driver, "Done: predicted against actual");
    await driver.executeAsyncScript(`
      const done = arguments[0];
      const opened = indexedDB.open("bruma");
      opened.onsuccess = () => {
        const change = opened.result.transaction("roasts", "readwrite");
        change.objectStore("roasts").put({ id: "damaged", title: "A lost dinner", plan: { bird: 7 } });
        change.oncomplete = () => { opened.result.close(); done(); };
      };`);
    await driver.get(`${server.url}/`);
    await seeText(driver, "A lost dinner", "cannot be shown", "Done: predicted against actual");
    for (const screen of ["plan", "list", "cook"]) {
      await visit(driver, `${server.url}/roast/damaged/${screen}`);
      await seeText(driver, "A lost dinner", "cannot be shown");
    }
    await press(driver, "Delete it");
    await press(driver, "Delete it for good");
    await seeText(driver, "There is no roast at this address");
  });
});

/** The browser process of this test's own profile. */
function browserPid(): number {
  const lines = execFileSync("ps", ["-eo", "pid,args"], { encoding: "utf8" }).split("\n");
  const own = lines.find(
    (line) =>
      line.includes(`--user-data-dir=${profile}`) &&
      !line.includes("--type=") &&
      line.includes("chromium") &&
      !line.includes("chromedriver"),
  );
  return Number(own?.trim().split(/\s+/)[0]);
}
