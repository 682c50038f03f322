import { writeFileSync } from "node:fs";
import { openBrowser, press, pressAt, resize, STOVE, see, seeText, TABLE } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";

const server = await serve(true);
const driver = await openBrowser();
const shot = async (name: string) => {
  await driver.executeScript("document.activeElement?.blur()");
  writeFileSync(`/tmp/look/${name}.png`, Buffer.from(await driver.takeScreenshot(), "base64"));
};
const calm = () =>
  driver.wait(
    async () => !/refining|simulating …/.test(await driver.executeScript<string>("return document.body.innerText")),
    30000,
  );
try {
  await driver.get(server.url);
  await seeText(driver, "Open-day lunch");
  await resize(driver, TABLE);
  await driver.get(`${server.url}/roast/demo-open-day/plan`);
  await seeText(driver, "give or take");
  await calm();
  await press(driver, "Smoker");
  await press(driver, "Pellets");
  await calm();
  await shot("heat");
  await driver.executeScript("document.querySelector('[role=tabpanel]')?.scrollTo(0, 9999)");
  await shot("heat2");
  await (await see(driver, 'button[role="tab"][id*="skin"]')).click();
  await driver.executeScript("document.querySelector('[role=tabpanel]')?.scrollTo(0, 9999)");
  await shot("skin");
  await (await see(driver, 'button[role="tab"][id*="rest"]')).click();
  await shot("rest");
  await (await see(driver, 'button[role="tab"][id*="salt"]')).click();
  await press(driver, "Brine, by time");
  await calm();
  await shot("salt");
  await driver.get(`${server.url}/roast/demo-open-day/list`);
  await seeText(driver, "Timetable");
  await calm();
  await shot("list");
  await driver.executeScript("window.scrollTo(0, 700)");
  await shot("list2");
} finally {
  await driver.quit();
  server.close();
}
