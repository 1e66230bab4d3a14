// The whole story: open the demo, say an opening, see its verdict change when the roof grows, choose another header,
// drag, nudge, undo, reload, and find it all there.
import { assert, expectText, fill, opening, openParts, openWall, run, verdict } from "./driver.mjs";

await run(async ({ open }) => {
  const page = await open();
  await openWall(page, "Middle wall");
  await openParts(page);

  // Say it: what was understood is shown before Enter.
  const say = page.getByLabel("Say an opening");
  await say.fill("2068 doot @ 15-6");
  await expectText(page.getByRole("status").first(), '"doot" is not understood');
  await say.fill("2468 door @ 15-6");
  await expectText(page.getByRole("status").first(), "door 2'-4\" x 6'-8\", rough opening 2'-6\" x 6'-10 1/2\", center 15'-6\"");
  await say.press("Enter");
  await opening(page, "D").waitFor();
  await opening(page, "D").click();
  await expectText(verdict(page), "Carries");
  await expectText(page.getByRole("article").getByRole("heading", { level: 2 }), "door");

  // A cased opening that does not carry, its letter still its own: another header mends it.
  await opening(page, "C").click();
  await expectText(verdict(page), "Does not carry");
  await page.locator('[data-candidate="2-2x10 SPF No.2"]').click();
  await expectText(verdict(page), "Carries");

  // The roof grows, and the verdict changes.
  await page.getByRole("button", { name: "What it carries" }).click();
  await fill(page, "Building width", "36'");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expectText(verdict(page), "Does not carry");

  // An impossible width is refused beside its field, and what was typed stays.
  await page.getByRole("button", { name: "What it carries" }).click();
  await fill(page, "Building width", "400'");
  await expectText(page.getByRole("alert"), "The building's width is 400'-0\"; it can be 4'-0\" to 80'-0\".");
  assert.equal(await page.getByLabel("Building width", { exact: true }).inputValue(), "400'");
  await fill(page, "Building width", "28'");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await expectText(verdict(page), "Carries");

  // Drag along the wall: it moves, and the tape reads it.
  const center = page.getByLabel("Center", { exact: true });
  await opening(page, "D").click();
  const box = await opening(page, "D").boundingBox();
  const start = await center.inputValue();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 14, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await page.waitForFunction((was) => document.querySelector('input[value], input') && [...document.querySelectorAll("input")].every((input) => input.value !== was), start);
  await page.getByRole("button", { name: "Undo" }).and(page.getByTitle(/ moved /)).waitFor();
  const dragged = await center.inputValue();
  assert.notEqual(dragged, start);

  // Nudge a sixteenth with the keyboard; type over a dimension.
  await opening(page, "D").focus();
  await page.keyboard.press("Shift+ArrowRight");
  await page.waitForFunction((was) => [...document.querySelectorAll("input")].every((input) => input.value !== was), dragged);
  await fill(page, "Left margin", "13-6 3/4");
  await page.waitForFunction(() => [...document.querySelectorAll("input")].some((input) => input.value === `13'-6 3/4"`));
  assert.equal(await center.inputValue(), `14'-9 3/4"`);

  // An ambiguous length is refused with both readings.
  await fill(page, "Center", "14-1/2");
  await expectText(page.getByRole("alert"), "can be read as 14'-0 1/2\" or as 14 1/2\"");
  await center.press("Escape");

  // The working opens behind a number.
  await page.getByRole("button", { name: /^bending/ }).click();
  await expectText(page.getByRole("dialog"), "Fb'");
  await page.getByRole("button", { name: "Close", exact: true }).click();

  // Somebody decides one jack more, with the reason.
  await page.getByRole("button", { name: "Decide" }).first().click();
  await page.getByRole("button", { name: "One jack more at the left end" }).click();
  await expectText(page.getByRole("alert"), "Write why first");
  await page.getByLabel("Why so many jacks at the left end").fill("bowed stud beside it");
  await page.getByRole("button", { name: "One jack more at the left end" }).click();
  await page.getByText("Jacks decided: bowed stud beside it").waitFor();

  // Undo and redo, across a reload.
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByText("Jacks decided: bowed stud beside it").waitFor({ state: "detached" });
  await page.reload();
  await page.getByTestId("verdict").waitFor();
  await page.getByRole("button", { name: "Redo" }).click();
  await page.getByText("Jacks decided: bowed stud beside it").waitFor();
  await page.reload();
  await page.getByText("Jacks decided: bowed stud beside it").waitFor();
  assert.equal(await page.getByLabel("Center", { exact: true }).inputValue(), `14'-9 3/4"`);
  await opening(page, "C").click();
  await expectText(page.getByTestId("verdict"), "2-2x10 SPF No.2");
});
