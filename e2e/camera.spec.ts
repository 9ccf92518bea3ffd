import { expect } from "@playwright/test";
import { signIn } from "./desk";
import { row } from "../src/testing/played/handover";
import { test } from "./test";

test.use({
  viewport: { width: 390, height: 844 },
  permissions: ["camera"],
  // the browser's own moving test picture stands for a camera
  launchOptions: {
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: [
      "--headless",
      "--no-sandbox",
      "--disable-gpu",
      "--use-fake-device-for-media-stream",
      "--use-fake-ui-for-media-stream",
    ],
  },
});

test("a side is photographed with the earlier picture beside the camera, in one view", async ({ page }) => {
  await signIn(page);
  await page.goto("/charters/BR-1052");
  await page
    .getByRole("button", { name: /^(Start|Go on with) the check-out$/ })
    .first()
    .click();
  await page.waitForURL("**/handover#*");
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByLabel("Find a thing on the list").fill("stern");
  await page
    .getByRole("dialog")
    .getByRole("listitem")
    .filter({ hasText: /^stern/ })
    .getByRole("button")
    .first()
    .click();
  const side = row(page, "view:stern");
  await side.getByRole("button", { name: "Camera beside the earlier picture" }).click();
  const camera = page.getByRole("dialog", { name: "Look along: stern, from astern" });
  await expect(camera.getByRole("img", { name: "Earlier picture, stern, from astern" })).toBeVisible();
  const take = camera.getByRole("button", { name: "Nothing new: take it" });
  await expect(take).toBeEnabled();
  await take.click();
  await expect(camera).toBeHidden();
  await expect(side.getByText("nothing new, photo taken").first()).toBeVisible();
  await expect(side.getByRole("img", { name: /^Photo 1 of/ })).toBeVisible();
  await expect(page.getByRole("contentinfo").getByRole("status")).toContainText("all at the base", { timeout: 20_000 });
});
