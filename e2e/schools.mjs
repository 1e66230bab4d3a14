// Three schools, the shop's rules, the calculation sheet, the reach chart, the stock with own values, a table from CSV, loads
// on part of a wall and the evidence of bearing: everything that decides a header, driven as a carpenter would.
import { assert, expectText, fill, opening, openParts, openWall, run, verdict } from "./driver.mjs";

await run(async ({ open }) => {
  const page = await open();
  await openWall(page, "Water side");
  await opening(page, "B").click();
  await openParts(page);
  const schools = page.getByRole("region", { name: "Three schools" });
  await expectText(schools, "By calculation");
  await expectText(schools, "computed on the code tables' basis; confirm in the adopted code");
  await expectText(schools, "Lean: only what code and arithmetic need.");

  // A rule that goes too far does not hide that calculation fails.
  await page.getByRole("link", { name: "Rules" }).click();
  await page.getByRole("button", { name: "Shop rule" }).click();
  const upTo = page.getByLabel("over openings up to").first();
  await upTo.fill("9'");
  await upTo.press("Enter");
  await page.getByRole("link", { name: "Back to the wall" }).click();
  await page.getByRole("link", { name: /^Water side/ }).click();
  await opening(page, "B").click();
  await expectText(verdict(page), "Does not carry");
  await expectText(schools, "By calculation it does not carry.");
  await expectText(page.getByTestId("verdict"), "By the shop's rule 2-2x6");

  // Belt and braces is stated on the ticket.
  await page.getByRole("link", { name: "Rules" }).click();
  await page.getByRole("button", { name: "Calculation" }).click();
  await page.getByRole("button", { name: "Belt and braces" }).click();
  await page.getByRole("link", { name: "Back to the wall" }).click();
  await page.getByRole("link", { name: /^Water side/ }).click();
  await opening(page, "B").click();
  await expectText(schools, "Belt and braces: one size up and one stud more than needed.");
  await expectText(verdict(page), "Carries");

  // The sheet that an inspector asks for.
  await page.getByRole("link", { name: "Calculation sheet" }).click();
  const sheet = page.getByRole("article");
  for (const part of ["What is given", "Combinations of load", "The three schools", "What is assumed", "Where the method ends"]) {
    await sheet.getByRole("heading", { name: new RegExp(part, "i") }).waitFor();
  }
  await expectText(sheet, "kings at each end, wind");
  await page.getByRole("link", { name: "Back to the wall" }).click();

  // What if the snow were more: fewer headers reach.
  await page.getByRole("link", { name: "How far headers reach" }).click();
  const reaching = page.getByText(/of \d+ reach over this opening/);
  const before = Number.parseInt(await reaching.textContent(), 10);
  await page.getByLabel("What if the snow were").fill("250");
  await page.waitForFunction((was) => Number.parseInt(document.body.innerText.match(/(\d+) of \d+ reach/)[1], 10) < was, before);

  // Lumber with the user's own values is marked as such everywhere.
  await page.getByRole("link", { name: "Materials" }).click();
  await page.getByRole("button", { name: "With values from my sheet" }).click();
  await fill(page, "What you call it", "Yard beam");
  await page.getByRole("button", { name: /Put .* Yard beam † on the pile/ }).click();
  await page.getByRole("button", { name: /Yard beam †$/ }).first().click();
  await fill(page, "Fb", "20");
  await expectText(page.getByRole("alert"), "Fb of your sheet is 20 psi; it can be 100 to 10000 psi.");

  // A table with bad rows is refused whole, and each is named; a good one governs the code's school.
  const load = (csv) => page.getByLabel("Load a table (CSV)").setInputFiles({ name: "county.csv", mimeType: "text/csv", buffer: Buffer.from(csv) });
  await load("block,header,snow,width,span,jacks\nroof_ceiling,2-2x8,40,28,soon,1\nroof,2-2x8,40,28,5-0,1\n");
  await expectText(page.getByRole("alert").filter({ hasText: "county.csv" }), "Line 3, block");
  await load("block,header,snow,width,span,jacks\nroof_ceiling,2-2x12,40,28,6-9,3\n");
  await expectText(page.getByRole("main"), "county, 1 rows, is what the code's school goes by.");
  await page.getByRole("link", { name: "Back to the wall" }).click();
  await page.getByRole("link", { name: /^Water side/ }).click();
  await opening(page, "B").click();
  await expectText(schools, "Goes to 6'-9\" (by county). 3 jacks at each end.");

  // A deck on part of the wall: the tables have no answer for that, and say so. And does it bear?
  await page.getByRole("button", { name: "What it carries" }).click();
  await page.getByRole("button", { name: "Floor or deck" }).click();
  await page.getByRole("button", { name: "Only on part of the wall" }).last().click();
  await fill(page, "To", "16'");
  await expectText(page.getByRole("dialog"), "from 0'-0\" to 16'-0\"");
  await page.getByText("Not sure whether it bears?").click();
  await page.getByRole("group", { name: "Do joists end or lap on it?" }).getByRole("button", { name: "Yes" }).click();
  await expectText(page.getByRole("dialog"), "It bears: joists end or lap on it.");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expectText(verdict(page), "Say the wall between");
  await page.getByRole("button", { name: "The roof lands on this wall" }).click();
  await expectText(schools, "No answer: other than the table's basis");

  // Outside the limits there is no number, but who decides.
  await page.getByLabel("What is out of the ordinary").selectOption("steel");
  await expectText(verdict(page), "Ask an engineer");
  await expectText(page.getByTestId("verdict"), "A licensed engineer sizes the beam.");
  assert.equal(await page.getByRole("link", { name: "Calculation sheet" }).count(), 0);

  // The plates as lists, and the wall turned end for end, copied, and moved along the list.
  await page.getByRole("link", { name: "Sheets", exact: true }).click();
  await page.getByRole("link", { name: "Plate list" }).click();
  await expectText(page.getByRole("article"), "top plates");
  await page.getByRole("link", { name: "Back to the wall" }).click();
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await page.getByRole("button", { name: "Turn it end for end" }).click();
  await page.getByRole("button", { name: "Copy this wall" }).click();
  await page.getByRole("button", { name: "One place to the right" }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await page.getByRole("link", { name: /^Water side, copy/ }).waitFor();
  await expectText(page.getByRole("navigation", { name: "Walls" }).getByRole("link").nth(1), /^Water side\d*$/);
});
