import { mkdirSync, readFileSync, rmSync } from "node:fs";
import { resolve } from "node:path";
import { performance } from "node:perf_hooks";
import { chromium, type BrowserContext, type Page } from "@playwright/test";
import lighthouse from "lighthouse";
import { v7 as uuid } from "uuid";
import { compare } from "../../core/comparison/compare";
import type { Entry } from "../../core/handover/entry";
import { checkFile } from "../../core/checks";
import { fileChanges } from "../../core/yacht/changes";
import { findables } from "../../core/yacht/finder/findable";
import { makeFinder } from "../../core/yacht/finder/finder";
import { YachtFile } from "../../core/yacht/schema";
import { parseStrictJson } from "../../formats/strict-json";
import { parseAs } from "../../formats/validate";
import type { HandoverList } from "../../core/handover/list";
import type { CountLine } from "../../core/handover/lines";
import type { HandoverBundle } from "../../api/schemas/handover";
import { buildIfChanged } from "../build";
import { loadFixedDemo } from "../fixed-demo";
import { demoYachtFile } from "../../demo/yacht-file";
import { prepareDatabase } from "../prepare";
import { endApp, needFreePort, serve, untilReady } from "../serve";
import { calendarFigures } from "../measure/calendar";
import { charterFigures } from "../measure/charters";
import { checkInFigures } from "../measure/check-in";
import { checkOutFigures } from "../measure/check-out";
import { drillFigures } from "../measure/drills";
import { editingFigures } from "../measure/editing";
import { seventhYacht } from "../measure/seventh-yacht";
import { tamperingFigures } from "../measure/tampering";
import { killFigures } from "../measure/kills";
import { postingFigures } from "../measure/posting";
import { pageFigures } from "../measure/pages";
import { plannerFigures } from "../measure/planners";
import { tabFigures } from "../measure/tabs";
import { walkFigures } from "../measure/walk";
import { needTools } from "./test";

const port = 4323;
const debugPort = 9334;
const origin = `http://127.0.0.1:${port}`;
const say = (what: string, figure: string) => console.log(`| ${what} | ${figure} |`);

/** `measure`: the figures of docs/measurements.md that a program can take. */
export async function run([only, count]: string[]): Promise<number> {
  const wanted = (name: string) => !only || only === name;
  if (wanted("compare")) comparison();
  if (wanted("yacht")) yachtFile();
  needTools();
  if (wanted("walk")) await walkFigures(say);
  if (only === "walk") return 0;
  await needFreePort(port);
  await buildIfChanged(".next-test");
  const prepared = await prepareDatabase("pictures");
  await loadFixedDemo(prepared, "pictures");
  if (wanted("tampering")) await tamperingFigures(say);
  if (only === "tampering") {
    prepared.database.stop();
    return 0;
  }
  if (only === "kills") {
    await killFigures(say, origin, prepared, Number(count ?? 300)).finally(() => prepared.database.stop());
    return 0;
  }
  const app = serve(port, {}, true);
  try {
    await untilReady(port, app);
    if (wanted("browser")) await browserFigures();
    if (wanted("check-in")) await checkInFigures(say, origin, signIn);
    if (wanted("check-out")) await checkOutFigures(say, origin, signIn);
    if (wanted("editing")) await seventhYacht(say, origin, signInAsManager);
    if (wanted("editing")) await editingFigures(say, origin, signInAsManager);
    if (wanted("plan")) await planDrawing();
    if (wanted("pages")) await pageFigures(say, origin, signInAsManager);
    if (only === "charters") await charterFigures(say, origin, signInAsManager);
    if (only === "calendar") await calendarFigures(say, origin, prepared, signInAsManager);
    if (only === "planners") await plannerFigures(say, origin);
    if (only === "drills") await drillFigures(say, origin);
    if (wanted("tabs")) await tabFigures(say, origin);
    if (wanted("posting")) await postingFigures(say, origin, prepared);
  } finally {
    await endApp(app);
    prepared.database.stop();
  }
  return 0;
}

const percentile = (values: number[], part: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * part))] ?? 0;

