import { expect, type Page } from "@playwright/test";
import { chooseToday, signIn } from "./desk";
import { count, row } from "../src/testing/played/handover";
import { test } from "./test";

async function join(page: Page, email: string): Promise<void> {
  await signIn(page, email);
  await chooseToday(page, "Wenna Coldrake");
  await page.getByRole("button", { name: "Go on with the check-in" }).click();
  await page.waitForURL("**/handover#*");
  await expect(page.locator("#place-title")).toBeVisible();
}

test("two devices see each other, disagree without signal, and a person settles it", async ({ browser }) => {
  const [one, other] = await Promise.all([browser.newContext(), browser.newContext()]);
  const [a, b] = [await one.newPage(), await other.newPage()];
  await join(a, "maro@brinecove.example");
  await join(b, "senna@brinecove.example");
  for (const page of [a, b]) await expect(page.locator("#place-title")).toHaveText("Port lazarette");

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

test("crew join by a code, take a place and count under their own name; what they may not do is not there", async ({
  browser,
}) => {
  const [one, other] = await Promise.all([
    browser.newContext(),
    browser.newContext({ viewport: { width: 390, height: 844 } }),
  ]);
  const [a, crew] = [await one.newPage(), await other.newPage()];
  await join(a, "maro@brinecove.example");
  await a.getByRole("button", { name: "Crew", exact: true }).click();
  const sheet = a.getByRole("dialog", { name: "The crew counts along" });
  await sheet.getByRole("button", { name: "Make a code" }).click();
  const code = (await sheet.getByText(/^[A-Z0-9]{4} [A-Z0-9]{4}$/).textContent()) ?? "";

  await crew.goto("/join");
  await crew.getByLabel("Code").fill("AAA AAA");
  await crew.getByLabel("Your name").fill("Tam");
  await crew.getByRole("button", { name: "Join", exact: true }).click();
  await expect(crew.getByText("This code opens nothing:")).toBeVisible();
  await crew.getByLabel("Code").fill(code.toLowerCase());
  await crew.getByRole("button", { name: "Join", exact: true }).click();
  await crew.waitForURL("**/handover#*");
  await crew.getByRole("button", { name: "What is left" }).click();
  await crew.getByRole("dialog").getByLabel("Find a thing on the list").fill("teaspoon");
  await crew.getByRole("dialog").getByRole("listitem").getByRole("button").first().click();
  await expect(crew.locator("#place-title")).toHaveText("Galley");
  await crew.getByRole("button", { name: "I count here", exact: true }).click();
  // a locker of cutlery is looked at as one, with every number named; what is safety is not in it
  const together = crew.getByRole("region", { name: "Seen together" });
  await together.getByRole("button", { name: /small things here: look at them as one/ }).click();
  await expect(together.getByText(/Is all of this here\?.*\d+ × .*[Tt]easpoon/)).toBeVisible();
  await expect(together.getByText(/[Ee]xtinguisher|[Bb]lanket, fire/)).toHaveCount(0);
  await together.getByRole("button", { name: "Yes, I have seen all of it" }).click();
  await expect(crew.getByText(/there, seen together with others/).first()).toBeVisible();
  await expect(crew.getByRole("contentinfo").getByRole("status")).toContainText("all at the base", { timeout: 20_000 });

  // the briefer sees who is where, and by whom it was counted
  await expect(sheet.getByRole("listitem")).toHaveText(/Galley.*Tam/);
  await a.keyboard.press("Escape");
  await a.getByRole("button", { name: "What is left" }).click();
  await a.getByRole("dialog").getByLabel("Find a thing on the list").fill("teaspoon");
  await expect(a.getByRole("dialog").getByRole("listitem")).toHaveText(/there, seen together with others · by Tam/);
});
