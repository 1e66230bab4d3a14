// Edit to repaint in the browser: node e2e/repaint.mjs ADDRESS [large]
// Sixty moves of an opening, each kept by the server; the time from the key to the frame that shows it. With "large" in a job of
// six walls of ten openings each, which is added for it, else in the demo.
import { launch } from "./browser.mjs";
import { DEMO, fill, opening, openWall } from "./driver.mjs";

const [, , address, size] = process.argv;
if (!address) {
  console.error("usage: node e2e/repaint.mjs ADDRESS [large]");
  process.exit(2);
}
const MOVES = 60;
const LARGE = "Sixty openings";

/** A job like the demo, with six walls like its first, each 80 ft long with ten windows. */
async function addLargeJob() {
  const { jobs } = await (await fetch(`${address}/api/jobs`)).json();
  const demo = jobs.find((job) => job.name === DEMO);
  const file = await (await fetch(`${address}/api/jobs/${demo.id}/file`)).json();
  const [like] = file.job.walls;
  const window = { ...like.openings[0], id: crypto.randomUUID() };
  const feet = (count) => `${count}'`;
  file.job.name = LARGE;
  file.job.walls = [1, 2, 3, 4, 5, 6].map((wall) => ({
    ...like,
    id: crypto.randomUUID(),
    frame: { ...like.frame, name: `Wall ${wall}`, length: feet(80), framing: { ...like.frame.framing, partitions: [] } },
    openings: [4.5, 12, 20, 28, 36, 44, 52, 60, 68, 75].map((at, place) => ({
      ...window,
      id: crypto.randomUUID(),
      letter: place,
      design: { ...window.design, center: `${at * 12}` },
    })),
    point_loads: [],
  }));
  const headers = { "content-type": "application/json" };
  const answer = await fetch(`${address}/api/jobs/file`, { method: "POST", headers, body: JSON.stringify({ text: JSON.stringify(file) }) });
  if (!answer.ok) throw new Error(await answer.text());
}

const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
if (size === "large") await addLargeJob();
await page.goto(address);
if (size === "large") {
  await page.getByRole("link", { name: LARGE, exact: true }).first().click();
  await page.getByTestId("verdict").waitFor();
} else {
  await openWall(page, "Water side");
}
await opening(page, "A").click();
// The field is in a part of the ticket that is closed by itself.
await page.getByRole("button", { name: "Place and size" }).click();
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
