// A wall laid out by the entry line alone; conflicts provoked and resolved; words and units switched; and the lists printed.
import { assert, expectText, fill, opening, openParts, openToLookAt, run } from "./driver.mjs";

await run(async ({ open }) => {
  const page = await open();
  await page.getByLabel("A new job").fill("Net loft");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.getByText("No opening yet").waitFor();

  // A wall of 24 ft with two windows and a door, without a click.
  const line = page.getByLabel("Say an opening");
  const say = async (text, understood) => {
    await line.fill(text);
    await expectText(page.getByRole("status").first(), understood);
    await line.press("Enter");
    await page.waitForFunction(() => document.querySelector('input[aria-describedby$="-reading"]').value === "");
  };
  await say("wall 24-0", "this wall: 24'-0\" long");
  await say("3068 door @ 4-0", "door 3'-0\" x 6'-8\"");
  await say("3040 window @ 11-0", "window 3'-0\" x 4'-0\"");
  await say("5-0x4-0 window 3-0 from right", "center 18'-5 3/4\"");
  await opening(page, "C").waitFor();
  await openParts(page);
  await expectText(page.getByRole("region", { name: "This wall" }), "24'-0\"");
  assert.equal(await page.locator("[data-opening]").count(), 3);
  // Nothing lands on it, and the wind is left to the code's table: until both are said nothing is counted.
  await expectText(page.getByTestId("verdict"), "Say what it carries");
  await page.getByRole("button", { name: "What it carries", exact: true }).first().click();
  await page.getByRole("button", { name: "A partition" }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expectText(page.getByTestId("verdict"), "Say the wind");
  await page.getByRole("button", { name: "Code's count only" }).click();
  await expectText(page.getByTestId("verdict"), "Carries");
  // The first stud of the layout reads 15 1/4; the door's plate is cut out last.
  await page.getByRole("link", { name: "Sheets", exact: true }).click();
  await page.getByRole("link", { name: "Plate list" }).click();
  await expectText(page.getByRole("article"), "1'-3 1/4\"");
  await page.getByRole("link", { name: "Back to the wall" }).click();
  await page.locator('[data-role="sole_plate_cut_last"]').waitFor({ state: "attached" });
  assert.equal(await page.locator('[data-role="sole_plate_cut_last"]').count(), 1);

  // Three openings chosen together and evened out: shown first, kept as one edit, taken back as one.
  await opening(page, "A").click();
  for (const letter of ["B", "C"]) await opening(page, letter).click({ modifiers: ["Shift"] });
  await expectText(page.getByRole("region", { name: "Chosen together" }), "3 openings");
  await page.getByRole("button", { name: "Line up their heads" }).click();
  await expectText(page.getByRole("alert"), "They are so already.");
  await page.getByRole("button", { name: "Even them out" }).click();
  await page.getByRole("button", { name: "Keep it" }).click();
  // Between the faces at 67 and 191 1/2 the window's 36 1/2 leave 44 at either side.
  await page.getByRole("button", { name: /^B: window.*center 10'-9 1\/4"/ }).waitFor();
  await page.getByRole("button", { name: "Done" }).click();
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("button", { name: /^B: window.*center 11'-0"/ }).waitFor();

  // First conflict: the door is moved into the window's pack, and back by a place that is offered.
  const listed = async (check) => {
    const list = await openToLookAt(page);
    await check(list);
    await list.getByRole("button", { name: "Close" }).click();
  };
  const look = { has: (words) => listed((list) => expectText(list, words)), hasNot: (words) => listed((list) => list.getByText(words).waitFor({ state: "detached" })) };
  await opening(page, "A").click();
  await page.getByRole("article", { name: "Ticket of opening A" }).waitFor();
  await fill(page, "Center", "8-8");
  await look.has("Its pack and the next opening's overlap by");
  await look.has("Ways out: Frame both under one header.");
  // What one edit does is a button: it is shown first, and taken back like any edit.
  await openToLookAt(page).then((list) => list.getByRole("button", { name: /^Move the next one .* to the right\.$/ }).click());
  await page.getByText("This is how it would be.").waitFor();
  await look.hasNot("overlap by");
  await page.getByRole("button", { name: "Leave it as it was" }).click();
  await look.has("overlap by");
  await openToLookAt(page).then((list) => list.getByRole("button", { name: /^Move the next one .* to the right\.$/ }).click());
  await page.getByRole("button", { name: "Keep it" }).click();
  await look.hasNot("overlap by");
  await page.getByRole("button", { name: "Undo" }).click();
  await look.has("overlap by");
  await page.getByRole("button", { name: "Equal gaps" }).first().click();
  await look.hasNot("overlap by");

  // Second: a crossing wall in the window's pack; it is moved clear.
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await page.getByRole("button", { name: "A wall meets it" }).click();
  await fill(page, "Center of the new wall", "11-0");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await look.has("A crossing wall at 11'-0\" stands in the opening or its pack");
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await fill(page, "Center of wall 1", "14-0");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await look.hasNot("A crossing wall at");

  // Third: a bolt that stands in the doorway; the door is moved off it.
  await opening(page, "A").click();
  await page.getByRole("article", { name: "Ticket of opening A" }).waitFor();
  await fill(page, "Center", "4-0");
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await page.getByText("Plates, laps and bolts").click();
  await page.getByRole("button", { name: "Concrete, bolted" }).click();
  await fill(page, "Bolts in the concrete at", "0-8, 4-4, 9-4, 13-2, 16-4, 23-4");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await look.has("An anchor bolt stands in the doorway, at 4'-4\".");
  await fill(page, "Center", "6-8");
  await look.hasNot("stands in the doorway");

  // Fourth: a window whose head is off the line of the others; its sill is set back.
  await opening(page, "B").click();
  await page.getByRole("article", { name: "Ticket of opening B" }).waitFor();
  await fill(page, "Sill, above subfloor", "36");
  await look.has("Its head is 2\" above the line of the others, at 82 1/2\".");
  await fill(page, "Sill, above subfloor", "34");
  await look.hasNot("the line of the others");

  // Framed, then exchanged for a wider unit: what comes out and what goes in.
  await page.getByRole("button", { name: "It is framed like this" }).click();
  await page.getByText("Nothing changed.").waitFor();
  await fill(page, "Unit width", "3-2");
  const since = page.getByRole("region", { name: "Since it was framed" });
  await expectText(since, /Take out.*36 1\/2".*sill.*Put in.*38 1\/2".*sill/s);
  await page.getByRole("button", { name: "It is framed like this now" }).click();
  await expectText(since, "Nothing changed.");

  // Other words and units, and back again to the letter.
  const ticket = page.getByRole("article");
  const before = await ticket.textContent();
  await page.getByRole("button", { name: "Words" }).click();
  await page.getByLabel("The parts are called").selectOption("lintel");
  await page.getByRole("button", { name: "Millimeters, kilonewtons" }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expectText(ticket, "1 jamb stud, 1 full-height stud");
  // 38 1/2 in. is 977.9 mm.
  await expectText(ticket, "977.9 mm");
  assert.ok(!/\bjacks?\b(?! stud)|\bkings?\b|\bheader/i.test(await ticket.textContent()), await ticket.textContent());
  assert.equal(await page.getByLabel("Center", { exact: true }).inputValue(), "3352.8 mm");
  await fill(page, "Center", "3360");
  await page.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === "3360 mm"));
  await page.getByRole("button", { name: "Undo" }).click();
  // What is reloaded before it is answered may not be kept.
  await page.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === "3352.8 mm"));
  await page.reload();
  await expectText(ticket, "jamb stud");
  await opening(page, "B").click();
  await page.getByRole("button", { name: "Words" }).click();
  await page.getByLabel("The parts are called").selectOption("jack");
  await page.getByRole("button", { name: "Feet, inches, pounds" }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expectText(ticket, "1 jack, 1 king");
  assert.equal(await ticket.textContent(), before);

  // On paper: the lists without the stations and buttons.
  await page.getByRole("link", { name: "Sheets", exact: true }).click();
  await page.getByRole("link", { name: "Plate list" }).click();
  await page.getByRole("heading", { name: "Story pole" }).first().waitFor();
  await page.emulateMedia({ media: "print" });
  assert.ok(!(await page.getByRole("navigation", { name: "Stations" }).isVisible()));
  assert.ok(!(await page.getByRole("link", { name: "Print it" }).isVisible()));
  assert.ok(await page.getByRole("heading", { name: "Nailing of the wall" }).isVisible());
  const paper = await page.pdf({ format: "Letter" });
  assert.equal(paper.subarray(0, 5).toString(), "%PDF-");
});
