// A cellar's partition by the entry line: a door beside a duct that lets the plates down, blocks above, a pipe, backing, a window cut out later; and printed.
import { assert, expectText, openToLookAt, opening, run } from "./driver.mjs";

await run(async ({ open }) => {
  const page = await open();
  await page.getByLabel("A new job").fill("Cellar at Gorse End");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.getByText("No opening yet").waitFor();
  const line = page.getByLabel("Say an opening");
  const say = async (text, understood) => {
    await line.fill(text);
    await expectText(page.getByRole("status").first(), understood);
    await line.press("Enter");
    await page.waitForFunction(() => document.querySelector('input[aria-describedby$="-reading"]').value === "");
  };
  await say("wall 20-0 94 3/4", "this wall: 20'-0\" long");
  // It carries nothing, inside; its joists run along it.
  await page.getByRole("button", { name: "What it carries", exact: true }).first().click();
  await page.getByRole("button", { name: "A partition" }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await page.getByRole("button", { name: /^Length, height, studs/ }).click();
  await page.getByRole("button", { name: "An inside wall" }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await say("ceiling 22 1/2 every 24", "Ceiling joists along it, 22 1/2\" apart");
  await say("corner left", "A corner of three pieces at its left end");
  const drawn = (role) => page.locator(`[data-role="${role}"]`);
  await drawn("ceiling_block").first().waitFor({ state: "attached" });
  await drawn("corner_block").first().waitFor({ state: "attached" });

  // A duct, measured, over the last seven feet; a door beside it.
  await say("drop 13-0 to 20-0 under at 86 1/4", "Plates let down from 13'-0\" to 20'-0\", to 85 3/4\" over them");
  await drawn("step_stud").first().waitFor({ state: "attached" });
  assert.equal(await drawn("step_stud").count(), 2);
  await say("3068 door @ 9-6", "door 3'-0\" x 6'-8\"");
  await opening(page, "A").waitFor();
  // A pipe moves a stud aside; backing stands in the bays that it reaches.
  await say("pipe drain 3 at 15-11", "drain through the plates, 3\" wide, center at 15'-11\"");
  await page.locator('[data-clear="drain"]').waitFor();
  await say("backing shelves 17-0 to 19-6 at 54 2x8", "Backing for shelves, 2x8 SPF Stud, from 17'-0\" to 19'-6\"");
  await drawn("backing_block").first().waitFor({ state: "attached" });
  // Its sill is not known yet: studs run through until then.
  await say("3040 window @ 4-9 sill 24 later", "cut out later");
  await drawn("temporary_stud").first().waitFor({ state: "attached" });

  // What has to be looked at: the plates want a strap, with its length.
  await openToLookAt(page);
  await expectText(page.getByRole("region", { name: "To look at" }), "a strap of 15\" goes across");
  await page.getByRole("region", { name: "To look at" }).getByRole("button", { name: "Close" }).click();

  // What is not said whole says how it is said, and nothing is kept.
  await line.fill("drop 9-0 at 80");
  await expectText(page.getByRole("status").first(), "from where to where");
  await line.fill("");

  // The lists: short studs, plates let down, backing, blocks.
  await page.getByRole("link", { name: "Sheets", exact: true }).click();
  await page.getByRole("link", { name: "Plate list" }).click();
  const paper = page.getByRole("article");
  await expectText(paper, "from 13'-0\" to 20'-0\", 85 3/4\" over them, studs 81 1/4\"");
  await expectText(paper, "shelves: 2x8 SPF Stud from 17'-0\" to 19'-6\", middle at 54\"");
  await page.getByRole("link", { name: "Cut list" }).click();
  for (const piece of ["81 1/4\"", "90 1/4\"", "block between the ceiling joists", "temporary stud", "corner block"]) {
    await expectText(paper, piece);
  }
  await page.emulateMedia({ media: "print" });
  const printed = await page.pdf({ format: "Letter" });
  assert.equal(printed.subarray(0, 5).toString(), "%PDF-");
});
