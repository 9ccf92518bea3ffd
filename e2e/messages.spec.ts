import { readFileSync } from "node:fs";
import { expect } from "@playwright/test";
import { changeHands, segment, signIn } from "./desk";
import { test } from "./test";

test("the base writes to a crew in its own words: by hand with link and PIN apart, and a guest who is gone is erased", async ({
  page,
}) => {
  // the office puts the reminder into its own words, in German, and sees them on a charter
  await signIn(page, "odile@brinecove.example");
  await page.goto("/rules");
  await page.getByRole("tab", { name: "Messages" }).click();
  await expect(page.getByText("This is the demo: nothing leaves this machine.")).toBeVisible();
  await page.getByRole("button", { name: "Change Due back tomorrow" }).click();
  const dialog = page.getByRole("dialog");
  await segment(dialog, "German").click();
  await dialog.getByLabel("Words").fill("Moin {name}, {yacht} bis {until}. {bse}");
  await expect(dialog.getByText("What they will read")).toBeHidden();
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(dialog.getByText("The charter has no {bse}. Take one of the names below.").first()).toBeVisible();
  await dialog.getByLabel("Words").fill("Moin {name}, {yacht} bis {until}. ");
  await dialog.getByRole("button", { name: "Put in the base", exact: true }).click();
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByRole("row", { name: /Due back tomorrow/ })).toContainText("own, in one language");

  // on Aldo Merrin's charter, in German
  await page.goto("/charters/BR-1053");
  await page.getByRole("button", { name: "Write to the crew" }).click();
  await page.getByLabel("Which message").selectOption({ label: "Due back tomorrow" });
  await expect(page.getByRole("dialog")).toContainText("Moin Aldo Merrin, Cold Harbour bis");
  await page.getByLabel("Which message").selectOption({ label: "Boat book: link and PIN" });
  await expect(page.getByRole("dialog")).toContainText("Ihr Bordbuch");
  await page.getByRole("button", { name: "Note as simulated" }).click();
  const link = await page.getByText(/^http.*\/book\?language=de#/).textContent();
  const pin = await page.getByText(/^\d{6}$/).textContent();
  await page.getByRole("button", { name: "Not now" }).click();
  const outbox = page.getByRole("heading", { name: "Messages" }).locator("..");
  await expect(outbox).toContainText("simulated, not sent");
  // neither stands there any more, for anybody who comes later
  await page.reload();
  expect(await page.content()).not.toContain(pin);
  expect(await page.content()).not.toContain(link?.split("#")[1]);

  // what was given opens the book
  const book = await page.context().browser()?.newPage();
  if (!book) throw new Error("no browser");
  const { pathname, search, hash } = new URL(link ?? "");
  await book.goto(`${new URL(page.url()).origin}${pathname}${search}${hash}`);
  await book.getByLabel("PIN").fill(pin ?? "");
  await book.getByRole("button", { name: "Öffnen" }).click();
  await expect(book.getByText("Cold Harbour").first()).toBeVisible();
  await book.close();

  // the manager gives a guest what is held of them; one who still sails is not erased
  await changeHands(page, "senna@brinecove.example");
  await page.goto("/charters/BR-1053");
  await page.getByText("Private data").click();
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "Save what we hold of Aldo Merrin" }).click(),
  ]);
  const held = JSON.parse(readFileSync(await file.path(), "utf8")) as { person: { name: string }; messages: unknown[] };
  expect(held.person.name).toBe("Aldo Merrin");
  // link and PIN, and what the house wrote by itself meanwhile
  expect(held.messages.length).toBeGreaterThanOrEqual(2);
  await page.getByRole("button", { name: "Erase Aldo Merrin" }).click();
  await page.getByLabel("Why, and who asked for it").fill("asked at the desk");
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByText("A charter of this guest is not over yet")).toBeVisible();
});
