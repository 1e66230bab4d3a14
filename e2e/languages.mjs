// Every text of the page comes from the catalogs; a Spanish speaker reads a ticket, a plate list and a finding whole; who
// measures in millimeters reads exact ones everywhere, on the sheet too.
import { assert, fill, opening, openParts, openWall, run } from "./driver.mjs";

const speak = (page, preferences) =>
  page.evaluate((kept) => localStorage.setItem("sturvek.speech", JSON.stringify(kept)), preferences);

/** What may stand outside every message: units, signs of loads, marks on plates, names of wood. */
const KNOWN = new Set(
  (
    "mm kN kPa MPa kg km ft lb in psf psi mph sq Lr XXX XX CX XC English Español Sturvek " +
    "SPF DF HF SP No Sel Str Stud LVL PSL LSL Glulam glulam ASCE NDS IRC Fb Fv Fc Emin Ce Ct Cs " +
    "Douglas Fir Larch Hem Spruce Pine Southern"
  ).split(" "),
);

/** Everything that is read or heard on the page, outside the messages' brackets. */
const outside = (page) =>
  page.evaluate(() => {
    const texts = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    // The signs of a formula are the standards' own.
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      if (!node.parentElement.closest("[data-formula]")) texts.push(node.textContent);
    }
    for (const element of document.querySelectorAll("*")) {
      for (const name of ["aria-label", "title", "placeholder", "alt"]) texts.push(element.getAttribute(name) ?? "");
    }
    const strip = (text) => {
      let depth = 0;
      let out = "";
      for (const letter of text) {
        if (letter === "⟦") depth += 1;
        else if (letter === "⟧") depth -= 1;
        else if (depth === 0) out += letter;
      }
      return out;
    };
    return texts.map(strip).filter((text) => /\p{L}{2}/u.test(text));
  });

/** Every word that the user wrote. */
function wordsOf(value, words = new Set()) {
  if (typeof value === "string") for (const word of value.match(/\p{L}{2,}/gu) ?? []) words.add(word);
  else if (value && typeof value === "object") for (const part of Object.values(value)) wordsOf(part, words);
  return words;
}

async function saysNothingElse(page, users, where) {
  const texts = (await outside(page)).filter((text) =>
    (text.match(/\p{L}{2,}/gu) ?? []).some((word) => !KNOWN.has(word) && !users.has(word) && !/^[XKJCPT][a-z]?(?:[XKJCPT][a-z]?)*$/.test(word)),
  );
  assert.deepEqual([...new Set(texts)], [], `${where}: not from the catalogs`);
}

/** Words of English that no Spanish sentence has. */
const ENGLISH = /\b(the|and|over|under|with|each|nail|studs|header|cut)\b/i;

