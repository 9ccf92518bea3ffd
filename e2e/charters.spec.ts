import { expect } from "@playwright/test";
import { changeHands, signIn } from "./desk";
import { test } from "./test";

test("a charter is entered by keys alone, found taken by the next one, moved with a reason, and stands on the guest's page", async ({
  page,
}) => {
  await signIn(page, "odile@brinecove.example");
  await page.keyboard.press("n");
  await page.waitForURL("**/charters/new");
  const tabTo = async (label: string) => {
    const field = page.getByLabel(label, { exact: true }).first();
    for (let presses = 0; presses < 40; presses++) {
      if (await field.evaluate((each) => each === document.activeElement)) return;
      await page.keyboard.press("Tab");
    }
    throw new Error(`no way to ${label} by keys`);
  };
  const begun = Date.now();
  await page.getByLabel("Yacht").focus();
  await page.keyboard.type("Pale");
  await page.getByLabel("Out on").fill("2027-09-04");
  await expect(page.getByLabel("Back on")).toHaveValue("2027-09-11");
  await expect(page.getByText(/^Sat,? 4 Sept? 2027 – Sat,? 11 Sept? 2027, 7 nights$/)).toBeVisible();
  await tabTo("How many aboard");
  await page.keyboard.type("5");
  await tabTo("Charterer, who signs the contract");
  await page.keyboard.type("jory");
  // the base knows him: the first below is taken with Enter
  await expect(page.getByRole("button", { name: /^Jory Fenn, jory\.fenn@crew\.example, last BR-\d+/ })).toBeVisible();
  await page.keyboard.press("Tab");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Mail address")).toHaveValue("jory.fenn@crew.example");
  await tabTo("The charterer commands");
  await page.keyboard.press("Space");
  await tabTo("Skipper, who commands");
  await page.keyboard.type("Tam Orrin");
  await expect(page.getByText("Deposit €2,500.00, held on the card")).toBeVisible();
  await tabTo("Number");
  await page.keyboard.press("Enter");
  await page.waitForURL(/\/charters\/BR-\d+$/);
  test
    .info()
    .annotations.push({ type: "seconds to enter a charter", description: String((Date.now() - begun) / 1000) });
  const reference = page.url().split("/").at(-1) ?? "";
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(`Pale Heron, ${reference}`);
  await expect(page.getByText("5 aboard")).toBeVisible();

  // the next one for the same days is told to whom she is promised
  await page.goto("/charters/new");
  await page.getByLabel("Yacht").selectOption("pale-heron");
  await page.getByLabel("Out on").fill("2027-09-10");
  await page.getByLabel("Charterer, who signs the contract").fill("Somebody Late");
  await page.getByRole("button", { name: "Enter the charter" }).click();
  await expect(
    page.getByText(new RegExp(`^Pale Heron is promised to ${reference} then: from 4 September 2027 at .*`)).first(),
  ).toBeVisible();
  await page.getByLabel("How many aboard").fill("40");
  await page.getByLabel("Mail address").first().fill("late at example");
  await page.getByRole("button", { name: "Enter the charter" }).click();
  await expect(page.getByText(/^Write a whole number, from 1 to \d+\.$/).first()).toBeVisible();
  await expect(page.getByText("This is no mail address.").first()).toBeVisible();

  // moved by a day, with why and who was told
  await page.goto(`/charters/${reference}`);
  await page.getByRole("button", { name: "Change charter" }).click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByLabel("Charterer, who signs the contract")).toHaveValue("Jory Fenn");
  await expect(dialog.getByRole("button", { name: "Change it" })).toBeDisabled();
  await dialog.getByLabel("Back on").fill("2027-09-12");
  await dialog.getByLabel("Why").fill("train on Sunday");
  await dialog.getByLabel("Who was told").fill("Jory Fenn by telephone");
  await dialog.getByRole("button", { name: "Change it" }).click();
  await expect(dialog).toBeHidden();
  const changes = page.getByRole("heading", { name: "Changes" }).locator("..");
  await expect(changes).toContainText("Odile Varn: train on Sunday");
  await expect(changes).toContainText(/back Sat 11 Sept?, \d\d:\d\d → Sun 12 Sept?/);
  await expect(changes).toContainText("Told: Jory Fenn by telephone");

  // the manager settles what is usual; the charter keeps its own copy
  await changeHands(page, "senna@brinecove.example");
  await page.goto("/rules");
  await page.getByRole("tab", { name: "Terms" }).click();
  await page.getByRole("button", { name: "New terms" }).click();
  await page.getByRole("dialog").getByLabel("Name").fill("With waiver");
  await page.getByRole("dialog").getByLabel("Deposit", { exact: true }).selectOption({ label: "by transfer" });
  await page.getByRole("dialog").getByLabel("Deposit (EUR)").fill("3000");
  await page.getByRole("dialog").getByLabel("Waiver: excess (EUR), blank for none").fill("600");
  await page.getByRole("dialog").getByRole("checkbox", { name: "below the water" }).check();
  await page.getByRole("dialog").getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("row", { name: /With waiver €3,000\.00, by transfer excess €600\.00/ })).toBeVisible();
  await page.goto("/charters/new");
  await page.getByLabel("Terms").selectOption({ label: "With waiver" });
  await expect(page.getByText("Deposit €3,000.00, by transfer; waiver, excess €600.00")).toBeVisible();
});
