/** A roast to practise on, begun as a cook begins it. */
import type { WebDriver } from "selenium-webdriver";
import { press, seeText, visit } from "./browser";

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
    10_000,
    "no chicken to practise on",
  );
  for (const choice of [...choices, "240 times life"]) await press(driver, choice);
  await seeText(driver, "minutes of yours");
  await press(driver, "Light the oven");
  await seeText(driver, "Practice clock", "The bird is in the oven");
  await press(driver, "The bird is in the oven");
}
