import { expect, test, type Page } from "@playwright/test";
import { chooseToday, signIn } from "./desk";
import { count, row } from "./handover";

async function join(page: Page, email: string): Promise<void> {
  await signIn(page, email);
  await chooseToday(page, "Wenna Coldrake");
  await page.getByRole("button", { name: "Go on with the check-in" }).click();
  await page.waitForURL("**/handover#*");
  await expect(page.locator("#place-title")).toHaveText("Port lazarette");
}

test("two devices see each other, disagree without signal, and a person settles it", async ({ browser }) => {
  const [one, other] = await Promise.all([browser.newContext(), browser.newContext()]);
  const [a, b] = [await one.newPage(), await other.newPage()];
  await join(a, "maro@brinecove.example");
  await join(b, "senna@brinecove.example");

  // with a connection each sees the other's entries
  await count(a, "count:mooring-line", 4);
  await expect(row(b, "count:mooring-line").getByText("counted 4")).toBeVisible();

  // without, both go on, and say that it is kept here
  await Promise.all([one.setOffline(true), other.setOffline(true)]);
  await count(a, "count:shore-adapter", 1);
  await count(b, "count:shore-adapter", 0);
  await expect(a.getByRole("contentinfo").getByRole("status")).toContainText("1 waiting for signal");
  await expect(row(a, "count:shore-adapter").getByText("counted 1")).toBeVisible();
  await Promise.all([one.setOffline(false), other.setOffline(false)]);
  const fork = row(a, "count:shore-adapter").getByRole("group", { name: "Two devices disagree." });
  await expect(fork).toBeVisible({ timeout: 20_000 });
  await expect(row(b, "count:shore-adapter").getByText("Two devices disagree.")).toBeVisible({ timeout: 20_000 });
  await fork.getByRole("button", { name: "counted 1" }).click();
  await expect(fork).toBeHidden();
  await expect(row(b, "count:shore-adapter").getByText("counted 1")).toBeVisible({ timeout: 10_000 });

  // what was recorded is there again after the page was closed, read from the device
  await a.reload();
  await a.getByRole("button", { name: "What is left" }).click();
  await a.getByRole("dialog").getByLabel("Find a thing on the list").fill("power adapter");
  await expect(a.getByRole("dialog").getByRole("listitem")).toHaveText(/Shore power adapter.*counted 1/);
});
