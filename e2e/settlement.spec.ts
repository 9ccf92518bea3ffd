import { expect, type Page } from "@playwright/test";
import { byMenu, segment, signIn } from "./desk";
import { signByHand } from "../src/testing/played/handover";
import { test } from "./test";

const part = (page: Page, name: string) => page.getByRole("region", { name, exact: true });
const keep = (page: Page, name: string) =>
  part(page, name)
    .getByRole("button", { name: /^Save the decision/ })
    .click();

test("a statement that the charterer does not sign: price list, a sum for below the water, witness, objection, one capture", async ({
  page,
  browser,
}, info) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/charters/BR-1050/settlement");

  // the long scratch by the price list: 42.00 + 180 min × 58.00/h = 216.00
  const scratch = "scratch: long, from a quay wall";
  await segment(part(page, scratch), "the charterer's").click();
  await part(page, scratch)
    .getByLabel("From the price list")
    .selectOption({ label: "Gelcoat scratch, 10 to 80 cm: €216.00" });
  await expect(part(page, scratch).getByLabel("Estimate, EUR")).toHaveValue("216");
  await keep(page, scratch);
  await expect(part(page, scratch)).toContainText("€216.00 charged");
  // the picture of that side at check-in stands beside it
  await expect(part(page, scratch).getByRole("img")).toHaveCount(2);

  // a price that is not fixed: the wrong way round first
  const corner = "scratch: platform corner";
  await segment(part(page, corner), "the charterer's").click();
  await part(page, corner).getByLabel("Estimate, EUR").fill("120");
  await part(page, corner).getByLabel("or from, EUR (not fixed)").fill("200");
  await keep(page, corner);
  await expect(part(page, corner).getByText("The lower end is above the estimate.")).toBeVisible();
  await part(page, corner).getByLabel("Estimate, EUR").fill("200");
  await part(page, corner).getByLabel("or from, EUR (not fixed)").fill("120");
  await keep(page, corner);
  await expect(part(page, corner)).toContainText("at the upper end until the price is fixed, held and not charged");
  const sums = page.getByRole("complementary", { name: "What it comes to" });
  await expect(sums).toContainText(/Once every price is fixed, due between €\d+\.\d\d and €\d+\.\d\d/);

  // goodwill needs its reason
  const handle = "Winch handle";
  await part(page, handle).getByText("Share, goodwill, negligence").click();
  await part(page, handle).getByLabel("Goodwill, EUR").fill("10");
  await part(page, handle).getByLabel("In a few words, why").fill("");
  await keep(page, handle);
  await expect(part(page, handle).getByText("A reduction as goodwill needs a reason.")).toBeVisible();
  await part(page, handle).getByLabel("In a few words, why").fill("a regular guest");
  await keep(page, handle);
  await expect(part(page, handle)).toContainText("less €10.00 goodwill");
  for (const name of ["Headsail, out and furled", "Oar", "Saloon, upholstery"]) {
    await segment(part(page, name), "no charge").click();
    await keep(page, name);
    await expect(part(page, name)).toContainText("Not charged.");
  }

  // a receipt of another charter's days is refused, and says of which it is
  const beside = part(page, "Beside the differences");
  await byMenu(beside, "Add to the statement", "A fuel receipt");
  await beside.getByLabel("Litres").fill("16");
  await beside.getByLabel("Day on the receipt").fill("2027-01-01");
  await beside.getByLabel("Number of the receipt, and where").fill("quay 2291");
  await beside.getByRole("button", { name: "Add it" }).click();
  await expect(beside.getByText("This receipt is not of the charter's days, 2027-06-04 to 2027-06-11.")).toBeVisible();

  // a service by the price list, and a sum for below the water
  await byMenu(beside, "Add to the statement", "A service: keys, cleaning …");
  await beside.getByLabel("From the price list").selectOption({ label: "A key or fob not returned: €45.00" });
  await beside.getByRole("button", { name: "Add it" }).click();
  await expect(beside).toContainText("A key or fob not returned: agreed €45.00");
  await byMenu(beside, "Add to the statement", "A sum for below the water");
  await beside.getByLabel("Kept back, EUR").fill("300");
  await beside.getByLabel("Looked at until").fill("2027-06-15");
  await beside.getByRole("button", { name: "Add it" }).click();
  await expect(beside).toContainText("Hull below the water, until 15 June 2027");

  // nobody there: without reason and witness nothing is sealed
  await page.getByRole("button", { name: "Read it and sign" }).click();
  const sheet = page.getByRole("dialog");
  await expect(sheet).toContainText("€300.00 is kept back; after that time the base can claim nothing there.");
  await sheet.getByRole("button", { name: "Not there" }).click();
  await signByHand(page, sheet.getByRole("group", { name: /^For the base/ }));
  await signByHand(page, sheet.getByRole("group", { name: /^Witness/ }));
  await sheet.getByRole("button", { name: "Seal the statement" }).click();
  await expect(sheet.getByText("Say why they do not sign, and who is the witness.")).toBeVisible();
  await sheet.getByLabel("Why, in a few words").fill("flight at six, keys in the box");
  await sheet.getByLabel("Name of the witness").fill("Tarn Holloway");
  // the name stands in the signature: signed once it is known
  await sheet
    .getByRole("group", { name: /^Witness/ })
    .getByRole("button", { name: "Type the name instead" })
    .click();
  await sheet.getByLabel("Name, typed as signature").fill("Tarn Holloway");
  await sheet.getByRole("button", { name: "Seal the statement" }).click();
  await expect(sums).toContainText("Signed");
  await expect(sums).not.toContainText("taken");
  const since = part(page, "Since it was signed");
  await expect(since).toContainText(
    "Signed without the charterer, who was not there: “flight at six, keys in the box”. Every line can be objected to until 26 June",
  );
  await expect(since.getByRole("group", { name: scratch })).toContainText("€216.00: may still be objected to");

  // the copy went out at once, to both, by an outbox that says it is simulated
  await page.goto("/charters/BR-1050");
  await expect(page.getByText("This is the demo: nothing leaves this machine.")).toBeVisible();
  await expect(page.getByText("To Petra Arrowby, petra.arrowby@crew.example")).toBeVisible();

  // from the boat book the charterer objects to the scratch
  const book = await (
    await browser.newContext({ baseURL: info.project.use.baseURL, viewport: { width: 390, height: 844 } })
  ).newPage();
  await book.goto("/book#demo-boat-book-quillback-1050");
  await book.getByLabel("PIN").fill("530417");
  await book.getByRole("button", { name: "Open" }).click();
  await book.getByRole("button", { name: "Papers", exact: true }).click();
  await book.getByRole("button", { name: `Object to this: ${scratch}` }).click();
  await book.getByRole("button", { name: "Send the objection" }).click();
  await expect(book.getByText("Say in a few words why.")).toBeVisible();
  await book.getByLabel("Why, in your own words").fill("That was on her when we came.");
  await book.getByRole("button", { name: "Send the objection" }).click();
  await expect(book.getByText(/you objected, it is not taken/)).toBeVisible();
  await book.context().close();

  // at the desk: it cannot be closed while anything is open; the objection is settled by a sum that was agreed
  await page.goto("/charters/BR-1050/settlement");
  const objected = since.getByRole("group", { name: scratch });
  await expect(objected).toContainText("boat book: That was on her when we came.");
  await expect(objected).toContainText("objected to: €216.00 not taken");
  await objected.getByRole("button", { name: "Note what was agreed" }).click();
  await objected.getByLabel("Final sum, EUR").fill("0");
  await objected.getByLabel("Agreed how, and with whom").fill("photo of May found");
  await objected.getByRole("button", { name: "Keep it" }).click();
  await expect(objected).toContainText("settled: €0.00");
  await expect(since.getByRole("button", { name: "Take it and give back the rest" })).toHaveCount(0);
});

