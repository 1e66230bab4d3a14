// Edit to repaint in the browser: node e2e/repaint.mjs ADDRESS
// Sixty moves of an opening, each kept by the server; the time from the key to the frame that shows it.
import { launch } from "./browser.mjs";
import { fill, opening, openWall } from "./driver.mjs";

const [, , address] = process.argv;
if (!address) {
  console.error("usage: node e2e/repaint.mjs ADDRESS");
  process.exit(2);
}
const MOVES = 60;
const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(address);
await openWall(page, "Water side");
await opening(page, "A").click();
const times = [];
for (let move = 0; move < MOVES; move++) {
  const inches = move % 2 === 0 ? 50 : 54;
  const label = `center 4'-${inches - 48}"`;
  const seen = page.evaluate(
    (wanted) =>
      new Promise((resolve) => {
        let start = 0;
        window.addEventListener("keydown", (event) => event.key === "Enter" && (start = performance.now()), { once: true, capture: true });
        const look = () => {
          const shown = document.querySelector('[data-opening="A"]')?.getAttribute("aria-label")?.includes(wanted);
          // The frame after the one that was changed has been painted.
          if (start > 0 && shown) requestAnimationFrame(() => resolve(performance.now() - start));
          else requestAnimationFrame(look);
        };
        look();
      }),
    label,
  );
  await fill(page, "Center", String(inches));
  times.push(await seen);
}
await browser.close();
times.sort((a, b) => a - b);
const at = (part) => times[Math.floor(times.length * part)].toFixed(0);
console.log(`${MOVES} edits: median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms from key to repaint`);
