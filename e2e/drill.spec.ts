import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { drillsOf } from "../src/core/drills/hers";
import { demoYacht } from "../src/testing/demo-yacht";
import { openBook } from "./book";
import { signIn } from "./desk";
import { test } from "./test";

test.use({ serviceWorkers: "allow", viewport: { width: 390, height: 844 } });

/** Holds a button for so many seconds of the page's own clock. */
async function hold(page: Page, name: string, seconds: number): Promise<void> {
  const button = page.getByRole("main").getByRole("button", { name, exact: true });
  await button.scrollIntoViewIfNeeded();
  const box = await button.boundingBox();
  if (!box) throw new Error(`no ${name}`);
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.clock.runFor(seconds * 1000);
  await page.mouse.up();
}

test("an engine is started and stopped on a telephone without signal, first with a mistake, then clean", async ({
  page,
  context,
}) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(String(error)));
  await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
  await openBook(page, "demo-boat-book-pale-heron-1052", "405162");
  await expect(page.getByText(/Ready for no signal/).first()).toBeVisible({ timeout: 120_000 });
  await context.setOffline(true);
  await page.getByRole("button", { name: "Try her devices yourself" }).click();
  await page.getByRole("button", { name: /^Engine/ }).click();
  await expect(page.getByText("Start her, then stop her and leave nothing on.")).toBeVisible();

  // let go of stop too early: told, and done again from just before it
  await page.clock.runFor(500);
  await hold(page, "Key", 0.3);
  await hold(page, "Start", 2);
  await page.clock.runFor(8000);
  await page.getByRole("button", { name: "Exhaust" }).click();
  await expect(page.getByText(/^Water at the exhaust: \d+ l\/min$/)).toBeVisible();
  await hold(page, "Stop", 2);
  await expect(page.getByText("You let go of stop before she was dead. One mistake")).toBeVisible();
  await page.getByRole("button", { name: "Again from just before" }).click();
  await expect(page.getByText("No mistake")).toBeVisible();
  await hold(page, "Stop", 5);
  await expect(page.getByRole("region", { name: "What has been" })).toContainText("She has stopped");
  await hold(page, "Key", 0.3);
  await expect(page.getByText("Done. Walk away when nothing is left. No mistake")).toBeVisible();
  await page.getByRole("button", { name: "Walk away" }).click();
  await expect(page.getByText("Practice: it counts once you do it without help.")).toBeVisible();
  const axe = await new AxeBuilder({ page }).analyze();
  expect(axe.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  expect(faults).toEqual([]);
});

test("every device of hers opens, nothing runs over the edge, and all it has is worked once", async ({ page }) => {
  test.setTimeout(240_000);
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(String(error)));
  await openBook(page, "demo-boat-book-pale-heron-1052", "405162");
  await expect(page.getByRole("button", { name: "Try her devices yourself" })).toBeVisible();
  for (const { key } of drillsOf(demoYacht("pale-heron"))) {
    await page.evaluate((to) => void (location.hash = to), `drill/${key}`);
    await expect(page.getByRole("button", { name: "Walk away" })).toBeVisible();
    for (const choice of await page.getByRole("main").getByRole("group").all())
      for (const button of await choice.getByRole("button").all()) await button.click({ delay: 30 });
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect([key, over]).toEqual([key, 0]);
    await page.getByRole("button", { name: "Walk away" }).click();
  }
  expect(faults).toEqual([]);
});

test("three clean runs are done alone: the study says so, and so does the briefer's sheet", async ({ page }) => {
  await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
  await openBook(page, "demo-boat-book-cold-harbour-1060", "614720");
  await expect(page.getByRole("button", { name: "Try her devices yourself" })).toBeVisible();
  await page.evaluate(() => void (location.hash = "drill/pilot"));
  const clean = ["1 of 3 clean runs in a row", "2 of 3 clean runs in a row", "Done alone"];
  for (const standing of clean) {
    await page.clock.runFor(500);
    for (const name of ["Auto", "10 to port", "10 to starboard", "Standby"]) {
      await hold(page, name, 0.2);
      await page.clock.runFor(4000);
    }
    await page.getByRole("button", { name: "Walk away" }).click();
    await expect(page.getByText("A clean run.")).toBeVisible();
    await expect(page.getByText(standing)).toBeVisible();
    await page.getByRole("button", { name: "Begin again" }).click();
  }
  await page.evaluate(() => void (location.hash = "study"));
  const asked = page.getByRole("region", { name: "Drills for you" });
  await expect(asked.getByRole("button", { name: /^Autopilot/ })).toContainText("done alone");
  await expect(page.getByText("all at the base")).toBeVisible();

  await page.clock.resume();
  await signIn(page, "maro@brinecove.example");
  await page.goto("/charters/BR-1060/briefing");
  await expect(page.getByText(/^Autopilot: Let it steer, .* done alone, 3 runs\.$/)).toBeVisible();
});

