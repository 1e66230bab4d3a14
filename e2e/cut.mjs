// What is cut: packs that stand together, lengths by wall, sticks with a yard's prices; a header that is changed changes the list; a wall that waits is said.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ open }) => {
  const page = await open();
  await page.getByRole("link", { name: "Ferry keeper's house at Heron Slip", exact: true }).click();
  await page.waitForURL(/\/walls\//);
  await page.getByRole("link", { name: "Cut", exact: true }).click();
  const held = page.getByRole("region", { name: "Not to be cut yet" });
  await expectText(held, "C in Lane side: Ask an engineer");

  // Packs, alike ones together.
  const ends = page.getByRole("region", { name: "Ends of openings" });
  await expectText(ends, "king");
  await expectText(page.getByRole("region", { name: "Headers" }), "header");
  await expectText(page.getByRole("region", { name: "Corners" }), "corner");

  // Lengths of one wall, then of the whole house again.
  await page.getByRole("button", { name: "Lengths" }).click();
  const counted = async () => Number((await page.getByText(/^\d+ pieces$/).textContent()).split(" ")[0]);
  await page.getByText(/^\d+ pieces$/).waitFor();
  const all = await counted();
  await page.getByLabel("Of", { exact: true }).selectOption({ label: "Water side" });
  await page.waitForFunction((before) => !document.body.innerText.includes(`${before} pieces`), all);
  const some = await counted();
  assert.ok(some > 0 && some < all, `${some} of ${all}`);
  assert.match(page.url(), /wall=/);
  await page.reload();
  await page.getByText(`${some} pieces`).waitFor();
  await page.getByLabel("Of", { exact: true }).selectOption({ label: "the whole house" });
  await page.getByText(`${all} pieces`).waitFor();

  // A label for each of them, with a code that leads to its place.
  await page.getByRole("link", { name: "Labels" }).click();
  await page.getByText(`${all} labels`).waitFor();
  assert.equal(await page.getByRole("img", { name: /^A code that leads to http.*\/jobs\// }).count(), all);
  await page.getByRole("link", { name: "Back to the lengths" }).click();
  await page.getByText(`${all} pieces`).waitFor();

  // Sticks: what they cost, against what is usual; each drawn with its cuts; what no yard sells is said.
  await page.getByRole("button", { name: "Sticks" }).click();
  const total = page.getByRole("region", { name: "What the sticks cost" });
  await expectText(total, "Wenfold Lumber (made up)");
  await expectText(total, "a stick for every piece");
  assert.ok((await page.getByRole("img", { name: /^A stick of/ }).count()) > 5);
  await page.getByText("The yard sells no 90x45 SPF No.2").first().waitFor();
  await expectText(page.getByRole("region", { name: "Cut this next" }), /(plate|stud|sill|header), /);
  await page.getByText("who gets them").first().click();
  await page.locator("details[open] li").first().waitFor();

  // On a phone nothing is cut off at the side.
  await page.setViewportSize({ width: 390, height: 800 });
  for (const view of ["Packs", "Lengths", "Sticks"]) {
    await page.getByRole("button", { name: view }).click();
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    assert.ok(wider <= 0, `${view} is ${wider} px wider than a phone`);
  }
});
