import { app } from "./app";
import { expect, type Page } from "@playwright/test";
import pg from "pg";
import { samplePhoto } from "../src/stand-ins/camera-roll";
import { segment, signIn } from "./desk";
import { test } from "./test";

/** A technician's phone, signed in, with a yacht's pages and file on it. */
async function takeAlong(page: Page, slug: string): Promise<void> {
  await signIn(page, "senna@brinecove.example");
  await page.goto(`/survey#${slug}`);
  await expect(page.getByText(/Ready for no signal/)).toBeVisible({ timeout: 60_000 });
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null));
}

const thing = (page: Page, name: string) => page.getByRole("listitem", { name, exact: true });

test("a yacht is made from her class, walked at three places without signal, looked through at the desk and published; a check-in opens on it", async ({
  page,
  browser,
}, info) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/fleet");
  await page.getByRole("link", { name: "A new yacht" }).click();
  await segment(page, "Ondavar 41").click();
  await page.getByRole("button", { name: "Make her file" }).click();
  await expect(page.getByRole("group", { name: "2 things to mend" })).toBeVisible();
  await page.getByLabel("Her name").fill("Sea Thrift");
  await page.getByLabel("Berth").fill("A8");
  await page.getByRole("button", { name: "Make her file" }).click();
  await page.waitForURL("**/fleet/sea-thrift/edit");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Sea Thrift: her file");

  // aboard, with a phone and without signal: three places
  const phone = await (
    await browser.newContext({
      baseURL: info.project.use.baseURL,
      viewport: { width: 390, height: 844 },
      serviceWorkers: "allow",
    })
  ).newPage();
  await takeAlong(phone, "sea-thrift");
  await phone.reload();
  await expect(phone.getByRole("heading", { level: 1 })).toHaveText("Sea Thrift: walk her");
  await phone.context().setOffline(true);
  await phone.getByLabel("Where you stand").selectOption({
    label: (await phone.getByLabel("Where you stand").locator("option").allTextContents()).find((each) =>
      each.startsWith("Fore cabin"),
    )!,
  });
  const breaker = thing(phone, "Windlass breaker");
  await breaker.getByRole("button", { name: "Different …: Windlass breaker" }).click();
  await breaker.getByRole("button", { name: "Keep it" }).click();
  await expect(breaker.getByText("Say where or how it is different, or take a photo.")).toBeVisible();
  await breaker.getByLabel("Exactly where").fill("behind the hose, not at the panel");
  const { bytes } = await samplePhoto("side", 41);
  await breaker
    .getByLabel("Photo: Windlass breaker")
    .setInputFiles({ name: "breaker.jpg", mimeType: "image/jpeg", buffer: Buffer.from(bytes) });
  await expect(breaker.getByText("1 photo", { exact: false })).toBeVisible();
  await breaker.getByRole("button", { name: "Keep it" }).click();
  await expect(breaker).toContainText("different, 1 photo");
  await phone.getByRole("button", { name: "On deck" }).click();
  await phone.getByRole("button", { name: /^Bow: / }).click();
  await expect(phone.getByRole("heading", { level: 2, name: /^Bow: \d+ not seen yet/ })).toBeVisible();
  await thing(phone, "Chain locker drain").getByRole("button", { name: "Not aboard: Chain locker drain" }).click();
  await thing(phone, "Windlass").getByRole("button", { name: "Here: Windlass" }).click();
  await expect(thing(phone, "Windlass")).toContainText("as in the file");
  await phone.getByLabel("Where you stand").selectOption({ index: 3 });
  await phone.getByRole("button", { name: "Something that is not in the file …" }).click();
  const added = phone.getByRole("region", { name: "Something that is not in the file …" });
  await added.getByRole("button", { name: "Keep it" }).click();
  await expect(added.getByText("Say what it is.")).toBeVisible();
  await added.getByLabel("What it is").fill("Red bucket with a line");
  await added.getByLabel("How many").fill("2");
  await added.getByRole("button", { name: "Keep it" }).click();
  await expect(phone.getByText("Red bucket with a line")).toBeVisible();
  await expect(phone.getByRole("status").first()).toHaveText("5 waiting for signal");
  // the phone loses power: everything is there when it is on again, still without signal
  await phone.reload();
  await expect(phone.getByText("No signal. Showing what this phone has kept.")).toBeVisible();
  await expect(phone.getByRole("status").first()).toHaveText("5 waiting for signal");
  await phone.context().setOffline(false);
  await phone.reload();
  await expect(phone.getByRole("status").first()).toHaveText("all at the base", { timeout: 20_000 });
  await phone.context().close();

  // at the desk: proposed changes with photo and author, taken over with one key or declined with a word
  await page.reload();
  await segment(page, "Proposed (3)").click();
  const proposed = page.getByRole("article", { name: "Windlass breaker" });
  await expect(proposed).toContainText("different aboard · Senna Ruhl");
  await expect(proposed).toContainText("“behind the hose, not at the panel”");
  await expect(proposed.getByRole("img")).toBeVisible();
  await page.getByRole("button", { name: "Accept: Windlass breaker" }).click();
  await page.getByRole("button", { name: "Accept: Chain locker drain" }).click();
  const bucket = page.getByRole("article", { name: "Red bucket with a line" });
  await bucket.getByRole("button", { name: "Decline" }).click();
  await expect(bucket.getByText("Say in a word why not: it is shown to who walks her next.")).toBeVisible();
  await bucket.getByRole("button", { name: /^Accept/ }).click();
  await expect(page.getByText("Nothing proposed.")).toBeVisible();

  // a field is kept when it is left; what somebody else typed meanwhile is never overwritten
  const open = async (on: Page, words: string, part: string) => {
    await segment(on, "The file").click();
    await on.getByLabel("Find a part").fill(words);
    await on.getByRole("button", { name: part, exact: true }).click();
  };
  await open(page, "windlass breaker", "Windlass breaker fitting");
  await expect(page.getByLabel("Where", { exact: true })).toHaveValue("behind the hose, not at the panel");
  const other = await (await browser.newContext({ baseURL: info.project.use.baseURL })).newPage();
  await signIn(other, "senna@brinecove.example");
  await other.goto("/fleet/sea-thrift/edit");
  await open(other, "windlass breaker", "Windlass breaker fitting");
  await page.getByLabel("Rating, A (may be left out)").fill("ninety");
  await page.getByLabel("Rating, A (may be left out)").blur();
  await expect(page.getByText("A number, please.")).toBeVisible();
  await page.getByLabel("Rating, A (may be left out)").fill("90");
  await page.getByLabel("Rating, A (may be left out)").press("Enter");
  await expect(page.getByRole("status").first()).toHaveText("kept");
  await expect(other.getByLabel("Rating, A (may be left out)")).toHaveValue("90", { timeout: 15_000 });
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByLabel("Rating, A (may be left out)")).toHaveValue("80");
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(page.getByLabel("Rating, A (may be left out)")).toHaveValue("90");
  await other.context().close();

  // the plan by keys
  const spot = page.getByRole("application", { name: "Spot on the plan (may be left out)" });
  await expect(spot).toContainText("No spot of its own");
  await spot.getByRole("group").click({ position: { x: 60, y: 80 } });
  await expect(spot).toContainText("m from the bow");
  const where = (await spot.textContent()) ?? "";
  await spot.focus();
  await page.keyboard.press("ArrowDown");
  await expect.poll(async () => (await spot.textContent()) ?? "").not.toBe(where);

  // lines from a spreadsheet: what is wrong is named, the rest goes on
  await segment(page, "Paste inventory").click();
  const heading = "key,name,place,where,system,group,expected,price,bought,life_months,safety,per_person";
  await page
    .getByLabel("Lines")
    .fill(
      [
        heading,
        "boat-cushion,Cockpit cushion,cockpit,in the locker,comfort,deck,4,32.00,2026-04-01,48,,",
        "lost-thing,Lost thing,attic,nowhere,comfort,deck,1,1.00,2026-04-01,48,,",
      ].join("\n"),
    );
  await page.getByRole("button", { name: "Add them" }).click();
  await expect(page.getByText("1 line added; 1 line is wrong:")).toBeVisible();
  await expect(page.getByText(/^Line 3, column "place": there is no place "attic"/)).toBeVisible();

  // published with the list of changes in words
  await segment(page, "Publish …").click();
  await expect(
    page.getByText(/Windlass breaker, where: from “.*” to “behind the hose, not at the panel”/),
  ).toBeVisible();
  await page.getByLabel("Why is the file changed?").fill("walked her on 12 June");
  for (const accept of await page.getByRole("textbox").all())
    if ((await accept.inputValue()) === "") await accept.fill("known");
  await page.getByRole("button", { name: "Publish revision 1" }).click();
  await page.waitForURL("**/fleet/sea-thrift");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Sea Thrift");
  await expect(page.getByText(/revision 1/).first()).toBeVisible();

  // a charter comes from the office's own books; the check-in runs on her
  const owner = new pg.Pool({ connectionString: app.ownerUrl });
  await owner.query(
    "insert into charter (id, base_id, reference, charterer_id, skipper_id, terms) select gen_random_uuid(), base_id, 'BR-1070', charterer_id, skipper_id, terms from charter where reference = 'BR-1060'",
  );
  await owner.query(
    "insert into stay (id, base_id, charter_id, yacht_id, starts_at, ends_at, aboard) select gen_random_uuid(), c.base_id, c.id, y.id, '2027-06-14T14:00:00Z', '2027-06-19T09:00:00Z', 4 from charter c, yacht y where c.reference = 'BR-1070' and y.slug = 'sea-thrift'",
  );
  await owner.end();
  await page.goto("/charters/BR-1070");
  await page.getByRole("button", { name: "Start the check-in" }).first().click();
  await page.waitForURL("**/handover#*");
  await expect(page.locator("#place-title")).toHaveText("Bow");
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByLabel("Find a thing on the list").fill("red bucket");
  await page.getByRole("dialog").getByRole("listitem").first().getByRole("button").click();
  const bucketRow = page.locator('[data-line="count:red-bucket-with-a-line"]');
  await bucketRow.getByRole("textbox").fill("2");
  await bucketRow.getByRole("textbox").press("Enter");
  await expect(bucketRow).toContainText("2");
});

