// The demo's middle wall is opened: both temporary walls, one only, studs too weak and blocked, floors cleared; what has no number is said.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ address, open }) => {
  const page = await open();
  const jobs = (await (await page.request.get(new URL("/api/jobs", address).href)).json()).jobs;
  const job = jobs.find(({ name }) => name.includes("cottage")).id;
  await page.goto(new URL(`/jobs/${job}/house`, address).href);
  await page.getByRole("link", { name: "Open a wall" }).click();
  await page.getByLabel("The wall that is opened").selectOption({ label: "Middle" });
  const main = page.getByRole("main");
  // A wall above stands on its joists: no number, and whom to ask.
  await expectText(main, "stands on these joists");
  assert.equal(await page.getByRole("table", { name: "On the temporary walls" }).count(), 0);
  // That wall itself goes down through the storey below to the ground.
  await page.getByLabel("The wall that is opened").selectOption({ label: "Middle 2" });
  await expectText(page.getByRole("status"), "temporary walls carry");
  assert.equal(await page.getByRole("table", { name: "On the temporary walls" }).count(), 2);
  await expectText(page.getByRole("region", { name: "Down to the ground" }), "lb/ft come to the");
  // A header over studs farther apart, with its working.
  await page.getByLabel("Header over the studs").selectOption({ label: "two 2x6 on edge" });
  await expectText(page.getByRole("region", { name: "Storey 1" }), /Its header works at \d+ %/);
  await page.getByRole("button", { name: "Show the working" }).click();
  const sheet = page.getByRole("dialog");
  await expectText(sheet, "Temporary walls on Storey 1");
  await expectText(sheet, "The header on a stud");
  await page.keyboard.press("Escape");
  await page.getByLabel("Studs under it, apart").fill("9 feet");
  await page.getByLabel("Studs under it, apart").press("Enter");
  await expectText(main, "Studs under a header stand");
  await page.getByLabel("Header over the studs").selectOption({ label: "a plate only" });
  // What the joists are, as somebody saw them: then they are checked.
  await page.getByLabel("The joists over it").selectOption({ label: "2x8" });
  await expectText(page.getByRole("region", { name: "Storey 2" }), /The joists, 2x8 SPF No.2 at .*, work at \d+ %/);
  // With the upper wall gone the lower one has a number.
  await page.getByLabel("The wall that is opened").selectOption({ label: "Middle" });
  const shown = await (await page.request.get(new URL(`/api/jobs/${job}`, address).href)).json();
  const upper = shown.job.walls.find(({ frame }) => frame.name === "Middle 2").id;
  const edit = { key: crypto.randomUUID(), on_version: shown.version, by: "e2e", command: { do: "remove_wall", wall: upper } };
  const removed = await page.request.post(new URL(`/api/jobs/${job}/commands`, address).href, { data: edit });
  assert.equal(removed.status(), 200, await removed.text());
  await page.reload();
  await page.getByLabel("The wall that is opened").selectOption({ label: "Middle" });
  const loads = page.getByRole("region", { name: "Storey 1" });
  await expectText(loads, "they carry");
  await expectText(main, "the permit come first");
  const cell = loads.locator("tbody td").nth(1);
  const live = async () => Number.parseFloat((await cell.innerText()).replace(",", ""));
  const shownBefore = await cell.innerText();
  const full = await live();

  // Nobody upstairs but who works.
  await page.getByLabel("The floors above are cleared").check();
  while ((await cell.innerText()) === shownBefore) await page.waitForTimeout(50);
  assert.ok((await live()) < full);
  await page.getByLabel("The floors above are cleared").uncheck();

  // Bare studs.
  await page.getByLabel("Rows of blocking").selectOption("0");
  await expectText(loads, "they do not carry");
  await page.getByLabel("Rows of blocking").selectOption("1");
  await expectText(loads, "they carry");

  // On one side only the other joists fall.
  const behind = page.getByLabel("Temporary wall behind it, off");
  await behind.fill("");
  await behind.press("Enter");
  await expectText(main, "they fall");
  await behind.fill("1");
  await behind.press("Enter");
  await expectText(main, "A temporary wall stands");
  await behind.fill("36");
  await behind.press("Enter");
  await expectText(loads, "they carry");

  // Dragged along the section.
  const section = page.getByRole("img", { name: /its joists over their walls/ });
  const box = await section.boundingBox();
  const blue = section.locator("rect.cursor-ew-resize").last();
  const from = await blue.boundingBox();
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2 + box.width / 20, from.y + from.height / 2, { steps: 4 });
  await page.mouse.up();
  await page.waitForFunction(() => document.querySelector("main").innerText.match(/off/) !== null);
  assert.notEqual(await behind.inputValue(), '36"');

  // A roof comes down on the wall over this one, and its floor runs along it.
  await page.getByLabel("The wall that is opened").selectOption({ label: "Left" });
  await expectText(main, "neither its floor nor a wall right over it");
  await page.setViewportSize({ width: 390, height: 800 });
  const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  assert.ok(wider <= 0, `${wider} px wider than a phone`);
});
