import { expect, type Page } from "@playwright/test";
import { segment, signIn } from "./desk";
import { test } from "./test";

/** A yacht of the class, as the class has her, published. */
async function makeSister(page: Page, name: string, berth: string): Promise<void> {
  await page.goto("/fleet");
  await page.getByRole("link", { name: "A new yacht" }).click();
  await segment(page, "Ondavar 41").click();
  await page.getByLabel("Her name").fill(name);
  await page.getByLabel("Berth").fill(berth);
  await page.getByRole("button", { name: "Make her file" }).click();
  await page.waitForURL("**/edit");
  await segment(page, "Publish …").click();
  await page.getByLabel("Why is the file changed?").fill("as her class");
  await page.getByRole("button", { name: "Publish revision 1" }).click();
  await page.waitForURL(/\/fleet\/[a-z-]+$/);
}

const sisters = ["quillback", "cold-harbour", "sea-thrift", "merle"];
const reliefOf = async (page: Page, slug: string): Promise<string> => {
  const file = (await (await page.request.get(`/api/yachts/${slug}/file.json`)).json()) as {
    groundTackle: Record<string, { relief: string }>;
  };
  return file.groundTackle.main?.relief ?? "";
};

test("a fact of a class with four sisters is changed in the editor, each text that it puts in question is answered, and all four follow", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await makeSister(page, "Sea Thrift", "A8");
  await makeSister(page, "Merle", "A9");

  await page.goto("/fleet/class/ondavar-41/edit");
  await segment(page, "The file").click();
  await page.getByLabel("Find a part").fill("main anchor");
  await page.getByRole("button", { name: "Main anchor and chain ground tackle", exact: true }).click();
  // a chain stop is fitted, and the snubber stays aboard beside it
  await page.getByLabel("Relief", { exact: true }).selectOption("chain-stop");
  await expect(page.getByRole("status").first()).toHaveText("kept");

  // what speaks of it may be untrue now: nothing is published until somebody has read each
  await segment(page, "Publish …").click();
  await expect(page.getByRole("heading", { name: "It reaches 4 yachts" })).toBeVisible();
  const right = page.getByRole("button", { name: /^Still right: / });
  await expect(right.first()).toBeVisible();
  await expect(page.getByText(/Her file says otherwise\./).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /^Publish revision/ })).toBeHidden();
  const asked = await right.count();
  expect(asked).toBeGreaterThan(1);
  for (let left = asked; left > 0; left--) {
    await right.first().click();
    await expect(right).toHaveCount(left - 1);
  }
  await page.getByLabel("Why is the file changed?").fill("a chain stop is fitted beside the snubber");
  for (const accept of await page.getByRole("textbox").all())
    if ((await accept.inputValue()) === "") await accept.fill("read, still right");
  await page.getByRole("button", { name: /^Publish revision/ }).click();
  await page.waitForURL("**/fleet/class/ondavar-41");

  // an answer holds for the same text beside the same fact: no sister is asked again, and none is left behind
  for (const slug of sisters) expect([slug, await reliefOf(page, slug)]).toEqual([slug, "chain-stop"]);
});
