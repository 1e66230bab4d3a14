import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    // Only the saw and the order in which a wall is opened are there without a network: their pages and what they are made of. Every other screen is asked for as always, so that
    // nobody at a desk is shown an older page than the server has.
    VitePWA({
      registerType: "autoUpdate",
      injectRegister: false,
      // A device over the network is known by its cookie.
      useCredentials: true,
      manifest: {
        name: "Sturvek on the site",
        short_name: "Sturvek",
        description: "What is cut, one setting of the stop at a time; the steps of opening a wall.",
        start_url: "/",
        scope: "/",
        display: "standalone",
        background_color: "#f3ebdc",
        theme_color: "#2a2723",
        icons: [{ src: "/saw.svg", sizes: "any", type: "image/svg+xml", purpose: "any" }],
      },
      workbox: {
        globPatterns: ["index.html", "assets/*.{js,css,woff2}"],
        navigateFallback: "/index.html",
        navigateFallbackAllowlist: [/^\/jobs\/[^/]+\/saw/, /^\/jobs\/[^/]+\/walls\/[^/]+\/order/],
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: true,
      },
    }),
  ],
  // The catalogs stand beside the page: the command line reads them too.
  server: { fs: { allow: [".."] }, proxy: { "/api": "http://127.0.0.1:4860" } },
  build: { target: "es2022", chunkSizeWarningLimit: 800 },
  // A busy host may take its time: how fast something is, is shown in benches.
  test: { environment: "jsdom", include: ["src/**/*.test.{ts,tsx}"], testTimeout: 60_000 },
});
