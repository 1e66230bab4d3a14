// Whether a screen can be used by everybody: nothing that axe calls serious, and nothing wider than the screen.
import { AxeBuilder } from "@axe-core/playwright";
import { assert } from "./driver.mjs";

export async function check(page, name) {
  // Colors fade in and out; axe looks once they rest.
  await page.waitForTimeout(300);
  const { violations } = await new AxeBuilder({ page }).analyze();
  const serious = violations.filter(({ impact }) => impact === "serious" || impact === "critical");
  const found = serious.map(({ id, nodes }) => `${id}: ${nodes.map((node) => `${node.html}\n   ${node.failureSummary}`).join("\n  ")}`);
  assert.deepEqual(found, [], name);
  const [content, screen] = await page.evaluate(() => [document.documentElement.scrollWidth, window.innerWidth]);
  assert.ok(content <= screen, `${name} is ${content} wide on a screen of ${screen}`);
}
