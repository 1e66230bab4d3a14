// Two people on one job: the second edit is not lost and not silently applied.
import { assert, expectText, fill, opening, openParts, openWall, run } from "./driver.mjs";

await run(async ({ open }) => {
  const ada = await open();
  const ben = await open();
  for (const page of [ada, ben]) {
    await openWall(page, "Water side");
    await opening(page, "A").click();
    await openParts(page);
  }
  // Ben is typing: his window keeps the version that he types on.
  await ben.getByLabel("Sill, above subfloor", { exact: true }).fill("30");
  await fill(ada, "Center", "4-0");
  await ada.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === `4'-0"`));

  await ben.getByLabel("Sill, above subfloor", { exact: true }).press("Enter");
  const dialog = ben.getByRole("dialog", { name: "The job has changed" });
  await dialog.waitFor();
  await expectText(dialog, /moved .* → 4'-0"/);
  await expectText(dialog, /sill .* → 30"/);
  await ada.getByLabel("Center", { exact: true }).fill("5-0");
  await dialog.getByRole("button", { name: "Apply mine on top" }).click();
  await dialog.waitFor({ state: "detached" });
  await ben.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === `30"`));

  await ada.getByLabel("Center", { exact: true }).press("Enter");
  await ada.getByRole("button", { name: "Drop mine" }).click();
  await ada.getByRole("dialog").waitFor({ state: "detached" });
  await ada.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === `30"`));
  assert.ok(await ada.getByRole("button", { name: "Undo" }).isEnabled());
});
