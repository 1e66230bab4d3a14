import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // The catalogs stand beside the page: the command line reads them too.
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:4860" } },
  build: { target: "es2022", chunkSizeWarningLimit: 800 },
  // A busy host may take its time: how fast something is, is shown in benches.
  test: { environment: "jsdom", include: ["src/**/*.test.{ts,tsx}"], testTimeout: 60_000 },
});
