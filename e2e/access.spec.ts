import AxeBuilder from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";
import { chooseToday, signIn } from "./desk";
import { test } from "./test";

const sizes = {
  desk: { width: 1280, height: 800 },
  tablet: { width: 834, height: 1112 },
  phone: { width: 390, height: 844 },
} as const;

/** Nothing makes the page wider than the screen. */
async function fits(page: Page): Promise<void> {
  expect(
    await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth),
  ).toBeLessThanOrEqual(0);
}

/** Nothing for axe to find on the page, or in the dialog that lies over a page looked at before, and it fits the screen. */
async function sound(page: Page, within?: "dialog"): Promise<void> {
  // the pages have no frames of others, and what passes is not asked for: both take longer than the looking
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
  const { violations } = await (
    within ? axe.include(within === "dialog" ? "[role=dialog], dialog[open]" : within) : axe
  ).analyze();
  expect(
    violations.map(
      (violation) => `${violation.id}: ${violation.nodes.map((node) => node.target.join(" ")).join(", ")}`,
    ),
  ).toEqual([]);
  await fits(page);
}

async function openCheckIn(page: Page): Promise<void> {
  await signIn(page);
  await chooseToday(page, "Runa Sedgeley");
  await page.getByRole("button", { name: /check-in$/ }).click();
  await page.waitForURL("**/handover#*");
  await expect(page.locator("#place-title")).toBeVisible();
}

test("axe finds nothing at the desk", async ({ page }) => {
  await page.goto("/sign-in");
  await sound(page);
  // the manager sees everything there is
  await signIn(page, "senna@brinecove.example");
  await sound(page);
  for (const path of [
    "/fleet",
    "/fleet/pale-heron",
    "/fleet/quillback/beside/cold-harbour",
    "/fleet/quillback/walk",
    "/fleet/class/ondavar-41",
    "/charters/BR-1065/briefing",
    "/charters",
    "/charters/new",
    "/charters/calendar",
    "/charters/coming",
    "/charters/BR-1058",
    "/charters/BR-1050",
    "/charters/BR-1050/settlement",
    "/charters/BR-1046/settlement",
    "/charters/BR-1055/settlement",
    "/charters/none",
    "/work",
    "/history",
    "/rules",
    "/rules?part=terms",
    "/rules?part=messages",
    "/rules?part=keeping",
    "/health",
    "/log",
    "/people",
    "/second-factor",
    "/fleet/new",
    "/fleet/quillback/edit",
  ]) {
    await page.goto(path);
    await sound(page);
  }
  // the editor with a part open, and the phone that walks her
  await page.goto("/fleet/quillback/edit");
  await page.getByLabel("Find a part").fill("windlass breaker");
  await page.getByRole("button", { name: "Windlass breaker fitting" }).click();
  await sound(page);
  await page.setViewportSize(sizes.phone);
  await page.goto("/survey#quillback");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await sound(page);
  await page.setViewportSize(sizes.desk);
  await page.goto("/today");
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await sound(page, "dialog");
});

