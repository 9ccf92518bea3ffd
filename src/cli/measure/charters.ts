import type { Page } from "@playwright/test";
import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;

const season = 40;
/** A practised hand at a desk: about sixty words a minute. */
const keysASecond = 5;
const yachts = ["Pale", "Quill", "Cold", "Gannet", "Two"];

/** Forty charters of a season, each entered by keys alone: how many keys, and how long by a practised hand. */
export async function charterFigures(say: Say, origin: string, signIn: (page: Page) => Promise<void>): Promise<void> {
  const browser = await startChromium();
  try {
    const page = await (await browser.newContext({ baseURL: origin, serviceWorkers: "block" })).newPage();
    await signIn(page);
    const took: number[] = [];
    let keys = 0;
    for (let number = 0; number < season; number++) {
      const entered = await enterOne(page, number);
      keys += entered.keys;
      took.push(entered.keys / keysASecond + entered.waitedMs / 1000);
    }
    took.sort((a, b) => a - b);
    const shown = (seconds: number | undefined) => `${(seconds ?? 0).toFixed(1)} s`;
    say(
      `${season} charters entered by keys alone, ${Math.round(keys / season)} keys each at ${keysASecond} a second, and what the app takes: median / slowest`,
      `${shown(took[season / 2])} / ${shown(took.at(-1))}`,
    );
  } finally {
    await browser.close();
  }
}

/** Enters one charter: yacht, days, people; a new charterer with mail and telephone, two of three in command themselves. */
async function enterOne(page: Page, number: number): Promise<{ keys: number; waitedMs: number }> {
  let keys = 0;
  let waitedMs = 0;
  const waitFor = async (what: Promise<unknown>) => {
    const begun = performance.now();
    await what;
    waitedMs += performance.now() - begun;
  };
  const press = async (key: string) => {
    keys++;
    await page.keyboard.press(key);
  };
  const type = async (text: string) => {
    keys += text.length;
    await page.keyboard.type(text);
  };
  const tabTo = async (label: string) => {
    const field = page.getByLabel(label, { exact: true }).first();
    for (let presses = 0; presses < 40; presses++) {
      if (await field.evaluate((each) => each === document.activeElement)) return;
      await press("Tab");
    }
    throw new Error(`no way to ${label} by keys`);
  };
  const week = Math.floor(number / yachts.length);
  const day = new Date(Date.UTC(2028, 2, 4 + week * 7)).toISOString().slice(0, 10);
  await page.goto("/charters");
  await page.getByRole("heading", { level: 1 }).waitFor();
  await press("n");
  await waitFor(page.waitForURL("**/charters/new"));
  await waitFor(page.getByLabel("Yacht").waitFor());
  await tabTo("Yacht");
  await type(yachts[number % yachts.length] ?? "");
  await tabTo("Out on");
  const [year, month, dayOfMonth] = day.split("-");
  await type(`${month}${dayOfMonth}${year}`);
  await tabTo("How many aboard");
  await type("3");
  await tabTo("Charterer, who signs the contract");
  await type(`Season Guest ${number}`);
  await tabTo("Mail address");
  await type(`guest${number}@season.example`);
  await tabTo("Telephone");
  await type("+000 555 0100");
  if (number % 3 === 0) {
    await tabTo("The charterer commands");
    await press("Space");
    await tabTo("Skipper, who commands");
    await type(`Season Skipper ${number}`);
  }
  await press("Enter");
  await waitFor(page.waitForURL(/\/charters\/(?!new)[^/]+$/));
  return { keys, waitedMs };
}
