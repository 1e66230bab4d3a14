// A drag's move to repaint in the browser: node e2e/drag.mjs ADDRESS
// An opening of the demo is held and moved sixty times; the time from each move of the pointer to the frame that shows the wall as it
// would be there, as the server works it out.
import { launch } from "./browser.mjs";
import { opening, openWall } from "./driver.mjs";

const [, , address] = process.argv;
if (!address) {
  console.error("usage: node e2e/drag.mjs ADDRESS");
  process.exit(2);
}
const MOVES = 60;

const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(address);
await openWall(page, "Water side");
await opening(page, "A").click();
await page.waitForTimeout(500);
const box = await opening(page, "A").boundingBox();
const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
await page.mouse.move(x, y);
await page.mouse.down();
await page.mouse.move(x + 12, y);
await page.waitForTimeout(500);
const times = [];
for (let move = 0; move < MOVES; move++) {
  const seen = page.evaluate(
    () =>
      new Promise((resolve) => {
        let start = 0;
        const label = () => document.querySelector('[data-opening="A"]')?.getAttribute("aria-label");
        const before = label();
        window.addEventListener("pointermove", () => (start = performance.now()), { once: true, capture: true });
        const look = () => {
          if (start > 0 && label() !== before) requestAnimationFrame(() => resolve(performance.now() - start));
          else requestAnimationFrame(look);
        };
        look();
      }),
  );
  await page.mouse.move(x + (move % 2 === 0 ? 33 : 12), y);
  times.push(await seen);
  await page.waitForTimeout(40);
}
await page.keyboard.press("Escape");
await page.mouse.up();
await browser.close();
times.sort((a, b) => a - b);
const at = (part) => times[Math.floor(times.length * part)].toFixed(0);
console.log(`${MOVES} moves: median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms from the pointer to repaint`);
