import { performance } from "node:perf_hooks";
import type { Page } from "@playwright/test";
import { signAndSeal, signByHand, walk } from "../../testing/played/handover";
import { demoYachtFile } from "../../demo/yacht-file";
import { countTaps, startChromium, tapsOn } from "./taps";

/**
 * A scripted check-out of Pale Heron after a charter in which nothing happened, through to the deposit given back: taps
 * and seconds a line where things are looked at together.
 */
export async function checkOutFigures(
  say: (what: string, figure: string) => void,
  origin: string,
  signIn: (page: Page) => Promise<void>,
): Promise<void> {
  const browser = await startChromium();
  try {
    const page = await (await browser.newContext({ viewport: { width: 834, height: 1112 } })).newPage();
    await countTaps(page);
    await signIn(page);
    await page.goto(`${origin}/charters/BR-1052`);
    await page.getByRole("button", { name: "Start the check-out" }).first().click();
    await page.waitForURL("**/handover#*");
    await page.locator("#place-title").waitFor();
    const counts = Object.fromEntries(
      Object.entries(demoYachtFile("pale-heron").inventory).map(([key, item]) => [key, item.expected]),
    );
    const lines = Number(/left of (\d+)/.exec((await page.getByRole("contentinfo").textContent()) ?? "")?.[1] ?? "0");
    const started = performance.now();
    const except = {
      "look:canvas": (on: Page) =>
        on.locator('[data-line="look:canvas"]').getByRole("button", { name: "Worn" }).click(),
    };
    const places = await walk(page, { counts, hours: 1482, except, quick: true });
    const seconds = (performance.now() - started) / 1000;
    const { taps, typed } = await tapsOn(page);
    say(
      `scripted check-out of Pale Heron where nothing happened, ${lines} lines at ${places} places: taps / fields typed / seconds, without looking and thinking`,
      `${taps} / ${typed} / ${Math.round(seconds)} s`,
    );
    await page.getByRole("contentinfo").getByText("all at the base").waitFor({ timeout: 60_000 });
    await page.getByRole("button", { name: "Read it through and sign" }).click();
    await signAndSeal(page, "Tove Ellery");
    await page.getByText("The record and all that belongs to it are at the base.").waitFor({ timeout: 60_000 });
    const settled = performance.now();
    await page.goto(`${origin}/charters/BR-1052/settlement`);
    for (const keep of await page.getByRole("button", { name: /^Save the decision/ }).all())
      if (await keep.isVisible()) throw new Error("a charter without an event has something to decide");
    await page.getByRole("button", { name: "Read it and sign" }).click();
    const sheet = page.getByRole("dialog");
    await signByHand(page, sheet.getByRole("group", { name: /^For the base/ }));
    await signByHand(page, sheet.getByRole("group", { name: /^Charterer/ }));
    await sheet.getByRole("button", { name: "Seal the statement" }).click();
    await page
      .getByText(/given back/)
      .first()
      .waitFor();
    say(
      "from that seal to the deposit given back: opening, reading nothing, two signatures",
      `${((performance.now() - settled) / 1000).toFixed(1)} s`,
    );
  } finally {
    await browser.close();
  }
}
