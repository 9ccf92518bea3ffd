import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;

const tabs = ["Find", "Her plan", "Papers", "Today"];

/** How long a tab of the boat book takes to open from the tap to the paint, without signal, on a phone's screen. */
export async function tabFigures(say: Say, origin: string): Promise<void> {
  const browser = await startChromium();
  try {
    const context = await browser.newContext({ baseURL: origin, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await page.goto("/book#demo-boat-book-pale-heron-1052");
    await page.getByLabel("PIN").fill("405162");
    await page.getByRole("button", { name: "Open", exact: true }).click();
    await page.getByText("Ready for no signal").first().waitFor({ timeout: 150_000 });
    await context.setOffline(true);
    await page.reload();
    const took: number[] = [];
    for (let round = 0; round < 5; round++)
      for (const name of tabs) {
        await page.getByRole("navigation").getByRole("button", { name }).waitFor();
        took.push(
          await page.evaluate(async (word) => {
            const tab = [...document.querySelectorAll<HTMLElement>("nav button")].find((each) =>
              each.textContent?.includes(word),
            );
            const started = performance.now();
            tab?.click();
            await new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted)));
            return performance.now() - started;
          }, name),
        );
        await page.waitForTimeout(200);
      }
    took.sort((a, b) => a - b);
    say(
      `opening a tab of the boat book without signal, ${took.length} taps: median / slowest`,
      `${Math.round(took[Math.floor(took.length / 2)] ?? 0)} ms / ${Math.round(took.at(-1) ?? 0)} ms`,
    );
  } finally {
    await browser.close();
  }
}
