import { expect } from "@playwright/test";
import { signIn } from "./desk";
import { test } from "./test";

test("the fleet by days: a charter is carried to other days and called off, free days are closed, guests looked at before they come", async ({
  page,
  browser,
}, info) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/charters");
  await page.getByRole("navigation", { name: "Charters" }).getByRole("link", { name: "Calendar" }).click();
  const bar = (reference: string) => page.getByRole("link", { name: new RegExp(`^${reference},`) });
  const placeOf = async (reference: string) => {
    const box = await bar(reference).locator("path").first().boundingBox();
    if (!box) throw new Error(`${reference} is not drawn`);
    return box;
  };
  const carry = async (reference: string, days: number, rows: number) => {
    const { x, y } = await placeOf(reference);
    await page.mouse.move(x + 60, y + 20);
    await page.mouse.down();
    await page.mouse.move(x + 60 + days * 26, y + 20 + rows * 52, { steps: 6 });
  };
  // on paper it lies on its side, as large as names can be read; afterwards the screen is as it was
  await page.evaluate(() => {
    window.print = () => {
      document.title = document.adoptedStyleSheets.map((sheet) => sheet.cssRules[0]?.cssText ?? "").join(" ");
    };
  });
  await page.getByRole("button", { name: "Print A3" }).click();
  await expect(page).toHaveTitle(/size: a3 landscape/i);
  expect(await page.evaluate(() => document.adoptedStyleSheets.length)).toBe(0);
  // onto another's days it cannot go, and that is said while it is carried
  await expect(bar("BR-1065")).toBeVisible();
  await carry("BR-1065", -4, -1);
  await expect(page.getByRole("status").filter({ hasText: "Cold Harbour is promised to BR-1060" })).toBeVisible();
  await page.mouse.up();
  await expect(page.getByRole("dialog")).toHaveCount(0);
  // two weeks later on the same yacht it can, with a reason
  const before = await placeOf("BR-1065");
  await carry("BR-1065", 14, 0);
  await page.mouse.up();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByRole("heading", { name: "Move BR-1065" })).toBeVisible();
  await expect(dialog.getByRole("region", { name: "What it does" })).toBeVisible();
  await dialog.getByLabel("Why").fill("their flight was moved");
  await dialog.getByLabel("Who was told").fill("the skipper");
  await dialog.getByRole("button", { name: "Move it" }).click();
  await expect(dialog).toHaveCount(0);
  await expect.poll(async () => Math.round((await placeOf("BR-1065")).x - before.x)).toBe(14 * 26);
  // a week of service keeps charters out
  const drawing = page.getByRole("group", { name: "Calendar" });
  const ground = await drawing.boundingBox();
  if (!ground) throw new Error("no calendar");
  await page.mouse.move(ground.x + 700, ground.y + 130);
  await page.mouse.down();
  await page.mouse.move(ground.x + 850, ground.y + 130, { steps: 5 });
  await page.mouse.up();
  await page.getByLabel("What for").fill("new rigging");
  await page.getByRole("button", { name: "Close Little Auk" }).click();
  await expect(page.getByRole("button", { name: "Service: new rigging" })).toBeVisible();
  // by keys alone: to the charter, a day later, its page
  await bar("BR-1062").focus();
  await page.keyboard.press("Alt+ArrowRight");
  await expect(page.getByRole("status").filter({ hasText: "BR-1062: Little Auk" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page.keyboard.press("Enter");
  await page.waitForURL("**/charters/BR-1062");

  // cancelled, with what it does told before; and its bar is gone
  await page.getByRole("button", { name: "Call off" }).click();
  await expect(page.getByText(/Little Auk is free from/)).toBeVisible();
  await page.getByLabel("Why").fill("the skipper is ill");
  await page.getByRole("button", { name: "Call it off" }).click();
  await expect(page.getByRole("button", { name: "It takes place after all" })).toBeVisible();
  await expect(page.getByText("called off: cancelled")).toBeVisible();
  await page.goto("/charters/calendar");
  await expect(bar("BR-1065")).toBeVisible();
  await expect(bar("BR-1062")).toHaveCount(0);

  // the week to come: what is missing, noted and reminded from one list
  await page.getByRole("navigation", { name: "Charters" }).getByRole("link", { name: "Before they come" }).click();
  const row = page.getByRole("listitem").filter({ has: page.getByRole("link", { name: /BR-1058/ }) });
  await row.getByLabel("Arrive at").fill("14:30");
  await row.getByLabel("Arrive at").press("Enter");
  await expect(page.getByText("Noted.").first()).toBeVisible();
  await page.reload();
  await expect(row.getByLabel("Arrive at")).toHaveValue("14:30");

  // and the skipper names the crew on a phone
  const context = await browser.newContext({
    baseURL: info.project.use.baseURL,
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
  });
  const phone = await context.newPage();
  await phone.goto("/book#demo-boat-book-cold-harbour-1060");
  await phone.getByLabel("PIN").fill("614720");
  await phone.getByRole("button", { name: "Open", exact: true }).click();
  await phone.getByRole("button", { name: /^(Name|Change) your crew$/ }).click();
  await phone.getByLabel("When you come to the base, on the first day").fill("15:00");
  const first = phone.getByRole("group", { name: "Person 1", exact: true });
  await first.getByLabel("Name, as in the passport").fill("Runa Sedgeley");
  await first.getByLabel("Weight in kg").fill("68");
  await first.getByLabel("Swims").check();
  await phone.getByRole("button", { name: "Tell the base" }).click();
  await expect(phone.getByText(/You come at 15:00\./)).toBeVisible();
  await context.close();
  await page.reload();
  const theirs = page.getByRole("listitem").filter({ has: page.getByRole("link", { name: /BR-1060/ }) });
  await expect(theirs.getByLabel("Arrive at")).toHaveValue("15:00");
});
