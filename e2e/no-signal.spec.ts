import { app } from "./app";
import { expect, type BrowserContext, type Page } from "@playwright/test";
import pg from "pg";
import { demoYachtFile } from "../src/demo/yacht-file";
import { addPhoto, count, doPlace, row, signAndSeal, walk } from "../src/testing/played/handover";
import { onDevice, Tablet } from "../src/testing/played/tablet";
import { Outage } from "./outage";
import { test } from "./test";

const reference = "BR-1065";
const file = demoYachtFile("gannet-rock");
const counts = Object.fromEntries(Object.entries(file.inventory).map(([key, item]) => [key, item.expected]));
const aboard = { counts, hours: 640, except: {} };

const hourMs = 3_600_000;

const footer = (page: Page) => page.getByRole("contentinfo");
const title = (page: Page) => page.locator("#place-title");

async function openCheckIn(page: Page, origin: string): Promise<void> {
  await page.goto(`${origin}/charters/${reference}`);
  await page
    .getByRole("button", { name: /^(Start|Go on with) the check-in$/ })
    .first()
    .click();
  await page.waitForURL("**/handover#*");
  await expect(title(page)).toBeVisible();
  // the service worker has the pages before the signal goes
  await page.getByRole("button", { name: "What is left" }).click();
  await expect(page.getByRole("dialog").getByText(/Ready for no signal/)).toBeVisible({ timeout: 60_000 });
  await page.keyboard.press("Escape");
}

async function findThing(page: Page, words: string): Promise<void> {
  await page.getByRole("button", { name: "What is left" }).click();
  const sheet = page.getByRole("dialog");
  await sheet.getByLabel("Find a thing on the list").fill(words);
  await sheet.getByRole("listitem").getByRole("button").first().click();
  await expect(sheet).toBeHidden();
}

// a tablet that is joined from outside has no trace of its own
test.use({ trace: "off" });