/** Two records of 2,000 lines each, with 300 marks: the median of 30 comparisons. */
function comparison(): void {
  const line = (i: number): CountLine => ({
    id: `count:thing-${i}`,
    kind: "count",
    place: "locker",
    name: { en: `thing ${i}` },
    system: "comfort",
    safety: false,
    where: { en: "inside" },
    group: "below",
    expected: 5,
    perPerson: false,
    replacementMinor: 1000,
    boughtOn: "2025-01-01",
    lifeMonths: 60,
  });
  const list: HandoverList = {
    version: 1,
    kind: "check-out",
    handover: uuid(),
    yacht: { id: uuid(), name: "x", class: "x", revision: 1, fileHash: "0".repeat(64) },
    stay: {
      id: uuid(),
      from: "2027-06-12T15:00:00Z",
      to: "2027-06-19T09:00:00Z",
      fromDay: "2027-06-12",
      toDay: "2027-06-19",
      aboard: 4,
    },
    maximumAboard: 8,
    currency: "EUR",
    checkInSeal: null,
    places: [{ id: "locker", name: { en: "Locker" }, level: "deck", side: "port", reach: { en: "aft" } }],
    lines: Array.from({ length: 2000 }, (_, i) => line(i)),
  };
  const entry = (subject: string, aspect: string, value: unknown): Entry => ({
    v: 1,
    id: uuid(),
    handover: list.handover,
    subject,
    aspect,
    value,
    basis: [],
    by: { side: "base", person: uuid() },
    device: uuid(),
    at: "2027-06-12T15:10:00Z",
    offsetMs: 0,
  });
  const record = (shift: number) => ({
    list,
    entries: [
      ...list.lines.map((each, i) => entry(`line:${each.id}`, "count", { count: (i + shift) % 7 })),
      ...Array.from({ length: 300 }, (_, i) =>
        entry(`mark:${uuid()}`, "mark", {
          place: "locker",
          surface: "port-side",
          kind: "scratch",
          sizeMm: 50,
          aM: (i % 30) * 0.35 + shift * 0.02,
          bM: Math.floor(i / 30) * 0.12,
          words: "",
        }),
      ),
    ],
  });
  const [before, after] = [record(0), record(1)];
  const times = Array.from({ length: 30 }, () => {
    const start = performance.now();
    compare(before, after);
    return performance.now() - start;
  });
  say(
    "comparison of two records of 2,000 lines and 300 marks, median (slowest)",
    `${percentile(times, 0.5).toFixed(1)} ms (${Math.max(...times).toFixed(1)} ms)`,
  );
}

const signInAsManager = (page: Page) => signIn(page, "senna@brinecove.example");

async function signIn(page: Page, email = "maro@brinecove.example"): Promise<void> {
  await page.goto(`${origin}/sign-in`);
  await page.getByLabel("E-mail").fill(email);
  await page.getByLabel("Password").fill("sallow-tide-7");
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.waitForURL("**/today");
}

async function browserFigures(): Promise<void> {
  const profile = resolve(".build/measure-profile");
  rmSync(profile, { recursive: true, force: true });
  mkdirSync(profile, { recursive: true });
  const context = await chromium.launchPersistentContext(profile, {
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    viewport: { width: 834, height: 1112 },
    // a first load is measured as it comes over the network, not out of the service worker
    serviceWorkers: "block",
    args: [
      "--headless",
      "--no-sandbox",
      "--disable-gpu",
      "--disable-background-networking",
      `--remote-debugging-port=${debugPort}`,
    ],
  });
  try {
    const page = await context.newPage();
    await signIn(page);
    await tapToPaint(page, "spread over the places");
    await tapToPaint(page, "all at one place");
    const address = page.url();
    await firstLoad(context, address);
    for (const [name, url] of [
      ["sign-in", `${origin}/sign-in`],
      ["Today", `${origin}/today`],
      ["check-in", address],
    ] as const)
      await lighthouseOf(name, url);
  } finally {
    await context.close();
  }
}

