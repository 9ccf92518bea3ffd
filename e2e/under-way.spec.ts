import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { openBook } from "./book";
import { signIn, step } from "./desk";
import { test } from "./test";

test.use({ serviceWorkers: "allow", viewport: { width: 390, height: 844 }, permissions: ["geolocation"] });

/** Opens a boat book on a telephone whose clock goes with the base's. */
async function openUnderWay(page: Page, link: string, pin: string): Promise<void> {
  await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
  await openBook(page, link, pin);
  await expect(page.getByRole("heading", { name: "What is left aboard" })).toBeVisible();
}
const figure = (page: Page, name: RegExp) =>
  page.getByRole("listitem").filter({ has: page.getByRole("button", { name }) });
async function typeFigure(page: Page, label: string, text: string): Promise<void> {
  await page.getByRole("button", { name: new RegExp(`^${label}`) }).click();
  await page.getByLabel(`${label}: type it`).fill(text);
}
const back = (page: Page) => page.getByRole("main").getByRole("button", { name: "Today" }).click();

test("a day under way without signal, at night: chain, reef, fuel, way back, round, log; then the base has it", async ({
  page,
  context,
  browser,
}) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(String(error)));
  await openUnderWay(page, "demo-boat-book-pale-heron-1052", "405162");
  await expect(page.getByText(/clock and the base’s/)).toHaveCount(0);
  await expect(page.getByText(/Ready for no signal/).first()).toBeVisible({ timeout: 120_000 });
  await page.getByRole("button", { name: "Night", exact: true }).click();
  await context.setOffline(true);
  await page.reload();

  await page.getByRole("button", { name: "How much chain" }).click();
  await expect(page.getByText(/^No figure yet\. Tell first: Depth of the water now/)).toBeVisible();
  await typeFigure(page, "Depth on her instrument now", "3.5");
  const answer = page.getByRole("main").getByRole("status").first();
  await expect(answer).toContainText(/Let out\d+ m/);
  await expect(answer).toContainText("mark");
  const reckoned = await answer.textContent();
  // dragged with the keys as with a thumb, the answer follows
  await page.getByRole("slider", { name: "Depth on her instrument now" }).press("ArrowRight");
  await page.getByRole("button", { name: /^Wind to come/ }).click();
  await page.getByRole("slider", { name: "Wind to come" }).fill("40");
  await expect(answer).not.toHaveText(reckoned ?? "");
  await back(page);

  await page.getByRole("button", { name: "When to reef" }).click();
  await expect(page.getByRole("img", { name: /^Wind and gusts of the next day/ })).toBeVisible();
  await typeFigure(page, "True wind", "23");
  await expect(page.getByRole("listitem").filter({ hasText: "From 22 kn" })).toHaveAttribute("data-due", "true");
  await back(page);

  await page.getByRole("button", { name: /^Fuel/ }).click();
  await expect(page.getByRole("table")).toContainText("1,500");
  await back(page);

  await page.getByRole("button", { name: "Way back", exact: true }).click();
  await page.getByLabel("From").selectOption("Withy Hole");
  await expect(page.getByText(/nm at 1,500 revs/)).toBeVisible();
  await back(page);

  await page.getByRole("button", { name: "Begin the morning round" }).click();
  for (const name of [
    "Water strainer",
    "Its seacock",
    "Engine oil",
    "Coolant",
    "Belt",
    "Drips and loose things",
    "Water at the exhaust",
    "Charge lamp",
  ])
    await page.getByRole("group", { name, exact: true }).getByRole("button", { name: "As it should be" }).click();
  await page.getByRole("group", { name: "Bilge", exact: true }).getByRole("button", { name: "Not so" }).click();
  await page.getByLabel("What do you see?").fill("a cup of water under the pump");
  await page.getByRole("listitem").filter({ hasText: /^Fuel/ }).getByLabel("Litres").fill("120");
  await page.getByRole("button", { name: "Done", exact: true }).click();
  await expect(page.getByText(/one thing is odd/)).toBeVisible();
  await expect(page.getByText("Kept here, waits for signal.")).toBeVisible();
  await expect(figure(page, /^Fuel/)).toContainText("read on the morning round");

  await page.getByRole("button", { name: "Tell where we lie tonight" }).click();
  await page.getByLabel("Where", { exact: true }).fill("Withy Hole");
  await page.getByRole("button", { name: "Tell the base" }).click();
  await expect(page.getByText(/^Withy Hole\. You say something again by/)).toBeVisible();

  await page.getByRole("button", { name: "Your log" }).click();
  await page.getByLabel("What happened").fill("three whales");
  await page.getByRole("button", { name: "Write it down", exact: true }).click();
  await expect(page.getByText("on this device alone")).toBeVisible();
  const saved = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save as GPX" }).click();
  expect((await saved).suggestedFilename()).toBe("BR-1052-pale-heron.gpx");
  await context.setOffline(false);
  await back(page);
  await page.evaluate(() => window.dispatchEvent(new Event("online")));
  await page.reload();
  await expect(page.getByText("The base has it.").first()).toBeVisible();
  expect(faults).toEqual([]);

  const desk = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await signIn(desk, "maro@brinecove.example");
  await desk.goto("/charters/BR-1052");
  await step(desk, "Under way");
  await expect(desk.getByText("What was told under way")).toBeVisible();
  await expect(desk.getByText(/a cup of water under the pump/).first()).toBeVisible();
  await expect(desk.getByText(/Withy Hole; says something again/)).toBeVisible();
  // what was written for oneself stays with oneself
  await expect(desk.getByText("three whales")).toHaveCount(0);
  await desk.goto("/today");
  await expect(desk.getByText(/^Withy Hole, says more by/)).toBeVisible();
  await desk.close();
});

