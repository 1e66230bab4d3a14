// Starts on one data folder: two first ones at once are one, the second joins, KILL and QUIT leave nothing that the next does not mend.
// node e2e/starts.mjs [ROUNDS]. Run bin/start once before: it builds.
import { strict as assert } from "node:assert";
import { spawn } from "node:child_process";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

const top = join(dirname(fileURLToPath(import.meta.url)), "..");
const rounds = Number(process.argv[2] ?? 5);
const ports = [4931, 4932];
const took = [];

/** Starts, and waits until it says where it is. */
function start(folder, port) {
  const began = Date.now();
  const child = spawn(join(top, "bin/start"), ["--data", folder, "--port", String(port)], { stdio: ["ignore", "pipe", "pipe"] });
  const ended = new Promise((resolve) => child.on("exit", resolve));
  let said = "";
  const up = new Promise((resolve, reject) => {
    const hear = (chunk) => {
      said += chunk;
      if (said.includes(`Sturvek is at http://127.0.0.1:${port}`)) resolve(Date.now() - began);
    };
    child.stdout.on("data", hear);
    child.stderr.on("data", hear);
    child.on("exit", () => reject(new Error(`it ended:\n${said}`)));
  });
  up.then((milliseconds) => took.push(milliseconds)).catch(() => undefined);
  return { child, ended, up, at: `http://127.0.0.1:${port}` };
}

async function jobs(at) {
  const { jobs } = await (await fetch(`${at}/api/jobs`)).json();
  return jobs.map((job) => job.name);
}

async function begin(at, name) {
  const answer = await fetch(`${at}/api/jobs`, { method: "POST", headers: { "content-type": "application/json" }, body: JSON.stringify({ name }) });
  assert.equal(answer.status, 201, await answer.text());
}

/** Waits until nobody answers there any more. */
async function untilGone(at) {
  for (let tries = 0; tries < 200; tries += 1) {
    try {
      await fetch(`${at}/api/live`);
    } catch {
      return;
    }
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  assert.fail(`${at} goes on`);
}

for (let round = 1; round <= rounds; round += 1) {
  const folder = join(await mkdtemp(join(tmpdir(), "sturvek starts ")), "data");
  const [first, second] = ports.map((port) => start(folder, port));
  await Promise.all([first.up, second.up]);
  await begin(first.at, "kept by the first");
  assert.ok((await jobs(second.at)).includes("kept by the first"), "they share one database");

  // The first is killed without a word: its server goes, the second and the database go on.
  first.child.kill("SIGKILL");
  await untilGone(first.at);
  await begin(second.at, "kept after the first was killed");
  // The last one quits: the database stops with it.
  second.child.kill("SIGQUIT");
  await second.ended;

  // One alone is killed: the next start finds its database and goes on.
  const third = start(folder, ports[0]);
  await third.up;
  await begin(third.at, "kept before all was killed");
  third.child.kill("SIGKILL");
  await untilGone(third.at);
  const fourth = start(folder, ports[0]);
  await fourth.up;
  const kept = await jobs(fourth.at);
  for (const name of ["kept by the first", "kept after the first was killed", "kept before all was killed"]) assert.ok(kept.includes(name), `${name}: ${kept}`);
  fourth.child.kill("SIGTERM");
  await fourth.ended;
  await rm(dirname(folder), { recursive: true, force: true });
}
took.sort((one, other) => one - other);
console.log(`${rounds} rounds, ${took.length} starts: median ${took[took.length >> 1]} ms, longest ${took.at(-1)} ms; nothing lost`);