/** The finder over about 600 entries, and what taking in a file costs: parsing, schema, checks, changes. */
function yachtFile(): void {
  const file = demoYachtFile("gannet-rock");
  const pot = file.inventory.pot;
  if (!pot) throw new Error("the demo has no pot");
  const big: YachtFile = { ...file, inventory: { ...file.inventory } };
  for (let i = 0; findables(big).length < 600; i++)
    big.inventory[`extra-${i}`] = { ...pot, name: { en: `Spare part ${i} of the galley` } };
  const questions = JSON.parse(readFileSync("demo/questions/tuned.json", "utf8")) as { ask: string }[];
  const started = performance.now();
  const finder = makeFinder(big);
  const made = performance.now() - started;
  const times = questions.map(({ ask }) => timed(() => finder.find(ask)));
  say(
    "finder over 600 entries: index made / an answer, median / 95th percentile",
    `${made.toFixed(0)} ms / ${percentile(times, 0.5).toFixed(1)} ms / ${percentile(times, 0.95).toFixed(1)} ms`,
  );
  const text = JSON.stringify(file);
  const imports = Array.from({ length: 20 }, () =>
    timed(() => fileChanges(file, checked(parseAs(YachtFile, parseStrictJson(text))))),
  );
  say(
    `taking in a file of ${Math.round(text.length / 1000)} kB: parsing, schema, checks, changes, median`,
    `${percentile(imports, 0.5).toFixed(0)} ms`,
  );
}

function checked(file: YachtFile): YachtFile {
  checkFile(file, "2027-06-12");
  return file;
}

function timed(work: () => unknown): number {
  const started = performance.now();
  work();
  return performance.now() - started;
}

/** Shows 150 fittings on a yacht's plan with the processor slowed four times. */
async function planDrawing(): Promise<void> {
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: ["--headless", "--no-sandbox", "--disable-gpu", "--disable-background-networking"],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 834, height: 1112 } });
    await page.route("**/api/aboard/**", async (route) => {
      const answer = await route.fetch();
      const body = (await answer.json()) as { yacht: { file: YachtFile } };
      const onDeck = Object.entries(body.yacht.file.places)
        .filter(([, place]) => place.level === "deck")
        .map(([key]) => key);
      const [model] = Object.values(body.yacht.file.fittings);
      if (!model) throw new Error("no fitting");
      const fittings = Array.from({ length: 150 }, (_, i) => [
        `valve-${i}`,
        { ...model, kind: "valve" as const, place: onDeck[i % onDeck.length] ?? "" },
      ]);
      await route.fulfill({
        response: answer,
        json: {
          ...body,
          yacht: {
            ...body.yacht,
            file: {
              ...body.yacht.file,
              fittings: Object.fromEntries(fittings) as YachtFile["fittings"],
              oddities: {},
              procedures: {},
            },
          },
        },
      });
    });
    await page.goto(`${origin}/aboard#LANTN-8R3`);
    const button = page.getByRole("button", { name: "Shut-offs" });
    await button.waitFor();
    await (await page.context().newCDPSession(page)).send("Emulation.setCPUThrottlingRate", { rate: 4 });
    const durations: number[] = [];
    for (let i = 0; i < 15; i++) {
      // from the tap until the frame with the 150 symbols has been painted
      durations.push(
        await button.evaluate(
          (element) =>
            new Promise<number>((done) => {
              const from = performance.now();
              (element as HTMLButtonElement).click();
              requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)));
            }),
        ),
      );
      await button.click();
      await page.waitForTimeout(300);
    }
    say(
      "150 fittings shown on a plan, processor slowed 4 times, tap to painted, median / slowest",
      `${percentile(durations, 0.5).toFixed(0)} ms / ${Math.max(...durations).toFixed(0)} ms`,
    );
  } finally {
    await browser.close();
  }
}

