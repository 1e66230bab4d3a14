// Edit to repaint on the house's screen: node e2e/house-repaint.mjs ADDRESS
// Forty times a middle wall of a house of three storeys, 39 walls and 195 openings is marked as a partition and taken back; the time from the
// click to the frame in which the list says so.
import { launch } from "./browser.mjs";

const [, , address] = process.argv;
if (!address) {
  console.error("usage: node e2e/house-repaint.mjs ADDRESS");
  process.exit(2);
}
const EDITS = 40;
const headers = { "content-type": "application/json" };
const json = async (path, body) => {
  const answer = await fetch(`${address}${path}`, body ? { method: "POST", headers, body: JSON.stringify(body) } : {});
  if (!answer.ok) throw new Error(await answer.text());
  return answer.json();
};

const { id: job } = await json("/api/jobs", { name: "Three storeys" });
let version = 0;
async function say(text) {
  const { commands, problem } = await json(`/api/jobs/${job}/say-house`, { text, in_millimeters: false });
  if (problem) throw new Error(`${text}: ${problem.id}`);
  // Each edit takes so many commands at most.
  for (let from = 0; from < commands.length; from += 100) {
    const command = { do: "together", commands: commands.slice(from, from + 100) };
    ({ version } = await json(`/api/jobs/${job}/commands`, { on_version: version, command }));
  }
}
const inside = [4, 8, 12, 16, 20, 24, 28, 32, 36];
await say("house 60x40, 3 storeys 9-0 8-0 8-0, rafters 6/12 lapped");
for (const at of inside) await say(`middle wall at ${at}-0`);
const { job: made } = await json(`/api/jobs/${job}`);
for (const wall of made.walls.filter(({ place }) => place)) {
  const apart = wall.frame.length / 304_800_000 / 6;
  const openings = [1, 2, 3, 4, 5].map((place) => ({
    do: "add_opening",
    wall: wall.id,
    opening: { design: { kind: "window", unit_width: "36", unit_height: "48 in", center: `${Math.round(apart * place * 12)}`, sill: "30", place: "tight_to_plates", underside: "bare" } },
  }));
  ({ version } = await json(`/api/jobs/${job}/commands`, { on_version: version, command: { do: "together", commands: openings } }));
}

const browser = await launch();
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${address}/jobs/${job}/house`);
await page.getByRole("region", { name: "Stations of the loads" }).getByRole("button", { name: /^Middle 3/ }).first().click();
const times = [];
for (let edit = 0; edit < EDITS; edit++) {
  const name = edit % 2 === 0 ? "A partition" : "It bears";
  const took = await page.evaluate(
    (name) =>
      new Promise((resolve) => {
        const button = (text) => [...document.querySelectorAll("button")].find((each) => each.textContent === text);
        const other = name === "A partition" ? "It bears" : "A partition";
        const start = performance.now();
        button(name).click();
        const look = () => (button(other) ? requestAnimationFrame(() => resolve(performance.now() - start)) : requestAnimationFrame(look));
        look();
      }),
    name,
  );
  times.push(took);
  await page.waitForTimeout(150);
}
await browser.close();
times.sort((a, b) => a - b);
const at = (part) => times[Math.floor(times.length * part)].toFixed(0);
console.log(`${EDITS} edits: median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms from click to repaint`);
