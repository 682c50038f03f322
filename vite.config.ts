import { createHash } from "node:crypto";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { constants } from "node:zlib";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { build, defineConfig, type Plugin } from "vite";
import { compression, defineAlgorithm } from "vite-plugin-compression2";

/** Where a library puts a style sheet of its own into the page, which the page's content policy refuses. */
const INJECTIONS: readonly (readonly [string, RegExp])[] = [
  ["/sonner/dist/", /^__insertCSS\(.*\);?$/m],
  ["/react-style-singleton/dist/", /\binsertStyleTag\(stylesheet\);/],
];

/** Toasts are styled, and pages behind a sheet held still, by theme.css. */
function withoutInjectedStyles(): Plugin {
  return {
    name: "without-injected-styles",
    apply: "build",
    transform(code, id) {
      const injection = INJECTIONS.find(([library]) => id.includes(library))?.[1];
      return injection && code.replace(injection, "");
    },
  };
}

const LICENCES = "licences.txt";
/** Fonts come in through style sheets, the service worker is built by itself: the list of licences looks at neither. */
const UNLISTED = [
  "@fontsource-variable/atkinson-hyperlegible-next",
  "@fontsource-variable/bricolage-grotesque",
  "workbox-core",
  "workbox-precaching",
  "workbox-routing",
  "workbox-strategies",
];

/** Of all that is in the build; Bruma's own stands first. */
function allLicences(): Plugin {
  return {
    name: "all-licences",
    apply: "build",
    closeBundle() {
      const path = `dist/${LICENCES}`;
      const others = UNLISTED.map((name) => `## ${name}\n\n${readFileSync(`node_modules/${name}/LICENSE`, "utf8")}`);
      const libraries = readFileSync(path, "utf8");
      writeFileSync(path, [`# Bruma\n\n${readFileSync("LICENSE", "utf8")}`, libraries, ...others].join("\n---\n\n"));
    },
  };
}

const KEPT = /\.(js|css|html|svg|png|woff2|wasm|webmanifest)$/;
/** Named by what it holds: kept until another name is asked for. */
const HASHED = /^assets\//;

/** What the service worker keeps on the device, each file with what tells one version of it from the next. */
function keptFiles(): readonly { readonly url: string; readonly revision: string | null }[] {
  return readdirSync("dist", { recursive: true, encoding: "utf8" })
    .filter((path) => KEPT.test(path))
    .sort()
    .map((path) => ({
      url: path,
      revision: HASHED.test(path)
        ? null
        : createHash("sha256")
            .update(readFileSync(`dist/${path}`))
            .digest("hex"),
    }));
}

/** The service worker, built when all that it keeps is there. */
function keptOffline(): Plugin {
  return {
    name: "kept-offline",
    apply: "build",
    closeBundle: {
      order: "post",
      async handler() {
        await build({
          configFile: false,
          logLevel: "warn",
          publicDir: false,
          define: { KEPT_FILES: JSON.stringify(keptFiles()) },
          build: {
            outDir: "dist",
            emptyOutDir: false,
            rollupOptions: {
              input: "app/shell/offline.worker.ts",
              output: { entryFileNames: "sw.js", format: "iife" },
            },
          },
        });
      },
    },
  };
}

export default defineConfig({
  root: "app",
  plugins: [
    react(),
    withoutInjectedStyles(),
    allLicences(),
    tailwindcss(),
    keptOffline(),
    // Read once here, and sent as they are: brotli, or gzip over plain http. At 10: brotli's last step takes five
    // seconds of the first start, and saves two bytes in a hundred.
    compression({
      include: /\.(js|css|html|svg|wasm)$/,
      algorithms: [defineAlgorithm("brotliCompress", { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } }), "gzip"],
      threshold: 1024,
    }),
  ],
  build: {
    outDir: "../dist",
    emptyOutDir: true,
    // Every browser that the app is for knows it.
    modulePreload: { polyfill: false },
    // What the libraries in the build are licensed by; what this does not see is added behind.
    license: { fileName: LICENCES },
    // A small .wasm inlined as a data: address would be blocked by the content security policy.
    assetsInlineLimit: (file) => (file.endsWith(".wasm") ? false : undefined),
    chunkSizeWarningLimit: 900,
    // What the first view calls things by, what a roast is, and the fields that start one, in one script each: every one
    // by itself costs a fetch, and a tenth of a kilobyte.
    rollupOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: "names", test: /\/words\/(names|titles|capital)\.ts$/ },
            {
              name: "roast",
              test: /\/core\/(plan\/(byTime|happened|heats|signs|stageOrder|together|wentIn)|processes\/apart|forecast\/prediction)\.ts$/,
            },
            { name: "fields", test: /\/app\/ui\/(MomentField|Segmented|Toggle|time|useOnce|useTyped)\.tsx?$/ },
          ],
        },
      },
    },
  },
  worker: { format: "es" },
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:4173" } },
});
