import type { Page } from "@playwright/test";
import { onDevice, Tablet } from "../../testing/played/tablet";
import { pause } from "./pause";
import type { Promised } from "./sender";

const firstPort = 9340;

/** A tablet with the check-in open, on which somebody counts without pause, and whose browser can be killed. */
export class Tapper implements Promised {
  /** what its own store has held at any time: it was on the screen, so it must come to the base */
  readonly kept = new Set<string>();
  readonly refused = 0;
  private readonly tablet: Tablet;
  private page: Page | null = null;
  private port = firstPort;
  private going = true;
  private done: Promise<void> | undefined;

  constructor(
    private readonly origin: string,
    aheadMs: number,
  ) {
    this.tablet = new Tablet(aheadMs);
  }

  /** Signs in, opens the check-in of a charter and waits until all is ready for no signal. */
  async open(reference: string, who: string): Promise<void> {
    const page = await this.tablet.switchOn(this.port);
    await page.goto(`${this.origin}/sign-in`);
    await page.getByLabel("E-mail").fill(`${who}@brinecove.example`);
    await page.getByLabel("Password").fill("sallow-tide-7");
    await page.getByRole("button", { name: "Sign in" }).click();
    await page.waitForURL("**/today");
    await page.goto(`${this.origin}/charters/${reference}`);
    await page
      .getByRole("button", { name: /^(Start|Go on with) the check-in$/ })
      .first()
      .click();
    await page.waitForURL("**/handover#*");
    await page.getByRole("button", { name: "What is left" }).click();
    const sheet = page.getByRole("dialog");
    await sheet.getByText(/Ready for no signal/).waitFor({ timeout: 60_000 });
    await sheet.getByLabel("Find a thing on the list").fill("teaspoon");
    await sheet.getByRole("listitem").getByRole("button").first().click();
    this.page = page;
  }

  start(): void {
    this.done = this.count();
  }

  /** Ends its browser without a word and starts it again; what was in its store is there, or it throws. */
  async kill(handover: string): Promise<void> {
    this.page = null;
    this.tablet.goFlat();
    // another port each time: the old one may still be held
    this.port = firstPort + ((this.port - firstPort + 1) % 20);
    const page = await this.tablet.switchOn(this.port);
    await page.goto(`${this.origin}/handover#${handover}`);
    await page.locator("#place-title").waitFor({ timeout: 60_000 });
    const there = new Set(await onDevice(page));
    const gone = [...this.kept].filter((id) => !there.has(id));
    if (gone.length > 0) throw new Error(`${gone.length} entries are not on the tablet any more`);
    this.page = page;
  }

  /** Stops counting and waits until all of it is at the base. */
  async stop(): Promise<void> {
    this.going = false;
    await this.done;
    await this.page?.getByRole("contentinfo").getByText("all at the base").waitFor({ timeout: 120_000 });
    if (this.page) for (const id of await onDevice(this.page)) this.kept.add(id);
  }

  away(): void {
    this.tablet.away();
  }

  private async count(): Promise<void> {
    while (this.going) {
      const { page } = this;
      try {
        if (!page) throw new Error("it is off");
        const more = page.locator('[data-line^="count:"]:visible').getByRole("button", { name: "one more" });
        await more.nth(Math.floor(Math.random() * (await more.count()))).click({ timeout: 5000 });
        for (const id of await onDevice(page)) this.kept.add(id);
      } catch {
        // it was killed while it was tapped
      }
      await pause(300);
    }
  }
}
