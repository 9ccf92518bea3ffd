import { chromium, type Browser, type Page } from "@playwright/test";

/** Debian's Chromium, as the browser tests start it. */
export const startChromium = (): Promise<Browser> =>
  chromium.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: ["--headless", "--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });

/** Counts taps and typed fields on every page that this one opens from now on. */
export async function countTaps(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const taps = { taps: 0, typed: 0 };
    Object.assign(window, { taps });
    addEventListener("click", () => (taps.taps += 1), true);
    addEventListener(
      "change",
      (event) => (taps.typed += event.target instanceof HTMLInputElement && event.target.type === "text" ? 1 : 0),
      true,
    );
  });
}

/** What was counted on the page that is open. */
export const tapsOn = (page: Page): Promise<{ taps: number; typed: number }> =>
  page.evaluate(() => (window as unknown as { taps: { taps: number; typed: number } }).taps);
