import type { Page } from "@playwright/test";
import { connected } from "../connected";
import type { Prepared } from "../prepare";
import { startChromium } from "./taps";

type Say = (what: string, figure: string) => void;

const fleet = 40;
const weeks = 26;

/** How long the calendar of forty yachts and half a year takes to be drawn whole, with the processor slowed four times. */
export async function calendarFigures(
  say: Say,
  origin: string,
  prepared: Prepared,
  signIn: (page: Page) => Promise<void>,
): Promise<void> {
  await connected(prepared.ownerUrl, (db) => db.query(growFleet));
  const browser = await startChromium();
  try {
    const page = await (await browser.newContext({ baseURL: origin, serviceWorkers: "block" })).newPage();
    await signIn(page);
    const answered = await serverTimes(page);
    say(`server: the calendar's page, ${fleet} yachts, ${weeks} weeks, ten times: median / slowest`, answered);
    await page.goto(`/charters/calendar?weeks=${weeks}`);
    await page.getByText(`${fleet} yachts`).waitFor();
    const bars = await page.locator("[data-bar]").count();
    const cdp = await page.context().newCDPSession(page);
    await cdp.send("Emulation.setCPUThrottlingRate", { rate: 4 });
    const took: number[] = [];
    for (let round = 0; round < 7; round++) {
      await typeFind(page, "no such yacht");
      took.push(await typeFind(page, ""));
    }
    took.sort((a, b) => a - b);
    say(
      `drawing ${bars} charters of ${fleet} yachts over ${weeks} weeks, processor slowed four times, seven times: median / slowest`,
      `${Math.round(took[3] ?? 0)} ms / ${Math.round(took.at(-1) ?? 0)} ms`,
    );
  } finally {
    await browser.close();
  }
}

async function serverTimes(page: Page): Promise<string> {
  const took: number[] = [];
  for (let round = 0; round < 10; round++) {
    const started = performance.now();
    await (await page.request.get(`/charters/calendar?weeks=${weeks}`)).body();
    took.push(performance.now() - started);
  }
  took.sort((a, b) => a - b);
  return `${Math.round(took[5] ?? 0)} ms / ${Math.round(took.at(-1) ?? 0)} ms`;
}

/** Writes into the field that finds yachts, and says how long it takes until what it leaves is painted, ms. */
const typeFind = (page: Page, words: string): Promise<number> =>
  page.evaluate(async (typed) => {
    const field = document.querySelector<HTMLInputElement>("main input[type=search]");
    const started = performance.now();
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(field, typed);
    field?.dispatchEvent(new Event("input", { bubbles: true }));
    await new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted)));
    return performance.now() - started;
  }, words);

/** Sisters of the demo's yachts until there are forty, and a charter a week on each for half a year. */
const growFleet = `
  with class as (select *, row_number() over (order by slug) as n from yacht), wanted as (
    select c.*, i from generate_series(1, ${fleet} - (select count(*)::int from yacht)) i join class c on c.n = 1 + (i % (select count(*) from yacht)))
  insert into yacht select y.* from wanted w, jsonb_populate_record(null::yacht, (select to_jsonb(x) from yacht x where x.id = w.id)
    || jsonb_build_object('id', gen_random_uuid(), 'slug', w.slug || '-' || w.i, 'name', w.name || ' ' || w.i, 'code', 'GROW-' || w.i)) y;
  insert into yacht_revision select r.* from yacht y
    join lateral (select v.* from yacht_revision v join yacht o on o.id = v.yacht_id where y.slug like o.slug || '-%' order by v.revision desc limit 1) last on y.code like 'GROW-%',
    jsonb_populate_record(null::yacht_revision, to_jsonb(last) || jsonb_build_object('yacht_id', y.id)) r;
  with new as (
    select gen_random_uuid() as id, y.base_id, y.id as yacht_id, 'G-' || row_number() over () as reference, w
    from yacht y, generate_series(0, ${weeks - 1}) w where y.code like 'GROW-%'),
  charters as (
    insert into charter (id, base_id, reference, charterer_id, skipper_id, terms)
    select n.id, n.base_id, n.reference, c.charterer_id, c.skipper_id, c.terms from new n, lateral (select * from charter x where x.base_id = n.base_id limit 1) c returning 1)
  insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard)
    select gen_random_uuid(), base_id, id, yacht_id, date_trunc('week', (select max(starts_at) from stay)) + w * interval '7 days' + interval '5 days 17 hours',
      date_trunc('week', (select max(starts_at) from stay)) + w * interval '7 days' + interval '12 days 9 hours', 4 from new;`;
