// A place asked by its name: its figures taken over with their source; one that it does not know, and a service that is away, are sentences, and
// nothing of the job changes.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ address, open }) => {
  const page = await open();
  const made = await page.evaluate(async () => {
    const headers = { "content-type": "application/json" };
    return (await fetch("/api/jobs", { method: "POST", headers, body: JSON.stringify({ name: "Tarn" }) })).json();
  });
  await page.goto(new URL(`/jobs/${made.id}/rules`, address).href);
  const settings = async () => (await (await page.request.get(new URL(`/api/jobs/${made.id}`, address).href)).json()).job.settings;
  const before = await settings();
  const ask = async (name) => {
    await page.getByLabel("Ask for a place by its name").fill(name);
    await page.getByRole("button", { name: "Ask", exact: true }).click();
  };
  const said = page.getByRole("status").filter({ hasText: /\w/ }).first();

  if (process.argv[3] === "away") {
    await ask("Tarn Hollow");
    await expectText(said, "The service of places does not answer");
    assert.deepEqual(await settings(), before);
    // The figures are typed, as ever.
    assert.equal(await page.getByLabel("Ask for a place by its name").inputValue(), "Tarn Hollow");
    return;
  }
  await ask("Nowhere at all");
  await expectText(said, "The service does not know this place");
  await ask("Tarn Hollow");
  await expectText(said, /Tarn Hollow: ground snow 70.*wind 105.*Source: made up/s);
  assert.deepEqual(await settings(), before, "nothing is taken over before somebody says so");
  await page.getByRole("button", { name: "Take them over" }).click();
  await page.getByText(/^Snow and wind of Tarn Hollow: made up/).waitFor();
  const now = await settings();
  assert.deepEqual([now.snow, now.snow_edition, now.snow_said, now.wind.miles_per_hour], [70, "asce7_from22", "said", 105]);
});
