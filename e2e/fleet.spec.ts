import { execFileSync } from "node:child_process";
import { expect, type Page } from "@playwright/test";
import { demoYachtFile } from "../src/demo/yacht-file";
import { signIn } from "./desk";
import { doPlace, signAndSeal, walk } from "../src/testing/played/handover";
import { test } from "./test";

/** Charters of the larger yachts, and how many of their places are walked. */
const charters = [
  { reference: "BR-1060", yacht: "cold-harbour", places: 2 },
  { reference: "BR-1065", yacht: "gannet-rock", places: 2 },
  { reference: "BR-1066", yacht: "two-lanterns", places: 2 },
];

/** Her deposit comes by transfer: it is noted in two parts, and a sum above what is open is refused where it stands. */
async function noteTransfer(page: Page): Promise<void> {
  const amount = page.getByLabel("Amount (EUR)");
  const number = page.getByLabel("Reference on the bank statement");
  const note = page.getByRole("button", { name: "Note as received" });
  await expect(amount).toHaveValue("3000.00");
  await note.click();
  await expect(page.getByText("Without its number nobody finds it again")).toBeVisible();
  await number.fill("TR 88-1");
  await amount.fill("3000,01");
  await note.click();
  await expect(page.getByText("€3,000.00 at most")).toBeVisible();
  await amount.fill("1000");
  await note.click();
  await expect(page.getByText(/€1,000.00 received by transfer TR 88-1/)).toBeVisible();
  await expect(amount).toHaveValue("2000.00");
  await number.fill("TR 88-2");
  await note.click();
  await expect(amount).toBeHidden();
}

for (const { reference, yacht, places } of charters) {
  test(`the check-in runs on ${yacht}`, async ({ page }) => {
    const faults: string[] = [];
    page.on("pageerror", (error) => faults.push(error.message));
    const file = demoYachtFile(yacht);
    const counts = Object.fromEntries(Object.entries(file.inventory).map(([key, item]) => [key, item.expected]));
    // a deposit is noted by the office or the manager, and a handover opened by the briefer or the manager
    await signIn(page, yacht === "two-lanterns" ? "senna@brinecove.example" : undefined);
    await page.goto(`/charters/${reference}`);
    if (yacht === "two-lanterns") await noteTransfer(page);
    await page
      .getByRole("button", { name: /^(Start|Go on with) the check-in$/ })
      .first()
      .click();
    await page.waitForURL("**/handover#*");
    const footer = page.getByRole("contentinfo");
    const first = Object.values(file.places).sort((a, b) => a.order - b.order)[0]?.name.en ?? "";
    await expect(page.locator("#place-title")).toHaveText(first);
    for (let walked = 1; ; walked++) {
      await doPlace(page, { counts, hours: 1300, except: {} });
      const here = (await page.locator("#place-title").textContent()) ?? "";
      if (walked === places) break;
      await footer.getByRole("button", { name: /^Next/ }).click();
      await expect(page.locator("#place-title")).not.toHaveText(here);
    }
    const atHandover = Object.values(file.readings).filter((reading) => !reading.prepOnly).length;
    const views = new Set(
      Object.values(file.looks)
        .map((look) => look.surface)
        .filter((surface) => surface !== "below"),
    ).size;
    // and the skipper's certificate and identity
    const chains = Object.values(file.groundTackle).filter(({ measured }) => measured).length;
    const total =
      [file.inventory, file.tests, file.looks].reduce((sum, part) => sum + Object.keys(part).length, 0) +
      atHandover +
      views +
      chains +
      2 +
      // paddle boards, counted and tried, and a cool box that this charter has hired
      (yacht === "cold-harbour" ? 3 : 0);
    await expect(footer).toContainText(new RegExp(`left of ${total}`));
    await expect(footer.getByRole("status")).toContainText("all at the base", { timeout: 20_000 });
    expect(faults).toEqual([]);
  });
}

