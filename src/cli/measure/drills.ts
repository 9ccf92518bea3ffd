import type { Page } from "@playwright/test";
import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;

/** A telephone of the cheaper kind against this machine. */
const slowedBy = 4;
const watchedS = 5;

/** Devices with the most to draw, and what sets them going. */
const worked = [
  ["engine", ["Key", "Start"]],
  ["windlass", ["Up"]],
  ["sails", []],
] as const;

/** Holds a button of the panel for so long, ms, in real time. */
async function hold(page: Page, name: string, forMs: number): Promise<void> {
  const button = page.getByRole("main").getByRole("button", { name, exact: true });
  await button.dispatchEvent("pointerdown");
  await page.waitForTimeout(forMs);
  await button.dispatchEvent("pointerup");
}

/** Milliseconds between the frames of the page over some seconds. */
const frameTimes = (page: Page): Promise<number[]> =>
  page.evaluate(
    (forMs) =>
      new Promise<number[]>((done) => {
        const times: number[] = [];
        const began = performance.now();
        let last = began;
        requestAnimationFrame(function next(now) {
          times.push(now - last);
          last = now;
          if (now - began < forMs) requestAnimationFrame(next);
          else done(times.slice(1));
        });
      }),
    watchedS * 1000,
  );

/** How many frames a second a panel paints while its machine runs, on a phone's screen, the processor slowed. */
export async function drillFigures(say: Say, origin: string): Promise<void> {
  const browser = await startChromium();
  try {
    const context = await browser.newContext({ baseURL: origin, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await page.goto("/book#demo-boat-book-pale-heron-1052");
    await page.getByLabel("PIN").fill("405162");
    await page.getByRole("button", { name: "Open", exact: true }).click();
    await page.getByText("Ready for no signal").first().waitFor({ timeout: 150_000 });
    const session = await context.newCDPSession(page);
    for (const [name, buttons] of worked) {
      await page.evaluate((hash) => (location.hash = `drill/${hash}`), name);
      await page.getByRole("button", { name: "Walk away" }).waitFor();
      await session.send("Emulation.setCPUThrottlingRate", { rate: slowedBy });
      for (const each of buttons) await hold(page, each, each === "Start" ? 2500 : 300);
      const times = (await frameTimes(page)).toSorted((a, b) => a - b);
      const perS = (times.length / times.reduce((sum, ms) => sum + ms, 0)) * 1000;
      const slowest = times[Math.floor(times.length * 0.99)] ?? 0;
      say(
        `drill ${name}, frames a second while it runs, processor slowed ${slowedBy} times: mean / slowest of a hundred`,
        `${perS.toFixed(1)} / ${slowest.toFixed(0)} ms`,
      );
      await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
    }
  } finally {
    await browser.close();
  }
}