await run(async ({ address, open }) => {
  const page = await open();
  const { jobs } = await (await fetch(`${address}/api/jobs`)).json();
  const job = await (await fetch(`${address}/api/jobs/${jobs[0].id}`)).json();
  // The names the user gave; choices such as `tight_to_plates` are no words of theirs.
  const users = wordsOf([jobs.map(({ name, address, walls }) => [name, address, walls]), job.job.name, job.job.walls.map((wall) => [wall.frame.name, wall.point_loads.map((load) => load.name)]), job.job.stock.map((item) => item.board.sheet_name), job.job.code_table?.name]);
  const walls = job.job.walls;
  const at = (path) => page.goto(`${address}/jobs/${job.id}${path}`, { waitUntil: "networkidle" });

  await speak(page, { language: "pseudo", units: "feet_and_inches", vocabulary: "jack" });
  await page.goto(address, { waitUntil: "networkidle" });
  await saysNothingElse(page, users, "jobs");
  await page.goto(`${address}/devices`, { waitUntil: "networkidle" });
  await saysNothingElse(page, users, "phones");
  for (const wall of walls) {
    for (const each of wall.openings) {
      await at(`/walls/${wall.id}?o=${each.id}`);
      await openParts(page);
      await page.evaluate(() => document.querySelectorAll("details").forEach((details) => (details.open = true)));
      await saysNothingElse(page, users, `${wall.frame.name}, an opening`);
    }
    for (const sheet of ["What it carries", "Length, height, studs"]) {
      await at(`/walls/${wall.id}`);
      await page.getByRole("button", { name: `⟦${sheet}⟧` }).click();
      await page.evaluate(() => document.querySelectorAll("details").forEach((details) => (details.open = true)));
      await saysNothingElse(page, users, `${wall.frame.name}: ${sheet}`);
    }
    await at(`/walls/${wall.id}/papers/wall`);
    await saysNothingElse(page, users, `${wall.frame.name}: plates`);
  }
  const first = walls[0].openings[0].id;
  await page.getByRole("button", { name: "⟦Words⟧" }).click();
  await saysNothingElse(page, users, "words and units");
  for (const path of [`/openings/${first}/sheet`, `/openings/${first}/reach`, "/materials", "/rules"]) {
    await at(path);
    await saysNothingElse(page, users, path.split("/").at(-1));
  }

  await speak(page, { language: "es", units: "feet_and_inches", vocabulary: "jack" });
  for (const wall of walls) {
    for (const each of wall.openings) {
      await at(`/walls/${wall.id}?o=${each.id}`);
      await openParts(page);
      await page.locator("details").evaluateAll((all) => all.forEach((details) => (details.open = true)));
      const ticket = await page.getByRole("article").innerText();
      const english = ticket.split("\n").filter((line) => ENGLISH.test(line));
      assert.deepEqual(english, [], `${wall.frame.name}: the ticket is Spanish`);
    }
    for (const sheet of ["plates", "cuts"]) {
      await at(`/walls/${wall.id}/papers/${sheet}`);
      await page.getByRole("article").waitFor();
      const list = await page.getByRole("main").innerText();
      // What the job says of itself is its user's own.
      const said = Object.values(job.job.particulars).reduce((text, own) => (own ? text.replaceAll(own, "") : text), list);
      assert.deepEqual(said.split("\n").filter((line) => ENGLISH.test(line)), [], `${wall.frame.name}: ${sheet} in Spanish`);
    }
  }
  await at(`/walls/${walls[0].id}`);
  await page.getByRole("button", { name: /^Por revisar/ }).click();
  await page.getByText(/demasiado corto para clavarlo/).first().waitFor();

  await speak(page, { language: "en", units: "millimeters", vocabulary: "jack" });
  await page.goto(address, { waitUntil: "networkidle" });
  await openWall(page, "Pantry partition");
  await page.getByRole("button", { name: "+ wall" }).click();
  await page.getByRole("link", { name: `Wall ${walls.length + 1}` }).click();
  await page.getByRole("button", { name: "Length, height, studs" }).click();
  await fill(page, "Length", "3600");
  await page.getByLabel("The height is known").selectOption("over_plates");
  await fill(page, "Height over all plates", "2400");
  await page.getByRole("button", { name: "Close", exact: true }).click();
  await page.getByLabel("Say an opening").fill("900x2100 door @ 1800");
  await page.keyboard.press("Enter");
  await opening(page, "A").waitFor();
  await openParts(page);
  await page.waitForFunction(() => /3600 mm × 2400 mm/.test(document.body.innerText.replace(/\s+/g, " ")));
  for (const exact of ["900 mm", "2100 mm", "1800 mm"]) {
    const fields = await page.locator("input").evaluateAll((all) => all.map((field) => field.value));
    assert.ok(fields.includes(exact), `${exact} is exact in its field: ${fields}`);
  }
  await page.getByRole("main").getByRole("button", { name: "What it carries", exact: true }).click();
  await page.getByRole("button", { name: "Roof", exact: true }).click();
  await page.getByRole("button", { name: "Close", exact: true }).click();
  const sheet = page.getByRole("link", { name: "Calculation sheet" });
  await sheet.click();
  await page.getByRole("heading", { name: "what is given" }).waitFor();
  const given = (await page.getByRole("main").innerText()).replace(/\s+/g, " ");
  assert.match(given, /3600 mm long, 2400 mm high over all plates/);
  assert.match(given, /psi \([\d.]+ MPa\)/, "the code's units with the user's beside them");
  const inches = (await page.getByRole("main").innerText()).match(/\d['′″]|\/\d+"/g);
  assert.equal(inches, null, "no inch on a metric sheet but the arithmetic's own");
});
