/** Three ways of cooking, each along its evening: from the start form over plan and list to the record. */
import { Key, type WebDriver } from "selenium-webdriver";
import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { FILE_FORMAT, type RoastFile } from "../../core/formats/file";
import { FILE_VERSION } from "../../core/formats/migrations";
import type { Roast } from "../../core/plan/roast";
import { alone } from "../../core/plan/together";
import { usualPlan } from "../../core/plan/usualPlan";
import { startApp } from "../helpers/app";
import {
  fill,
  pageText,
  pickMoment,
  press,
  pressAt,
  see,
  seeText,
  storedRows,
  typeTime,
  visit,
  WAIT_MS,
  wentInAgo,
  whileStoring,
} from "../helpers/browser";
import { plannedDone } from "../helpers/plannedDone";
import type { RunningServer } from "../helpers/server";
import { takeIn } from "../helpers/takeIn";
import "../helpers/withKernel";

let server: RunningServer;
let driver: WebDriver;
beforeAll(async () => {
  const app = await startApp();
  ({ server, driver } = app);
  return app.end;
});
beforeEach(() => visit(driver, server.url));

const tab = async (id: string): Promise<void> => pressAt(driver, `button[role="tab"][id*="${id}"]`);
const toPage = (page: string): Promise<void> => pressAt(driver, `nav a[href$="/${page}"]`);

/** Says that the bird went in so long ago. */
async function inAgo(minutes: number): Promise<void> {
  await press(driver, "The bird is in the oven");
  await wentInAgo(driver, minutes);
  await pressAt(driver, '[role="dialog"] button[aria-label="Close"]');
}

async function start(words: readonly string[], weight: string): Promise<void> {
  for (const word of words) await press(driver, word);
  await fill(driver, "Weight as bought", weight);
  await press(driver, "Plan it");
  await seeText(driver, "Out, expected");
}

describe("a heat that is changed by colour", () => {
  it("says in the list what to look for, asks at the stove, and takes the cook's yes", async () => {
    await start(["Chicken", "Fresh", "Hot start"], "2 kg");
    await tab("heat");
    await pressAt(driver, '[role="tabpanel"]:not([hidden]) > div:nth-of-type(4) summary');
    await press(driver, "Its colour");
    await toPage("list");
    await seeText(driver, "when it is first gold; expected about this time");
    await toPage("cook");
    await inAgo(45);
    await seeText(driver, "Look: once it is first gold, heat to 160");
    await pressAt(driver, 'button[aria-label^="Done: Look: once it is first gold"]');
    const [roast] = await storedRows<{ happened: { stagesDone?: number } }>(driver, "roasts");
    expect(roast?.happened.stagesDone).toBe(1);
  });
});

describe("a heat that is changed by the thermometer", () => {
  it("is asked for when its sign should be there and nobody has read it; a reading short of it answers", async () => {
    await start(["Chicken", "Fresh", "Shielded"], "2 kg");
    await toPage("cook");
    await inAgo(100);
    await pressAt(driver, 'button[aria-label^="Done in time: Heat to 160 °C"]');
    await seeText(driver, "Read it: once the breast shows 60 °C, foil off", "done?", "Nobody has read it");
    await (await see(driver, 'form[aria-label="A reading"] input')).sendKeys("48", Key.ENTER);
    await seeText(driver, "Take it out in");
    const isAsked = async () => (await pageText(driver)).includes("Read it: once");
    await driver.wait(async () => !(await isAsked()), WAIT_MS, "it is still asked for");
  });
});

