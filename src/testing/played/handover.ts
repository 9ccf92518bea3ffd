import { expect, type Page } from "@playwright/test";
import { samplePhoto } from "../../stand-ins/camera-roll";

/** What is to be recorded on lines that are not "all here, all fine", by line id. */
export type Exceptions = Record<string, (page: Page) => Promise<void>>;

export const row = (page: Page, line: string) => page.locator(`[data-line="${line}"]`);

/** Types a count, as one does for more than a few pieces. */
export async function count(page: Page, line: string, number: number): Promise<void> {
  const field = row(page, line).getByRole("textbox");
  await field.fill(String(number));
  await field.press("Enter");
}

/** What is aboard, and how it is recorded; `quick` looks at things together where that is offered. */
export interface Aboard {
  counts: Record<string, number>;
  hours: number;
  except: Exceptions;
  quick?: boolean;
}

/** Records every line of the place on the screen by hand, as a briefer and a skipper do. */
export async function doPlace(page: Page, aboard: Aboard): Promise<void> {
  const together = page.getByRole("region", { name: "Seen together" });
  if (aboard.quick && (await together.count()) > 0) {
    await together.getByRole("button").click();
    await together.getByRole("button", { name: "Yes, I have seen all of it" }).click();
  }
  // small known marks are folded away with their side, and need no word
  for (const item of await page.locator("[data-line]:visible").all()) {
    const line = (await item.getAttribute("data-line")) ?? "";
    const exception = aboard.except[line];
    if (exception) {
      await exception(page);
      continue;
    }
    const [kind = "", key = ""] = line.split(":");
    if (kind === "count" && aboard.quick && (await item.getByRole("textbox").inputValue()) !== "") continue;
    if (kind === "count") await count(page, line, aboard.counts[key] ?? 1);
    else if (kind === "test") await item.getByRole("button", { name: /^(Works|Shown)$/ }).click();
    else if (kind === "look") await item.getByRole("button", { name: "Sound" }).click();
    else if (kind === "view") await item.getByRole("button", { name: /^Nothing new, no photo/ }).click();
    else if (kind === "chain") await measure(item);
    else if (kind === "mark") await item.getByRole("button", { name: "Still so" }).click();
    else await read(page, line, key, aboard.hours);
  }
}

/** Types the length that is written on the last mark. */
async function measure(item: ReturnType<typeof row>): Promise<void> {
  await item.getByLabel("Metres of chain", { exact: true }).last().fill("60");
  await item.getByLabel("Metres of chain", { exact: true }).last().press("Enter");
}

async function read(page: Page, line: string, key: string, hours: number): Promise<void> {
  const item = row(page, line);
  const type = async (label: string, text: string) => {
    await item.getByLabel(label, { exact: true }).fill(text);
    await item.getByLabel(label, { exact: true }).press("Enter");
  };
  const tap = (group: string, button: string) =>
    item.getByRole("group", { name: group, exact: true }).getByRole("button", { name: button, exact: true }).click();
  if (key.startsWith("battery")) {
    await type("Volts", "12.8");
    await type("Hours at rest", "6");
  } else if (key.startsWith("cranking")) await type("Volts", "10.7");
  else if (key.startsWith("charging")) {
    await tap("Shore charger off", "Yes");
    await type("Volts", "14.2");
  } else if (key.startsWith("engine-oil")) {
    await type("Per cent between the marks", "70");
    await tap("It looks", "Clean");
  } else if (key.startsWith("gearbox-oil")) {
    await type("Per cent between the marks", "75");
    await tap("It looks", "Clear");
  } else if (key.startsWith("belt")) {
    await type("A thumb moves it, mm", "9");
    await tap("It looks", "Sound");
  } else if (key.startsWith("strainer")) {
    for (const question of ["Seacock moves freely", "Lid tight", "Seacock fully open again"])
      await tap(question, "Yes");
    await tap("Bowl", "Clear");
  } else if (key === "bilge") {
    await tap("Bilge", "Dry");
    await tap("Oil sheen", "No");
    await tap("Pump lifts", "Yes");
  } else if (key.startsWith("exhaust-smoke")) await tap("Smoke, once warm", "None");
  else if (key.startsWith("cooling-water")) await tap("Water at the exhaust", "Strong pulses");
  else if (key.startsWith("holding")) await type("Litres", "0");
  else if (key.startsWith("gas") && !key.startsWith("gas-hose")) {
    await tap("Smell of gas", "No");
    await type("Per cent left", "80");
    await type("Full bottles beside it", "1");
  } else if (key.startsWith("charter-")) await tap("Seen, the original", "Yes");
  else if (key.startsWith("coolant")) await type("Per cent between the marks", "60");
  else if (/^(engine|generator)-hours/.test(key)) await type("Hours", String(hours));
  else if (key.startsWith("fuel")) await type("Litres", "150");
  else if (key.startsWith("water")) await type("Litres", key === "water-fore" ? "160" : "120");
  else {
    if (key.startsWith("extinguisher")) {
      await tap("Needle", "In the green");
      await tap("Pin and seal", "Yes");
    }
    await item.getByLabel("Good until (month)").fill("2029-04");
  }
}

/** Walks all places by the footer's one next button, doing what is left at each. */
export async function walk(page: Page, aboard: Aboard): Promise<number> {
  let places = 0;
  for (;;) {
    await doPlace(page, aboard);
    places += 1;
    const next = page.getByRole("contentinfo").getByRole("button", { name: /^(Next|Read it through)/ });
    if ((await next.textContent())?.startsWith("Read it through")) return places;
    const before = await page.locator("#place-title").textContent();
    await next.click();
    await expect(page.locator("#place-title")).not.toHaveText(before ?? "");
  }
}

/** Signs by hand in a signature field: a few strokes with the pointer. */
export async function signByHand(page: Page, field: ReturnType<Page["getByRole"]>): Promise<void> {
  const pad = field.getByRole("img");
  await pad.scrollIntoViewIfNeeded();
  const box = await pad.boundingBox();
  if (!box) throw new Error("no signature field");
  await page.mouse.move(box.x + 30, box.y + 60);
  await page.mouse.down();
  for (const [x, y] of [
    [60, 30],
    [90, 90],
    [130, 40],
    [170, 95],
    [220, 50],
  ] as const)
    await page.mouse.move(box.x + x, box.y + y, { steps: 4 });
  await page.mouse.up();
}

/** Seals with one signature by hand and one typed. */
export async function signAndSeal(page: Page, skipperName = "Jory Fenn"): Promise<void> {
  await signByHand(page, page.getByRole("group", { name: /^For the base/ }));
  const skipper = page.getByRole("group", { name: /^Skipper/ });
  await skipper.getByRole("button", { name: "Type the name instead" }).click();
  await skipper.getByLabel("Name, typed as signature").fill(skipperName);
  await page.getByRole("button", { name: "Seal the record" }).click();
}

/** Takes a photo of a line, a drawn sample with its own number; gives the line back. */
export async function addPhoto(page: Page, line: string, number: number): Promise<string> {
  const { bytes } = await samplePhoto("chip", number);
  await row(page, line)
    .getByRole("button", { name: /^Photo, remark/ })
    .click();
  await row(page, line)
    .getByLabel(/^Take a photo/)
    .setInputFiles({ name: `${number}.jpg`, mimeType: "image/jpeg", buffer: Buffer.from(bytes) });
  await expect(row(page, line).getByRole("img").first()).toBeVisible();
  return line;
}
