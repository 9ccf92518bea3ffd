import { expect } from "@playwright/test";
import { signIn } from "./desk";
import { test } from "./test";

const ask = (page: import("@playwright/test").Page, words: string) =>
  page.getByRole("searchbox", { name: "Find a thing, or say what is wrong" }).fill(words);

test("a skipper finds a valve, a remedy and a card on a phone, without signal", async ({ page, context }) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(error.message));
  // the browser asks for the page's sign again whenever its address changes, by itself and in vain
  page.on(
    "console",
    (message) =>
      message.type() === "error" && !message.location().url.includes("/icon.svg") && faults.push(message.text()),
  );
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/aboard#HERON-7K2");
  await ask(page, "gas");
  await expect(page.getByRole("region", { name: "Finder" }).getByRole("listitem").first()).toBeVisible();
  // from here on everything is computed on the device
  await context.setOffline(true);
  await ask(page, "tap for the gas");
  await page.keyboard.press("Enter");
  const found = page.getByRole("article", { name: "Gas tap" });
  await expect(found).toContainText("Galley, in the locker right of the stove, yellow");
  await expect(found.getByRole("list", { name: "How it stands" })).toContainText(/open\s*in line with the pipe/);
  await page.getByRole("button", { name: "Show on her plan" }).click();
  await expect(page.getByRole("button", { name: "Below", exact: true })).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByRole("button", { name: "Galley", exact: true })).toHaveAttribute("aria-current", "location");
  await expect(
    page
      .getByRole("group", { name: /^Plan of Pale Heron|Pale Heron/ })
      .getByRole("button", { name: "Gas tap", exact: true }),
  ).toBeVisible();
  // a tapped place opens from below, and Back goes back to what was found
  await page.getByRole("button", { name: "Galley", exact: true }).press("Enter");
  await expect(page.getByRole("dialog", { name: "Galley" })).toContainText("Gas tap");
  await page.getByRole("button", { name: "Close" }).click();
  await page.goBack();
  await page.goBack();
  await expect(found).toBeVisible();

  await ask(page, "no hot watr");
  await page.getByRole("button", { name: /^No hot water/ }).click();
  const remedy = page.getByRole("article", { name: "No hot water" });
  await expect(remedy.getByRole("listitem")).toHaveCount(4);
  await remedy.getByRole("button", { name: "Water heater valves" }).click();
  await expect(page.getByRole("article", { name: "Water heater valves" })).toContainText(
    "Saloon, starboard, under the aft cushion",
  );

  await ask(page, "zzzz");
  await expect(page.getByText("Nothing aboard fits that.")).toBeVisible();
  await page.getByRole("button", { name: "Emergency", exact: true }).click();
  const cards = page.getByRole("dialog", { name: "Emergency cards" });
  await cards.getByText("Smell of gas").click();
  await expect(cards.getByText("Touch no switch, on or off.").first()).toBeVisible();
  expect(faults).toEqual([]);
});

test("layers show what is where, and the plan is made larger by keys", async ({ page }) => {
  await page.goto("/aboard#HERON-7K2/plan");
  await page.getByRole("button", { name: "Fillers" }).click();
  for (const name of ["Diesel filler", "Water filler, fore tank", "Water filler, aft tank", "Waste deck plate"])
    await expect(page.getByRole("button", { name, exact: true })).toBeVisible();
  const plan = page.getByRole("group", { name: /on deck/i }).last();
  const before = (await plan.boundingBox())?.height ?? 0;
  await page.getByRole("button", { name: "larger" }).focus();
  await page.keyboard.press("+");
  await expect.poll(async () => ((await plan.boundingBox())?.height ?? 0) / before).toBeGreaterThan(1.2);
  await page.keyboard.press("0");
  await expect.poll(async () => Math.round(((await plan.boundingBox())?.height ?? 0) - before)).toBe(0);
  await page.getByRole("button", { name: "Diesel filler", exact: true }).press("Enter");
  await expect(page.getByRole("article", { name: "Diesel filler" })).toContainText(
    "not to be mistaken for: Water filler, fore tank, Waste deck plate",
  );
});

