import { performance } from "node:perf_hooks";
import type { Page } from "@playwright/test";
import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;
const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** How long the editor takes to keep what was typed, and publishing a class to take ten sisters along. */
export async function editingFigures(say: Say, origin: string, signIn: (page: Page) => Promise<void>): Promise<void> {
  const browser = await startChromium();
  try {
    const page = await (await browser.newContext({ baseURL: origin })).newPage();
    await signIn(page);
    await keeping(page, say);
    const before = await sistersOf(page);
    for (let number = before + 1; number <= 10; number++) await publishNew(page, `Sea Thrift ${number}`);
    const answer = await page.request.get("/api/classes/ondavar-41/file.json");
    const file = (await answer.json()) as { fittings: Record<string, { how?: { en: string } }> };
    file.fittings["windlass-breaker"]!.how = { en: "Push it back once, after the wait." };
    const draft = "/api/drafts/classes/ondavar-41";
    await post(page, `${draft}/file`, file);
    const review = await page.request.get(`${draft}/review`);
    const warnings = (await review.json()) as {
      findings: { path: string }[];
      sisters: { blocked: { path: string }[] }[];
    };
    const accepts = Object.fromEntries(
      [...warnings.findings, ...warnings.sisters.flatMap((sister) => sister.blocked)].map(({ path }) => [
        path,
        "known",
      ]),
    );
    const started = performance.now();
    const published = await post(page, `${draft}/publish`, { why: "how", accepts });
    if (published.status() !== 201) throw new Error(await published.text());
    say(`publishing a class with ${await sistersOf(page)} sisters`, `${Math.round(performance.now() - started)} ms`);
  } finally {
    await browser.close();
  }
}

/** Types into one field forty times, each time until the page says that it is kept. */
async function keeping(page: Page, say: Say): Promise<void> {
  await page.goto("/fleet/quillback/edit");
  await page.getByLabel("Find a part").fill("windlass breaker");
  await page.getByRole("button", { name: "Windlass breaker fitting" }).click();
  const field = page.getByLabel("Where", { exact: true });
  const times: number[] = [];
  for (let number = 0; number < 40; number++) {
    await field.fill(`behind the hose, ${number}`);
    const kept = page.waitForResponse((response) => response.url().endsWith("/edits"));
    const from = performance.now();
    await field.press("Enter");
    await kept;
    times.push(performance.now() - from);
    await page.getByText("kept", { exact: true }).waitFor();
  }
  say(
    "a field left in the editor until it is kept in the draft: median / slowest of 40",
    `${Math.round(median(times))} / ${Math.round(Math.max(...times))} ms`,
  );
}

const post = (page: Page, path: string, data: object) =>
  page.request.post(path, { headers: { origin: new URL(page.url()).origin }, data });

async function sistersOf(page: Page): Promise<number> {
  await page.goto("/fleet");
  return page.getByRole("row").filter({ hasText: "Ondavar 41" }).count();
}

async function publishNew(page: Page, name: string): Promise<void> {
  const { slug } = (await (await post(page, "/api/yachts", { classSlug: "ondavar-41", name, berth: "Z" })).json()) as {
    slug: string;
  };
  const { findings } = (await (await page.request.get(`/api/drafts/yachts/${slug}`)).json()) as {
    findings: { path: string }[];
  };
  const answer = await post(page, `/api/drafts/yachts/${slug}/publish`, {
    why: "new",
    accepts: Object.fromEntries(findings.map(({ path }) => [path, "known"])),
  });
  if (answer.status() !== 201) throw new Error(await answer.text());
}
