import { openBrowser, TABLE } from "../tests/helpers/browser";
import { serve } from "../tests/helpers/server";
for (const wait of [0, 3000, 3000]) {
  const server = await serve(true);
  const d = await openBrowser(TABLE) as any;
  await d.sleep(wait);
  await d.sendDevToolsCommand("Page.enable");
  await d.sendDevToolsCommand("Page.addScriptToEvaluateOnNewDocument", { source: `
    const seen = {}; window.seen = seen;
    new MutationObserver(() => { const t = document.body?.innerText ?? ""; for (const w of ["Opening your roasts","Start a roast","Winter chicken in parts"]) if (!seen[w] && t.includes(w)) seen[w] = Math.round(performance.now()); }).observe(document, { subtree: true, childList: true, characterData: true });` });
  await d.get(server.url);
  await d.sleep(5000);
  console.log(wait, JSON.stringify(await d.executeScript("return [window.seen, Math.round(performance.getEntriesByName('first-contentful-paint')[0].startTime), performance.getEntriesByType('resource').map(r=>r.name.split('/').pop()+' '+Math.round(r.startTime)+'-'+Math.round(r.responseEnd)).filter(r=>/^(index|roasts|mode|seed|Day)/.test(r))]")));
  await d.quit(); server.close();
}
process.exit(0);