/** Opens the check-in of the demo with lines added up to 500, at all its places or at one alone, and taps counts with the processor slowed four times. */
async function tapToPaint(page: Page, where: "spread over the places" | "all at one place"): Promise<void> {
  await page.route("**/api/handovers", async (route) => {
    const answer = await route.fetch();
    const body = (await answer.json()) as { bundle: HandoverBundle };
    const { lines, places } = body.bundle.list;
    const model = lines.find((line) => line.id === "count:mug") as CountLine;
    for (let i = 0; lines.length < 500; i++)
      lines.push({
        ...model,
        id: `count:extra-${i}`,
        place: where === "all at one place" ? model.place : (places[i % places.length]?.id ?? model.place),
      });
    await route.fulfill({ response: answer, json: body });
  });
  await page.goto(`${origin}/charters/BR-1059`);
  await page.getByRole("button", { name: "Go on with the check-in" }).first().click();
  await page.locator("#place-title").waitFor();
  await page.unroute("**/api/handovers");
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByLabel("Find a thing on the list").fill("teaspoon");
  await page.getByRole("dialog").getByRole("listitem").getByRole("button").first().click();
  const buttons = page.locator('[data-line^="count:"]').getByRole("button", { name: "one more" });
  await buttons.nth(8).scrollIntoViewIfNeeded();
  await page.waitForTimeout(1000);
  const boxes = await Promise.all(Array.from({ length: 20 }, (_, i) => buttons.nth(i).boundingBox()));
  const spots = boxes.flatMap((box) =>
    box && box.y > 150 && box.y < 860 ? [[box.x + box.width / 2, box.y + box.height / 2] as const] : [],
  );
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await page.evaluate(() => {
    const durations: number[] = [];
    Object.assign(window, { durations });
    new PerformanceObserver((entries) => {
      for (const entry of entries.getEntries()) if (entry.name === "click") durations.push(entry.duration);
    }).observe({ type: "event", durationThreshold: 0 } as PerformanceObserverInit);
  });
  for (let i = 0; i < 80; i++) {
    const [x, y] = spots[i % spots.length] ?? [0, 0];
    // the pointer itself: a tool that looks for its target first would be measured too
    await page.mouse.click(x, y);
    // five taps a second is as fast as a thumb goes
    await page.waitForTimeout(200);
  }
  await page.waitForTimeout(500);
  const durations = await page.evaluate(() => (window as unknown as { durations: number[] }).durations);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
  const shown = (value: number) => (value === 0 ? "below 16 ms" : `${value} ms`);
  say(
    `tap to next paint of a count, 500 lines ${where}, processor slowed 4 times, ${durations.length} taps: median / 95th percentile`,
    `${shown(percentile(durations, 0.5))} / ${shown(percentile(durations, 0.95))}`,
  );
}

async function firstLoad(context: BrowserContext, address: string): Promise<void> {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send("Network.enable");
  await session.send("Network.setCacheDisabled", { cacheDisabled: true });
  const scripts = new Map<string, number>();
  const ids = new Map<string, string>();
  session.on("Network.responseReceived", ({ requestId, response, type }) => {
    if (type === "Script") ids.set(requestId, response.url);
  });
  session.on("Network.loadingFinished", ({ requestId, encodedDataLength }) => {
    const url = ids.get(requestId);
    if (url) scripts.set(url, encodedDataLength);
  });
  await page.goto(address);
  await page.locator("#place-title").waitFor();
  await page.waitForTimeout(800);
  say(
    "compressed script of the first load of the check-in screen",
    `${Math.round([...scripts.values()].reduce((a, b) => a + b, 0) / 1000)} kB in ${scripts.size} files`,
  );
  await page.close();
}

async function lighthouseOf(name: string, url: string): Promise<void> {
  const result = await lighthouse(url, {
    port: debugPort,
    disableStorageReset: true,
    logLevel: "error",
    onlyCategories: ["performance", "accessibility", "best-practices"],
  });
  const score = (category: string) => Math.round((result?.lhr.categories[category]?.score ?? 0) * 100);
  say(
    `Lighthouse ${name}, mobile settings: performance / accessibility / best practices`,
    `${score("performance")} / ${score("accessibility")} / ${score("best-practices")}`,
  );
  const failed = ["accessibility", "best-practices"]
    .flatMap((category) => result?.lhr.categories[category]?.auditRefs ?? [])
    .filter((ref) => ref.weight > 0 && (result?.lhr.audits[ref.id]?.score ?? 1) < 1);
  if (failed.length > 0) console.error(`  ${name}: ${failed.map((ref) => ref.id).join(", ")}`);
}