describe("a bird that is moved", () => {
  it("is smoked first and roasted in the oven: on at its time, in the timetable and at the stove", async () => {
    await start(["Chicken", "Fresh", "Hot start"], "2 kg");
    await tab("heat");
    await press(driver, "Smoker");
    await pressAt(driver, '[role="tabpanel"]:not([hidden]) > div:nth-of-type(4) summary');
    await pressAt(driver, 'details label:has(input[type="radio"][value="oven"])');
    await seeText(driver, "moved into the oven");
    await toPage("list");
    await seeText(driver, "Light", "briquettes", "Oven on at 160 °C", "Move it into the oven, at 160 °C");
    await toPage("cook");
    await press(driver, "The bird is on the heat");
    await wentInAgo(driver, 30);
    await pressAt(driver, '[role="dialog"] button[aria-label="Close"]');
    // Late, and not only still to come: until then the oven is what is to be done.
    await seeText(driver, "Move it into the oven, at 160 °C", "The plan wanted it by now");
    // It was moved in time, and is told late.
    await pressAt(driver, 'button[aria-label^="Done in time: "]');
    await seeText(driver, "It is out of the oven");
    const moved = (await storedRows<Pick<Roast, "plan" | "happened">>(driver, "roasts")).filter(({ plan }) =>
      plan.stages.some(({ movedTo }) => movedTo === "oven"),
    );
    expect(moved.map(({ plan, happened }) => [plan.stages[1]?.fromMin, happened.stagesDone])).toEqual([[20, 1]]);
  });
});

describe("a stuffed bird", () => {
  it("shows every cut across it, the one through its stuffing too", async () => {
    await start(["Chicken", "Fresh", "Steady"], "2 kg");
    await tab("skin");
    await press(driver, "Stuffed");
    for (const cut of ["A, across the breast", "B, across the thigh", "C, across the stuffing"]) {
      const high = `return document.querySelector('svg[aria-label="Cut ${cut}"]')?.getBoundingClientRect().height > 60`;
      await driver.wait(() => driver.executeScript(high), WAIT_MS, `nothing is seen of cut ${cut}`);
    }
  });
});

describe("a bird that is carved the day before", () => {
  it("goes into the fridge, is kept until its dinner, and is hot and at the table when that is said", async () => {
    await start(["Chicken", "Fresh", "Spatchcocked", "Hot"], "1.2 kg");
    await tab("table");
    await press(driver, "The day before");
    await seeText(driver, "Chilled");
    await toPage("cook");
    await inAgo(60);
    await press(driver, "It is out of the oven");
    await press(driver, "Carving now");
    await press(driver, "Into the fridge, and hot again: at the stove");
    await seeText(driver, "Into shallow trays, into the fridge", "The carved meat, covered: start");
    await press(driver, "It is in the fridge");
    await seeText(driver, "Oven on at 190 °C", "hot for: The carved meat, covered");
    await press(driver, "Roasts");
    await seeText(driver, "In the kitchen now", ", carved ", "Next: Oven on at 190 °C");
    await driver.navigate().back();
    await press(driver, "It is on the table");
    await seeText(driver, "hot twice, it is not heated again");
    await press(driver, "Not at the table yet");
    await seeText(driver, "The carved meat, covered: start");
  });
});

describe("a roast that is eaten cold", () => {
  it("is heated by nobody, and has no gravy for the asking", async () => {
    await start(["Chicken", "Fresh", "Steady"], "1.6 kg");
    await tab("table");
    await press(driver, "The day before");
    await press(driver, "Eaten cold");
    await seeText(driver, "out of the fridge shortly before it is eaten", "A hot gravy is made for it all the same");
    await press(driver, "No gravy");
    await toPage("list");
    await seeText(driver, "The cold meat out of the fridge", "out once more, it is eaten soon");
    expect(await pageText(driver)).not.toMatch(/covered: start|gravy|hot twice/i);
  });
});

