// Without a pointer: from the jobs to a wall, an opening said, moved, taken back, and a sheet opened and closed.
import { assert, DEMO, expectText, opening, openParts, run } from "./driver.mjs";

await run(async ({ open }) => {
  const page = await open();
  await page.getByRole("link", { name: DEMO, exact: true }).waitFor();

  /** Tabs until what is wanted has the focus; what cannot be reached fails. */
  async function reach(locator) {
    for (let press = 0; press < 250; press++) {
      if (await locator.evaluate((element) => element === document.activeElement)) return;
      await page.keyboard.press("Tab");
    }
    assert.fail(`not reached by keyboard: ${locator}`);
  }

  await reach(page.getByRole("link", { name: DEMO, exact: true }));
  await page.keyboard.press("Enter");
  await page.getByTestId("verdict").waitFor();
  await reach(page.getByRole("button", { name: "Place and size" }));
  await page.keyboard.press("Enter");
  await reach(page.getByRole("link", { name: "Pantry partition" }));
  await page.keyboard.press("Enter");
  // The wall before may carry as well: this one is known by what it is.
  await page.getByText("A partition: it carries nothing").waitFor();
  await expectText(page.getByTestId("verdict"), "Carries");

  // A question mark shows every key, and Escape leads back.
  await page.locator("body").focus();
  await page.keyboard.press("?");
  const keys = page.getByRole("dialog", { name: "Keys" });
  await expectText(keys, "Say an opening");
  await expectText(keys, "Move it by a sixteenth");
  await page.keyboard.press("Escape");
  await keys.waitFor({ state: "detached" });

  // The entry line is one key away.
  await page.locator("body").focus();
  await page.keyboard.press("/");
  await page.keyboard.type("2030 window @ 7-0");
  await expectText(page.getByRole("status").first(), "window 2'-0\" x 3'-0\"");
  await page.keyboard.press("Enter");
  await opening(page, "B").waitFor();

  // Along the wall by sixteenths and inches, and back.
  await reach(opening(page, "B"));
  await page.keyboard.press("Enter");
  const center = page.getByLabel("Center", { exact: true });
  await page.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === "7'-0\""));
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Shift+ArrowRight");
  await page.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === "7'-1 1/16\""));
  await page.getByRole("button", { name: "Undo" }).and(page.getByTitle(/window B moved/)).waitFor();
  await page.keyboard.press("Control+z");
  await page.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === "7'-0\""));

  // A dimension typed over.
  await reach(center);
  await page.keyboard.press("Control+a");
  await page.keyboard.type("6-10");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Undo" }).and(page.getByTitle(/6'-10/)).waitFor();

  // The wall's own sheet opens, takes an edit and closes.
  await reach(page.getByRole("button", { name: "Length, height, studs" }));
  await page.keyboard.press("Enter");
  await reach(page.getByLabel("The height is known"));
  await page.keyboard.press("b");
  await page.getByLabel("Studs cut to").waitFor();
  await page.keyboard.press("Escape");
  await page.getByRole("dialog").waitFor({ state: "detached" });

  // Taken out with Delete.
  await reach(opening(page, "B"));
  await page.keyboard.press("Delete");
  await opening(page, "B").waitFor({ state: "detached" });
});
