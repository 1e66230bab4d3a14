// Twelve feet of the demo's middle wall are opened, step by step: planned, one hold gone past with a reason, one refused, a step added; ticked in a
// dead spot on a phone, seen at the desk, to the last tick.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ address, open }) => {
  const desk = await open();
  const jobs = (await (await desk.request.get(new URL("/api/jobs", address).href)).json()).jobs;
  const job = jobs.find(({ name }) => name.includes("cottage")).id;
  const now = await (await desk.request.get(new URL(`/api/jobs/${job}`, address).href)).json();
  const wall = now.job.walls.find(({ frame }) => frame.name === "Middle 2");
  const door = wall.openings[0];
  const design = { ...door.design, kind: "cased_opening", unit_width: "12'", rough_width: null, center: "10'" };
  const edits = [
    ...wall.openings.map(({ id }) => ({ do: "remove_opening", opening: id })),
    { do: "add_opening", wall: wall.id, opening: { design } },
  ];
  let version = now.version;
  for (const command of edits) {
    const edit = { key: crypto.randomUUID(), on_version: version, command };
    const answer = await desk.request.post(new URL(`/api/jobs/${job}/commands`, address).href, { data: edit });
    assert.equal(answer.status(), 200, await answer.text());
    version = (await answer.json()).version;
  }

  // The survey: temporary walls planned at the desk.
  await desk.goto(new URL(`/jobs/${job}/shore?wall=${wall.id}`, address).href);
  await expectText(desk.getByRole("status"), "temporary walls carry");
  // The beam does not turn out of a narrow passage; straight in it goes.
  const beam = desk.getByRole("region", { name: "Getting the beam in" });
  await expectText(beam, "does not turn through the door");
  const straight = beam.getByLabel("Straight through it, in all");
  await straight.fill("20'");
  await straight.press("Enter");
  await expectText(beam, "straight in it goes");
  await desk.getByRole("button", { name: "Show the working" }).click();
  await expectText(desk.getByRole("dialog"), "column stability factor");
  await desk.getByRole("button", { name: "Close" }).click();
  await desk.getByLabel("Rows of blocking").selectOption("2");
  await expectText(desk.getByRole("status"), "temporary walls carry");
  assert.ok(await desk.getByRole("button", { name: "Plan it so, and to the order" }).isDisabled(), "nobody plans nameless");
  await desk.getByLabel("Your name").fill("Ansel Ruud");
  await desk.getByRole("button", { name: "Plan it so, and to the order" }).click();
  await desk.waitForURL(/\/order$/);
  const step = (page, words) => page.getByRole("listitem").filter({ hasText: words }).first();
  const current = (page) => page.locator("[aria-current=step]");
  await expectText(step(desk, "The temporary walls stand"), "2 rows of blocking");
  await expectText(step(desk, "The beam is in the room"), "12'");

  // One hold is gone past, by name and reason.
  await expectText(current(desk), "The permit is here");
  await current(desk).getByRole("button", { name: "Go past it" }).click();
  await desk.getByLabel("Why it is gone past").fill("Said on the telephone; the paper comes on Monday");
  await desk.getByRole("button", { name: "Put it down" }).click();
  await expectText(step(desk, "The permit is here"), "FORCED: Ansel Ruud");
  await expectText(current(desk), "Power, water and gas");
  await current(desk).getByRole("button", { name: "Done", exact: true }).click();

  // A step is added, and holds up what comes after it.
  await expectText(current(desk), "The survey is written");
  await current(desk).getByRole("button", { name: "Add a step after this one" }).click();
  await desk.getByLabel("What is done there").fill("Move the piano out");
  await desk.getByRole("button", { name: "Put it down" }).click();
  await current(desk).getByRole("button", { name: "Done", exact: true }).click();
  await expectText(current(desk), "Move the piano out");
  await expectText(desk.getByRole("main"), "added by Ansel Ruud");

  // The phone on the site, in a dead spot.
  const phone = await open();
  await phone.setViewportSize({ width: 390, height: 780 });
  await phone.goto(desk.url());
  await phone.getByLabel("Your name").fill("Bo Lind");
  await phone.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await phone.context().setOffline(true);
  await current(phone).getByRole("button", { name: "Done", exact: true }).click();
  await expectText(current(phone), "The beam is in the room");
  await current(phone).getByRole("button", { name: "Done", exact: true }).click();
  await expectText(phone.getByRole("status"), "2 marks wait to be sent");
  await phone.reload();
  await expectText(step(phone, "The beam is in the room"), "Done: Bo Lind");
  await phone.context().setOffline(false);
  await phone.getByRole("status").waitFor({ state: "detached" });
  await desk.reload();
  await expectText(step(desk, "The beam is in the room"), "Done: Bo Lind");

  // Under people nobody goes past anything; what is said before its turn does not count.
  await current(phone).getByRole("button", { name: "Done", exact: true }).click();
  await expectText(current(phone), "The temporary walls stand");
  assert.equal(await current(phone).getByRole("button", { name: "Go past it" }).count(), 0);
  const mark = (mark) =>
    desk.request.post(new URL(`/api/jobs/${job}/walls/${wall.id}/order`, address).href, {
      data: { device: crypto.randomUUID(), marks: [{ sequence: 1, by: "Hurried", at: Date.now(), mark }] },
    });
  assert.equal((await mark({ do: "forced", step: "temporary_stand", why: "no time" })).status(), 422);
  assert.equal((await mark({ do: "done", step: "take_down" })).status(), 204);
  await phone.reload();
  await expectText(step(phone, "The wall is taken down"), "that does not count");
  await expectText(current(phone), "The temporary walls stand");
  const wider = await phone.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  assert.ok(wider <= 0, `${wider} px wider than a phone`);

  // To the last tick.
  for (let left = 20; (await current(phone).count()) > 0; left--) {
    assert.ok(left > 0, "it ends");
    const words = await current(phone).locator("p").first().innerText();
    await current(phone).getByRole("button", { name: "Done", exact: true }).click();
    await expectText(step(phone, words), "Done: Bo Lind");
  }
  await desk.reload();
  await expectText(step(desk, "The sole plate in the doorway is cut"), "Done: Bo Lind");

  // At the desk the beam becomes another one: what was said of the old one is told, and said anew.
  const then = await (await desk.request.get(new URL(`/api/jobs/${job}`, address).href)).json();
  const [opening] = then.job.walls.find(({ id }) => id === wall.id).openings;
  const narrower = { do: "change_opening", opening: opening.id, design: { ...opening.design, unit_width: "10'", rough_width: null } };
  const edit = { key: crypto.randomUUID(), on_version: then.version, command: narrower };
  const changed = await desk.request.post(new URL(`/api/jobs/${job}/commands`, address).href, { data: edit });
  assert.equal(changed.status(), 200, await changed.text());
  await desk.reload();
  await expectText(current(desk), "The beam is in the room");
  await expectText(current(desk), "before the plan was changed");
  await expectText(step(desk, "The wall is taken down"), "Done: Bo Lind");

  // On paper it says who went past what, and nothing can be pressed.
  await desk.emulateMedia({ media: "print" });
  assert.ok(await desk.getByText("FORCED: Ansel Ruud").isVisible());
  assert.equal(await desk.getByRole("button", { name: "Take it back" }).first().isVisible(), false);
});
