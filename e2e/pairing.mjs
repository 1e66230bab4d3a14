// A phone is paired by the code on the machine's screen, shows the jobs, and is revoked: node e2e/pairing.mjs ADDRESS SITE
import { check } from "./accessibility.mjs";
import { assert, DEMO, expectText, run } from "./driver.mjs";

const site = process.argv[3];

await run(async ({ open }) => {
  const here = await open();
  await here.getByRole("link", { name: "Pair a phone" }).click();
  await here.getByRole("heading", { name: "Pair a phone" }).waitFor();
  await here.getByText("No device is paired.").waitFor();
  await check(here, "phones, the code shown");
  const code = async () => (await (await fetch(new URL("/api/site", here.url()))).json()).site.code;

  const phone = await open({ viewport: { width: 390, height: 780 }, ignoreHTTPSErrors: true, locale: "es-MX" });
  await phone.goto(`${site}/jobs/anything`);
  await phone.getByRole("heading", { name: "Vincular este dispositivo" }).waitFor();
  await check(phone, "pairing");
  await phone.getByLabel("El código").fill("2222-2222");
  await phone.getByRole("button").click();
  await expectText(phone.getByRole("alert"), "That is not the code");
  await phone.waitForTimeout(1100);

  // Scanned, the code stands in the address, and leaves it at once.
  await phone.goto(`${site}/pairing#${await code()}`);
  await phone.reload();
  await phone.waitForFunction(() => window.location.hash === "" && document.querySelector("input").value !== "");
  await phone.getByLabel("Cómo llamar a este dispositivo").fill("Cutter's phone");
  await phone.getByRole("button").click();
  await phone.getByRole("link", { name: DEMO, exact: true }).click();
  await phone.getByTestId("verdict").waitFor();
  assert.equal(await phone.evaluate(() => window.isSecureContext && document.cookie), "", "out of the page's reach");
  await phone.goto(`${site}/devices`);
  await phone.getByRole("link", { name: "Take the certificate" }).waitFor();

  await here.getByText("Cutter's phone").waitFor();
  await here.getByRole("button", { name: "Revoke Cutter's phone" }).click();
  await here.getByText("No device is paired.").waitFor();
  await phone.goto(site);
  await phone.getByRole("heading", { name: "Vincular este dispositivo" }).waitFor();
});
