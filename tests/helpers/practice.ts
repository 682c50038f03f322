/** A roast to practise on, begun as a cook begins it. */
import { until, type WebDriver } from "selenium-webdriver";
import { press, seeText, visit, WAIT_MS } from "./browser";

/** The usual chicken at 240 times life, its oven lit and the bird in it. @param choices what else is chosen before */
export async function beginPractising(driver: WebDriver, url: string, choices: readonly string[]): Promise<void> {
  await visit(driver, `${url}/practice?seed=harbour`);
  await seeText(driver, "Practise", "harbour");
  await driver.wait(
    () =>
      driver.executeScript<boolean>(
        `const chicken = [...document.querySelectorAll('[aria-label="Which roast?"] label')].find((each) => each.innerText.includes("chicken"));
         chicken?.click();
         return chicken !== undefined;`,
      ),
    WAIT_MS,
    "no chicken to practise on",
  );
  for (const choice of [...choices, "240 times life"]) await press(driver, choice);
  await seeText(driver, "minutes of yours");
  await press(driver, "Turn the oven on");
  await seeText(driver, "Practice clock", "The bird is in the oven");
  await press(driver, "The bird is in the oven");
}

/** Out of the oven and carved at once; then what the hidden bird truly was. */
export async function carveAndSee(driver: WebDriver): Promise<void> {
  await press(driver, "It is out of the oven");
  await press(driver, "Carving now");
  // The board comes once the roast is stored: who left before it would be brought back to it.
  await driver.wait(until.urlContains("/carve"), WAIT_MS);
  await visit(driver, (await driver.getCurrentUrl()).replace("/carve", "/cook"));
  await press(driver, "What it truly was");
}
