import { expect } from "@playwright/test";
import { part, signIn } from "./desk";
import { test } from "./test";

test("a charter under way goes on with another yacht: told before, found everywhere, in the skipper's book, and called off again", async ({
  page,
  browser,
}, info) => {
  await signIn(page, "odile@brinecove.example");
  // Cold Harbour is promised from this afternoon on: it is said beside her name, and told where she is chosen all the same
  await page.goto("/charters/BR-1055");
  await page.getByRole("button", { name: "Another yacht" }).click();
  const dialog = page.getByRole("dialog");
  await dialog
    .getByLabel("Yacht", { exact: true })
    .selectOption({ label: "Cold Harbour, takes 10, not free: BR-1053" });
  await dialog.getByLabel("From").fill("2027-06-13");
  await dialog.getByLabel("at", { exact: true }).fill("12:00");
  await expect(dialog.getByText(/^Cold Harbour is promised to BR-1060 then/)).toBeVisible();
  await dialog.getByLabel("Why").fill("rudder bearing");
  await expect(dialog.getByRole("button", { name: "Go on with her" })).toBeDisabled();
  await dialog.getByRole("button", { name: "Not now" }).click();
  await page.goto("/charters/BR-1060");
  await page.getByRole("button", { name: "Call off" }).click();
  await dialog.getByLabel("Why").fill("ill");
  await dialog.getByRole("button", { name: "Call it off" }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText("Cancelled", { exact: true })).toBeVisible();

  await page.goto("/charters/BR-1055");
  await page.getByRole("button", { name: "Another yacht" }).click();
  await dialog.getByLabel("Yacht", { exact: true }).selectOption("cold-harbour");
  await dialog.getByLabel("From").fill("2027-06-13");
  await dialog.getByLabel("at", { exact: true }).fill("12:00");
  await expect(
    dialog.getByText("Cold Harbour has her own prep, briefing and check-in, under BR-1055~2."),
  ).toBeVisible();
  await dialog.getByLabel("Why").fill("rudder bearing");
  await dialog.getByLabel("Who was told").fill("the skipper, by telephone");
  await dialog.getByRole("button", { name: "Go on with her" }).click();
  await page.waitForURL("**/charters/BR-1055~2");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Cold Harbour, BR-1055~2");
  await expect(part(page, "Changing over from Gannet Rock")).toContainText("Carry over by hand");
  const yachts = page.getByRole("navigation", { name: "Yachts of this charter" });
  await expect(yachts.getByRole("link")).toHaveCount(2);

  // the skipper's book stays with the yacht that they have, and says what follows
  const book = await browser.newPage({
    baseURL: info.project.use.baseURL ?? "",
    viewport: { width: 390, height: 844 },
  });
  await book.goto("/book#demo-boat-book-gannet-rock-1055");
  await book.getByLabel("PIN").fill("447093");
  await book.getByRole("button", { name: "Open" }).click();
  await expect(book.getByRole("heading", { level: 1 })).toHaveText("Gannet Rock");
  await expect(book.getByRole("region", { name: "You go on with Cold Harbour" })).toContainText("Berth A7");
  await book.close();

  // each has its own page, its own row and its own bar
  await yachts.getByRole("link", { name: /^Gannet Rock/ }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Gannet Rock, BR-1055");
  await expect(page.getByRole("button", { name: "Another yacht" })).toHaveCount(0);
  await expect(page.getByText("goes on with the other yacht from Sun 13 Jun, 12:00")).toBeVisible();
  await page.goto("/charters?find=1055");
  await expect(page.getByRole("row", { name: /BR-1055~2/ })).toContainText("Cold Harbour");

  // called off again, they keep the first one until the end
  await page.goto("/charters/BR-1055~2");
  await page.getByRole("button", { name: "Call off" }).click();
  await expect(dialog.getByText(/^They keep Gannet Rock until Wed 16 Jun, 09:00\.$/)).toBeVisible();
  await dialog.getByLabel("Why").fill("mended at anchor");
  await dialog.getByRole("button", { name: "Call it off" }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText("Cancelled", { exact: true })).toBeVisible();
  await expect(page.getByRole("button", { name: "It takes place after all" })).toHaveCount(0);
  await page.goto("/charters/BR-1055");
  await expect(page.getByText(/^Wed 9 Jun, 14:00 – Wed 16 Jun, 09:00/)).toBeVisible();
});
