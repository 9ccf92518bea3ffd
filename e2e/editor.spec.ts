import { expect, type BrowserContext, type Page } from "@playwright/test";
import { samplePhoto } from "../src/stand-ins/camera-roll";
import { moveByKeys, segment, signIn } from "./desk";
import { test } from "./test";

const senna = "senna@brinecove.example";
const phoneSize = { width: 390, height: 844 };
interface Draft {
  document: {
    places: Record<string, { outline: [number, number][] }>;
    inventory: Record<string, { order: number; place: string }>;
    procedures: Record<string, { steps: { words: { en: string } }[] }>;
    engines: Record<string, { stopHoldSeconds: number }>;
  };
  notes: { note: { id: string; name: string } }[];
}
const draftOf = async (page: Page, file: string) =>
  (await (await page.request.get(`/api/drafts/${file}`)).json()) as Draft;

/** Chooses a part of the file in the editor's tree. */
async function choose(page: Page, words: string, part: string): Promise<void> {
  await page.getByLabel("Find a part").fill(words);
  await page.getByRole("button", { name: part, exact: true }).first().click();
}
/** Drags something to the middle of something else, as a hand does: with steps in between. */
async function drag(page: Page, from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 6 });
  await page.mouse.move(to.x, to.y, { steps: 6 });
  await page.mouse.up();
}

