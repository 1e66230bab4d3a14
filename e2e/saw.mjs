// A cutter's phone: taps count, in a dead spot too; the desk changes the job meanwhile; back in reach both are seen, and a second phone sees them.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ open, address }) => {
  const desk = await open();
  await desk.getByRole("link", { name: "Ferry keeper's house at Heron Slip", exact: true }).click();
  await desk.waitForURL(/\/walls\//);
  const job = desk.url().split("/jobs/")[1].split("/")[0];
  const now = async () => (await desk.request.get(`${address}/api/jobs/${job}`)).json();
  const wall = (await now()).job.walls.find(({ frame }) => frame.name === "Water side");

  const phone = await open();
  await phone.setViewportSize({ width: 390, height: 780 });
  await phone.goto(`${address}/jobs/${job}/saw?wall=${wall.id}`);
  const big = phone.getByRole("button", { name: /tap counts one/ });
  const counted = phone.getByTestId("cut-of-wanted");
  await expectText(counted, /^0 of \d+ cut/);
  await big.click();
  await expectText(counted, /^1 of/);
  // Figures that are read in a glove: 40 px at the least.
  const tall = await big.locator("span span").first().evaluate((text) => Number.parseFloat(getComputedStyle(text).fontSize));
  assert.ok(tall >= 40, `${tall} px`);
  const saved = async () => (await (await desk.request.get(`${address}/api/jobs/${job}/saw`)).json()).cut;
  for (const start = Date.now(); (await saved()) !== 1; ) assert.ok(Date.now() - start < 20_000, "the tick arrives");

  // The page itself is kept on the phone by now.
  await phone.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });

  // The dead spot: taps go on counting; one that is held takes one back.
  await phone.context().setOffline(true);
  const next = phone.getByRole("button", { name: "Next", exact: true });
  await next.click();
  await big.click();
  await next.click();
  await big.click();
  await expectText(counted, /^3 of/);
  await expectText(phone.getByRole("status").first(), "2 ticks wait to be sent");
  await big.click({ delay: 900 });
  await expectText(counted, /^2 of/);
  // A reload in the dead spot loses nothing.
  await phone.reload();
  await expectText(counted, /^2 of/);
  await expectText(phone.getByRole("status").first(), "3 ticks wait to be sent");

  // Meanwhile the desk changes an opening of the same wall.
  const before = await now();
  const opening = before.job.walls.find(({ id }) => id === wall.id).openings[0];
  const design = { ...opening.design, center: opening.design.center + 25_400_000 };
  const edit = { on_version: before.version, command: { do: "change_opening", opening: opening.id, design } };
  const kept = await desk.request.post(`${address}/api/jobs/${job}/commands`, { data: edit });
  assert.equal(kept.status(), 200, await kept.text());

  // Back in reach: what was ticked off has arrived, and the desk's edit stands.
  await phone.context().setOffline(false);
  await expectText(counted, /^2 of/);
  await phone.getByText(/ticks? waits? to be sent/).waitFor({ state: "detached" });
  for (const start = Date.now(); (await saved()) !== 2; ) assert.ok(Date.now() - start < 20_000, "both are there");
  assert.equal((await now()).version, before.version + 1);

  // A reload keeps the count, and a second phone has it.
  await phone.reload();
  await expectText(counted, /^2 of/);
  const second = await open();
  await second.goto(`${address}/jobs/${job}/saw?wall=${wall.id}`);
  await expectText(second.getByTestId("cut-of-wanted"), /^2 of/);
});
