// What the browser tests share: a page on the demo job, and verbs for what people do there.
import { strict as assert } from "node:assert";
import { launch } from "./browser.mjs";

export { assert };

export const DEMO = "Ferry keeper's house at Heron Slip";

/** How long a page may take before a test fails, ms: long, since the host may do other work; no test waits it out unless it fails. */
const PATIENCE = 60_000;

/** Runs a test against the address in the arguments; a script error or a failed request of the page fails it too. */
export async function run(test) {
  const [, , address] = process.argv;
  await launched(({ open }) => test({ address, open }), address);
}

/** The same, with an address for each page that is opened. */
export async function launched(test, usual) {
  const browser = await launch();
  const troubles = [];
  const open = async ({ address = usual, ...options } = {}) => {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, ...options });
    const page = await context.newPage();
    page.setDefaultTimeout(PATIENCE);
    page.on("pageerror", (error) => troubles.push(String(error)));
    page.on("console", (message) => {
      // A refused edit answers 409 or 422, which the browser logs: that is not trouble.
      if (message.type() === "error" && !message.text().includes("Failed to load resource")) troubles.push(message.text());
    });
    await page.goto(address);
    return page;
  };
  try {
    await test({ open });
    assert.deepEqual(troubles, [], "the page logged errors");
  } catch (error) {
    console.log(error.stack);
    process.exitCode = 1;
  } finally {
    await browser.close();
  }
}

/** A new job with a house, described in one line; its id. */
export async function makeHouse(page, name, line) {
  const job = await page.evaluate(async (name) => {
    const headers = { "content-type": "application/json" };
    const made = await fetch("/api/jobs", { method: "POST", headers, body: JSON.stringify({ name }) });
    return (await made.json()).id;
  }, name);
  await page.goto(new URL(`/jobs/${job}/house`, page.url()).href);
  await sayHouse(page, line);
  return job;
}

/** Says a line about the house and waits until it is kept. */
export async function sayHouse(page, line) {
  const said = page.getByLabel("Say the house");
  await said.fill(line);
  await page.getByRole("button", { name: "Add", exact: true }).click();
  for (const start = Date.now(); Date.now() - start < PATIENCE; ) {
    if ((await said.inputValue()) === "") return;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  assert.fail(`not kept: ${line}: ${await page.getByRole("status").first().textContent()}`);
}

export async function openWall(page, wall) {
  await page.getByRole("link", { name: DEMO, exact: true }).click();
  await page.getByRole("link", { name: new RegExp(`^${wall}`) }).click();
  await page.getByTestId("verdict").waitFor();
}

/** Opens every part of the ticket that is closed: they stay open as long as the window is. */
export async function openParts(page) {
  const closed = page.locator('[data-part] button[aria-expanded="false"]');
  await page.locator("[data-part]").first().waitFor();
  while ((await closed.count()) > 0) await closed.first().click();
}

/** The list of what is not settled on the wall, opened. */
export async function openToLookAt(page) {
  await page.getByRole("button", { name: /^To look at/ }).click();
  return page.getByRole("region", { name: "To look at" });
}

export const opening = (page, letter) => page.locator(`[data-opening="${letter}"]`);

export const verdict = (page) => page.getByTestId("verdict").locator("p").first();

/** Waits until a locator's text is as wanted. */
export async function expectText(locator, wanted) {
  let text = "";
  for (const start = Date.now(); Date.now() - start < PATIENCE; ) {
    text = ((await locator.textContent().catch(() => "")) ?? "").replaceAll("\u00a0", " ");
    if (wanted instanceof RegExp ? wanted.test(text) : text.includes(wanted)) return text;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  assert.fail(`wanted ${wanted}, got "${text}"`);
}

export async function fill(page, label, text) {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(text);
  await field.press("Enter");
}