describe("a dozen boned breasts", () => {
  it("lie in rows on two trays, are browned in a pan as hot as its cook has it, and are told as a dozen", async () => {
    await start(["Duck", "Boneless breast", "Fresh", "Steady"], "0.35 kg");
    await tab("bird");
    for (let n = 1; n < 12; n++) await press(driver, "More: Pieces like this, side by side");
    await seeText(driver, "12 boneless breasts of duck");
    await tab("heat");
    await pressAt(driver, '[role="tabpanel"] button[role="switch"]');
    await fill(driver, "The pan at", `180 C${Key.ENTER}`);
    await toPage("list");
    await seeText(driver, "12 of 350 g", "All 12 breasts into the oven", "in a pan of about 180 °C; then all together");
  });
});

describe("a roast by time alone", () => {
  it("is out when its time is up, whatever is expected, with a word of caution all the way", async () => {
    await start(["Duck", "Fresh", "Steady"], "2.4 kg");
    await tab("heat");
    await press(driver, "By time");
    await seeText(driver, "cannot tell whether");
    await toPage("list");
    await seeText(driver, "by time alone, after");
    await toPage("cook");
    await inAgo(400);
    await seeText(driver, "Take it out: the time is up", "The clock says nothing of how done it is");
    await press(driver, "It is out of the oven");
    await seeText(driver, "rest");
  });
});

describe("a crown and whole legs in one heat", () => {
  it("go in by one tap and leave one by one; each has its rest and its record", async () => {
    await start(["Turkey", "Fresh", "Crown"], "2.2 kg");
    await tab("bird");
    await press(driver, "Another kind of piece in the same oven");
    await seeText(driver, "One more piece");
    await start(["Whole legs", "Fresh"], "2.4 kg");
    await toPage("list");
    await seeText(
      driver,
      "Dinner,",
      "turkey, whole legs, a pair",
      "Legs of turkey: Expected out",
      "Crown of turkey: Expected out",
    );
    // The oven is lit once, and both go in at one time.
    const rows = await driver.executeScript<string[]>(
      'return [...document.querySelectorAll("tbody tr")].map((row) => row.innerText)',
    );
    expect(rows.filter((row) => row.includes("Oven on"))).toHaveLength(1);
    const times = rows.filter((row) => row.includes("into the oven")).map((row) => /\d\d:\d\d/.exec(row)?.[0]);
    expect(new Set(times).size).toBe(1);
    await toPage("cook");
    await inAgo(80);
    await press(driver, "It is out of the oven");
    await seeText(driver, "In with it");
    await pressAt(driver, 'nav[aria-label="Other roasts of this dinner"] a');
    await seeText(driver, "Crown of turkey", "Take it out in");
    const roasts = await storedRows<{ fire: string; title: string; happened: { inAt?: string; pulledAt?: string } }>(
      driver,
      "roasts",
    );
    const pieces = roasts.filter(({ title }) => /Crown of turkey|Legs of turkey/.test(title));
    expect(new Set(pieces.map(({ fire }) => fire)).size).toBe(1);
    expect(new Set(pieces.map(({ happened }) => happened.inAt)).size).toBe(1);
    expect(pieces.map(({ happened }) => happened.pulledAt !== undefined).sort()).toEqual([false, true]);
    await press(driver, "It is out of the oven");
    await press(driver, "Carve");
    await seeText(driver, "Breast off the bone");
  });
});

