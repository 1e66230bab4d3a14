// A bounded load on a running server: node e2e/load.mjs ADDRESS
// 2000 previews of a move, eight at a time; prints requests a second and the median and 95th percentile in milliseconds.
const [, , address] = process.argv;
if (!address) {
  console.error("usage: node e2e/load.mjs ADDRESS");
  process.exit(2);
}
const REQUESTS = 2000;
const AT_ONCE = 8;
const json = async (path, body) => {
  const options = body && { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) };
  const answer = await fetch(address + path, options);
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return answer.json();
};
const [{ id }] = (await json("/api/jobs")).jobs;
const { job } = await json(`/api/jobs/${id}`);
const wall = job.walls[0];
const command = { do: "move_opening", opening: wall.openings[0].id, to: "5-0", measured: "center" };
const times = [];
let left = REQUESTS;
const begin = performance.now();
await Promise.all(
  Array.from({ length: AT_ONCE }, async () => {
    while (left-- > 0) {
      const start = performance.now();
      await json(`/api/jobs/${id}/walls/${wall.id}/preview`, { command });
      times.push(performance.now() - start);
    }
  }),
);
times.sort((a, b) => a - b);
const at = (part) => times[Math.floor(times.length * part)].toFixed(1);
const seconds = (performance.now() - begin) / 1000;
console.log(`${(times.length / seconds).toFixed(0)} a second, median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms`);
