import { performance } from "node:perf_hooks";
import type { Page } from "@playwright/test";
import { addPhoto, row, signAndSeal, walk } from "../../testing/played/handover";
import { demoYachtFile } from "../../demo/yacht-file";
import { countTaps, startChromium, tapsOn } from "./taps";

const entriesWanted = 500;
const photosWanted = 40;
type Say = (what: string, figure: string) => void;

/**
 * A scripted check-in of Gannet Rock, without signal from the first line to the signatures: taps and seconds a line, how
 * long it takes to send everything once there is signal, what lies on the device, and how fast it opens without network.
 */
export async function checkInFigures(say: Say, origin: string, signIn: (page: Page) => Promise<void>): Promise<void> {
  const browser = await startChromium();
  try {
    const context = await browser.newContext({ viewport: { width: 834, height: 1112 } });
    const page = await context.newPage();
    await countTaps(page);
    await signIn(page);
    await page.goto(`${origin}/charters/BR-1065`);
    await page.getByRole("button", { name: "Start the check-in" }).first().click();
    await page.waitForURL("**/handover#*");
    await page.locator("#place-title").waitFor();
    // the pages are kept once the worker is active: everything it lists is on the device then
    await page.waitForFunction(
      () => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null),
      null,
      { timeout: 60_000 },
    );
    const other = await browser.newContext({ viewport: { width: 834, height: 1112 } });
    await seenByAnother(page, await other.newPage(), say, origin, signIn);
    await context.setOffline(true);

    const { inventory } = demoYachtFile("gannet-rock");
    const aboard = {
      counts: Object.fromEntries(Object.entries(inventory).map(([key, item]) => [key, item.expected])),
      hours: 640,
      except: {},
    };
    const lines = Number(/left of (\d+)/.exec((await page.getByRole("contentinfo").textContent()) ?? "")?.[1] ?? "0");
    const started = performance.now();
    const places = await walk(page, aboard);
    const seconds = (performance.now() - started) / 1000;
    const { taps, typed } = await tapsOn(page);
    say(
      `scripted check-in of Gannet Rock, ${lines} lines at ${places} places, network off: taps a line / fields typed / seconds a line, without looking and thinking`,
      `${(taps / lines).toFixed(2)} / ${typed} / ${(seconds / lines).toFixed(2)} s`,
    );

    const device = await sizeOnDevice(page);
    await fill(page);
    const waiting = Number(
      /(\d+) waiting/.exec((await page.getByRole("contentinfo").getByRole("status").textContent()) ?? "")?.[1] ?? "0",
    );
    const back = performance.now();
    await context.setOffline(false);
    await page.getByRole("contentinfo").getByText("all at the base").waitFor({ timeout: 120_000 });
    say(
      `back online until ${waiting - photosWanted} entries and ${photosWanted} photos are at the base`,
      `${((performance.now() - back) / 1000).toFixed(1)} s`,
    );
    say(
      `on the device: yacht and list with every line recorded / with ${photosWanted} photos more`,
      `${megabytes(device)} / ${megabytes(await sizeOnDevice(page))}`,
    );

    await context.setOffline(true);
    const address = page.url();
    const opened: number[] = [];
    for (let i = 0; i < 5; i++) opened.push(await coldOpen(await context.newPage(), address));
    say(
      "cold open of that check-in with no network, processor slowed 4 times: median / slowest of five",
      `${(opened.sort((a, b) => a - b)[2]! / 1000).toFixed(2)} s / ${(opened.at(-1)! / 1000).toFixed(2)} s`,
    );

    await page.getByRole("button", { name: "Read it through and sign" }).click();
    await signAndSeal(page, "Hale Vantrice");
    await page.getByText(/Sealed on this device/).waitFor();
    const sealed = performance.now();
    await context.setOffline(false);
    await page.getByText("The record and all that belongs to it are at the base.").waitFor({ timeout: 60_000 });
    say(
      "sealed without network, back online until the seal is at the base",
      `${((performance.now() - sealed) / 1000).toFixed(1)} s`,
    );
  } finally {
    await browser.close();
  }
}

/** Counts on one device until the other, at the same place, shows it. */
async function seenByAnother(
  page: Page,
  other: Page,
  say: Say,
  origin: string,
  signIn: (page: Page) => Promise<void>,
): Promise<void> {
  await signIn(other);
  await other.goto(`${origin}/charters/BR-1065`);
  await other.getByRole("button", { name: "Go on with the check-in" }).first().click();
  await other.locator("#place-title").waitFor();
  const line = (await page.locator('[data-line^="count:"]:visible').first().getAttribute("data-line")) ?? "";
  const times: number[] = [];
  for (let count = 1; count <= 10; count++) {
    const from = performance.now();
    await row(page, line).getByRole("textbox").fill(String(count));
    await row(page, line).getByRole("textbox").press("Enter");
    await other.waitForFunction(
      ([which, wanted]) => document.querySelector<HTMLInputElement>(`[data-line="${which}"] input`)?.value === wanted,
      [line, String(count)] as const,
      { polling: 20 },
    );
    times.push(performance.now() - from);
  }
  say(
    "a count on one device until it shows on another, with a connection: median / slowest of ten",
    `${Math.round(times.sort((a, b) => a - b)[5]!)} / ${Math.round(times.at(-1)!)} ms`,
  );
  await other.context().close();
}

/** Adds photos, and counts anew until so many entries wait. */
async function fill(page: Page): Promise<void> {
  const counts = page.locator('[data-line^="count:"]:visible');
  await page.getByRole("main").getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByLabel("Find a thing on the list").fill("teaspoon");
  await page.getByRole("dialog").getByRole("listitem").getByRole("button").first().click();
  await page.getByRole("heading", { level: 1, name: "Galley" }).waitFor();
  const many = await counts.count();
  for (let i = 0; i < photosWanted; i++) {
    const line = (await counts.nth(i % many).getAttribute("data-line")) ?? "";
    await addPhoto(page, line, i);
  }
  for (let i = 0; ; i++) {
    const words = (await page.getByRole("contentinfo").getByRole("status").textContent()) ?? "";
    if (Number(/(\d+) waiting/.exec(words)?.[1] ?? "0") >= entriesWanted + photosWanted) return;
    await counts
      .nth(i % many)
      .getByRole("button", { name: i % (2 * many) < many ? "one more" : "one less" })
      .click();
    await page.waitForTimeout(15);
  }
}

const sizeOnDevice = (page: Page) => page.evaluate(async () => (await navigator.storage.estimate()).usage ?? 0);
const megabytes = (bytes: number) => `${(bytes / 1e6).toFixed(1)} MB`;

async function coldOpen(page: Page, address: string): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  const started = performance.now();
  await page.goto(address);
  await page.locator("#place-title").waitFor();
  const took = performance.now() - started;
  await page.close();
  return took;
}
