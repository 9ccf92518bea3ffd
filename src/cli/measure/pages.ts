import { gzipSync } from "node:zlib";
import type { Page, Response } from "@playwright/test";
import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;

/** Pages by their address on the demo base. */
const deskPages = [
  "/today",
  "/charters",
  "/charters/BR-1059",
  "/charters/BR-1055/settlement",
  "/fleet",
  "/fleet/quillback",
  "/fleet/quillback/edit",
  "/work",
  "/history",
  "/rules",
] as const;

interface Weight {
  dataB: number;
  dataGzipB: number;
  scriptGzipB: number;
}

/** What each desk page brings of HTML and data, and the script that comes with the first load of the desk, the handover and the boat book. */
export async function pageFigures(say: Say, origin: string, signIn: (page: Page) => Promise<void>): Promise<void> {
  const browser = await startChromium();
  try {
    const desk = await browser.newContext({ baseURL: origin, serviceWorkers: "block" });
    const page = await desk.newPage();
    await signIn(page);
    for (const address of deskPages) tell(say, address, await weightOf(page, () => page.goto(address)));
    await page.goto("/charters/BR-1059");
    await page
      .getByRole("button", { name: /check-in/i })
      .first()
      .click();
    await page.waitForURL(/handover#/);
    const handover = page.url();
    await page.goto("about:blank");
    tell(say, "/handover", await weightOf(page, () => page.goto(handover), "#place-title"));
    const guest = await (await browser.newContext({ baseURL: origin, serviceWorkers: "block" })).newPage();
    tell(say, "/book", await weightOf(guest, () => guest.goto("/book#demo-boat-book-gannet-rock-1055"), "form"));
  } finally {
    await browser.close();
  }
}

function tell(say: Say, address: string, { dataB, dataGzipB, scriptGzipB }: Weight): void {
  say(
    `${address}: HTML and data, compressed, script compressed`,
    `${kB(dataB)} kB, ${kB(dataGzipB)} kB, ${kB(scriptGzipB)} kB`,
  );
}

const kB = (bytes: number) => Math.round(bytes / 1000);

/**
 * Sums what a page loads: the document, what it asks for itself, and its scripts.
 *
 * @param shown what is there once the page can be used, on pages that go on talking with the base; else nothing more comes
 */
async function weightOf(page: Page, open: () => Promise<unknown>, shown?: string): Promise<Weight> {
  const weight: Weight = { dataB: 0, dataGzipB: 0, scriptGzipB: 0 };
  const reading: Promise<void>[] = [];
  const heard = (response: Response) => void reading.push(weigh(response, weight));
  page.on("response", heard);
  await open();
  if (shown === undefined) await page.waitForLoadState("networkidle");
  else await page.locator(shown).first().waitFor();
  page.off("response", heard);
  // a stream of events has no end, and is no weight
  await Promise.race([Promise.all(reading), new Promise((done) => setTimeout(done, 5000))]);
  return weight;
}

async function weigh(response: Response, weight: Weight): Promise<void> {
  const kind = response.request().resourceType();
  const isData = kind === "document" || kind === "fetch" || kind === "xhr";
  // what is fetched ahead for a page that somebody may open next is no part of this one
  if (!isData && kind !== "script") return;
  const headers = response.request().headers();
  if (headers["next-router-prefetch"] || headers["purpose"] === "prefetch") return;
  const body = await response.body().catch(() => Buffer.alloc(0));
  const compressed = gzipSync(body).length;
  if (kind === "script") weight.scriptGzipB += compressed;
  else {
    weight.dataB += body.length;
    weight.dataGzipB += compressed;
  }
}
