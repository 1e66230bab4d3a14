// Many at once on a running server that has the demo: node e2e/crowd.mjs ADDRESS WHAT [N]
//   wall      the demo's first wall over 1, 4, 16 and 64 connections, 2000 requests each
//   editors   N people (200) who edit one job for 20 seconds, each thinking for some seconds between two edits
//   busy N    N people (200) who edit one job without thinking, for 20 seconds
//   list      the list of jobs, after as many were made as are missing to N (10 000)
//   heavy     what somebody waits for /api/live, /api/health and a small wall while others ask for the largest job there can be
//   halfsent  N connections (9500) that send half a request, and what others wait meanwhile; needs the server's pid: PID=...
import { readFileSync } from "node:fs";
import http from "node:http";
import net from "node:net";
import { performance } from "node:perf_hooks";
import { gunzipSync } from "node:zlib";

const [, , address, what, count] = process.argv;
if (!address || !what) {
  console.error("usage: node e2e/crowd.mjs ADDRESS wall|editors|busy|list|heavy|halfsent [N]");
  process.exit(2);
}
const { hostname, port } = new URL(address);
const sleep = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** One request over an agent's connections: its status, body and milliseconds. */
const request = (agent, method, path, body) =>
  new Promise((resolve) => {
    const start = performance.now();
    const headers = { "accept-encoding": "gzip", "content-type": "application/json" };
    const sent = http.request({ hostname, port, agent, method, path, headers }, (answer) => {
      const parts = [];
      answer.on("data", (part) => parts.push(part));
      answer.on("end", () => resolve({ status: answer.statusCode, body: Buffer.concat(parts), took: performance.now() - start }));
      answer.on("error", () => resolve({ status: 0, took: performance.now() - start }));
    });
    sent.on("error", () => resolve({ status: 0, took: performance.now() - start }));
    sent.end(body && JSON.stringify(body));
  });
const plain = async (path, body) => {
  const options = body && { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify(body) };
  const answer = await fetch(address + path, options);
  return answer.json();
};
const spread = (times) => {
  times.sort((a, b) => a - b);
  const at = (part) => times[Math.min(times.length - 1, Math.floor(times.length * part))]?.toFixed(1);
  return `p50 ${at(0.5)}, p95 ${at(0.95)}, p99 ${at(0.99)} ms`;
};
const demo = async () => {
  const { jobs } = await plain("/api/jobs?named=Ferry");
  const { id } = jobs[0];
  const view = await plain(`/api/jobs/${id}`);
  return { id, view, wall: view.job.walls[0] };
};

async function wall() {
  const { id, wall } = await demo();
  const path = `/api/jobs/${id}/walls/${wall.id}`;
  for (const connections of [1, 4, 16, 64]) {
    const agent = new http.Agent({ keepAlive: true, maxSockets: connections });
    const times = [];
    const refused = {};
    let left = 2000;
    const begin = performance.now();
    await Promise.all(
      Array.from({ length: connections }, async () => {
        while (left-- > 0) {
          const { status, took } = await request(agent, "GET", path);
          times.push(took);
          if (status !== 200) refused[status] = (refused[status] ?? 0) + 1;
        }
      }),
    );
    const seconds = (performance.now() - begin) / 1000;
    console.log(`${connections} connections: ${(times.length / seconds).toFixed(0)} a second, ${spread(times)}, not 200: ${JSON.stringify(refused)}`);
    agent.destroy();
  }
}

async function editors(people, thinking) {
  const { id } = await demo();
  const agent = new http.Agent({ keepAlive: true, maxSockets: people });
  const times = [];
  const refused = {};
  let conflicts = 0;
  let version = (await plain(`/api/jobs/${id}`)).version;
  const end = performance.now() + 20_000;
  await Promise.all(
    Array.from({ length: people }, async (_, person) => {
      await sleep(Math.random() * thinking);
      for (let number = 0; performance.now() < end; number++) {
        const start = performance.now();
        const key = crypto.randomUUID();
        const command = { do: "rename_job", name: `Ferry, ${person}.${number}` };
        for (;;) {
          const { status, body } = await request(agent, "POST", `/api/jobs/${id}/commands`, { on_version: version, command, key });
          if (status === 200) {
            version = Math.max(version, unpacked(body).version);
            times.push(performance.now() - start);
            break;
          }
          if (status === 409) {
            conflicts += 1;
            version = Math.max(version, unpacked(body).current_version);
          } else refused[status] = (refused[status] ?? 0) + 1;
          // As a page does that asks again.
          await sleep(Math.random() * 20);
          if (performance.now() > end + 10_000) break;
        }
        await sleep(thinking * (0.5 + Math.random()));
      }
    }),
  );
  console.log(`${people} editors: ${(times.length / 20).toFixed(1)} acknowledged a second, each with its retries ${spread(times)}; ${conflicts} conflicts, others ${JSON.stringify(refused)}`);
}

