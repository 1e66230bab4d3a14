// Every screen, in both themes, wide and narrow: no violation that axe calls serious, and nothing wider than the screen.
import { check } from "./accessibility.mjs";
import { opening, openParts, openWall, run, makeHouse } from "./driver.mjs";

await run(async ({ open }) => {
  for (const theme of ["paper", "night"]) {
    for (const viewport of [
      { width: 1280, height: 800 },
      { width: 390, height: 844 },
    ]) {
      const page = await open({ viewport });
      await page.evaluate((name) => localStorage.setItem("sturvek.theme", name), theme);
      await page.reload();
      const at = `${theme}, ${viewport.width} wide`;
      await page.getByRole("heading", { level: 2, name: "Jobs" }).waitFor();
      await check(page, `jobs, ${at}`);
      await page.getByRole("link", { name: "Pair a phone" }).click();
      await page.getByText("Only this machine itself is served").waitFor();
      await check(page, `phones, ${at}`);
      await page.getByRole("link", { name: "back to the jobs" }).click();
      await openWall(page, "Middle wall");
      await opening(page, "C").click();
      await check(page, `wall, ${at}`);
      await openParts(page);
      await check(page, `ticket, all of it, ${at}`);
      await page.getByRole("button", { name: "What it carries" }).first().click();
      await check(page, `loads, ${at}`);
      await page.getByRole("button", { name: "Close", exact: true }).click();
      await page.getByRole("button", { name: "Length, height, studs" }).click();
      await page.getByText("Plates, laps and bolts").click();
      await check(page, `frame, ${at}`);
      await page.getByRole("button", { name: "Close", exact: true }).click();
      await page.getByRole("button", { name: "Words" }).click();
      await check(page, `words, ${at}`);
      await page.getByRole("button", { name: "Close", exact: true }).click();
      await page.getByRole("button", { name: "Show the working" }).first().click();
      await page.getByText("load over its duration factor").first().waitFor();
      await check(page, `working, ${at}`);
      await page.getByRole("button", { name: "Close", exact: true }).click();
      await page.getByRole("link", { name: "Calculation sheet" }).click();
      await page.getByText("load over its duration factor").first().waitFor();
      await check(page, `calculation sheet, ${at}`);
      await page.getByRole("link", { name: "Back to the wall" }).click();
      await page.getByRole("link", { name: "How far headers reach" }).click();
      await page.getByText("reach over this opening").waitFor();
      await check(page, `reach, ${at}`);
      await page.getByRole("link", { name: "Back to the wall" }).click();
      await page.getByRole("link", { name: "Sheets", exact: true }).click();
  await page.getByRole("link", { name: "Plate list" }).click();
      await page.getByRole("heading", { name: "Story pole" }).first().waitFor();
      await check(page, `plate list, ${at}`);
      await page.getByRole("link", { name: "Cut", exact: true }).click();
      await page.getByRole("heading", { name: "Ends of openings" }).waitFor();
      await check(page, `packs, ${at}`);
      await page.getByRole("button", { name: "Lengths" }).click();
      await page.getByText("stop at").first().waitFor();
      await check(page, `lengths, ${at}`);
      await page.getByRole("button", { name: "Buy" }).click();
      await page.getByRole("region", { name: "Nails, hangers, bolts" }).waitFor();
      await check(page, `buy, ${at}`);
      await page.getByRole("link", { name: "Raise" }).click();
      await page.getByRole("heading", { name: "The crew" }).waitFor();
      await page.getByText("Both diagonals").first().waitFor();
      await check(page, `raise, ${at}`);
      await page.getByRole("link", { name: "Back to the cutting" }).click();
      await page.getByRole("link", { name: "House", exact: true }).click();
      await page.getByRole("link", { name: "Open a wall" }).click();
      await page.getByText("the permit come first").waitFor();
      await check(page, `open a wall, ${at}`);
      await page.getByRole("link", { name: "Cut", exact: true }).click();
      await page.getByRole("link", { name: "At the saw" }).click();
      await page.getByRole("button", { name: /tap counts one/ }).waitFor();
      await check(page, `saw, ${at}`);
      await page.getByRole("link", { name: "Materials" }).click();
      await page.getByText("different header").waitFor();
      await check(page, `materials, ${at}`);
      await page.getByRole("link", { name: "Rules" }).click();
      await page.getByText("What governs").waitFor();
      await check(page, `rules, ${at}`);
      await makeHouse(page, `House ${at}`, "house 36x24, girder at 12-0 on 3 posts");
      await page.getByRole("button", { name: /^Pad 2/ }).click();
      await page.getByRole("button", { name: "Take it out" }).click();
      await page.getByText("The path breaks at one place").waitFor();
      await check(page, `house, ${at}`);
      await page.getByRole("link", { name: "Open a wall" }).click();
      await page.getByRole("link", { name: "The order of opening it" }).click();
      await page.locator("[aria-current=step]").waitFor();
      await check(page, `the order of opening it, ${at}`);
      await page.close();
    }
  }
});
