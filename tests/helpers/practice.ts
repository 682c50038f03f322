/** A roast to practise on, begun as a cook begins it. */
import type { WebDriver } from "selenium-webdriver";
import { press, seeText } from "./browser";

/** The usual chicken at 240 times life, its oven lit and the bird in it. @param choices what else is chosen before */
export async function beginPractising(driver: WebDriver, url: string, choices: readonly string[]): Promise<void> {
  await driver.get(`${url}/practice?seed=harbour`);
  await seeText(driver, "Practise", "harbour");
  await driver.executeScript(
    `[...document.querySelectorAll('[aria-label="Which roast?"] label')].find((each) => each.innerText.includes("chicken")).click()`,
  );
  for (const choice of [...choices, "240 times life"]) await press(driver, choice);
  await seeText(driver, "minutes of yours");
  await press(driver, "Light the oven");
  await seeText(driver, "Practice clock", "The bird is in the oven");
  await press(driver, "The bird is in the oven");
}
