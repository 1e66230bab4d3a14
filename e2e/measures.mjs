// What is seen at a glance, measured: how large the wall is drawn, letters and targets, and the answer in the first viewport.
import { assert, opening, openWall, run, makeHouse } from "./driver.mjs";

/** The smallest letters, px. */
const SMALL = 12;
/** What a glove hits, px. */
const TARGET = 44;

/** The wall itself as it is drawn: from its top plate to its sole plate. */
const wallOf = (page) =>
  page.evaluate(() => {
    const boxes = [...document.querySelectorAll("[data-role]")].map((member) => member.getBoundingClientRect());
    const place = document.querySelector('[data-testid="wall-in-sight"]').getBoundingClientRect();
    const ends = [boxes.map((box) => box.top), boxes.map((box) => box.bottom), boxes.map((box) => box.left), boxes.map((box) => box.right)];
    const [top, bottom, left, right] = [Math.min(...ends[0]), Math.max(...ends[1]), Math.min(...ends[2]), Math.max(...ends[3])];
    return { height: bottom - top, width: right - left, place: place.width };
  });

/** Letters that are set smaller, by what they say. */
const smallLetters = (page, least) =>
  page.evaluate((limit) => {
    const found = new Set();
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      const element = node.parentElement;
      if (!node.textContent.trim() || element.closest("title, .sr-only, [aria-hidden]") || !element.getClientRects().length) continue;
      // What is drawn is as large as its drawing makes it.
      const drawn = element.ownerSVGElement && element.getScreenCTM();
      const size = Number.parseFloat(getComputedStyle(element).fontSize) * (drawn ? Math.hypot(drawn.a, drawn.b) : 1);
      if (size < limit - 0.05) found.add(`${size} px: ${node.textContent.trim().slice(0, 40)}`);
    }
    return [...found];
  }, least);

/** What is pressed and is smaller than a glove needs. */
const smallTargets = (page, least) =>
  page.evaluate((limit) => {
    const found = [];
    for (const element of document.querySelectorAll("button, a[href], input, select, summary, [role=button]")) {
      const box = element.getBoundingClientRect();
      if (!box.width || element.closest(".sr-only") || element.classList.contains("sr-only")) continue;
      // What reaches out of its own box is hit in its label as well.
      const label = element.closest("label")?.getBoundingClientRect();
      const [width, height] = [Math.max(box.width, label?.width ?? 0), Math.max(box.height, label?.height ?? 0)];
      if (width < limit - 0.5 || height < limit - 0.5) found.push(`${Math.round(width)}x${Math.round(height)}: ${(element.getAttribute("aria-label") ?? element.textContent).trim().slice(0, 40)}`);
    }
    return found;
  }, least);

const noWider = async (page, where) => {
  const [content, window] = await page.evaluate(() => [document.documentElement.scrollWidth, innerWidth]);
  assert.ok(content <= window, `${where}: ${content} px in ${window}`);
  const cut = await page.evaluate(() =>
    [...document.querySelectorAll("main, dialog[open]")].filter((each) => each.clientWidth > 0 && each.scrollWidth > each.clientWidth + 1).length,
  );
  assert.equal(cut, 0, `${where}: what scrolls sideways`);
};

