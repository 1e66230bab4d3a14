// A house described in lines, the way of one opening read to the ground, a break made and mended, and the middle wall that bears only
// under lapped rafters.
import { assert, expectText, makeHouse, run, sayHouse } from "./driver.mjs";

const begun = Date.now();

await run(async ({ open }) => {
  const page = await open();
  const job = await makeHouse(page, "Curlew Point", "house 36x24, 2 storeys 9-0 8-0, middle wall at 12-0");
  await sayHouse(page, "porch 8-0 deep at the front");
  await page.getByText("From roof to ground").waitFor();
  assert.equal(await page.getByText("The path breaks").count(), 0, "the house stands");

  // A door in the front wall, below; a window over it, above.
  const station = (name) => page.getByRole("region", { name: "Stations of the loads" }).getByRole("button", { name });
  const house = () => page.getByRole("link", { name: "House", exact: true }).click();
  for (const [wall, text] of [
    [/^Front storey/, "6068 door @ 10-0"],
    [/^Front 2/, "4-0x4-0 window @ 12-0"],
  ]) {
    await station(wall).click();
    await page.getByRole("link", { name: "To this wall" }).click();
    await page.getByLabel("Say an opening").fill(text);
    await page.getByRole("button", { name: "Add", exact: true }).click();
    await page.getByRole("article").waitFor();
    await house();
  }
  // The way of the upper window: the roof above it, the wall and the header below, the ground.
  await station(/^A in Front 2/).click();
  const way = page.getByRole("region", { name: "Stations of the loads" });
  await expectText(way, /Roof.*A in Front 2.*A in Front.*Foundation 1/s);
  assert.equal(await station(/^Back/).count(), 0, "only its way is shown");
  await page.getByRole("button", { name: "Show all" }).click();

  // Taking a pad out breaks the path under the porch; the way out puts one back; undo takes that back.
  await station(/^Pad 3/).click();
  await page.getByRole("button", { name: "Take it out" }).click();
  const breaks = page.getByRole("region", { name: "Where the path breaks" });
  await expectText(breaks, "Nothing that bears stands under this point of Post 3");
  await breaks.getByRole("button", { name: "Put a pad under it" }).click();
  await breaks.waitFor({ state: "detached" });
  await page.getByRole("button", { name: "Undo" }).click();
  await breaks.waitFor();
  await page.getByRole("button", { name: "Redo" }).click();
  await breaks.waitFor({ state: "detached" });

  // Trusses carry nothing to the middle wall; ceiling joists that lap on it do.
  const middle = () => station(/^Middle 2/);
  assert.doesNotMatch(await middle().innerText(), /lb/, "trusses span over it");
  await sayHouse(page, "rafters 6/12 lapped");
  await expectText(middle(), /lb/);
  await middle().click();
  await expectText(way, "from Ceiling");
  await expectText(middle(), "It bears: Ceiling");
  // Marked as a partition the joists span over it; taken back they land on it again.
  await page.getByRole("button", { name: "A partition", exact: true }).click();
  await expectText(middle(), "Marked as a partition");
  await page.getByRole("button", { name: "Undo" }).click();
  await expectText(middle(), "It bears: Ceiling");

  // What is not understood is said, and the words stay.
  await page.getByLabel("Say the house").fill("turret 3-0 wide");
  await expectText(page.getByRole("status").first(), "is not understood");
  assert.equal(await page.getByLabel("Say the house").inputValue(), "turret 3-0 wide");
  await page.goto(new URL(`/jobs/${job}/house`, page.url()).href);
  await page.getByText("From roof to ground").waitFor();

  // Two people in one house: nothing is overwritten unseen.
  const other = await open();
  await other.goto(page.url());
  await other.getByText("From roof to ground").waitFor();
  await sayHouse(page, "girder at 18-0 on 3 posts");
  await expectText(other.getByRole("region", { name: "Stations of the loads" }), "Girder");
  assert.ok(Date.now() - begun < 120_000, "described and followed within two minutes, waiting and all");
});