test("axe finds nothing in the handover, and it fits three sizes", async ({ page }) => {
  await openCheckIn(page);
  const sheets: readonly (() => Promise<void>)[] = [
    () => page.getByRole("button", { name: "What is left" }).click(),
    () => page.getByRole("button", { name: "Set a mark" }).first().click(),
    () => page.getByRole("button", { name: "Not on the list" }).click(),
  ];
  for (const size of [sizes.desk, sizes.tablet, sizes.phone]) {
    await page.setViewportSize(size);
    // the buttons never push the place's name away
    await expect(page.locator("#place-title")).toBeInViewport();
    expect((await page.locator("#place-title").boundingBox())?.width).toBeGreaterThan(100);
    await fits(page);
    for (const open of sheets) {
      await open();
      await expect(page.getByRole("dialog")).toBeVisible();
      await fits(page);
      await page.keyboard.press("Escape");
      await expect(page.getByRole("dialog")).toBeHidden();
    }
  }
  await sound(page);
  for (const open of sheets) {
    await open();
    await expect(page.getByRole("dialog")).toBeVisible();
    await sound(page, "dialog");
    await page.keyboard.press("Escape");
    await expect(page.getByRole("dialog")).toBeHidden();
  }
  await page.getByRole("button", { name: "Set a mark" }).first().click();
  await page.getByRole("button", { name: "starboard side" }).click();
  await sound(page, "dialog");
  await page.keyboard.press("Escape");
  await page.setViewportSize(sizes.desk);
  await sound(page);
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("button", { name: "Read it through and sign" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("sign the check-in");
  await sound(page);
});

test("axe finds nothing on the walk and in the study, and they fit three sizes; 400 % still reads", async ({
  page,
}) => {
  await signIn(page);
  await page.goto("/charters/BR-1059");
  await page.getByRole("button", { name: "Briefing walk" }).click();
  await page.waitForURL(/handover#/);
  await expect(page.locator("#stop-title")).toBeVisible();
  for (const [name, size] of Object.entries(sizes)) {
    const look = name === "phone" ? sound : fits;
    await page.setViewportSize(size);
    await page.getByRole("button", { name: "All stops" }).click();
    await look(page);
    await page.getByRole("listitem").filter({ hasText: "Anchor and windlass" }).getByRole("button").first().click();
    await expect(page.locator("#stop-title")).toHaveText("Anchor and windlass");
    await look(page);
    for (const button of ["Not now …", "Question"]) {
      await page.getByRole("button", { name: button }).click();
      await look(page);
      await page.keyboard.press("Escape");
    }
  }
  await page.setViewportSize({ width: 320, height: 256 });
  await fits(page);

  await page.setViewportSize(sizes.phone);
  await page.goto("/book#demo-boat-book-cold-harbour-1060");
  await page.getByLabel("PIN").fill("614720");
  await page.getByRole("button", { name: "Open", exact: true }).click();
  await page.getByRole("button", { name: "Go on with the study" }).click();
  await page.getByRole("button", { name: "Change it" }).click();
  await sound(page);
  await page.getByRole("button", { name: /^Anchor and windlass/ }).click();
  await sound(page);
  for (const size of [sizes.desk, { width: 320, height: 256 }]) {
    await page.setViewportSize(size);
    await fits(page);
  }
});

test("axe finds nothing in the boat book and aboard", async ({ page }) => {
  await page.setViewportSize(sizes.phone);
  await page.goto("/book");
  await expect(page.getByText("Without it this page opens nothing.")).toBeVisible();
  await sound(page);
  await page.goto("/aboard#HERON-7K2/locker-port");
  await expect(page.getByRole("dialog", { name: "Port lazarette" })).toBeVisible();
  await sound(page);
  await page.getByRole("button", { name: "Close" }).click();
  await sound(page);
  await page.setViewportSize(sizes.desk);
  await fits(page);
  await page.goto("/book#demo-boat-book-pale-heron-1052");
  await sound(page);
  await page.getByLabel("PIN").fill("405162");
  await page.getByRole("button", { name: "Open" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Pale Heron" })).toBeVisible();
  for (const size of [sizes.phone, sizes.desk]) {
    await page.setViewportSize(size);
    for (const tab of ["Today", "Find", "Her plan", "Papers", "Something is wrong"]) {
      await page.getByRole("button", { name: tab, exact: true }).click();
      await sound(page);
      await fits(page);
    }
  }
  // by night the contrast is looked at as well
  await page.getByRole("button", { name: "Night", exact: true }).click();
  for (const tab of ["Today", "Find", "Her plan", "Papers"]) {
    await page.getByRole("button", { name: tab, exact: true }).click();
    await sound(page);
  }
  await page.goto("/handover#nothing-here");
  await expect(page.getByText("This handover is not on this device")).toBeVisible();
  await sound(page);
});

test("a line can be counted, a place chosen and a mark set with keys alone", async ({ page }) => {
  await openCheckIn(page);
  const place = page.getByRole("button", { name: /^Helm: / });
  await place.focus();
  await page.keyboard.press("Enter");
  await expect(page.locator("#place-title")).toHaveText("Helm");
  const more = page.locator('[data-line="count:ring-buoy"]').getByRole("button", { name: "one more" });
  await more.focus();
  await page.keyboard.press("Space");
  await expect(page.locator('[data-line="count:ring-buoy"]').getByText("counted 1")).toBeVisible();
  await page.getByRole("button", { name: "Set a mark" }).first().press("Enter");
  await page.getByRole("application").focus();
  const before = await page.getByRole("application").getAttribute("aria-label");
  await page.keyboard.press("ArrowDown");
  expect(await page.getByRole("application").getAttribute("aria-label")).not.toBe(before);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
});

test("what has the focus is never under the footer, and 400 % still reads", async ({ page }) => {
  await openCheckIn(page);
  await page.setViewportSize({ width: 390, height: 844 });
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press("Tab");
    const hidden = await page.evaluate(() => {
      const focused = document.activeElement;
      const footer = document.querySelector("footer");
      if (!focused || !footer || footer.contains(focused) || focused === document.body) return false;
      const box = focused.getBoundingClientRect();
      const at = document.elementFromPoint(box.left + box.width / 2, box.top + Math.min(box.height, 24) / 2);
      return at !== null && footer.contains(at);
    });
    expect(hidden).toBe(false);
  }
  // 1280x1024 at 400 % is a window of 320x256
  await page.setViewportSize({ width: 320, height: 256 });
  await sound(page);
  await expect(page.locator("#place-title")).toBeVisible();
  await page.goto("/today");
  await sound(page);
});
