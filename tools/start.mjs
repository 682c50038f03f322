// Serves the app, built anew when its sources are newer than the build.
import { register } from "tsx/esm/api";
import { buildApp } from "./build.mjs";

buildApp();
register();
await import("../server/main.ts");