test("the code posted aboard opens her devices for whoever is aboard, and keeps nothing", async ({ page }) => {
  await page.goto("/aboard#HERON-7K2");
  await page.getByRole("button", { name: "Try her devices yourself" }).click();
  await page.getByRole("button", { name: /^Gas stove/ }).click();
  await page.getByRole("button", { name: "Show me" }).click();
  await expect(page.getByText("Bottle: open")).toBeVisible();
  await expect(page.getByText(/clean runs in a row/)).toHaveCount(0);
});

test("leaving the quay is tried on a telephone: nothing runs over the edge, axe finds nothing, and it is done", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
  await openBook(page, "demo-boat-book-pale-heron-1052", "405162");
  await page.getByRole("button", { name: "Try leaving and coming back" }).click();
  await expect(page.getByText("Nothing touched · No mistake")).toBeVisible();
  // it begins at her own berth; here the quay is wanted, with the wind off it
  await expect(page.getByRole("button", { name: "Slip the port lazy line" })).toBeVisible();
  await page.getByRole("button", { name: "Off the quay, the wind blows her off." }).click();
  for (const line of ["bow line", "stern line", "fore spring", "aft spring"])
    await page.getByRole("button", { name: `Slip the ${line}` }).click();
  const axe = await new AxeBuilder({ page }).analyze();
  expect(axe.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
  await page.clock.runFor(60_000);
  await expect(page.getByText(/^Done in \d+ seconds\. Nothing touched/)).toBeVisible();
});

test("leaving the berth is planned on a telephone without signal: drawn, nothing over the edge, axe finds nothing", async ({
  page,
  context,
}) => {
  await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
  await openBook(page, "demo-boat-book-pale-heron-1058", "731904");
  await expect(page.getByText(/Ready for no signal/).first()).toBeVisible({ timeout: 120_000 });
  await context.setOffline(true);
  await page.getByRole("button", { name: /^Leave the berth/ }).click();
  await expect(page.getByRole("region", { name: "Ways out that were tried" })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("img", { name: /from above, wind \d+ knots/ })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBe(0);
  const axe = await new AxeBuilder({ page }).analyze();
  expect(axe.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  // more wind than the base lets anybody out in
  await page.getByRole("button", { name: /^Wind at the berth/ }).click();
  await page.getByRole("textbox", { name: /Wind at the berth/ }).fill("32");
  await expect(page.getByText(/^More wind than the base’s limit/)).toBeVisible({ timeout: 60_000 });
});

test("who briefs looks on from the desk and gives a fault to the telephone, which begins anew", async ({
  page,
  browser,
}) => {
  await openBook(page, "demo-boat-book-pale-heron-1058", "731904");
  await page.getByRole("button", { name: "Try her devices yourself" }).click();
  await page.getByRole("button", { name: /^Engine/ }).click();
  await page.getByRole("button", { name: "Exhaust" }).click();

  const desk = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await signIn(desk, "maro@brinecove.example");
  await desk.goto("/charters/BR-1058/briefing");
  const open = desk.getByRole("article", { name: "Engine" });
  await expect(open.getByRole("status")).toHaveText(/s so far\.$/);
  await open.getByRole("button", { name: "the starter is too weak" }).click();
  await expect(page.getByText("The base gave it a fault. Find it.")).toBeVisible({ timeout: 20_000 });
  await expect(open.getByText(/^On its way/)).toHaveCount(0);
  await expect(desk.getByRole("article")).toHaveCount(1);
  await open.getByRole("button", { name: "Take the fault away" }).click();
  await expect(page.getByText("The base gave it a fault. Find it.")).toHaveCount(0, { timeout: 20_000 });
  await desk.context().close();
});