test("the briefing is signed with the check-in, and stands on the record's paper", async ({ page }) => {
  const file = demoYachtFile("little-auk");
  const counts = Object.fromEntries(Object.entries(file.inventory).map(([key, item]) => [key, item.expected]));
  await signIn(page);
  await page.goto("/charters/BR-1062");
  await page.getByRole("button", { name: "Briefing walk" }).click();
  await page.waitForURL(/handover#/);
  const title = page.locator("#stop-title");
  await expect(title).toBeVisible();
  await page.getByRole("button", { name: "All stops" }).click();
  await page.getByRole("button", { name: "System by system" }).click();
  await page.getByRole("button", { name: "Close" }).click();
  // the skipper asks, gets an answer; one stop is put off, one is left out
  await page.getByRole("button", { name: "Question" }).click();
  await page.getByRole("textbox", { name: "The skipper asks" }).fill("How far does the petrol take us?");
  await page.getByRole("button", { name: "Keep the question" }).click();
  await page.getByRole("button", { name: "Answered" }).click();
  const off = (await title.textContent()) ?? "";
  await page.getByRole("button", { name: "Not now …" }).click();
  await page.getByRole("button", { name: "rain" }).click();
  await expect(title).not.toHaveText(off);
  await page.getByRole("button", { name: "All stops" }).click();
  await page.getByRole("listitem").filter({ hasText: "Portable toilet" }).getByRole("button").first().click();
  await page.getByRole("button", { name: "Not now …" }).click();
  await page.getByRole("button", { name: "the skipper knows it" }).click();
  for (let left = 12; left > 0; left--) {
    await expect(title).not.toHaveText("Planning the walk …");
    const here = (await title.textContent()) ?? "";
    await page.getByRole("button", { name: left % 2 === 0 ? "Only shown" : "I have done it" }).click();
    await expect(title).not.toHaveText(here);
    await expect(title).not.toHaveText("Planning the walk …");
  }
  await expect(title).toHaveText("The walk is done");
  await expect(page.getByText("12 shown, 6 of them with own hands, 1 left out. No question is open.")).toBeVisible();

  // the lines of the check-in, then both sign
  await page.getByRole("button", { name: "List" }).click();
  await expect(page.locator("#place-title")).toBeVisible();
  await walk(page, { counts, hours: 300, except: {} });
  await page
    .getByRole("contentinfo")
    .getByRole("button", { name: /^Read it through/ })
    .click();
  await page.getByText("12 of 13 topics shown, 6 with own hands, 1 left out, 0 not reached").click();
  await expect(page.getByText("Portable toilet: left out, the skipper knows it")).toBeVisible();
  await expect(page.getByText("Question answered: How far does the petrol take us?")).toBeVisible();
  await signAndSeal(page, "Pell Harrow");
  await expect(page.getByText("The record and all that belongs to it are at the base.")).toBeVisible({
    timeout: 30_000,
  });
  const address = await page.getByRole("link", { name: /PDF/ }).first().getAttribute("href");
  const paper = await (await page.request.get(address ?? "")).body();
  const words = execFileSync("pdftotext", ["-layout", "-", "-"], { input: paper }).toString().replaceAll(/\s+/g, " ");
  expect(words).toContain("12 of 13 topics shown, 6 with own hands");
  expect(words).toContain("Question answered: How far does the petrol take us?");
});

test("a class is changed: one sister follows, the other is left a draft that is mended and published", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/fleet");
  await page.getByRole("link", { name: "Ondavar 41", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Class Ondavar 41");
  type Loose = Record<
    string,
    Record<string, Record<string, unknown> & { notThis?: string[]; steps?: { fitting?: string }[]; fitting?: string }>
  >;
  const file = (await (await page.request.get("/api/classes/ondavar-41/file.json")).json()) as Loose;
  // the class loses a fitting that Cold Harbour has a difference about
  delete file.fittings?.["windlass-remote"];
  for (const procedure of Object.values(file.procedures ?? {}))
    for (const step of procedure.steps ?? []) if (step.fitting === "windlass-remote") delete step.fitting;
  for (const fitting of Object.values(file.fittings ?? {}))
    if (fitting.notThis?.includes("windlass-remote")) delete fitting.notThis;
  await page
    .getByLabel("Upload a changed file")
    .setInputFiles({ name: "class.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(file)) });
  await page.waitForURL("**/fleet/class/ondavar-41/edit?view=publish");
  await expect(page.getByRole("heading", { name: "It reaches 2 yachts" })).toBeVisible();
  await expect(page.getByText(/Quillback: published with it, \d+ changes/)).toBeVisible();
  await page.getByText("Cold Harbour: left as a draft, one thing stands against it").click();
  await expect(page.getByText(/fittings\/windlass-remote needs "name"/)).toBeVisible();
  await page.getByLabel("Why is the file changed?").fill("foot switches alone from now on");
  await page.getByRole("button", { name: "Publish revision 2" }).click();
  await page.waitForURL("**/fleet/class/ondavar-41");

  await page.getByRole("link", { name: "Cold Harbour" }).click();
  await expect(page.getByText(/Her class is now at revision 2 \(foot switches alone from now on\)/)).toBeVisible();
  // what the class has left for her is put into her draft, taken out as a file, mended and put in again
  await page.getByRole("tab", { name: "File" }).click();
  await page.getByRole("button", { name: "Add it to her draft" }).click();
  await page.waitForURL("**/fleet/cold-harbour/edit?view=publish");
  // the remote that she alone still has stays hers, whole; only steps that the class has changed follow
  await expect(page.getByRole("heading", { name: "3 changes" })).toBeVisible();
  const hers = (await (await page.request.get("/api/drafts/yachts/cold-harbour/file")).json()) as Loose;
  delete hers.fittings?.["windlass-remote"];
  for (const [key, odd] of Object.entries(hers.oddities ?? {}))
    if (odd.fitting === "windlass-remote") delete hers.oddities?.[key];
  await page.goto("/fleet/cold-harbour?part=file");
  await page
    .getByLabel("Upload a changed file")
    .setInputFiles({ name: "hers.json", mimeType: "application/json", buffer: Buffer.from(JSON.stringify(hers)) });
  await page.waitForURL("**/fleet/cold-harbour/edit?view=publish");
  await page.getByLabel("Why is the file changed?").fill("no remote on her either");
  await page.getByRole("button", { name: /^Publish revision/ }).click();
  await page.waitForURL("**/fleet/cold-harbour");
  await expect(page.getByText("Her class is now at")).toBeHidden();
});

test("a label on a fitting opens that fitting, by the code alone", async ({ page }) => {
  await page.goto("/aboard#GANRK-5T6/fitting/fuel-shut-off");
  await expect(page.getByRole("article", { name: "Fuel cut-off" })).toBeVisible();
  await page.getByRole("button", { name: "Show on her plan" }).click();
  await expect(page.getByRole("button", { name: "Below", exact: true })).toHaveAttribute("aria-pressed", "true");
});
