import { readFileSync, writeFileSync } from "node:fs";
import { constants } from "node:zlib";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig, type Plugin } from "vite";
import { compression, defineAlgorithm } from "vite-plugin-compression2";
import { VitePWA } from "vite-plugin-pwa";

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
const FONTS = ["@fontsource-variable/atkinson-hyperlegible-next", "@fontsource-variable/bricolage-grotesque"];

/** Fonts come in through style sheets, which the list of licences does not look at; Bruma's own stands first. */
function fontLicences(): Plugin {
  return {
    name: "font-licences",
    apply: "build",
    closeBundle() {
      const path = `dist/${LICENCES}`;
      const fonts = FONTS.map((name) => `## ${name}\n\n${readFileSync(`node_modules/${name}/LICENSE`, "utf8")}`);
      const libraries = readFileSync(path, "utf8");
      writeFileSync(path, [`# Bruma\n\n${readFileSync("LICENSE", "utf8")}`, libraries, ...fonts].join("\n---\n\n"));
    },
  };
}

export default defineConfig({
  root: "app",
  plugins: [
    react(),
    withoutInjectedStyles(),
    fontLicences(),
    tailwindcss(),
    // Read once here, and sent as they are: brotli, or gzip over plain http. At 10: brotli's last step takes five
    // seconds of the first start, and saves two bytes in a hundred.
    compression({
      include: /\.(js|css|html|svg|wasm)$/,
      algorithms: [defineAlgorithm("brotliCompress", { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } }), "gzip"],
      threshold: 1024,
    }),
    VitePWA({
      // A new version waits until the pages of the old one are closed: nothing changes under a cook's hand.
      registerType: "prompt",
      injectRegister: null,
      manifest: {
        name: "Bruma",
        short_name: "Bruma",
        description: "From how big a bird to dinner on time.",
        display: "standalone",
        start_url: "/",
        background_color: "#eff7fa",
        theme_color: "#16242d",
        icons: [
          { src: "/favicon.svg", sizes: "any", type: "image/svg+xml", purpose: "any" },
          { src: "/icon-192.png", sizes: "192x192", type: "image/png", purpose: "any" },
          { src: "/icon-512.png", sizes: "512x512", type: "image/png", purpose: "any" },
          { src: "/icon-maskable-512.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
        ],
      },
      workbox: {
        globPatterns: ["**/*.{js,css,html,svg,woff2,wasm}"],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: "/index.html",
        // What the server has besides the app is not the app.
        navigateFallbackDenylist: [/^\/api\//, /^\/(licences\.txt|bruma-at-home\.crt)$/],
        // Which database is open must not depend on whether the server can be reached.
        runtimeCaching: [{ urlPattern: /\/api\/mode$/, handler: "NetworkFirst" }],
      },
    }),
  ],
  build: {
    outDir: "../dist",
    emptyOutDir: true,
    // Every browser that the app is for knows it.
    modulePreload: { polyfill: false },
    // What the libraries in the build are licensed by; the fonts' own are added behind.
    license: { fileName: LICENCES },
    // A small .wasm inlined as a data: address would be blocked by the content security policy.
    assetsInlineLimit: (file) => (file.endsWith(".wasm") ? false : undefined),
    chunkSizeWarningLimit: 900,
  },
  worker: { format: "es" },
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:4173" } },
});
