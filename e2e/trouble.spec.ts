import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { faultsOf } from "../src/core/faults/fault";
import { faultKinds } from "../src/core/faults/kinds";
import { demoYacht } from "../src/testing/demo-yacht";
import { openBook } from "./book";
import { signIn } from "./desk";
import { test } from "./test";

test.use({ serviceWorkers: "allow", viewport: { width: 390, height: 844 } });

const fleet = [
  ["two-lanterns", "LANTN-8R3"],
  ["gannet-rock", "GANRK-5T6"],
  ["little-auk", "LTAUK-4W2"],
  ["quillback", "QUILL-3M8"],
  ["cold-harbour", "COLDH-9P4"],
  ["pale-heron", "HERON-7K2"],
] as const;
const tap = (page: Page, name: string | RegExp) => page.getByRole("main").getByRole("button", { name }).first().click();
const lead = (page: Page, fault: string) => page.evaluate((to) => void (location.hash = to), `trouble/${fault}`);
/** Ends a trouble, and is back at what can be wrong. */
async function keep(page: Page, how: string): Promise<void> {
  await tap(page, how);
  await expect(page.getByRole("heading", { name: "What is wrong?" })).toBeVisible();
}
/** Answers that it is not that, until this is asked. */
async function upTo(page: Page, question: string): Promise<void> {
  const count = page.getByText(/^\d of \d, likeliest/);
  for (let asked = 0; asked < 9; asked++) {
    await expect(count).toBeVisible();
    if (await page.getByRole("heading", { name: question, exact: true }).isVisible()) return;
    const before = (await count.textContent()) ?? "";
    await page.locator("[class*=answers] > button").nth(1).click();
    await expect(count).not.toHaveText(before);
  }
  throw new Error(`never asked: ${question}`);
}

test("every kind of fault is played to its end on a boat that can have it", async ({ page }) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(String(error)));
  const left = new Set(faultKinds.map(({ kind }) => kind));
  for (const [yacht, code] of fleet) {
    const hers = faultsOf(demoYacht(yacht)).filter(
      ({ kind }, at, all) => left.has(kind) && all.findIndex((each) => each.kind === kind) === at,
    );
    if (hers.length === 0) continue;
    await page.goto(`/aboard#${code}/trouble/${hers[0]!.key}`);
    for (const { kind, key, safe, checks } of hers) {
      await page.evaluate((to) => void (location.hash = to), `${code}/trouble/${key}`);
      if (safe.length > 0) await tap(page, "All of this is so");
      for (const [index] of checks.entries()) {
        await expect(page.getByText(new RegExp(`^${index + 1} of ${checks.length},`))).toBeVisible();
        // the second answer is the one that finds nothing
        await page.locator("[class*=answers] > button").nth(1).click();
      }
      await expect(page.getByText("None of the usual causes. The base knows more.")).toBeVisible();
      await expect(page.getByRole("link", { name: "Send it as a text message" })).toHaveAttribute(
        "href",
        /^sms:\+?\d+/,
      );
      left.delete(kind);
    }
  }
  expect([...left]).toEqual([]);
  expect(faults).toEqual([]);
});

