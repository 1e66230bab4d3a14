// Takes the current picture of each main view: node e2e/screenshots.mjs ADDRESS FOLDER
import { launch } from "./browser.mjs";

const [, , address, folder] = process.argv;
if (!address || !folder) {
  console.error("usage: node e2e/screenshots.mjs ADDRESS FOLDER");
  process.exit(2);
}
const browser = await launch();

async function view(name, { width = 1280, height = 800, theme = "paper", speech }, go) {
  const page = await browser.newPage({ viewport: { width, height } });
  await page.addInitScript((t) => localStorage.setItem("sturvek.theme", t), theme);
  if (speech) await page.addInitScript((kept) => localStorage.setItem("sturvek.speech", kept), JSON.stringify(speech));
  await page.goto(address);
  await page.getByRole("link", { name: "Ferry keeper's house at Heron Slip", exact: true }).waitFor();
  await go(page);
  await page.waitForTimeout(350);
  await page.screenshot({ path: `${folder}/${name}.png` });
  await page.close();
}

async function openHouse(page) {
  await page.getByRole("link", { name: "Sexton's cottage at Gorse End", exact: true }).click();
  // A job opens on its first wall.
  await page.waitForURL(/\/walls\//);
  await page.getByRole("link", { name: "House", exact: true }).click();
  await page.getByText("The path breaks at one place").waitFor();
}
const openJob = async (page, wall) => {
  await page.getByRole("link", { name: "Ferry keeper's house at Heron Slip", exact: true }).click();
  await page.getByRole("link", { name: new RegExp(`^${wall}`) }).click();
  await page.getByTestId("verdict").waitFor();
};
const part = async (page, name) => {
  await page.getByRole("button", { name, exact: true }).click();
  await page.locator(`[data-part]`).filter({ hasText: name }).first().evaluate((shown) => shown.scrollIntoView());
};
const choose = async (page, letter) => {
  await page.locator(`[data-opening="${letter}"]`).click();
  // The ticket is another one then: what is looked for afterwards has to be its own.
  await page.getByRole("article", { name: `Ticket of opening ${letter}` }).waitFor();
};

await view("jobs", {}, async () => {});
await view("wall", {}, async (page) => {
  await openJob(page, "Water side");
  await choose(page, "B");
});
await view("wall-trouble", {}, async (page) => {
  await openJob(page, "Middle wall");
  await choose(page, "C");
});
await view("loads", {}, async (page) => {
  await openJob(page, "Water side");
  await page.getByRole("button", { name: "What it carries", exact: true }).click();
});
await view("working", {}, async (page) => {
  await openJob(page, "Water side");
  await choose(page, "B");
  await page.getByTestId("verdict").getByRole("button").click();
  await page.getByText("load over its duration factor").first().waitFor();
});
await view("sheet", {}, async (page) => {
  await openJob(page, "Water side");
  await choose(page, "B");
  await part(page, "Why these numbers");
  await page.getByRole("link", { name: "Calculation sheet" }).click();
  await page.getByText("load over its duration factor").first().waitFor();
});
await view("papers", {}, async (page) => {
  await openJob(page, "Water side");
  await page.getByRole("link", { name: "Sheets", exact: true }).click();
  await page.getByText("Pole, undersides").first().waitFor();
});
await view("reach", {}, async (page) => {
  await openJob(page, "Water side");
  await choose(page, "B");
  await part(page, "What else could go in");
  await page.getByRole("link", { name: "How far headers reach" }).click();
  await page.getByText("reach over this opening").waitFor();
});
await view("house", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("button", { name: "Storey 2", exact: true }).click();
});
await view("path", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("button", { name: "Path", exact: true }).click();
  await page.getByRole("button", { name: /^A in Front 2/ }).click();
});
await view("rules", {}, async (page) => {
  await openJob(page, "Water side");
  await page.getByRole("link", { name: "Rules" }).click();
  await page.getByText("What governs").waitFor();
});
await view("sticks", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("link", { name: "Cut", exact: true }).click();
  await page.getByRole("button", { name: "Sticks" }).click();
  await page.getByRole("region", { name: "What the sticks cost" }).waitFor();
});
await view("buy", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("link", { name: "Cut", exact: true }).click();
  await page.getByRole("button", { name: "Buy" }).click();
  const plates = page.getByRole("region", { name: "Sole plates and treated lumber" });
  await plates.getByRole("button", { name: "Ask the yard" }).click();
  await plates.getByRole("button", { name: /^Order for/ }).waitFor();
});
await view("raise", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("link", { name: "Cut", exact: true }).click();
  await page.getByRole("link", { name: "Raise" }).click();
  await page.getByText("Both diagonals").first().waitFor();
});
await view("shore", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("link", { name: "House", exact: true }).click();
  await page.getByRole("link", { name: "Open a wall" }).click();
  await page.getByLabel("The wall that is opened").selectOption({ label: "Middle 2" });
  await page.getByRole("table", { name: "On the temporary walls" }).first().waitFor();
});
await view("returns", {}, async (page) => {
  await openJob(page, "Lane side");
  await choose(page, "A");
  await page.getByRole("link", { name: "Its braced returns" }).click();
  await page.getByRole("region", { name: "Return at the left end" }).waitFor();
});
await view("order", {}, async (page) => {
  await openHouse(page);
  await page.getByRole("link", { name: "House", exact: true }).click();
  await page.getByRole("link", { name: "Open a wall" }).click();
  await page.getByLabel("The wall that is opened").selectOption({ label: "Middle 2" });
  await page.getByLabel("Your name").fill("Ansel Ruud");
  await page.getByRole("button", { name: "Plan it so, and to the order" }).click();
  const current = page.locator("[aria-current=step]");
  await current.getByRole("button", { name: "Go past it" }).click();
  await page.getByLabel("Why it is gone past").fill("Said on the telephone; the paper comes on Monday");
  await page.getByRole("button", { name: "Put it down" }).click();
  await page.getByText(/^FORCED: /).waitFor();
  for (let count = 0; count < 4; count++) {
    const words = await current.locator("p").first().innerText();
    await current.getByRole("button", { name: "Done", exact: true }).click();
    await page.getByRole("listitem").filter({ hasText: words }).getByText("Done:").waitFor();
  }
});
await view("saw", { width: 390, height: 780 }, async (page) => {
  await openHouse(page);
  await page.getByRole("link", { name: "Cut", exact: true }).click();
  await page.getByRole("link", { name: "At the saw" }).click();
  const tap = page.getByRole("button", { name: /tap counts one/ });
  await tap.waitFor();
  for (let count = 0; count < 12; count++) await page.getByRole("button", { name: "Next", exact: true }).click();
  await tap.click();
});
await view("wall-spanish", { speech: { language: "es", units: "millimeters", vocabulary: "jack" } }, async (page) => {
  await openJob(page, "Lane side");
});
await browser.close();
