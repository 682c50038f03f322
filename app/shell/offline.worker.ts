/**
 * The service worker: the whole app stays on the device, so that it opens without its server. A new version waits until the
 * pages of the old one are closed: nothing changes under a cook's hand. The build puts it beside the page as `sw.js`.
 */
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  type PrecacheEntry,
  precacheAndRoute,
} from "workbox-precaching";
import { NavigationRoute, registerRoute } from "workbox-routing";
import { NetworkFirst } from "workbox-strategies";

/** Every file of the app, as the build left them (`vite.config.ts`). */
declare const KEPT_FILES: readonly PrecacheEntry[];

precacheAndRoute([...KEPT_FILES]);
cleanupOutdatedCaches();
// What the server has besides the app is not the app.
const denylist = [/^\/api\//, /^\/(licences\.txt|bruma-at-home\.crt)$/];
registerRoute(new NavigationRoute(createHandlerBoundToURL("/index.html"), { denylist }));
// Which database is open must not depend on whether the server can be reached.
registerRoute(({ url }) => url.pathname === "/api/mode", new NetworkFirst());