test("a briefer finds the file wrong at a line of a check-in: it is proposed at the desk, and the next walk has it", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/charters/BR-1059");
  await page.getByRole("button", { name: "Go on with the check-in" }).first().click();
  await page.waitForURL("**/handover#*");
  await expect(page.locator("#place-title")).toBeVisible();
  const line = page.locator('[data-line="count:anchor-main"]');
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByLabel("Find a thing on the list").fill("main anchor");
  await page.getByRole("dialog").getByRole("listitem").first().getByRole("button").click();
  await line.getByRole("button", { name: /^Photo, remark/ }).click();
  await line.getByRole("button", { name: /^The file is wrong here/ }).click();
  await line.getByRole("button", { name: "Tell the desk" }).click();
  await expect(line.getByText("Say in a few words how it really is.")).toBeVisible();
  await line.getByLabel("How it really is").fill("in the starboard lazarette since May");
  await line.getByRole("button", { name: "Tell the desk" }).click();
  await expect(line.getByText("Told: it goes to the desk when there is signal.")).toBeVisible();
  await expect
    .poll(async () =>
      (await page.request.get("/api/drafts/yachts/quillback"))
        .json()
        .then((draft: { notes: unknown[] }) => draft.notes.length),
    )
    .toBe(1);
  await page.goto("/fleet/quillback");
  await page.getByRole("link", { name: "Edit the file" }).click();
  await segment(page, "Proposed (1)").click();
  await expect(page.getByText("“in the starboard lazarette since May”", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: /^Accept/ }).click();
  await expect(page.getByText("Nothing proposed.")).toBeVisible();
  await segment(page, "Publish …").click();
  await expect(page.getByText(/where: from “.*” to “in the starboard lazarette since May”/)).toBeVisible();
});
