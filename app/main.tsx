import { registerSW } from "virtual:pwa-register";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router";
import { clockNow } from "./shell/clock";
import { openShelf } from "./shell/database";
import { startPracticeClock } from "./shell/practiceClock";
import { usePreferences } from "./shell/preferences";
import { makeRouter } from "./shell/routes";
import { startSharing } from "./shell/sharing";
import "./theme.css";

startPracticeClock();

// Painted first, always: what has to be read or computed comes behind it.
const root = document.getElementById("app");
if (!root) throw new Error("the page has no element #app");
createRoot(root).render(
  <StrictMode>
    <RouterProvider router={makeRouter()} />
  </StrictMode>,
);

async function start(): Promise<void> {
  const { db, mode } = await openShelf();
  // Its script is on its way while the preferences are read.
  const demo = mode.demo ? import("../demo/seed") : null;
  await usePreferences.getState().load();
  startSharing(db);
  if (!demo) return;
  const { seedDemo } = await demo;
  await seedDemo(db, clockNow(), mode.inAt ? Date.parse(mode.inAt) : null);
}
start().catch((error: unknown) => {
  // A database that does not open is told by the screens that wait for it; this is for what comes behind.
  console.error("the start was not finished:", error);
});

// The whole app is kept on the device: with the server stopped and the network gone it still opens.
registerSW({
  immediate: true,
  onRegisterError: (error) => console.warn("the app is not kept for offline use:", error),
});
