import { performance } from "node:perf_hooks";
import type { Page } from "@playwright/test";
import { countTaps, startChromium, tapsOn } from "./taps";

type Say = (what: string, figure: string) => void;

/** Fields of a document: everything that is no object or list of its own. */
const leaves = (part: unknown): number =>
  typeof part === "object" && part !== null
    ? Object.values(part).reduce<number>((sum, each) => sum + leaves(each), 0)
    : 1;

/** What is otherwise on this boat than on her class: something somewhere else at every third place, the last thing stowed missing at every seventh. */
async function walkHer(phone: Page): Promise<number> {
  const stand = phone.getByLabel("Where you stand");
  const places = await stand.locator("option").count();
  let things = 0;
  for (let at = 0; at < places; at++) {
    await stand.selectOption({ index: at });
    const rows = phone.getByRole("listitem");
    const here = await rows.count();
    things += here;
    for (let index = 0; index < here; index++) {
      const row = rows.nth(index);
      if (index === 0 && at % 3 === 0) {
        await row.getByRole("button", { name: /^Different/ }).click();
        await row.getByLabel("Exactly where").fill(`a hand to port of where the class has it (${at})`);
        await row.getByRole("button", { name: "Keep it" }).click();
      } else
        await row.getByRole("button", { name: index === here - 1 && at % 7 === 0 ? /^Not aboard/ : /^Here/ }).click();
    }
  }
  return things;
}

/**
 * A seventh yacht of class Ondavar 41, made through the interface: her name and berth at the desk, every thing of hers
 * tapped on a phone of 390 pixels, what was noted taken over, the checks passed and published.
 */
export async function seventhYacht(say: Say, origin: string, signIn: (page: Page) => Promise<void>): Promise<void> {
  const browser = await startChromium();
  try {
    const desk = await (
      await browser.newContext({ baseURL: origin, viewport: { width: 1280, height: 800 } })
    ).newPage();
    const phone = await (
      await browser.newContext({ baseURL: origin, viewport: { width: 390, height: 844 } })
    ).newPage();
    for (const page of [desk, phone]) {
      await countTaps(page);
      await signIn(page);
    }
    const started = performance.now();
    await desk.goto("/fleet/new");
    await desk.getByRole("button", { name: "Ondavar 41" }).click();
    await desk.getByLabel("Her name").fill("Sea Thrift");
    await desk.getByLabel("Berth").fill("A8");
    await desk.getByRole("button", { name: "Make her file" }).click();
    await desk.waitForURL("**/fleet/sea-thrift/edit");
    await phone.goto("/survey#sea-thrift");
    await phone.getByRole("heading", { level: 1 }).waitFor();
    const things = await walkHer(phone);
    await phone.getByText("all at the base").waitFor({ timeout: 120_000 });
    const aboard = await tapsOn(phone);
    await desk.reload();
    await desk.getByRole("button", { name: /^Proposed \(\d+\)/ }).click();
    const proposed = desk.getByRole("article");
    for (let left = await proposed.count(); left > 0; left--) {
      await proposed
        .first()
        .getByRole("button", { name: /^Accept/ })
        .click();
      await proposed.nth(left - 1).waitFor({ state: "detached" });
    }
    const draft = (await (await desk.request.get("/api/drafts/yachts/sea-thrift")).json()) as {
      document: unknown;
      number: number;
      findings: { level: string; path: string }[];
    };
    const errors = draft.findings.filter(({ level }) => level === "error");
    if (errors.length > 0) throw new Error(`she does not pass: ${errors.map(({ path }) => path).join(", ")}`);
    await desk.locator("label[data-scope=segment-group]").filter({ hasText: "Publish …" }).click();
    await desk.getByLabel("Why is the file changed?").fill("walked her");
    for (const field of await desk.getByRole("main").getByRole("textbox").all())
      if ((await field.inputValue()) === "") await field.fill("known");
    await desk.getByRole("button", { name: "Publish revision 1" }).click();
    await desk.waitForURL("**/fleet/sea-thrift");
    const atDesk = await tapsOn(desk);
    say(
      `a seventh yacht of class Ondavar 41 made through the interface: ${things} things looked at; fields the class gave / changes to them / taps and typed fields on the phone / at the desk since the last page was opened`,
      `${leaves(draft.document)} / ${draft.number} / ${aboard.taps} and ${aboard.typed} / ${atDesk.taps} and ${atDesk.typed}; ${Math.round((performance.now() - started) / 1000)} s by a script, without looking and walking`,
    );
  } finally {
    await browser.close();
  }
}