describe("a change of the heat that nobody has told", () => {
  it("counts as made in time where the readings look so, and is told by one tap", async () => {
    const inMs = Date.now() - 75 * 60_000;
    const at = (minute: number): string => new Date(inMs + minute * 60_000).toISOString();
    const plan = usualPlan({
      bird: { species: "chicken", cut: "whole", massKg: 1.9, state: "fresh" },
      method: "hot-start",
      serveAt: at(150),
      zone: "UTC",
    });
    const readings = plannedDone(plan).history.flatMap(({ minute, centresC }) =>
      minute < 15 || minute > 74
        ? []
        : (["breast", "thigh"] as const).map((part) => {
            return { at: at(minute), part, celsius: centresC[part] ?? 0, source: "typed" as const };
          }),
    );
    const roast = { id: "untold", title: "Untold", createdAt: at(-3000), plan, happened: { inAt: at(0) }, notes: "" };
    const file: RoastFile = {
      format: FILE_FORMAT,
      version: FILE_VERSION,
      exportedAt: at(75),
      roasts: [{ roast: alone({ ...roast, thermometer: "typed" }), readings }],
    };
    await takeIn(driver, server.url, "untold", file);
    await visit(driver, `${server.url}/roast/untold/cook`);
    await seeText(driver, "done?", "By your readings it was, in time");
    await pressAt(driver, 'button[aria-label^="Done in time: "]');
    await seeText(driver, "Take it out in", "refitted to your readings");
    const stored = (await storedRows<Roast>(driver, "roasts")).find(({ id }) => id === "untold");
    expect([stored?.plan.stages[1]?.fromMin, stored?.happened.stagesDone]).toEqual([20, 1]);
  });
});

/** The roast of the page, as a practice clock stores it. */
async function practised(): Promise<() => Promise<Roast | undefined>> {
  const id = (await driver.getCurrentUrl()).split("/")[4];
  return async () => (await storedRows<Roast>(driver, "roasts", "bruma-practice")).find((roast) => roast.id === id);
}

describe("a roast over midnight", () => {
  it("keeps the hour that is put right under the hand as its day is picked before its time", async () => {
    const midnight = new Date().setHours(24, 0, 0, 0);
    const at = (minutes: number): number => midnight + minutes * 60_000;
    await driver.get(`${server.url}/?rate=1&now=${new Date(at(90)).toISOString()}`);
    await start(["Chicken", "Fresh", "Hot start"], "2 kg");
    await toPage("cook");
    await press(driver, "The bird is in the oven");
    await press(driver, "Correct something");
    await pickMoment(driver, "Went in at", at(5));
    // The time is typed while its day is being stored still.
    await whileStoring(driver, "roasts", "bruma-practice", () => pickMoment(driver, "The oven was on at", at(2)));
    const stored = await practised();
    await driver.wait(async () => (await stored())?.happened.heatOnAt === new Date(at(2)).toISOString(), WAIT_MS);
    expect((await stored())?.happened.heatOffs).toBeUndefined();
    // The time alone, typed in the small hours: it was the evening before.
    await typeTime(driver, "Went in at", at(-25));
    const inAt = async () => (await stored())?.happened.inAt;
    await driver.wait(
      async () => (await inAt()) === new Date(at(-25)).toISOString(),
      WAIT_MS,
      "it went in another day",
    );
    // And it was not in at all.
    await press(driver, "Not in yet");
    await press(driver, "Yes, not in the oven");
    await press(driver, "The bird is in the oven");
    await seeText(driver, "It is out of the oven");
  });
});

describe("a bird that nobody has said anything of", () => {
  it("went in when it was to, by one tap", async () => {
    const at = (hour: number): string => new Date(new Date().setHours(hour, 0, 0, 0) + 24 * 3_600_000).toISOString();
    await driver.get(`${server.url}/?rate=1&now=${at(7)}`);
    await start(["Chicken", "Fresh", "Steady"], "2 kg");
    const stored = await practised();
    const { serveAt = "" } = (await stored())?.plan ?? {};
    await toPage("cook");
    const path = new URL(await driver.getCurrentUrl()).pathname;
    const late = new Date(Date.parse(serveAt) - 75 * 60_000).toISOString();
    await driver.get(`${server.url}${path}?rate=1&now=${late}`);
    await seeText(driver, "Oven on now", "It was on");
    await press(driver, "It went in at");
    await seeText(driver, "It is out of the oven");
    // Steady, at 160 °C, it takes over an hour and a half, and rests.
    const inMs = Date.parse((await stored())?.happened.inAt ?? "");
    expect(Date.parse(serveAt) - inMs).toBeGreaterThan(105 * 60_000);
  });
});
