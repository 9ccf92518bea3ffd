import { expect, type Locator, type Page } from "@playwright/test";
import { segment, signIn } from "./desk";
import { test } from "./test";

/** What Little Auk has for petrol alone, by the words that find it and its button in the tree. */
const petrol = [
  ["choke", "Choke fitting"],
  ["petrol", "Petrol shut-off fitting"],
  ["fuel hose", "Fuel hose with bulb fitting"],
  ["petrol", "Petrol tank fitting"],
  ["petrol", "Petrol tank tank"],
  ["fill petrol", "Fill petrol procedure"],
  ["does not start", "The outboard does not start procedure"],
  ["petrol", "Petrol reading"],
  ["petrol can", "Petrol can, 5 l stowed"],
  ["starter cord", "Starter cord, spare stowed"],
  ["petrol", "Petrol tank and hose stop of the walk"],
] as const;

interface Draft {
  document: {
    engines: Record<string, { kind: string; battery?: string }>;
    groundTackle: Record<string, { relief: string; reliefAt?: string }>;
    readings: Record<string, { of?: string; with?: string[] }>;
    tanks: Record<string, { gaugeIn?: string }>;
  };
  findings: { path: string; level: string }[];
}
const draftOf = async (page: Page, file: string) =>
  (await (await page.request.get(`/api/drafts/yachts/${file}`)).json()) as Draft;

/** The part of the file that is open. */
const part = (page: Page): Locator => page.locator("section").filter({ has: page.locator("p > code") });

/** Does something to the part that is open, and waits until the base has kept it. */
async function kept(page: Page, work: () => Promise<unknown>): Promise<void> {
  const answer = page.waitForResponse(
    (each) => each.request().method() !== "GET" && each.url().includes("/api/drafts"),
  );
  await work();
  expect((await answer).ok()).toBe(true);
}
const type = (page: Page, label: string, words: string) =>
  kept(page, async () => {
    const field = part(page).getByLabel(label, { exact: true });
    await field.fill(words);
    await field.blur();
  });
/** Chooses one of a few words, where it is not what the new part began with. */
async function take(page: Page, label: string, value: string): Promise<void> {
  const field = part(page).getByLabel(label, { exact: true });
  if ((await field.inputValue()) !== value) await kept(page, () => field.selectOption(value));
}

async function choose(page: Page, words: string, name: string): Promise<void> {
  await page.getByLabel("Find a part").fill(words);
  await page.getByRole("button", { name, exact: true }).first().click();
}

const remove = (page: Page) =>
  kept(page, () => part(page).getByRole("button", { name: "Remove", exact: true }).first().click());

async function publish(page: Page): Promise<void> {
  await segment(page, "Publish …").click();
  await page.getByLabel("Why is the file changed?").fill("As she is now");
  // each warning that stays is accepted with a word
  for (const accept of await page.getByRole("textbox").all())
    if ((await accept.inputValue()) === "") await accept.fill("known");
  await page.getByRole("button", { name: /^Publish revision/ }).click();
  await page.waitForURL(/fleet\/[a-z-]+$/);
}

async function makeNew(page: Page, kind: string, name: string): Promise<void> {
  await page.getByRole("button", { name: "A new part …" }).click();
  await page.getByLabel("What kind of part").selectOption(kind);
  await page.getByLabel("What it is called").fill(name);
  await page.getByLabel("What it is called").press("Enter");
  await expect(page.getByRole("heading", { level: 2 })).toHaveText(name);
}

