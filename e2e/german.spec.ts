import AxeBuilder from "@axe-core/playwright";
import { expect } from "@playwright/test";
import { test } from "./test";

test.use({ serviceWorkers: "allow" });

test("Aldo Merrin's boat book opens in German, answers in German without signal, and is English with one tap", async ({
  page,
  context,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto("/book?language=de#demo-boat-book-cold-harbour-1053");
  await expect(page.getByRole("heading", { name: "Dein Bordbuch öffnen" })).toBeVisible();
  await page.getByLabel("PIN").fill("111111");
  await page.getByRole("button", { name: "Öffnen", exact: true }).click();
  // what the base refuses it says in German too
  await expect(page.getByText("Diese PIN stimmt nicht.")).toBeVisible();
  await page.getByLabel("PIN").fill("835207");
  await page.getByRole("button", { name: "Öffnen", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Nach der Übernahme" })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("lang", "de");
  for (const tab of ["Heute", "Finden", "Ihr Plan", "Papiere"])
    await expect(page.getByRole("navigation").getByRole("button", { name: tab })).toBeVisible();
  await expect(page.getByText("Bereit ohne Empfang").first()).toBeVisible({ timeout: 120_000 });

  // from here on everything, words too, is on the device
  await context.setOffline(true);
  await page.reload();
  await page.getByRole("button", { name: "Finden" }).click();
  await page.getByRole("searchbox").fill("Toilette verstopft");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("article", { name: "The head is blocked" })).toBeVisible();
  await page.getByRole("searchbox").fill("wie tief ist das boot");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("article", { name: "Tiefgang" })).toContainText("2,1 m");

  await page.getByRole("button", { name: "English" }).click();
  await expect(page.getByRole("article", { name: "Draught" })).toContainText("2.1 m");
  await page.reload();
  await expect(page.getByRole("navigation").getByRole("button", { name: "Today" })).toBeVisible();
});

test("the pages in German have nothing that axe finds", async ({ page }) => {
  await page.goto("/book?language=de#demo-boat-book-cold-harbour-1053");
  await page.getByLabel("PIN").fill("835207");
  await page.getByRole("button", { name: "Öffnen", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Nach der Übernahme" })).toBeVisible();
  for (const tab of ["Heute", "Finden", "Papiere"]) {
    await page.getByRole("navigation").getByRole("button", { name: tab }).click();
    const { violations } = await new AxeBuilder({ page })
      .setLegacyMode()
      .options({ resultTypes: ["violations"] })
      .analyze();
    expect(violations.map(({ id, nodes }) => `${tab}: ${id} ${nodes[0]?.html}`)).toEqual([]);
  }
});