test("a file is taken out, changed, checked and published; sisters stand side by side", async ({ page }) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/fleet/cold-harbour?part=file");
  const taken = await page.request.get("/api/yachts/cold-harbour/file.json");
  const file = (await taken.json()) as {
    fittings: Record<string, { where: { en: string } }>;
    reefs: Record<string, { fromKn: number }>;
  };
  const put = (text: string) =>
    page
      .getByLabel("Upload a changed file")
      .setInputFiles({ name: "file.json", mimeType: "application/json", buffer: Buffer.from(text) });

  await put('{"a": 1, "a": 2}');
  await expect(page.getByText('"a" stands twice in one object.')).toBeVisible();
  await put("<script>alert(1)</script>");
  await expect(page.getByText("Line 1, column 1: this is not JSON")).toBeVisible();
  await put('{"schema": "brinecove/yacht-file/4"}');
  await expect(page.getByText("This is no yacht file:")).toBeVisible();
  await put("x".repeat(2_100_000));
  await expect(page.getByText("larger than 2 MB")).toBeVisible();
  // what is put in becomes edits of her draft, which the editor shows as publishing would have them
  await put(JSON.stringify({ ...file, reefs: { ...file.reefs, second: { ...file.reefs.second, fromKn: 5 } } }));
  await page.waitForURL("**/fleet/cold-harbour/edit?view=publish");
  await expect(page.getByText("One thing blocks publishing")).toBeVisible();
  await expect(page.getByRole("button", { name: /^Publish revision/ })).toBeHidden();

  await page.goto("/fleet/cold-harbour?part=file");
  file.fittings["gas-tap"]!.where = { en: "left of the stove, <b>behind</b> the pans" };
  await put(JSON.stringify(file));
  await expect(page.getByRole("heading", { name: "One change" })).toBeVisible();
  await page.getByRole("button", { name: "Publish revision 2" }).click();
  await expect(page.getByText("Say in a few words why the file is changed.")).toBeVisible();
  await page.getByLabel("Why is the file changed?").fill("moved in the winter");
  await page.getByRole("button", { name: "Publish revision 2" }).click();
  await page.waitForURL("**/fleet/cold-harbour");
  await page.getByRole("tab", { name: "File" }).click();
  await page.getByText(/^Revision 2, .*Senna Ruhl: moved in the winter/).click();
  // a text with a tag in it is shown as text
  await expect(
    page.getByText(
      "Gas tap, where: from “in the locker right of the stove, yellow” to “left of the stove, <b>behind</b> the pans”",
    ),
  ).toBeVisible();

  // the inventory as a list: a wrong cell is named, a right one shows what would change
  const list = await (await page.request.get("/api/yachts/cold-harbour/inventory.csv")).text();
  const putList = (text: string) =>
    page
      .getByLabel("Upload a changed file")
      .setInputFiles({ name: "list.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await putList(list.replace(/^(glass,.*),8,4\.00,/m, '$1,8,"4,50",'));
  await expect(
    page.getByText(
      /column "price": "4,50" has a comma; write the decimals with a point and nothing between thousands: 4\.50\./,
    ),
  ).toBeVisible();
  await putList(list.replace(/^(glass,.*),8,4\.00,/m, "$1,8,4.50,"));
  await expect(page.getByText("Glass, replacement, cents: from “400” to “450”")).toBeVisible();
  // and is thrown away again, asked twice
  await page.getByRole("button", { name: "Discard these changes …" }).click();
  await page.getByRole("button", { name: "Discard them" }).click();
  await page.waitForURL("**/fleet/cold-harbour");
  await expect(page.getByText("Glass, replacement, cents: from “400” to “450”")).toHaveCount(0);
  expect((await page.request.get("/api/yachts/cold-harbour/labels.pdf")).headers()["content-type"]).toBe(
    "application/pdf",
  );

  await page.getByRole("tab", { name: "File" }).click();
  await page.getByRole("link", { name: "Compare with Quillback" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Cold Harbour and Quillback");
  await expect(page.getByText("Shore power breaker").first()).toBeVisible();
  await expect(page.getByRole("table").getByRole("row", { name: /Engine, stop hold, seconds 6 4/ })).toBeVisible();
});
