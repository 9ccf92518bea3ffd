import { mkdirSync } from "node:fs";
import { chromium, type Browser, type Page } from "@playwright/test";
import { buildIfChanged } from "../build";
import { fixedNow, loadFixedDemo } from "../fixed-demo";
import { prepareDatabase } from "../prepare";
import { endApp, needFreePort, serve, untilReady } from "../serve";
import { needTools } from "./test";

const port = 4322;
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const folder = "docs/screenshots";

/** `screenshots`: every picture of docs/screenshots, from demo data with the clock fixed. */
export async function run([only]: string[]): Promise<number> {
  needTools();
  await needFreePort(port);
  await buildIfChanged(".next-test");
  const prepared = await prepareDatabase("pictures");
  await loadFixedDemo(prepared, "pictures");
  const app = serve(port, {}, true);
  mkdirSync(folder, { recursive: true });
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: [
      "--headless",
      "--no-sandbox",
      "--disable-gpu",
      "--disable-background-networking",
      "--font-render-hinting=none",
    ],
  });
  try {
    await untilReady(port, app);
    for (const picture of pictures) {
      if (only && picture.name !== only) continue;
      await take(browser, picture);
      console.log(`${folder}/${picture.name}.png`);
    }
  } finally {
    await browser.close();
    await endApp(app);
    prepared.database.stop();
  }
  return 0;
}

interface Picture {
  name: string;
  size: { width: number; height: number };
  show: (page: Page) => Promise<void>;
}

async function take(browser: Browser, { name, size, show }: Picture): Promise<void> {
  const context = await browser.newContext({
    viewport: size,
    baseURL: `http://127.0.0.1:${port}`,
    reducedMotion: "reduce",
  });
  const page = await context.newPage();
  await page.clock.setFixedTime(new Date(fixedNow));
  await show(page);
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${folder}/${name}.png` });
  await context.close();
}

async function signIn(page: Page, who = "maro"): Promise<void> {
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").fill(`${who}@brinecove.example`);
  await page.getByLabel("Password").fill("sallow-tide-7");
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.waitForURL("**/today");
}

/** Opens a device of a boat book, to be worked. */
async function drill(page: Page, secret: string, pin: string, device: string): Promise<void> {
  await page.goto(`/book#${secret}`);
  await page.getByLabel("PIN").fill(pin);
  await page.getByRole("button", { name: "Open", exact: true }).click();
  await page.getByRole("navigation").getByRole("button", { name: "Today" }).waitFor();
  await page.evaluate((hash) => (location.hash = hash), `drill/${device}`);
  await page.getByRole("button", { name: "Walk away" }).waitFor();
}

/** Holds a button of the panel for so long, ms. */
async function held(page: Page, name: string, forMs: number): Promise<void> {
  const button = page.getByRole("main").getByRole("button", { name, exact: true });
  await button.dispatchEvent("pointerdown");
  await page.waitForTimeout(forMs);
  await button.dispatchEvent("pointerup");
}

/** Opens a stay's handover from Today and goes to a place. */
async function open(page: Page, skipper: string, button: RegExp, place?: string): Promise<void> {
  await signIn(page);
  await page
    .getByRole("row", { name: new RegExp(skipper) })
    .getByRole("button")
    .click();
  await page.getByRole("button", { name: button }).click();
  await page.waitForURL("**/handover#*");
  await page.locator("#place-title").waitFor();
  if (!place) return;
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByLabel("Find a thing on the list").fill(place);
  await page.getByRole("dialog").getByRole("listitem").first().getByRole("button").click();
}