await run(async ({ open }) => {
  const page = await open();
  await page.getByLabel("A new job").fill("Pump house");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.getByText("No opening yet").waitFor();
  const line = page.getByLabel("Say an opening");
  const say = async (text) => {
    await line.fill(text);
    await line.press("Enter");
    await page.waitForFunction(() => document.querySelector('input[aria-describedby$="-reading"]').value === "");
  };
  await say("3040 window @ 4-0");
  await opening(page, "A").waitFor();
  for (const feet of [8, 12, 16, 20, 24, 32, 45, 60]) {
    await say(`wall ${feet}-0`);
    await page.waitForFunction((long) => document.querySelector('[aria-label="This wall"]').textContent.includes(`${long}'-0"`), feet);
    await page.waitForTimeout(250);
    const { height, width, place } = await wallOf(page);
    assert.ok(height >= 320 || width >= place - 60, `${feet} ft: ${height} px high, ${width} wide`);
    if (feet >= 32) {
      assert.ok(height >= 290, `${feet} ft: ${height} px high`);
      const overview = page.getByTestId("overview");
      await overview.waitFor();
      // A finger at its far end goes there.
      const box = await overview.boundingBox();
      await page.mouse.click(box.x + box.width - 4, box.y + box.height / 2);
      const seen = await page.getByTestId("wall-in-sight").evaluate((element) => element.scrollLeft + element.clientWidth >= element.scrollWidth - 2);
      assert.ok(seen, `${feet} ft: its right end is not in sight`);
      // And all of it is one tap away.
      await page.getByRole("button", { name: "Whole wall" }).click();
      const whole = await wallOf(page);
      assert.ok(whole.width <= whole.place, `${feet} ft: ${whole.width} px in ${whole.place}`);
      await page.getByRole("button", { name: "To read" }).click();
    }
  }

  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 1024, height: 768 },
    { width: 640, height: 400 },
    { width: 390, height: 844 },
  ]) {
    const seen = await open({ viewport });
    const at = `${viewport.width}x${viewport.height}`;
    await openWall(seen, "Water side");
    for (const letter of ["A", "B", "C"]) {
      await opening(seen, letter).click();
      await seen.getByRole("article", { name: `Ticket of opening ${letter}` }).waitFor();
      await noWider(seen, `${at}, opening ${letter}`);
      assert.deepEqual(await smallLetters(seen, SMALL), [], `${at}, opening ${letter}: letters`);
      assert.deepEqual(await smallTargets(seen, TARGET), [], `${at}, opening ${letter}: targets`);
      if (viewport.width === 640) continue;
      // The answer: in the first viewport, on a phone after one swipe.
      if (viewport.width === 390) await seen.getByTestId("verdict").evaluate((verdict) => verdict.scrollIntoView({ block: "start" }));
      for (const part of ["verdict", "header", "packs", "cut", "where"]) {
        const { top, bottom } = await seen.locator(`[data-answer="${part}"]`).first().evaluate((element) => element.getBoundingClientRect().toJSON());
        assert.ok(top >= -1 && bottom <= viewport.height, `${at}, opening ${letter}, ${part}: ${top} to ${bottom}`);
      }
      const cuts = await seen.locator('[data-answer="cut"] td:nth-child(2), [data-answer="header"] .num').evaluateAll((all) => all.map((each) => Number.parseFloat(getComputedStyle(each).fontSize)));
      assert.ok(cuts.length > 3 && cuts.every((size) => size >= 16), `${at}: lengths to cut at ${cuts} px`);
    }
    // Every mark of the sole plate has its letters, and none lies over another.
    await seen.getByRole("button", { name: "To read" }).click();
    const letters = await seen.evaluate(() => [...document.querySelectorAll("[data-marks] text")].map((text) => ({ word: text.textContent, box: text.getBoundingClientRect().toJSON() })));
    const marks = await seen.evaluate(async () => {
      const [, job, wall] = location.pathname.match(/jobs\/([^/]+)\/walls\/([^/]+)/);
      const view = await (await fetch(`/api/jobs/${job}/walls/${wall}`)).json();
      return view.marks.filter((mark) => mark.on !== "top").map((mark) => mark.label).join("");
    });
    assert.equal(letters.map(({ word }) => word).join(""), marks, `${at}: the marks of the sole plate`);
    for (const [index, one] of letters.entries()) {
      for (const other of letters.slice(index + 1)) {
        const apart = one.box.right <= other.box.left + 0.5 || other.box.right <= one.box.left + 0.5 || one.box.bottom <= other.box.top + 2 || other.box.bottom <= one.box.top + 2;
        assert.ok(apart, `${at}: ${one.word} lies over ${other.word}`);
      }
    }
    await seen.close();
  }

  // Every other screen: nothing too small to be read or hit, nothing wider than the window.
  for (const viewport of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    const seen = await open({ viewport });
    const at = `${viewport.width}x${viewport.height}`;
    await openWall(seen, "Water side");
    const [job, wall] = await seen.evaluate(() => location.pathname.match(/jobs\/([^/]+)\/walls\/([^/]+)/).slice(1));
    const first = await seen.evaluate(
      async ([job, wall]) => (await (await fetch(`/api/jobs/${job}/walls/${wall}`)).json()).openings[0].id,
      [job, wall],
    );
    const measured = async (where) => {
      await noWider(seen, `${at}, ${where}`);
      assert.deepEqual(await smallLetters(seen, SMALL), [], `${at}, ${where}: letters`);
      assert.deepEqual(await smallTargets(seen, TARGET), [], `${at}, ${where}: targets`);
    };
    const screens = [
      ["/", "Heron Slip"],
      ["/devices", "phone"],
      [`/jobs/${job}/rules`, "What governs"],
      [`/jobs/${job}/materials`, "different header"],
      [`/jobs/${job}/walls/${wall}/papers/wall`, "Pole, undersides"],
      [`/jobs/${job}/walls/${wall}/papers/plates`, "Story pole"],
      [`/jobs/${job}/walls/${wall}/papers/cuts`, "Equal lengths"],
      [`/jobs/${job}/openings/${first}/sheet`, "How hard it works"],
      [`/jobs/${job}/openings/${first}/reach`, "reach over this opening"],
    ];
    for (const [path, wait] of screens) {
      await seen.goto(new URL(path, seen.url()).href);
      await seen.getByText(wait).first().waitFor();
      await measured(path.replace(/[0-9a-f-]{36}/g, "_"));
    }
    await makeHouse(seen, `Measured at ${at}`, "house 36x24, 2 storeys 9-0 8-0, porch 8-0 deep at the front");
    await seen.getByText("From roof to ground").waitFor();
    await measured("house");
    await seen.goto(new URL("/", seen.url()).href);
    await openWall(seen, "Water side");
    for (const button of ["What it carries", "Length, height, studs", "Words"]) {
      await seen.getByRole("button", { name: button }).first().click();
      await seen.getByRole("dialog").waitFor();
      await measured(button);
      await seen.getByRole("button", { name: "Close", exact: true }).click();
    }
    await seen.close();
  }
});
