// How long an edit takes until its wall is there, over HTTP: node e2e/edits.mjs ADDRESS
// Forty moves of an opening in the demo and in jobs of 60 and 600 openings, ten in each wall; and how large a wall's answer is. An older
// server, which does not answer an edit with what is looked at, is asked for the wall after it.
const [, , address] = process.argv;
if (!address) {
  console.error("usage: node e2e/edits.mjs ADDRESS");
  process.exit(2);
}
const MOVES = 40;

const json = async (path, options = {}) => {
  const headers = { "content-type": "application/json", "accept-encoding": "gzip" };
  const answer = await fetch(`${address}${path}`, { headers, ...options });
  if (!answer.ok) throw new Error(await answer.text());
  return answer.json();
};
const post = (path, body) => json(path, { method: "POST", body: JSON.stringify(body) });
const quantile = (sorted, part) => sorted[Math.floor(part * (sorted.length - 1))];

/** A job of so many walls like the demo's first, each 80 ft long with ten windows. */
async function large(demo, walls) {
  const file = await json(`/api/jobs/${demo}/file`);
  const [like] = file.job.walls;
  file.job.name = `${walls * 10} openings`;
  file.job.walls = Array.from({ length: walls }, (_, wall) => ({
    ...like,
    id: crypto.randomUUID(),
    frame: { ...like.frame, name: `Wall ${wall}`, length: "80'", framing: { ...like.frame.framing, partitions: [] } },
    openings: [4.5, 12, 20, 28, 36, 44, 52, 60, 68, 75].map((at) => ({
      ...like.openings[0],
      id: crypto.randomUUID(),
      letter: null,
      design: { ...like.openings[0].design, center: `${at * 12}` },
    })),
    letters_given: 0,
    point_loads: [],
  }));
  return (await post("/api/jobs/file", { text: JSON.stringify(file) })).id;
}

async function measure(name, id) {
  let { version, job } = await json(`/api/jobs/${id}`);
  const [wall] = job.walls;
  const [opening] = wall.openings;
  const look = { wall: wall.id, opening: opening.id };
  const times = [];
  for (let move = 0; move < MOVES; move++) {
    const command = { do: "move_opening", opening: opening.id, to: `${54 + (move % 5)}`, measured: "center" };
    const start = performance.now();
    const after = await post(`/api/jobs/${id}/commands`, { on_version: version, command, looking_at: look });
    if (!after.looked_at) await json(`/api/jobs/${id}/walls/${wall.id}`);
    times.push(performance.now() - start);
    version = after.version;
  }
  times.sort((a, b) => a - b);
  const bytes = (await (await fetch(`${address}/api/jobs/${id}/walls/${wall.id}`, { headers: { "accept-encoding": "identity" } })).text()).length;
  console.log(`${name}: p50 ${quantile(times, 0.5).toFixed(1)} ms, p95 ${quantile(times, 0.95).toFixed(1)} ms; its wall ${bytes} bytes`);
}

const [{ id: demo }] = (await json("/api/jobs")).jobs.filter((job) => job.name.startsWith("Ferry"));
await measure("demo", demo);
await measure("60 openings", await large(demo, 6));
await measure("600 openings", await large(demo, 60));
const start = performance.now();
await json("/api/jobs");
console.log(`list of jobs: ${(performance.now() - start).toFixed(1)} ms, again ${await (async () => {
  const again = performance.now();
  await json("/api/jobs");
  return (performance.now() - again).toFixed(1);
})()} ms`);
