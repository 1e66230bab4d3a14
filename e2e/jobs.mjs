// The jobs screen: begin, rename, copy, put away, bring back; and what an empty job teaches.
import { assert, DEMO, expectText, fill, openParts, run } from "./driver.mjs";

await run(async ({ address, open }) => {
  const page = await open();
  await page.getByLabel("A new job").fill("Back porch wall");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.getByText("No opening yet").waitFor();
  await page.getByText("Nothing is said yet about what it carries.").waitFor();

  // Its first wall is described, and its first opening said.
  await page.getByRole("button", { name: "What it carries", exact: true }).click();
  await page.getByRole("button", { name: "Roof", exact: true }).click();
  await page.getByLabel("Building width").waitFor();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await page.getByLabel("Say an opening").fill("3040 window centered");
  await page.getByLabel("Say an opening").press("Enter");

  // What nobody said is asked for in place, and until then there is neither a count nor a cut list.
  await expectText(page.getByTestId("verdict"), "Say the snow");
  assert.equal(await page.getByRole("region", { name: "Cut", exact: true }).count(), 0);
  await fill(page, "Ground snow, allowable", "30");
  await expectText(page.getByTestId("verdict"), "Say the wind");
  await page.getByRole("region", { name: "What has yet to be said" }).getByRole("button", { name: "Code's count only" }).click();
  await expectText(page.getByTestId("verdict"), "Carries");

  // Wall frame, another wall, and taking it out.
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Porch side");
  await page.getByLabel("Name", { exact: true }).press("Enter");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await page.getByRole("link", { name: "Porch side" }).waitFor();
  await page.getByRole("button", { name: "+ wall" }).click();
  // A new wall opens.
  await page.getByRole("link", { name: "Wall 2" }).and(page.locator('[aria-current="page"]')).waitFor();
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await page.getByRole("button", { name: "Take this wall out of the job" }).click();
  await page.getByRole("link", { name: "Wall 2" }).waitFor({ state: "detached" });

  await page.getByRole("link", { name: "Jobs", exact: true }).click();
  await page.getByRole("listitem").filter({ hasText: "Back porch wall" }).getByRole("button", { name: "Rename" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Front porch wall");
  await page.getByLabel("Name", { exact: true }).press("Enter");
  await page.getByRole("link", { name: "Front porch wall", exact: true }).waitFor();

  const demo = page.getByRole("listitem").filter({ hasText: DEMO });
  await demo.getByRole("button", { name: "Copy" }).click();
  await page.getByRole("link", { name: `${DEMO}, copy` }).waitFor();
  await page.getByRole("listitem").filter({ hasText: "Front porch wall" }).getByRole("button", { name: "Put away", exact: true }).click();
  await page.getByRole("link", { name: "Front porch wall", exact: true }).waitFor({ state: "detached" });
  // Also after a reload it is there.
  await page.reload();
  await page.getByRole("button", { name: "What was put away" }).click();
  await page.getByRole("button", { name: "Bring it back" }).click();
  await page.getByRole("link", { name: "Front porch wall", exact: true }).waitFor();
  assert.equal(await page.getByRole("button", { name: "Put away", exact: true }).count(), 4);

  // A job goes out as a file and comes back; a damaged file changes nothing and says why.
  await page.goto(address);
  const saved = await page.request.get(await page.getByRole("link", { name: "Save as a file" }).first().getAttribute("href").then((path) => new URL(path, address).href));
  const jobs = await page.getByRole("link", { name: "Save as a file" }).count();
  const load = (text) => page.getByLabel("Load a job from a file").setInputFiles({ name: "job.json", mimeType: "application/json", buffer: Buffer.from(text) });
  await load("not a job");
  await expectText(page.getByRole("alert"), "The file is not a job file");
  await load(await saved.text());
  await page.getByRole("button", { name: "What it carries", exact: true }).waitFor();
  await page.goto(address);
  await page.getByRole("link", { name: "Save as a file" }).nth(jobs).waitFor();
});