test("the whole check-in of Gannet Rock without signal: two tablets, a fork, a flat battery, server and database killed, a full disk, a new version", async ({
  browser,
}) => {
  test.setTimeout(900_000);
  const outage = new Outage();
  await outage.start();
  const tablet = new Tablet(hourMs);
  const owner = new pg.Pool({ connectionString: app.ownerUrl });
  owner.on("error", () => undefined);
  const faults: string[] = [];
  try {
    const one: BrowserContext = await browser.newContext({ baseURL: outage.origin, serviceWorkers: "allow" });
    const a = await one.newPage();
    a.on("pageerror", (error) => faults.push(error.message));
    await signInAt(a, outage.origin, "maro");
    await openCheckIn(a, outage.origin);
    let b = await tablet.switchOn(9333);
    await signInAt(b, outage.origin, "senna");
    await openCheckIn(b, outage.origin);
    const handover = new URL(a.url()).hash.slice(1).split("/")[0] ?? "";

    // no signal for either
    await one.setOffline(true);
    await b.context().setOffline(true);

    // both count the same thing, each otherwise
    await findThing(a, "fender, large");
    const first = (await title(a).textContent()) ?? "";
    await count(a, "count:fender-large", 6);
    await findThing(b, "fender, large");
    await count(b, "count:fender-large", 5);

    // the second tablet takes the galley; its battery goes flat half-way, and nothing of it is lost
    await findThing(b, "teaspoon");
    await expect(title(b)).toHaveText("Galley");
    const galley = await b.locator("[data-line]:visible").count();
    await doPlace(b, aboard);
    await expect(footer(b).getByRole("status")).toContainText(/\d+ waiting for signal/);
    const before = await onDevice(b);
    expect(before.length).toBeGreaterThan(galley);
    tablet.goFlat();
    b = await tablet.switchOn(9334);
    await b.context().setOffline(true);
    await b.goto(`${outage.origin}/handover#${handover}`);
    await expect(title(b)).toBeVisible();
    expect((await onDevice(b)).sort()).toEqual(before.sort());
    const photographed = [
      await addPhoto(b, (await b.locator("[data-line]:visible").first().getAttribute("data-line")) ?? "", 70),
    ];

    // its disk is full: that is said, and what was tapped is kept as soon as there is room
    // the photo is on the screen a moment before it is written down
    const entriesThen = before.length + 1;
    await expect.poll(async () => (await onDevice(b)).length).toBe(entriesThen);
    await b.evaluate(() => {
      // as the browser answers when there is no room: nothing is written
      const { put } = IDBObjectStore.prototype;
      IDBObjectStore.prototype.put = () => {
        throw new DOMException("no room", "QuotaExceededError");
      };
      Object.assign(window, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
    });
    await findThing(b, "kitchen knife");
    await addRemark(b, "count:kitchen-knife", "blunt");
    await expect(b.getByText(/This device cannot keep it/).first()).toBeVisible();
    await b.evaluate(() => (window as unknown as { makeRoom: () => void }).makeRoom());
    await expect.poll(async () => (await onDevice(b)).length, { timeout: 20_000 }).toBe(entriesThen + 1);

    // meanwhile the first tablet walks on, with photos
    await doPlace(a, aboard);
    for (const number of [1, 2, 3])
      photographed.push(
        await addPhoto(a, (await a.locator("[data-line]:visible").nth(number).getAttribute("data-line")) ?? "", number),
      );
    await footer(a).getByRole("button", { name: /^Next/ }).click();
    await expect(title(a)).not.toHaveText(first);
    await doPlace(a, aboard);

    // signal again: the server is killed after it kept the batch and before it said so
    let answered = 0;
    outage.onAnswered = (method, path) => {
      if (method !== "POST" || !path.endsWith("/entries") || answered++ > 0) return true;
      outage.killApp();
      return false;
    };
    await b.context().setOffline(false);
    await expect.poll(() => answered, { timeout: 30_000 }).toBeGreaterThan(0);
    await outage.startApp();
    await expect(footer(b).getByRole("status")).toContainText("all at the base", { timeout: 60_000 });

    // and the database when the first photo comes
    let photos = 0;
    outage.onRequest = (method, path) => {
      if (method === "PUT" && path.startsWith("/api/photos/") && photos++ === 0) outage.killDatabase();
    };
    await one.setOffline(false);
    await expect.poll(() => photos, { timeout: 30_000 }).toBeGreaterThan(0);
    await outage.startDatabase();
    await expect(footer(a).getByRole("status")).toContainText("all at the base", { timeout: 90_000 });

    // each tablet shows that the two disagree; a person settles it
    await findThing(a, "fender, large");
    const fork = row(a, "count:fender-large").getByRole("group", { name: "Two devices disagree." });
    await expect(fork).toBeVisible({ timeout: 40_000 });
    await fork.getByRole("button", { name: "counted 8", exact: true }).click();
    await expect(fork).toBeHidden();

    // a new version of the app is deployed: what is open goes on as it is
    outage.version = "the next version";
    await a.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.update());
    await one.setOffline(true);

    // the rest, to the signatures, with no network at all
    await walk(a, aboard);
    expect(await a.evaluate(async () => Boolean((await navigator.serviceWorker.getRegistration())?.waiting))).toBe(
      true,
    );
    await a.getByRole("button", { name: "Read it through and sign" }).click();
    // the other tablet cannot be heard: that is said, and meant
    await expect(a.getByRole("button", { name: "Seal the record" })).toBeDisabled();
    await a.getByRole("checkbox", { name: /^Sign without the other .*: last heard of at/ }).check();
    await signAndSeal(a, "Hale Vantrice");
    await expect(a.getByRole("heading", { level: 1 })).toHaveText("Gannet Rock is handed over");
    await expect(a.getByText(/Sealed on this device, \d+ to come/).first()).toBeVisible();
    await one.setOffline(false);
    await expect(a.getByText("The record and all that belongs to it are at the base.")).toBeVisible({
      timeout: 60_000,
    });

    // one by one: what is on the tablet is at the base, once, and nothing else is
    const { rows } = await owner.query<{ id: string; device: string; subject: string; offsetMs: number | null }>(
      "select id, content ->> 'device' as device, content ->> 'subject' as subject, (content ->> 'offsetMs')::float8 as \"offsetMs\" from entry where handover_id = $1",
      [handover],
    );
    expect(rows.map((each) => each.id).sort()).toEqual((await onDevice(a)).sort());
    // how far a clock is off stands with every entry; which entry came first is never read from it
    const [aheadA, aheadB] = await Promise.all(
      [a, b].map(async (page) => {
        const device = await page.evaluate(() => localStorage.getItem("brinecove-device"));
        return rows.find((each) => each.device === device && each.offsetMs !== null)?.offsetMs ?? 0;
      }),
    );
    expect(Math.abs((aheadB ?? 0) - (aheadA ?? 0) - hourMs)).toBeLessThan(60_000);
    expect(before.filter((id) => !rows.some((each) => each.id === id))).toEqual([]);
    const { rows: kept } = await owner.query<{ hash: string; size: number }>(
      "select distinct p.hash, length(p.bytes) as size from photo p join entry e on e.content ->> 'aspect' = 'photo:' || p.hash where e.handover_id = $1",
      [handover],
    );
    expect([kept.length, kept.every((photo) => photo.size > 5000)]).toEqual([photographed.length, true]);
    const { rows: seals } = await owner.query("select number from seal where handover_id = $1", [handover]);
    expect(seals).toEqual([{ number: 1 }]);
    // nothing of the list was left without a word
    const { rows: lists } = await owner.query<{ list: { lines: { id: string; kind: string; view?: string }[] } }>(
      "select list from handover where id = $1",
      [handover],
    );
    const unsaid = (lists[0]?.list.lines ?? [])
      .filter((line) => line.view === undefined && !rows.some((each) => each.subject === `line:${line.id}`))
      .map((line) => line.id);
    expect([lists[0]?.list.lines.length ?? 0, unsaid]).toEqual([expect.any(Number), []]);
    expect(lists[0]?.list.lines.length).toBeGreaterThan(200);
    expect(faults).toEqual([]);
    await one.close();
  } finally {
    tablet.away();
    await owner.end();
    await outage.stop();
  }
});

async function signInAt(page: Page, origin: string, who: string): Promise<void> {
  await page.goto(`${origin}/sign-in`);
  await page.getByLabel("E-mail").fill(`${who}@brinecove.example`);
  await page.getByLabel("Password").fill("sallow-tide-7");
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.waitForURL("**/today");
}

async function addRemark(page: Page, line: string, words: string): Promise<void> {
  await row(page, line)
    .getByRole("button", { name: /^Photo, remark/ })
    .click();
  await row(page, line)
    .getByRole("button", { name: /^Skipper says/ })
    .click();
  await row(page, line).getByLabel("The skipper's own words").fill(words);
  await row(page, line).getByRole("button", { name: "Keep it", exact: true }).click();
}
