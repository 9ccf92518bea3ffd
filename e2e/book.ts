import type { Page } from "@playwright/test";

/** Opens a boat book by its link and PIN. */
export async function openBook(page: Page, secret: string, pin: string): Promise<void> {
  await page.goto(`/book#${secret}`);
  await page.getByLabel("PIN").fill(pin);
  await page.getByRole("button", { name: "Open", exact: true }).click();
}
