// What is bought: by the truck that brings it; a yard that is away, slow, dearer by now; an order pressed twice comes once; what is short is said, and longer
// sticks are taken instead; one's own prices go in and out.
import { assert, expectText, run } from "./driver.mjs";

await run(async ({ address, open }) => {
  const yard = process.argv[3];
  const page = await open();
  const tell = async (told) => {
    const answer = await page.request.post(new URL("/behave", yard).href, { data: told });
    assert.equal(answer.status(), 204);
  };
  const jobs = (await (await page.request.get(new URL("/api/jobs", address).href)).json()).jobs;
  const job = jobs.find(({ name }) => name.includes("cottage")).id;
  const orders = async () => (await page.request.get(new URL(`/api/jobs/${job}/orders`, address).href)).json();
  await page.goto(new URL(`/jobs/${job}/cut?show=buy`, address).href);
  const plates = page.getByRole("region", { name: "Sole plates and treated lumber" });
  const rest = page.getByRole("region", { name: "The rest", exact: true });
  await expectText(plates, "lb on the truck");
  await expectText(page.getByRole("region", { name: "Nails, hangers, bolts" }), "16d common");

  // Once, and by storey; with something on top.
  await page.getByLabel("The truck comes").selectOption({ label: "once" });
  await expectText(page.getByRole("region", { name: "Everything at once" }), "lb on the truck");
  await page.getByLabel("The truck comes").selectOption({ label: "twice: plates first" });
  await page.getByLabel("On top").selectOption({ label: "10 %" });
  await expectText(plates, "on top");
  await page.getByLabel("On top").selectOption({ label: "0 %" });
  await page.getByText(/\d on top$/).first().waitFor({ state: "detached" });

  // Away: a sentence, nothing is ordered, and what was seen stays.
  await tell({ closed: true });
  await plates.getByRole("button", { name: "Ask the yard" }).click();
  await expectText(plates, "The yard does not answer");
  assert.deepEqual(await orders(), []);

  // Slow, but it answers; the order button is pressed twice at once.
  await tell({ slow: 1 });
  await plates.getByRole("button", { name: "Ask the yard" }).click();
  await expectText(plates, "Wenfold Lumber (made up) says");
  await plates.getByRole("button", { name: /^Order for/ }).dblclick();
  await expectText(plates, "number W-0001");
  assert.equal((await orders()).length, 1);

  // It closes after it has quoted: nobody knows whether it was taken. Sent again it is the same order.
  await tell({});
  await plates.getByRole("button", { name: "Ask the yard" }).click();
  await plates.getByRole("button", { name: /^Order another time/ }).waitFor();
  await tell({ closed: true });
  await plates.getByRole("button", { name: /^Order another time/ }).click();
  await expectText(plates, "no answer was heard");
  await page.reload();
  const ordered = page.getByRole("region", { name: "What was ordered" });
  await expectText(ordered, "no answer was heard");
  await tell({});
  await ordered.getByRole("button", { name: "Send again" }).click();
  await expectText(ordered, "number W-0002");
  await page.reload();
  await expectText(plates, "number W-0002");
  assert.deepEqual((await orders()).map(({ state }) => state), ["taken", "taken"]);

  // Dearer between quote and order: nothing is ordered before what changed was looked at.
  await tell({ dearer: 10 });
  await rest.getByRole("button", { name: "Ask the yard" }).click();
  await rest.getByRole("button", { name: /^Order for/ }).click();
  await expectText(rest, "Something costs otherwise by now");
  await expectText(rest, /was \$/);
  assert.equal((await orders()).filter(({ state }) => state === "taken").length, 2);
  await rest.getByRole("button", { name: /^Order for/ }).click();
  await expectText(rest, "number W-0003");

  // One's own prices: out, in, planned with, one bad row refused, put away.
  await tell({});
  const list = page.getByRole("region", { name: "Price list" });
  const csv = await (await page.request.get(new URL("/api/prices/csv?prices=yard", address).href)).text();
  const put = async (text) =>
    list.getByLabel("Put a list in").setInputFiles({ name: "prices.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await put("section,length_in,price\n2x4 SPF Stud,96,dear\n");
  await expectText(list, '"dear" is no price');
  await put(csv);
  await expectText(list, /My own: \d+ sticks/);
  await page.getByLabel("Prices").selectOption({ label: "of my own list" });
  await expectText(page.getByRole("region", { name: "What the sticks cost" }), "your own list");
  await list.getByRole("button", { name: "Put mine away" }).click();
  await page.getByText("There is no price list of your own yet").waitFor();
  await page.getByLabel("Prices").selectOption({ label: "of the yard" });

  // One header over everything, against the pile as it is planned.
  const one = page.getByRole("region", { name: "One header over everything" });
  await one.getByRole("button", { name: "Work it out" }).click();
  await one.getByText(/[+−]\$\d/).first().waitFor();

  await page.setViewportSize({ width: 390, height: 800 });
  const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
  assert.ok(wider <= 0, `${wider} px wider than a phone`);
});
