import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  root: "app",
  plugins: [react(), tailwindcss()],
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