/** Opens the walk of the studied check-in at a stop. */
async function walk(page: Page, stop: string): Promise<void> {
  await signIn(page);
  await page.goto("/charters/BR-1060");
  await page.getByRole("button", { name: "Briefing walk" }).click();
  await page.waitForURL(/handover#/);
  await page.locator("#stop-title").waitFor();
  await page.getByRole("button", { name: "All stops" }).click();
  await page.getByRole("listitem").filter({ hasText: stop }).getByRole("button").first().click();
}

const pictures: Picture[] = [
  {
    name: "today",
    size: desk,
    show: async (page) => {
      await signIn(page);
      await page.locator("aside svg").first().waitFor();
    },
  },
  {
    name: "charter",
    size: desk,
    show: async (page) => {
      await signIn(page);
      await page.goto("/charters/BR-1058");
    },
  },
  { name: "check-in", size: desk, show: (page) => open(page, "Wenna Coldrake", /Go on with the check-in/) },
  {
    name: "prep",
    size: desk,
    show: async (page) => {
      await signIn(page);
      await page.goto("/charters/BR-1058");
      await page.getByRole("button", { name: /^Prep (to come|in hand)/ }).click();
      await page.getByRole("button", { name: "Prep", exact: true }).click();
      await page.locator("#place-title").waitFor();
      await page
        .getByRole("list", { name: "The round" })
        .getByRole("button", { name: /^Engine, cold/ })
        .click();
    },
  },
  {
    name: "sign",
    size: desk,
    show: async (page) => {
      await open(page, "Wenna Coldrake", /Go on with the check-in/);
      await page.getByRole("button", { name: "What is left" }).click();
      await page.getByRole("button", { name: "Read it through and sign" }).click();
      await page.getByRole("group", { name: /^For the base/ }).waitFor();
    },
  },
  { name: "check-out", size: desk, show: (page) => open(page, "Aldo Merrin", /Go on with the check-out/) },
  {
    name: "settlement",
    size: desk,
    show: async (page) => {
      await signIn(page, "senna");
      await page.goto("/charters/BR-1050/settlement");
    },
  },
  {
    name: "boat-book-phone",
    size: phone,
    show: async (page) => {
      await page.goto("/book#demo-boat-book-pale-heron-1052");
      await page.getByLabel("PIN").fill("405162");
      await page.getByRole("button", { name: "Open", exact: true }).click();
      await page.getByText(/Ready for no signal/).waitFor({ timeout: 90_000 });
    },
  },
  {
    name: "drill-engine-phone",
    size: phone,
    show: async (page) => {
      await drill(page, "demo-boat-book-pale-heron-1052", "405162", "engine");
      await held(page, "Key", 300);
      await held(page, "Start", 2200);
      await page.waitForTimeout(7000);
      await page.getByRole("button", { name: "Exhaust" }).click();
      await page.getByText("Start her, then stop her").scrollIntoViewIfNeeded();
    },
  },
  {
    name: "drill-windlass",
    size: desk,
    show: async (page) => {
      await drill(page, "demo-boat-book-cold-harbour-1060", "614720", "windlass");
      await page.getByRole("group", { name: "Pin" }).getByRole("button", { name: "out" }).click();
      await page.getByRole("group", { name: "Switch" }).getByRole("button", { name: "on" }).click();
      await held(page, "Down", 2600);
    },
  },
  {
    name: "drill-sources",
    size: desk,
    show: async (page) => {
      await drill(page, "demo-boat-book-gannet-rock-1055", "447093", "sources");
      await page.getByRole("button", { name: "Show me" }).click();
      await page.waitForTimeout(6500);
    },
  },
  {
    name: "work",
    size: desk,
    show: async (page) => {
      await signIn(page);
      await page.goto("/work");
    },
  },
  {
    name: "history",
    size: desk,
    show: async (page) => {
      await signIn(page);
      await page.goto("/history");
      await page.getByRole("img", { name: /to repair/ }).waitFor();
    },
  },
  {
    name: "calendar",
    size: desk,
    show: async (page) => {
      await signIn(page, "senna");
      await page.goto("/charters/calendar");
      await page.getByRole("link", { name: /^BR-1065/ }).waitFor();
    },
  },
  { name: "walk", size: desk, show: (page) => walk(page, "Anchor and windlass") },
  {
    name: "yacht",
    size: desk,
    show: async (page) => {
      await signIn(page);
      await page.goto("/fleet/pale-heron");
    },
  },
  {
    name: "study-phone",
    size: phone,
    show: async (page) => {
      await page.goto("/book#demo-boat-book-cold-harbour-1060");
      await page.getByLabel("PIN").fill("614720");
      await page.getByRole("button", { name: "Open", exact: true }).click();
      await page.getByRole("button", { name: "Go on with the study" }).click();
      await page.getByRole("button", { name: /^Anchor and windlass/ }).click();
      await page.getByRole("region", { name: /Which colour marks/ }).scrollIntoViewIfNeeded();
    },
  },
  {
    name: "before-they-come",
    size: desk,
    show: async (page) => {
      await signIn(page, "senna");
      await page.goto("/charters/coming");
      await page.getByRole("heading", { name: "Before they come" }).waitFor();
    },
  },
  {
    name: "editor",
    size: desk,
    show: async (page) => {
      await signIn(page, "senna");
      await page.goto("/fleet/quillback/edit");
      await page.getByLabel("Find a part").fill("stop the engine");
      await page.getByRole("button", { name: "Stop the engine procedure" }).click();
      await page.getByRole("button", { name: /^Steps 2/ }).click();
      await page.getByLabel("Words", { exact: true }).scrollIntoViewIfNeeded();
      await page.mouse.wheel(0, 420);
    },
  },
];