async function list(wanted) {
  const total = async () => {
    let [found, after] = [0, undefined];
    do {
      const page = await plain(`/api/jobs${after ? `?after=${after}` : ""}`);
      found += page.jobs.length;
      after = page.next;
    } while (after);
    return found;
  };
  let missing = wanted - (await total());
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      while (missing-- > 0) await plain("/api/jobs", { name: `Shed number ${missing}` });
    }),
  );
  const agent = new http.Agent({ keepAlive: true, maxSockets: 1 });
  for (const path of ["/api/jobs", "/api/jobs?named=number 77"]) {
    const times = [];
    for (let round = 0; round < 200; round++) times.push((await request(agent, "GET", encodeURI(path))).took);
    console.log(`${path}, ${wanted} jobs: ${spread(times)}`);
  }
}

async function heavy() {
  const { id, wall, view } = await demo();
  // The largest that a file may hold in one wall: openings over openings, boards of every kind.
  const file = JSON.parse(Buffer.from(await (await fetch(`${address}/api/jobs/${id}/file`)).arrayBuffer()));
  const stock = [];
  for (const species of ["douglas_fir_larch", "hem_fir", "southern_pine", "spruce_pine_fir"])
    for (const grade of ["select_structural", "number1", "number2"])
      for (const nominal_depth of ["four", "six", "eight", "ten", "twelve"])
        stock.push({ board: { made: "sawn", species, grade, thickness: "two", nominal_depth }, price_cents_per_foot: 90 + stock.length });
  const big = file.job.walls[0];
  const pattern = big.openings[0];
  big.frame.length = "200'";
  big.openings = Array.from({ length: 60 }, (_, at) => ({ ...pattern, id: undefined, letter: undefined, design: { ...pattern.design, center: `${3 + Math.floor((at * 194) / 60)}'` } }));
  big.point_loads = Array.from({ length: 60 }, (_, at) => ({ name: `post ${at}`, at: `${2 + 3 * at}'`, dead: 20, floor_live: 0, roof_live: 0, snow: 30 }));
  file.job.walls = [big];
  file.job.stock = stock;
  const made = await plain("/api/jobs/file", { text: JSON.stringify(file) });
  if (!made.id) throw new Error(JSON.stringify(made).slice(0, 400));
  const agent = new http.Agent({ keepAlive: true, maxSockets: 16 });
  const measure = async (label) => {
    for (const path of ["/api/live", "/api/health", `/api/jobs/${id}/walls/${wall.id}`]) {
      const times = [];
      const end = performance.now() + 4000;
      while (performance.now() < end) {
        times.push((await request(agent, "GET", path)).took);
        await sleep(5);
      }
      console.log(`${label} ${path.replace(/[0-9a-f-]{36}/g, "…")}: ${spread(times)}`);
    }
  };
  await measure("quiet:");
  let going = true;
  const load = Array.from({ length: 2 }, async () => {
    while (going) await request(agent, "GET", `/api/jobs/${made.id}/one-size`);
  });
  await measure("beside two who ask for one size of the largest job:");
  going = false;
  await Promise.all(load);
  void view;
}

async function halfsent(wanted) {
  const memory = () => {
    const status = process.env.PID ? readFileSync(`/proc/${process.env.PID}/status`, "utf8") : "";
    return `${((/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024).toFixed(0)} MB`;
  };
  const agent = new http.Agent({ keepAlive: false });
  const ask = async (label) => {
    const times = [];
    const other = {};
    for (let round = 0; round < 50; round++) {
      const { status, took } = await request(agent, "GET", "/api/jobs");
      times.push(took);
      if (status !== 200) other[status] = (other[status] ?? 0) + 1;
    }
    console.log(`${label}: ${spread(times)}, not 200: ${JSON.stringify(other)}, memory ${memory()}`);
  };
  await ask("before");
  for (const sent of ["GET /api/jobs HTTP/1.1\r\nhost: ", `POST /api/jobs HTTP/1.1\r\nhost: ${hostname}:${port}\r\ncontent-type: application/json\r\ncontent-length: 900000\r\n\r\n{`]) {
    const sockets = [];
    for (let number = 0; number < wanted; number++) {
      const socket = net.connect(Number(port), hostname);
      socket.on("error", () => {});
      socket.write(sent);
      sockets.push(socket);
      if (number % 200 === 0) await sleep(20);
    }
    await ask(`${wanted} half-sent ${sent.slice(0, 4).trim()}`);
    for (const socket of sockets) socket.destroy();
    await sleep(500);
  }
  await ask("after");
}

/** An answer's JSON, unpacked where it was packed. */
function unpacked(body) {
  return JSON.parse(body[0] === 0x1f ? gunzipSync(body) : body);
}

const number = Number(count);
await {
  wall,
  editors: () => editors(number || 200, 6000),
  busy: () => editors(number || 200, 0),
  list: () => list(number || 10_000),
  heavy,
  halfsent: () => halfsent(number || 9500),
}[what]();
process.exit(0);
