import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import { begin } from "./shell/begun";
import { Faults } from "./shell/Faults";
import { Frame } from "./shell/Frame";
import { Opened } from "./shell/Opened";
import { startPracticeClock } from "./shell/practiceClock";
import { beginScreen } from "./shell/Screens";
import { sayWhatFails } from "./shell/stored";
import "./theme.css";

sayWhatFails();
startPracticeClock();
begin(() => import("../demo/seed"));
beginScreen(location.pathname);

// Painted first, always: what has to be read or computed comes behind it.
const root = document.getElementById("app");
if (!root) throw new Error("the page has no element #app");
createRoot(root).render(
  <StrictMode>
    <BrowserRouter>
      <Faults>
        <Frame>
          <Opened />
        </Frame>
      </Faults>
    </BrowserRouter>
  </StrictMode>,
);

// The whole app is kept on the device: with the server stopped and the network gone it still opens. A page that is not
// from a secure origin has no such thing. What is kept is fetched once this page has all that it needs.
if (import.meta.env.PROD && "serviceWorker" in navigator) {
  addEventListener("load", () => {
    navigator.serviceWorker
      .register("/sw.js")
      .catch((error: unknown) => console.warn("the app is not kept for offline use:", error));
  });
}