test("work in the order it is needed, done with parts, minutes and a photo; what a crew left goes back; the history is drawn and taken out", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/work");
  const work = page.getByRole("region", { name: "To repair" });
  const found = work.getByRole("row").filter({ hasText: "scratch: long, from a quay wall" });
  await expect(found).toContainText("Quillback");
  await found.first().click();
  const mark = page
    .getByRole("dialog", { name: "Quillback" })
    .getByRole("listitem")
    .filter({ hasText: "scratch: long, from a quay wall" });
  await mark.getByRole("button", { name: "Repaired: scratch: long, from a quay wall" }).click();
  await mark.getByRole("button", { name: "Repaired", exact: true }).click();
  await expect(mark.getByText("A few words, please: the next one reads them.")).toBeVisible();
  await mark.getByLabel("What was done").fill("filled and polished");
  await mark.getByLabel("Minutes").fill("some");
  await mark.getByRole("button", { name: "Repaired", exact: true }).click();
  await expect(mark.getByText("Whole minutes, please.")).toBeVisible();
  await mark.getByLabel("Minutes").fill("170");
  await mark.getByLabel("Parts").fill("gelcoat, 30 g");
  const { samplePhoto } = await import("../src/stand-ins/camera-roll");
  const { bytes } = await samplePhoto("side", 77);
  await mark
    .getByLabel("Photo of it, repaired")
    .setInputFiles({ name: "mended.jpg", mimeType: "image/jpeg", buffer: Buffer.from(bytes) });
  await expect(mark.getByText("1 photo ready")).toBeVisible();
  await mark.getByRole("button", { name: "Repaired", exact: true }).click();
  await expect(page.getByText("Work noted.")).toBeVisible();
  await expect(found).toHaveCount(0);
  await page.goto("/fleet/quillback");
  const done = page.getByRole("listitem").filter({ hasText: "scratch: long, from a quay wall" }).first();
  await expect(done).toContainText("Senna Ruhl · parts: gelcoat, 30 g · 170 min");
  await expect(done.getByRole("img").last()).toBeVisible();

  await page.goto("/work");
  const cover = page.getByRole("group", { name: "blue fender cover, no name on it" });
  await cover.getByRole("button", { name: "Gone back" }).click();
  await expect(cover.getByText("A few words, please.")).toBeVisible();
  await cover.getByLabel("Where, to whom or how").fill("sent to Petra Arrowby by mail");
  await cover.getByRole("button", { name: "Gone back" }).click();
  await expect(cover).toHaveCount(0);

  await page.getByRole("link", { name: "History" }).click();
  await expect(page.getByRole("img", { name: /Marks on hull and deck: 0 missing, [1-9]\d* to repair/ })).toBeVisible();
  await expect(
    page.getByRole("table", { name: "By item" }).getByRole("row", { name: /^Marks on hull and deck/ }),
  ).toContainText("170");
  await segment(page, "Pale Heron").click();
  await expect(page.getByRole("table", { name: "By yacht" })).toHaveCount(0);
  const csv = await page.request.get((await page.getByRole("link", { name: "Export CSV" }).getAttribute("href")) ?? "");
  expect(csv.headers()["content-type"]).toContain("text/csv");
  expect(await csv.text()).toContain("count:fender-large");
});