test("the anchor watch wakes people when she leaves the circle, and not before", async ({ page, context }) => {
  await context.setGeolocation({ latitude: 42.34, longitude: -30.1455, accuracy: 5 });
  await openUnderWay(page, "demo-boat-book-gannet-rock-1055", "447093");
  await page.getByRole("button", { name: "Anchor watch" }).click();
  await page.getByRole("button", { name: "The anchor is here: watch" }).click();
  await expect(page.getByText("Inside the circle.")).toBeVisible();
  // a minute of latitude is 1852 m: 30 m, then 90, 95
  await context.setGeolocation({ latitude: 42.34 + 30 / 111_120, longitude: -30.1455, accuracy: 5 });
  await expect(page.getByText(/^Inside the circle/)).toBeVisible();
  // gone, and lying still there: asked anew it says so a second time
  await context.setGeolocation({ latitude: 42.34 + 130 / 111_120, longitude: -30.1455, accuracy: 5 });
  await expect(page.getByText("Outside the circle. Look now.")).toBeVisible();
  await page.getByRole("button", { name: "I am awake: silence" }).click();
  await page.getByText(/^The night, /).click();
  await expect(page.getByText(/outside the circle$/)).toBeVisible();
});

test("planners have nothing that axe finds, by day and by night, and nothing hangs over the edge", async ({ page }) => {
  await openUnderWay(page, "demo-boat-book-gannet-rock-1055", "447093");
  for (const look of ["day", "night"]) {
    if (look === "night") await page.getByRole("button", { name: "Night", exact: true }).click();
    for (const name of ["today", "anchor", "watch", "reef", "fuel", "water", "power", "back", "round", "log"]) {
      await page.evaluate((hash) => (location.hash = hash), name);
      await expect(page.getByRole("main").getByRole("heading").first()).toBeVisible();
      const { violations } = await new AxeBuilder({ page })
        .setLegacyMode()
        .options({ resultTypes: ["violations"] })
        .analyze();
      expect(violations.map(({ id, nodes }) => `${look} ${name}: ${id} ${nodes[0]?.html}`)).toEqual([]);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    }
  }
});
