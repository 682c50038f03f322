import { writeFileSync } from "node:fs";
import {
  field,
  newProfile,
  openBrowser,
  press,
  pressAt,
  resize,
  STOVE,
  seeText,
  TABLE,
  US_LANGUAGE,
} from "./tests/helpers/browser";
import { serve } from "./tests/helpers/server";

const server = await serve(false);
const d = await openBrowser(TABLE, newProfile(), [US_LANGUAGE]);
const shot = async (n: string) => writeFileSync(`/tmp/us-${n}.png`, await d.takeScreenshot(), "base64");
await d.get(server.url);
await (await field(d, "Weight as bought")).sendKeys("14 lb");
await press(d, "Hot start");
await pressAt(d, 'button[aria-label$=": day"]');
await seeText(d, "December 2026");
await new Promise((r) => setTimeout(r, 400));
await shot("start");
await d.actions().sendKeys("\uE00C").perform();
await press(d, "Plan it");
await seeText(d, "Out, expected");
await new Promise((r) => setTimeout(r, 6000));
await shot("plan");
await press(d, "List");
await seeText(d, "Buy");
await new Promise((r) => setTimeout(r, 1500));
await shot("list");
await press(d, "Kitchen");
await seeText(d, "What your kitchen has");
await shot("kitchen");
await resize(d, STOVE);
await d.navigate().back();
await d.navigate().back();
await press(d, "Cook");
await seeText(d, "Readings come from");
await press(d, "The bird is in the oven");
await new Promise((r) => setTimeout(r, 4000));
await shot("cook");
await d.quit();
server.close();