test("an electric drive on a bank of its own, and an anchor relieved by a rope on a cleat, are typed into a yacht's file", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/fleet/little-auk/edit");
  await makeNew(page, "batteries", "Drive bank");
  await take(page, "Place", "cabin");
  await take(page, "Chemistry", "lfp");
  await take(page, "Duty", "drive");
  await type(page, "Nominal, V", "48");
  await type(page, "Capacity, Ah", "100");
  await makeNew(page, "fittings", "Bow cleat");
  await take(page, "System", "anchoring");
  await take(page, "Place", "bow");
  await take(page, "Kind", "cleat");
  await type(page, "Where", "middle of the foredeck");

  await choose(page, "main", "Outboard engine");
  await take(page, "Kind", "electric-drive");
  // what burns is asked for no more, and stands in the way until it is taken out
  await expect(part(page).getByText("an electric drive has no such thing; take it out")).toHaveCount(4);
  for (const label of ["Cooling water, seconds", "Crank, seconds", "Burn, l/h"])
    await type(page, `${label} (may be left out)`, "");
  for (const entry of [2, 1])
    await kept(page, () =>
      part(page)
        .getByRole("button", { name: `Remove: Burn (may be left out) ${entry}` })
        .click(),
    );
  await take(page, "Battery (may be left out)", "drive-bank");
  await type(page, "Name", "Electric drive");
  await expect(part(page).getByText("an electric drive has no such thing")).toHaveCount(0);

  // what belongs to petrol goes, part by part
  for (const [words, name] of petrol) {
    await choose(page, words, name);
    await remove(page);
  }
  await choose(page, "vent", "The tank's vent turns left to open: the cap's arrow is wrong. oddity");
  await remove(page);
  await choose(page, "outboard", "Outboard equipment");
  await type(page, "Spares (may be left out) (with commas between)", "");
  await choose(page, "start the outboard", "Start the outboard stop of the walk");
  await type(page, "After (with commas between)", "jackets");
  await type(page, "Topics (with commas between)", "engine-start, steer-with-both");

  // what is left in question says petrol where she has none: written anew, each where it stands
  await choose(page, "start the outboard", "Start the outboard procedure");
  await type(page, "Caution (may be left out)", "Nobody in the water.");
  for (const step of [4, 2, 1])
    await kept(page, () =>
      part(page)
        .getByRole("button", { name: `Remove: Steps ${step}` })
        .click(),
    );
  await part(page)
    .getByRole("button", { name: /^Steps 2: / })
    .click();
  await type(page, "Words", "Lever ahead a little: she moves.");
  await choose(page, "fire", "Fire emergency card");
  await type(page, "Caution", "A burning battery is left alone: it burns without air, and its smoke is poison.");

  await choose(page, "anchor", "Anchor, chain and line ground tackle");
  await take(page, "Relief", "belayed-rope");
  await take(page, "Relief at (may be left out)", "bow-cleat");
  expect((await draftOf(page, "little-auk")).findings.filter(({ level }) => level === "error")).toEqual([]);
  await publish(page);
  const { document } = await draftOf(page, "little-auk");
  expect(document.engines.main).toMatchObject({ kind: "electric-drive", battery: "drive-bank" });
  expect(document.groundTackle.main).toMatchObject({ relief: "belayed-rope", reliefAt: "bow-cleat" });
  await page.goto("/fleet/little-auk");
  await expect(page.getByText("revision 2").first()).toBeVisible();
});

test("two water tanks on one gauge are typed in as one reading in eighths, and published", async ({ page }) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/fleet/quillback/edit");
  await choose(page, "water, fore", "Water, fore tank tank");
  await take(page, "Gauge in (may be left out)", "eighths");
  await choose(page, "water, aft", "Water, aft tank reading");
  await remove(page);
  await choose(page, "water, fore", "Water, fore tank reading");
  await type(page, "Name", "Water, both tanks");
  await type(page, "How", "Gauge at the panel: it shows both tanks together.");
  await type(page, "With (may be left out) (with commas between)", "water-aft");
  await publish(page);
  const { document } = await draftOf(page, "quillback");
  expect(document.tanks["water-fore"]?.gaugeIn).toBe("eighths");
  expect(document.readings["water-fore"]).toMatchObject({ of: "water-fore", with: ["water-aft"] });
  expect(document.readings["water-aft"]).toBeUndefined();
});
