/**
 * `npm run wander [-- --seed 1 --minutes 3]`: a hand that taps, chooses, slides and types at random over the screens of the
 * demo, the same one for the same seed, and looks after each step for what no cook may read and no page may log. Every
 * other seed has a roast in progress; every other one measures in pounds; one in three is on a phone.
 */
import { parseArgs } from "node:util";
import type { WebDriver } from "selenium-webdriver";
import { evenNumbers } from "../core/chance";
import { parseNumber } from "../core/units/quantity";
import { faultsInLog, newProfile, openBrowser, STOVE, seeText, TABLE, US_LANGUAGE } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

const { values } = parseArgs({
  options: { seed: { type: "string", default: "1" }, minutes: { type: "string", default: "3" } },
});
const seed = parseNumber("seed", values.seed, 0, 1e9);
const minutes = parseNumber("minutes", values.minutes, 0.1, 600, "min");

const inProgress = seed % 2 === 0;
const PLAN = "/roast/demo-open-day/plan";
/** The plan has the most to press: it is come back to. */
const PATHS = [
  ...["/", PLAN, PLAN, PLAN, "/roast/demo-open-day/compare", "/roast/demo-open-day/list", "/roast/demo-open-day/cook"],
  ...[
    "/roast/demo-open-day/rehearse",
    "/roast/demo-late/carve",
    "/log",
    "/log/demo-late",
    "/log/demo-duck",
    "/kitchen",
  ],
  ...["/practice", "/?dinner=demo-open-day", ...(inProgress ? ["/roast/demo-now/cook", "/roast/demo-now/plan"] : [])],
];
const STEPS_A_SCREEN = 25;
const TOLD_STEPS = 14;
const ENOUGH_FAULTS = 5;

const TYPED = [
  "",
  "0",
  "-3",
  "12",
  "74",
  "abc",
  "1e9",
  "5.8",
  "11 lb",
  "0.0001",
  "3:30",
  "25:99",
  "2000",
  "٣",
  "½",
  " 7 ",
];
/** There is one device here: nothing is changed on two. */
const NO_COOK_READS = /\bNaN\b|Infinity|undefined|\[object|Invalid Date|\bnull\b|Changed on two devices/;
/**
 * Scripts have no finger, without which no phone buzzes. And they leave a page while a roast in common is on its way: its
 * answer is lost, and the server's next one is a 409, from which the page knows its own word again.
 */
const OF_A_SCRIPT = /navigator\.vibrate|\/api\/roasts\/.* 409 /;

/** One act on something that is there to be acted on, by two numbers between 0 and 1; what it was. */
const ACT = `
const [which, how, typed] = arguments;
const WANTED = "button, label:has(input), input, select, [role=slider], summary, a[href]";
const LEAVES = /print|download|calendar|write|save|delete all|handbook|\\.(txt|crt)$/i;
const named = (each) => (each.getAttribute("aria-label") || each.innerText || each.value || each.tagName).trim().slice(0, 40);
const sheet = document.querySelector("[role=dialog], [role=alertdialog]");
const there = [...(sheet ?? document).querySelectorAll(WANTED)].filter((each) => {
  const { width, height } = each.getBoundingClientRect();
  return width > 3 && height > 3 && !each.disabled && !each.closest("[inert]") && each.type !== "file"
    && !LEAVES.test(named(each) + " " + (each.getAttribute("href") ?? ""));
});
if (there.length === 0) return "nothing";
const at = (list) => list[Math.floor(how * list.length)];
const one = there[Math.floor(which * there.length)];
const name = named(one);
const set = (kind, value, event) => {
  Object.getOwnPropertyDescriptor(kind.prototype, "value").set.call(one, value);
  one.dispatchEvent(new Event(event, { bubbles: true }));
};
one.scrollIntoView({ block: "center" });
if (one.tagName === "SELECT") {
  const { value } = at([...one.options]);
  set(HTMLSelectElement, value, "change");
  return name + ": " + value;
}
if (one.tagName === "INPUT" && ["text", "search", "number"].includes(one.type)) {
  one.focus();
  set(HTMLInputElement, at(typed), "input");
  one.blur();
  return name + ": typed " + JSON.stringify(at(typed));
}
if (one.getAttribute("role") === "slider") {
  const key = at(["ArrowRight", "ArrowLeft", "Home", "End", "PageUp"]);
  one.focus();
  one.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true }));
  return name + ": " + key;
}
one.click();
return name;`;

/** What is wrong with the page as it is now, shortly. */
async function faultsOf(driver: WebDriver): Promise<string[]> {
  const [text, beyondPx] = await driver.executeScript<[string, number]>(
    "return [document.body.innerText, document.documentElement.scrollWidth - document.documentElement.clientWidth]",
  );
  const found = NO_COOK_READS.exec(text);
  const read = found ? [text.slice(Math.max(0, found.index - 60), found.index + 60).replace(/\s+/g, " ")] : [];
  const wide =
    beyondPx > 0 ? [`${beyondPx} px wider than the screen at ${new URL(await driver.getCurrentUrl()).pathname}`] : [];
  return [...read, ...wide, ...(await faultsInLog(driver)).filter((fault) => !OF_A_SCRIPT.test(fault))];
}

const server = await serve(true, { inProgress, isRead: false });
const driver = await openBrowser(seed % 3 === 0 ? STOVE : TABLE, newProfile(), seed % 2 === 1 ? [US_LANGUAGE] : []);
const next = evenNumbers(seed);
const acts: string[] = [];
const known = new Set<string>();
try {
  await driver.get(server.url);
  await seeText(driver, "Open-day lunch");
  const endMs = Date.now() + 60_000 * minutes;
  let steps = 0;
  for (; Date.now() < endMs && known.size < ENOUGH_FAULTS; steps++) {
    if (steps % STEPS_A_SCREEN === 0) {
      const path = PATHS[Math.floor(next() * PATHS.length)] as string;
      acts.push(path);
      await driver.get(server.url + path);
    }
    acts.push(await driver.executeScript<string>(ACT, next(), next(), TYPED));
    for (const fault of await faultsOf(driver)) {
      if (known.has(fault)) continue;
      known.add(fault);
      console.log(`step ${steps}: ${fault}\n  after ${acts.slice(-TOLD_STEPS).join(" > ")}`);
    }
  }
  console.log(`seed ${seed}: ${steps} steps, ${known.size} faults`);
} finally {
  await driver.quit();
  server.close();
}
process.exit(known.size > 0 ? 1 : 0);
