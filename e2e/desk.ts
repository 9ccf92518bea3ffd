import { expect, type APIRequestContext, type Cookie, type Locator, type Page } from "@playwright/test";

export const password = "sallow-tide-7";

/** Signs in by the form and waits for Today. */
export async function signInByForm(page: Page, email: string): Promise<void> {
  await page.goto("/sign-in");
  await page.getByLabel("E-mail").fill(email);
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Sign in" }).click();
  await page.waitForURL("**/today");
}

/** The signed-in state of each person of the base, kept by this worker for its tests. */
const states = new Map<string, Cookie[]>();

/** Opens Today as someone of the base, signed in anew only where the state that is kept has been signed out. */
export async function signIn(page: Page, email = "maro@brinecove.example"): Promise<void> {
  const context = page.context();
  await context.addCookies(states.get(email) ?? []);
  await page.goto("/today");
  if (new URL(page.url()).pathname === "/today") return;
  await signInByApi(context.request, new URL(page.url()).origin, email);
  states.set(email, await context.cookies());
  await page.goto("/today");
}

/** Another of the base takes over this browser. */
export async function changeHands(page: Page, email: string): Promise<void> {
  await page.goto("/today");
  await page.getByRole("button", { name: "Sign out" }).click();
  await page.waitForURL("**/sign-in");
  await signIn(page, email);
}

/** Opens a step of the charter that is on the screen. */
export async function step(page: Page, name: string): Promise<void> {
  const line = page.getByRole("list", { name: "The charter through time" });
  await line.getByRole("button", { name: new RegExp(`^${name}`) }).click();
}

/** One of a few that stand side by side at the desk: the part of it that is tapped. */
export const segment = (within: Page | Locator, name: string | RegExp): Locator =>
  within.locator("label[data-scope=segment-group]").filter({ hasText: name });

/** One part of a desk page, by its heading. */
export const part = (page: Page, title: string): Locator =>
  page.locator("section").filter({ has: page.getByRole("heading", { level: 2, name: title, exact: true }) });

/** Does something by the menu that a button opens. */
export async function byMenu(within: Page | Locator, menu: string, entry: string | RegExp): Promise<void> {
  await within.getByRole("button", { name: menu }).click();
  const page = "page" in within ? within.page() : within;
  await page.getByRole("menuitem", { name: entry }).click();
}

/**
 * Moves an entry of a sortable list one place by keys on its handle. The list says each place aloud, and takes the next
 * key only once it has measured where the entry is.
 */
export async function moveByKeys(page: Page, handle: Locator, arrow: "ArrowUp" | "ArrowDown"): Promise<void> {
  const said = page.locator("[id^=DndLiveRegion]").filter({ hasText: /^place \d+ of \d+$/ });
  await handle.focus();
  await page.keyboard.press("Space");
  await expect(said).toHaveCount(1);
  await page.waitForTimeout(300);
  const before = await said.innerText();
  await page.keyboard.press(arrow);
  await expect(said).not.toHaveText(before);
  await page.keyboard.press("Space");
}

/** Chooses a stay in Today's list by its skipper. */
export async function chooseToday(page: Page, skipper: string): Promise<void> {
  await page
    .getByRole("row", { name: new RegExp(skipper) })
    .getByRole("button")
    .click();
}

/** Signs in without a browser: the context then holds the cookie. */
export async function signInByApi(
  request: APIRequestContext,
  origin: string,
  email = "maro@brinecove.example",
): Promise<void> {
  const answer = await request.post("/api/sign-in", {
    headers: { origin },
    data: { email, password },
    maxRetries: 2,
  });
  expect(answer.status()).toBe(200);
}