test("the price list is settled by a manager, with a reason, and wrong figures are named with their line", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/rules");
  await page.getByRole("tab", { name: "Price list" }).click();
  const list = page.getByRole("region", { name: "Price list" });
  await list.getByLabel("Material, EUR: Gelcoat chip or scratch, to 10 cm").fill("eighteen");
  await list.getByRole("button", { name: "Save the price list" }).click();
  await expect(
    list.getByText("Gelcoat chip or scratch, to 10 cm: the material is an amount such as 18 or 18.50."),
  ).toBeVisible();
  await expect(list.getByLabel("Material, EUR: Gelcoat chip or scratch, to 10 cm")).toBeFocused();
  await list.getByLabel("Labour an hour, EUR").fill("much");
  await list.getByLabel("Material, EUR: Gelcoat chip or scratch, to 10 cm").fill("20");
  await list.getByRole("button", { name: "Save the price list" }).click();
  await expect(list.getByLabel("Labour an hour, EUR")).toBeFocused();
  await list.getByLabel("Labour an hour, EUR").fill("58");
  await expect(
    list.getByRole("row").filter({ has: page.getByLabel("What: Gelcoat chip or scratch, to 10 cm") }),
  ).toContainText("€78.00");
  await list.getByRole("button", { name: "Save the price list" }).click();
  await expect(list.getByText("Say briefly why. It is kept with the change.")).toBeVisible();
  await list.getByLabel("Why do the prices change?").fill("resin has become dearer");
  await list.getByRole("button", { name: "Save the price list" }).click();
  await expect(list.getByText(/^Last settled .* by Senna .*: resin has become dearer$/)).toBeVisible();
  await expect(list.getByRole("button", { name: "Save the price list" })).toBeDisabled();
  await page.reload();
  await page.getByRole("tab", { name: "Price list" }).click();
  await expect(list.getByLabel("Material, EUR: Gelcoat chip or scratch, to 10 cm")).toHaveValue("20.00");
});
