import type { Page } from "@playwright/test";
import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;

/** A telephone of the cheaper kind against this machine. */
const slowedBy = 4;

/** Each planner with the slider that is dragged, and the place it is to be told first. */
const dragged = [
  ["anchor", "Depth on her instrument now"],
  ["reef", "True wind"],
  ["fuel", "In the tank"],
  ["water", "In all tanks"],
  ["power", "In the bank now"],
] as const;

/** Milliseconds from a move of a slider to the paint that shows its answer, in the page itself. */
const moved = (page: Page, label: string, to: number): Promise<number> =>
  page.evaluate(
    async ([name, value]) => {
      const slider = document.querySelector<HTMLInputElement>(`input[type="range"][aria-label="${String(name)}"]`);
      if (!slider) throw new Error(`no slider ${String(name)}`);
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
      const started = performance.now();
      set?.call(slider, String(value));
      slider.dispatchEvent(new Event("input", { bubbles: true }));
      await new Promise((painted) => requestAnimationFrame(() => setTimeout(painted)));
      return performance.now() - started;
    },
    [label, to] as const,
  );

/** How long each planner takes from a move of the thumb to the paint, on a phone's screen, without signal, the processor slowed. */
export async function plannerFigures(say: Say, origin: string): Promise<void> {
  const browser = await startChromium();
  try {
    const context = await browser.newContext({ baseURL: origin, viewport: { width: 390, height: 844 } });
    const page = await context.newPage();
    await page.clock.install({ time: new Date("2027-06-12T10:12:00Z") });
    await page.goto("/book#demo-boat-book-pale-heron-1052");
    await page.getByLabel("PIN").fill("405162");
    await page.getByRole("button", { name: "Open", exact: true }).click();
    await page.getByText("Ready for no signal").first().waitFor({ timeout: 150_000 });
    await context.setOffline(true);
    const session = await context.newCDPSession(page);
    await session.send("Emulation.setCPUThrottlingRate", { rate: slowedBy });
    for (const [name, label] of dragged) {
      await page.evaluate((hash) => (location.hash = hash), name);
      await page.getByRole("button", { name: new RegExp(`^${label}`) }).click();
      const took: number[] = [];
      for (let step = 0; step < 20; step++) took.push(await moved(page, label, 10 + step));
      say(`planner ${name}, thumb to paint, processor slowed ${slowedBy} times: median / slowest of 20`, spread(took));
    }
    await page.evaluate(() => (location.hash = "back"));
    const took: number[] = [];
    for (const place of ["Withy Hole", "Gull Haven", "Heron Cove", "Gorse Roads", "Fern Bay"]) {
      const started = Date.now();
      await page.getByLabel("From").selectOption(place);
      await page.getByText("Looking for the way").waitFor({ state: "hidden" });
      await page.getByText(/nm at 1,500 revs/).waitFor();
      took.push(Date.now() - started);
    }
    say(`planner back, a way from five places, processor slowed ${slowedBy} times: median / slowest`, spread(took));
  } finally {
    await browser.close();
  }
}

function spread(took: number[]): string {
  const sorted = took.toSorted((a, b) => a - b);
  return `${Math.round(sorted[Math.floor(sorted.length / 2)] ?? 0)} ms / ${Math.round(sorted.at(-1) ?? 0)} ms`;
}
