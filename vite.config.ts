import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

export default defineConfig({
  root: "app",
  plugins: [
    react(),
    tailwindcss(),
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
        navigateFallbackDenylist: [/^\/api\//],
        // Which database is open must not depend on whether the server can be reached.
        runtimeCaching: [{ urlPattern: /\/api\/mode$/, handler: "NetworkFirst" }],
      },
    }),
  ],
  build: {
    outDir: "../dist",
    emptyOutDir: true,
    // A small .wasm inlined as a data: address would be blocked by the content security policy.
    assetsInlineLimit: (file) => (file.endsWith(".wasm") ? false : undefined),
    chunkSizeWarningLimit: 900,
  },
  worker: { format: "es" },
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:4173" } },
});
