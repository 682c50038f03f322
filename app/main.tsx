import { registerSW } from "virtual:pwa-register";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { RouterProvider } from "react-router";
import { openShelf } from "./shell/database";
import { usePreferences } from "./shell/preferences";
import { makeRouter } from "./shell/routes";
import { startSharing } from "./shell/sharing";
import "./theme.css";

const { db, mode } = await openShelf();
if (mode.demo) {
  const { seedDemo } = await import("../demo/seed");
  await seedDemo(db, Date.now(), mode.inAt ? Date.parse(mode.inAt) : null);
}
await usePreferences.getState().load();
startSharing(db);

// The whole app is kept on the device: with the server stopped and the network gone it still opens.
registerSW({
  immediate: true,
  onRegisterError: (error) => console.warn("the app is not kept for offline use:", error),
});

const root = document.getElementById("app");
if (!root) throw new Error("the page has no element #app");
createRoot(root).render(
  <StrictMode>
    <RouterProvider router={makeRouter()} />
  </StrictMode>,
);