test("eight faults without signal, with wrong turns and restarts; then the call, the base's answer, and the crew reads it", async ({
  page,
  context,
  browser,
}) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(String(error)));
  await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
  await openBook(page, "demo-boat-book-pale-heron-1052", "405162");
  await expect(page.getByText(/Ready for no signal/).first()).toBeVisible({ timeout: 120_000 });
  await page.getByRole("button", { name: "Night", exact: true }).click();
  await context.setOffline(true);

  // a light is dead: nothing can be found, and they live with it
  await page.getByRole("button", { name: "Something is wrong" }).click();
  await page.getByLabel("Say it in your own words").fill("reading light in the cabin dead");
  await tap(page, "One lamp or socket is dead");
  await tap(page, "All of this is so");
  for (let step = 1; step <= 3; step++) {
    await expect(page.getByText(new RegExp(`^${step} of 3,`))).toBeVisible();
    await tap(page, /^I cannot/);
  }
  await keep(page, "We can live with it until we are back");

  // no water: a wrong answer is taken back, and the pump's switch was it
  await lead(page, "no-water");
  await upTo(page, "Water pump switch: is it off?");
  const before = (await page.getByText(/^\d of 4,/).textContent()) ?? "";
  await tap(page, "It is on");
  await expect(page.getByText(/^\d of 4,/)).not.toHaveText(before);
  await tap(page, "One back");
  await tap(page, "It is off");
  await tap(page, "It works again");
  await keep(page, "Keep it");

  // the stove: gas is smelt, the card comes by itself
  await lead(page, "gas-no-flame");
  await tap(page, "All of this is so");
  await tap(page, "I smell gas");
  await expect(page.getByRole("heading", { name: "Do this first" })).toBeVisible();
  await tap(page, "It is dealt with, go on");
  await expect(page.getByText(/^2 of 5,/)).toBeVisible();

  // too hot: it is another fault, whose seacock was shut
  await lead(page, "engine-overheats");
  await tap(page, "All of this is so");
  await tap(page, "No water");
  await tap(page, "Go to it");
  await tap(page, "All of this is so");
  await upTo(page, "Raw-water seacock: is it shut?");
  await tap(page, "It is shut, or half shut");
  await tap(page, "It works again");
  await keep(page, "Keep it");

  // the head runs over: shut first, then the pump
  await lead(page, "head-overflows");
  await tap(page, "All of this is so");
  await tap(page, "It stops");
  await upTo(page, "Head pump: does it stand on flush?");
  await tap(page, "On flush");
  await tap(page, "It works again");
  await keep(page, "Keep it");

  // the bilge pump: water is rising
  await lead(page, "bilge-runs");
  await tap(page, "All of this is so");
  await tap(page, "It is rising");
  await expect(page.getByText("Water coming in").first()).toBeVisible();

  // the shower, over a restart of the telephone
  await lead(page, "shower-drain");
  await tap(page, "All of this is so");
  await tap(page, "No");
  await page.reload();
  await lead(page, "shower-drain");
  await expect(page.getByText(/^2 of 2,/)).toBeVisible();
  await tap(page, "Hair");
  await tap(page, "It works again");
  await keep(page, "Keep it");

  // the windlass: the breaker cools over a restart, trips again, and the base is called
  await lead(page, "windlass-dead");
  await tap(page, "All of this is so");
  await upTo(page, "Windlass breaker: has it tripped?");
  await expect(page.getByText(/the clock runs here and goes on in your pocket/)).toBeVisible();
  await tap(page, "It has tripped");
  await expect(page.getByRole("timer")).toContainText(/Wait [45]:\d\d/);
  await page.clock.fastForward("02:00");
  await page.reload();
  await lead(page, "windlass-dead");
  await expect(page.getByRole("timer")).toContainText(/Wait [23]:\d\d/);
  await page.clock.fastForward("03:30");
  await expect(page.getByText("Time is up. Try it once.")).toBeVisible();
  await tap(page, "It does not");
  await expect(page.getByText("A second time is not for you: it would hide what is wrong.")).toBeVisible();
  await page.getByLabel("Where are you?").fill("Sallow Pool");
  await tap(page, "Urgent, now");
  await tap(page, "Send it to the base");
  await expect(page.getByText(/^Kept here\. It goes as soon as there is signal/)).toBeVisible();
  const look = await new AxeBuilder({ page }).analyze();
  expect(look.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
  await context.setOffline(false);
  await expect(page.getByText("The base has it.")).toBeVisible({ timeout: 30_000 });

  const desk = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const at = await desk.newPage();
  await signIn(at, "ilko@brinecove.example");
  const calls = at.getByRole("region", { name: "Calls" });
  await expect(calls).toContainText("Urgent, now");
  await calls.getByRole("button", { name: /Pale Heron: The windlass does nothing/ }).click();
  const call = at.getByRole("article", { name: "The windlass does nothing" });
  await expect(call).toContainText("Windlass breaker: has it tripped? It has tripped");
  await expect(call).toContainText("Sallow Pool");
  await call.getByLabel("What they should do").fill("Leave it out. We bring a remote at six.");
  await call.getByRole("button", { name: "Send the answer" }).click();
  await expect(calls).toHaveCount(0);
  await call.getByRole("button", { name: "Make a work order" }).click();
  await expect(call).toContainText("Work order since");
  await at.goto("/work");
  await expect(at.getByRole("table")).toContainText("The windlass does nothing");
  await desk.close();

  await page.goto("/book");
  await expect(page.getByText("The base says: Leave it out. We bring a remote at six.")).toBeVisible();
  await lead(page, "windlass-dead");
  await expect(page.getByText("The base knows of this on her")).toBeVisible();
  expect(faults).toEqual([]);
});
