// The browser's own print of every page: whole, as many sheets as it takes, black on white in both themes.
import { assert, openParts, openWall, run } from "./driver.mjs";

/** What is cut off on paper: boxes that would have to be scrolled. */
const cutOff = (page) =>
  page.evaluate(() =>
    [...document.querySelectorAll("body *")]
      .filter((element) => {
        const { overflowX, overflowY } = getComputedStyle(element);
        const hides = (overflow) => overflow !== "visible";
        const shown = element.clientWidth > 0 && !element.closest("svg, .sr-only, input, select");
        return (
          shown &&
          ((hides(overflowY) && element.scrollHeight > element.clientHeight + 2) ||
            (hides(overflowX) && element.scrollWidth > element.clientWidth + 2))
        );
      })
      .map((element) => `${element.tagName.toLowerCase()}.${element.className}`.slice(0, 120)),
  );

/** The first opening of the wall that is shown. */
const firstOpening = async () => {
  const [, job, wall] = location.pathname.match(/jobs\/([^/]+)\/walls\/([^/]+)/);
  return (await (await fetch(`/api/jobs/${job}/walls/${wall}`)).json()).openings[0].id;
};

/** How many sheets a print takes. */
const sheets = (paper) => (paper.toString("latin1").match(/\/Type\s*\/Page[^s]/g) ?? []).length;

await run(async ({ open }) => {
  for (const theme of ["paper", "night"]) {
    const page = await open();
    await page.evaluate((name) => localStorage.setItem("sturvek.theme", name), theme);
    await page.reload();
    await openWall(page, "Water side");
    await openParts(page);
    const printed = async (where, least) => {
      await page.emulateMedia({ media: "print" });
      await page.waitForTimeout(300);
      assert.deepEqual(await cutOff(page), [], `${where}, ${theme}: cut off`);
      const [ground, ink] = await page.evaluate(() => {
        const text = document.querySelector("main h2, article h2, h1") ?? document.body;
        return [getComputedStyle(document.body).backgroundColor, getComputedStyle(text).color];
      });
      assert.deepEqual([ground, ink], ["rgb(255, 255, 255)", "rgb(0, 0, 0)"], `${where}, ${theme}`);
      for (const format of ["Letter", "A4"]) {
        const count = sheets(await page.pdf({ format }));
        assert.ok(count >= least, `${where}, ${theme}, ${format}: ${count} sheets`);
      }
      await page.emulateMedia({ media: "screen" });
    };
    await printed("wall and ticket", 2);
    await page.getByRole("link", { name: "Sheets", exact: true }).click();
    await page.getByText("Pole, undersides").first().waitFor();
    await printed("wall sheet", 3);
    await page.getByRole("link", { name: "Plate list" }).click();
    await page.getByRole("heading", { name: "Story pole" }).first().waitFor();
    await printed("plate list", 2);
    await page.getByRole("link", { name: "Back to the wall" }).click();
    await page.getByRole("link", { name: "Calculation sheet" }).click();
    await page.getByText("load over its duration factor").first().waitFor();
    await printed("calculation sheet", 5);
    await page.getByRole("link", { name: "Back to the wall" }).click();
    // Print opens the sheet as PDF, on the paper and in the words of this device.
    await page.getByRole("link", { name: "Sheets", exact: true }).click();
    for (const [link, sheet] of [["Cut list", "cuts"], ["Plate list", "plates"], ["Wall sheet", "wall"]]) {
      await page.getByRole("navigation", { name: "Sheets of the wall" }).getByRole("link", { name: link }).click();
      await page.getByLabel("Paper").selectOption("a4");
      const print = page.getByRole("banner").getByRole("link", { name: "Print it" });
      const address = await print.getAttribute("href");
      assert.match(address, new RegExp(`/papers/${sheet}/sheet\\.pdf\\?paper=a4&language=en`));
      const answer = await page.request.get(new URL(address, page.url()).href);
      assert.equal(answer.headers()["content-type"], "application/pdf");
      assert.equal((await answer.body()).subarray(0, 5).toString(), "%PDF-");
    }
    // And whatever else is printed from the browser.
    for (const [where, path, wait] of [
      ["jobs", "/", "Heron Slip"],
      ["rules", "rules", "What governs"],
      ["materials", "materials", "different header"],
      ["reach", `openings/${await page.evaluate(firstOpening)}/reach`, "reach over this opening"],
    ]) {
      const job = new URL(page.url()).pathname.match(/jobs\/[^/]+/)[0];
      await page.goto(new URL(path === "/" ? path : `/${job}/${path}`, page.url()).href);
      await page.getByText(wait).first().waitFor();
      await printed(where, 1);
      await page.goBack();
      await page.getByText("Wall sheet").first().waitFor();
    }
    await page.close();
  }
});