test("a class is edited as a yacht is: each part says which sisters it reaches, and publishing says what changes on them", async ({
  page,
}) => {
  await signIn(page, senna);
  await page.goto("/fleet/class/farrant-42");
  await page.getByRole("link", { name: "Edit the class's file" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Class Farrant 42: its file");
  await expect(segment(page, /^Proposed/)).toHaveCount(0);
  await choose(page, "engine", "Port engine engine");
  await expect(page.getByRole("list", { name: "Yachts this change reaches" })).toContainText("Two Lanterns");
  const service = page.getByLabel("Service every, hours", { exact: true });
  const was = await service.inputValue();
  await service.fill(String(Number(was) + 1));
  await service.press("Enter");
  await expect(page.getByRole("status").first()).toHaveText("kept");
  await segment(page, "Publish …").click();
  await expect(
    page.getByText(`Port engine, service every, hours: from “${was}” to “${Number(was) + 1}”`).first(),
  ).toBeVisible();
  await expect(page.getByRole("heading", { name: "It reaches one yacht" })).toBeVisible();
  await expect(page.getByText("Two Lanterns: published with it, one change")).toBeVisible();
  // thrown away after all: nothing was published, and the draft is gone
  await page.getByRole("button", { name: "Discard these changes …" }).click();
  await page.getByRole("button", { name: "Discard them" }).click();
  await page.waitForURL("**/fleet/class/farrant-42");
  await page.getByRole("link", { name: "Edit the class's file" }).click();
  await expect(page.getByText("nothing changed yet")).toBeVisible();
});

test("outlines, steps and the order of things are dragged into place, and by keys", async ({ page }) => {
  await signIn(page, senna);
  await page.goto("/fleet/little-auk/edit");
  const before = await draftOf(page, "yachts/little-auk");
  await segment(page, "Kind").click();
  const [place, { outline }] = Object.entries(before.document.places)[0]!;
  await segment(page, "Kind").click();
  await page.locator("summary", { hasText: /^place/ }).click();
  await page
    .locator("details[open]")
    .getByRole("button", { name: /place$/ })
    .first()
    .click();
  await expect(page.locator("code").first()).toHaveText(/^\/places\//);
  const shown = ((await page.locator("code").first().textContent()) ?? "").split("/")[2]!;
  const corners = shown === place ? outline : before.document.places[shown]!.outline;
  const drawing = page.getByRole("application", { name: "Outline" }).getByRole("group", { name: "Outline" });
  await drawing.scrollIntoViewIfNeeded();
  const spot = (at: [number, number]) =>
    drawing.evaluate((svg: SVGSVGElement, [aft, side]) => {
      const point = new DOMPoint(side * 50, aft * 50).matrixTransform(svg.getScreenCTM()!);
      return { x: point.x, y: point.y };
    }, at);
  await drag(page, await spot(corners[1]!), await spot([corners[1]![0] + 0.4, corners[1]![1]]));
  await expect(page.getByRole("button", { name: "corner 2" })).toHaveAttribute("aria-pressed", "true");
  await expect
    .poll(
      async () =>
        Math.abs(
          (await draftOf(page, "yachts/little-auk")).document.places[shown]!.outline[1]![0] - corners[1]![0] - 0.4,
        ) < 0.06,
    )
    .toBe(true);

  // dragged over the side, the outline itself says so
  await drag(
    page,
    await spot((await draftOf(page, "yachts/little-auk")).document.places[shown]!.outline[1]!),
    await spot([corners[1]![0] + 0.4, 1.5]),
  );
  const said = page.getByText(/reaches beyond her hull/);
  await expect(said.first()).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(said).toHaveCount(0);

  // a step of a procedure, dragged below the next by its handle, and back by keys on it
  const [procedure, { steps }] = Object.entries(before.document.procedures).find(([, each]) => each.steps.length > 2)!;
  const stepsNow = async () =>
    (await draftOf(page, "yachts/little-auk")).document.procedures[procedure]!.steps.map((step) => step.words.en);
  await segment(page, "Kind").click();
  await page.getByLabel("Find a part").fill(procedure);
  await page
    .getByRole("button", { name: /procedure$/ })
    .first()
    .click();
  const handle = page.getByRole("button", { name: "Move: Steps 1", exact: true });
  await handle.scrollIntoViewIfNeeded();
  const middle = async (name: string) => {
    const box = (await page.getByRole("button", { name, exact: true }).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + 20 };
  };
  const second = await middle("Move: Steps 2");
  await drag(page, await middle("Move: Steps 1"), { x: second.x, y: second.y + 10 });
  await expect
    .poll(stepsNow)
    .toEqual([steps[1]!.words.en, steps[0]!.words.en, ...steps.slice(2).map((step) => step.words.en)]);
  await expect(page.getByRole("status").first()).toHaveText("kept");
  await moveByKeys(page, handle, "ArrowDown");
  await expect.poll(stepsNow).toEqual(steps.map((step) => step.words.en));

  // what is stowed, in the tree: the second before the first
  await page.getByLabel("Find a part").fill("");
  await page.locator("summary", { hasText: /^stowed/ }).click();
  const rows = page.locator("details[open]").getByRole("button", { name: /^Move: / });
  const [first, next] = [await rows.nth(0).getAttribute("aria-label"), await rows.nth(1).getAttribute("aria-label")];
  await rows.nth(1).scrollIntoViewIfNeeded();
  const [a, b] = [(await rows.nth(1).boundingBox())!, (await rows.nth(0).boundingBox())!];
  await drag(page, { x: a.x + 10, y: a.y + 20 }, { x: b.x + 10, y: b.y + 8 });
  await expect(rows.nth(0)).toHaveAttribute("aria-label", next!);
  await expect(rows.nth(1)).toHaveAttribute("aria-label", first!);
});

test("a new part begins with what its kind demands and is not published half written; what the class has is put back; Fleet says that changes wait", async ({
  page,
}) => {
  await signIn(page, senna);
  await page.goto("/fleet/pale-heron/edit");
  await page.getByRole("button", { name: "A new part …" }).click();
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByText("Say what it is.")).toBeVisible();
  await page.getByLabel("What it is called").fill("Rig the awning");
  await page.getByLabel("What it is called").press("Enter");
  await expect(page.getByRole("heading", { level: 2 })).toHaveText("Rig the awning");
  await expect(page.getByText(/^\d+ things? blocks? ·/)).toBeVisible();
  await page.getByRole("button", { name: "Steps 1: …", exact: true }).click();
  await page.getByLabel("Words", { exact: true }).fill("Halyard to the awning's eye; hold for");
  await page.getByLabel("Words", { exact: true }).press("Enter");
  await expect(page.getByText(/^(no warning|\d+ warnings?)$/)).toBeVisible();
  // a figure is taken from the file, and leads to where it stands
  await page.getByRole("button", { name: "Insert a figure from the file …" }).first().click();
  const figure = await page
    .locator("datalist option")
    .evaluateAll((options) =>
      options.map((option) => (option as HTMLOptionElement).value).find((words) => words.includes("stop hold"))!,
    );
  await page.getByLabel("Which figure").fill(figure);
  await expect(
    page.getByText(`Reads: Halyard to the awning's eye; hold for ${figure.split(": ").at(-1)!}`),
  ).toBeVisible();
  await page.getByRole("button", { name: figure, exact: true }).click();
  await expect(page.locator("code").first()).toHaveText(/^\/engines\//);

  // something new at a place, and something of the class taken out and put back
  await page.getByLabel("Find a part").fill("cockpit");
  await page.getByRole("button", { name: "Cockpit place", exact: true }).click();
  await page.getByRole("button", { name: "Something new here …" }).click();
  await page.getByLabel("What it is", { exact: true }).fill("Cockpit lantern");
  await page.getByLabel("What it is", { exact: true }).press("Enter");
  await expect(page.getByRole("heading", { level: 2 })).toHaveText("Cockpit lantern");
  await expect(page.getByText(/has no price yet/)).toBeVisible();
  await page.getByLabel("Replacement, cents").fill("3900");
  await page.getByLabel("Replacement, cents").press("Enter");
  await expect(page.getByText(/has no price yet/)).toHaveCount(0);
  await choose(page, "anchor-main", "Main anchor, 20 kg stowed");
  await page.getByRole("button", { name: "Remove", exact: true }).click();
  await expect(page.getByText("Main anchor, 20 kg is no longer in the file.")).toBeVisible();
  await expect(page.getByText("Of the class, not aboard (1)")).toBeVisible();
  await page.getByRole("button", { name: "Add it as the class has it" }).click();
  await expect(page.getByText("Of the class, not aboard (1)")).toHaveCount(0);
  await expect(page.getByRole("heading", { level: 2 })).toHaveText("Main anchor, 20 kg");
  await page.goto("/fleet");
  await page
    .getByRole("row", { name: /Pale Heron/ })
    .getByRole("link", { name: /^\d+ changes not published$/ })
    .click();
  await page.waitForURL("**/fleet/pale-heron/edit");
});

/** A phone with a yacht's pages and file on it. */
async function phoneOf(contexts: BrowserContext, slug: string): Promise<Page> {
  const page = await contexts.newPage();
  await signIn(page, senna);
  await page.goto(`/survey#${slug}`);
  await expect(page.getByText(/Ready for no signal/)).toBeVisible({ timeout: 60_000 });
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null));
  return page;
}

test("two phones walk one yacht: each sees what the other has seen; a lost answer sends nothing twice, a place deleted meanwhile loses no note", async ({
  page: desk,
  browser,
}, info) => {
  const context = () =>
    browser.newContext({ baseURL: info.project.use.baseURL, viewport: phoneSize, serviceWorkers: "allow" });
  const [mine, theirs] = [
    await phoneOf(await context(), "two-lanterns"),
    await phoneOf(await context(), "two-lanterns"),
  ];
  const stand = async (phone: Page, place: string) =>
    phone.getByLabel("Where you stand").selectOption({
      label: (await phone.getByLabel("Where you stand").locator("option").allTextContents()).find((each) =>
        each.startsWith(place),
      )!,
    });
  const said = (phone: Page) => phone.getByRole("listitem").filter({ hasText: "as in the file" });

  // photographed first, then told what it is, from what belongs here
  await mine.reload();
  await mine.context().setOffline(true);
  const { bytes } = await samplePhoto("side", 42);
  await mine
    .getByLabel("Photograph a thing here")
    .setInputFiles({ name: "thing.jpg", mimeType: "image/jpeg", buffer: Buffer.from(bytes) });
  const asked = mine.getByRole("region", { name: "What is it?" });
  const name = (await asked.getByRole("button").first().textContent()) ?? "";
  await asked.getByRole("button").first().click();
  await asked.getByRole("button", { name: "As in the file" }).click();
  await expect(mine.getByRole("listitem", { name, exact: true })).toContainText("as in the file, 1 photo");
  const place = ((await mine.getByRole("heading", { level: 2 }).textContent()) ?? "").split(":")[0]!;

  // the other one, with signal, sees it once it is at the base; what was seen stands below the rest when one comes back
  await mine.context().setOffline(false);
  await mine.reload();
  await expect(mine.getByRole("status").first()).toHaveText("all at the base", { timeout: 20_000 });
  await theirs.reload();
  await stand(theirs, "Saloon");
  await stand(theirs, place);
  await theirs.getByText("Seen here before (1)").click();
  await expect(said(theirs)).toContainText(name);

  // the base takes a note and its answer is lost: the phone sends it again, and there is one
  await theirs.route(
    "**/api/yachts/two-lanterns/notes",
    async (route) => {
      await route.fetch();
      await route.abort();
    },
    { times: 1 },
  );
  await theirs.getByRole("button", { name: "Something that is not in the file …" }).click();
  await theirs.getByLabel("What it is").fill("Folding steps");
  await theirs.getByRole("button", { name: "Keep it" }).click();
  await expect(theirs.getByRole("status").first()).toHaveText("1 waiting for signal");
  await theirs.context().setOffline(true);
  await theirs.context().setOffline(false);
  await expect(theirs.getByRole("status").first()).toHaveText("all at the base", { timeout: 20_000 });
  await signIn(desk, senna);
  expect(
    (await draftOf(desk, "yachts/two-lanterns")).notes.filter(({ note }) => note.name === "Folding steps"),
  ).toHaveLength(1);

  // somebody deletes the place that a phone without signal stands in
  await mine.context().setOffline(true);
  await mine.getByRole("button", { name: "Something that is not in the file …" }).click();
  await mine.getByLabel("What it is").fill("Spare lamp");
  await mine.getByRole("button", { name: "Keep it" }).click();
  await desk.goto("/fleet/two-lanterns/edit");
  await choose(desk, place, `${place} place`);
  await desk.getByRole("button", { name: "Remove", exact: true }).click();
  await expect(desk.getByText(`${place} is no longer in the file.`)).toBeVisible();
  await mine.context().setOffline(false);
  await mine.reload();
  await expect(mine.getByRole("status").first()).toHaveText("all at the base", { timeout: 20_000 });
  await desk.reload();
  await segment(desk, /^Proposed/).click();
  const lamp = desk.getByRole("article", { name: "Spare lamp" });
  await expect(lamp).toContainText("Nothing left to accept");
  await lamp.getByLabel("Why not").fill("that locker was taken out in May");
  await lamp.getByRole("button", { name: "Decline" }).click();
  await expect(desk.getByText("declined by Senna Ruhl: “that locker was taken out in May”")).toBeVisible();
  // taking the place back puts it where it was
  await desk.getByRole("button", { name: "Undo" }).click();
  await expect
    .poll(async () =>
      Object.values((await draftOf(desk, "yachts/two-lanterns")).document.places).some(
        (each) => (each as unknown as { name: { en: string } }).name.en === place,
      ),
    )
    .toBe(true);
  // who wrote the note reads why it was not taken over
  await mine.reload();
  await stand(mine, place);
  await expect(mine.getByRole("listitem", { name: "Spare lamp" })).toContainText(
    "Declined at the desk by Senna Ruhl: “that locker was taken out in May”",
  );
  for (const phone of [mine, theirs]) await phone.context().close();
});

test("a skipper says in the boat book that the file is wrong; at the desk one key takes it over", async ({
  page,
  browser,
}, info) => {
  const book = await (await browser.newContext({ baseURL: info.project.use.baseURL, viewport: phoneSize })).newPage();
  await book.goto("/book#demo-boat-book-gannet-rock-1055");
  await book.getByLabel("PIN").fill("447093");
  await book.getByRole("button", { name: "Open" }).click();
  await book.getByRole("button", { name: "Find", exact: true }).click();
  await book.getByRole("region", { name: "Finder" }).locator("input").fill("windlass breaker");
  await book
    .getByRole("button", { name: /Windlass breaker/ })
    .first()
    .click();
  await book.getByRole("button", { name: "The file is wrong here …: Windlass breaker" }).click();
  await book.getByRole("button", { name: "Tell the desk" }).click();
  await expect(book.getByText("Say in a few words how it really is.")).toBeVisible();
  await book.getByLabel("How it really is").fill("behind the second board, not the first");
  const { bytes } = await samplePhoto("side", 43);
  await book
    .getByLabel("Photo")
    .setInputFiles({ name: "breaker.jpg", mimeType: "image/jpeg", buffer: Buffer.from(bytes) });
  await expect(book.getByText("1 photo", { exact: false }).first()).toBeVisible();
  await book.getByRole("button", { name: "Tell the desk" }).click();
  await expect(book.getByText("Told: it goes to the desk when there is signal.")).toBeVisible();

  await signIn(page, senna);
  await expect.poll(async () => (await draftOf(page, "yachts/gannet-rock")).notes.length).toBe(1);
  await page.goto("/fleet/gannet-rock/edit");
  await segment(page, "Proposed (1)").click();
  const proposed = page.getByRole("article", { name: "Windlass breaker" });
  await expect(proposed).toBeFocused();
  await expect(proposed.getByRole("img")).toBeVisible();
  await expect(proposed).toContainText("to “a photo from aboard”");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Nothing proposed.")).toBeVisible();
  await expect(page.getByText("accepted by Senna Ruhl")).toBeVisible();
  await book.context().close();
});
