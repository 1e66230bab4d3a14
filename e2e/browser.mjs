import { chromium } from "playwright-core";

/** Debian's Chromium, as it runs in a closed place. */
export function launch() {
  return chromium.launch({
    executablePath: process.env.STURVEK_CHROMIUM ?? "/usr/bin/chromium",
    headless: true,
    chromiumSandbox: false,
    args: [
      "--disable-gpu",
      "--disable-dev-shm-usage",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
    ],
  });
}
