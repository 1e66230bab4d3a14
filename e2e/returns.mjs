// The garage door's short return: not met where its header stops at the jacks; met when it runs over to the corner on two studs.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ address, open }) => {
  const page = await open();
  const jobs = (await (await page.request.get(new URL("/api/jobs", address).href)).json()).jobs;
  const job = jobs.find(({ name }) => name.startsWith("Ferry keeper")).id;
  const at = new URL(`/api/jobs/${job}`, address).href;
  const now = await (await page.request.get(at)).json();
  const wall = now.job.walls.find(({ frame }) => frame.name === "Lane side");
  const door = wall.openings.find(({ design }) => design.kind === "overhead_door");
  await page.goto(new URL(`/jobs/${job}/walls/${wall.id}?o=${door.id}`, address).href);
  await page.getByRole("link", { name: "Its braced returns" }).click();
  const left = page.getByRole("region", { name: "Return at the left end" });
  await expectText(left, "20\" wide; 18\" is the least");
  await expectText(left.getByRole("listitem").filter({ hasText: "does not run over" }), "NOT MET");
  await expectText(page.getByRole("main"), "the bracing plan's");
  assert.ok((await left.getByRole("img").locator("circle").count()) > 100, "its nails are drawn");

  // The header runs over the return to the corner, on two studs; the wall is sheathed.
  const send = async (version, command) => {
    const edit = { key: crypto.randomUUID(), on_version: version, command };
    const answer = await page.request.post(`${at}/commands`, { data: edit });
    assert.equal(answer.status(), 200, await answer.text());
    return (await answer.json()).version;
  };
  const past = { length: 20 * 25_400_000, far_studs: 2 };
  const design = { ...door.design, options: { ...door.design.options, past_left: past } };
  const version = await send(now.version, { do: "change_opening", opening: door.id, design });
  const framing = { ...wall.frame.framing, sheathing: { kind: "osb", thickness: 11_112_500 } };
  await send(version, { do: "change_wall", wall: wall.id, frame: { ...wall.frame, framing } });
  await page.reload();
  await expectText(left.getByRole("listitem").filter({ hasText: "runs over the return" }), /^met/);
  await expectText(left.getByRole("listitem").filter({ hasText: "of sheathing" }), /^met/);
  await page.setViewportSize({ width: 390, height: 800 });
  const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  assert.ok(wider <= 0, `${wider} px wider than a phone`);
  await page.getByRole("link", { name: "Back to the wall" }).click();
  await page.waitForURL(/\/walls\//);
});
