import { expect, type Page } from "@playwright/test";
import type { ChildProcess } from "node:child_process";
import { endApp, serve, untilReady } from "../src/cli/serve";
import { count, row } from "../src/testing/played/handover";
import { app } from "./app";
import { chooseToday, signIn } from "./desk";
import { test } from "./test";

const otherPort = app.port + 10;
const otherOrigin = `http://127.0.0.1:${otherPort}`;
let other: ChildProcess | null = null;

test.beforeEach(async () => {
  other = serve(otherPort, app.env, true);
  await untilReady(otherPort, other);
});
test.afterEach(async () => {
  if (other) await endApp(other);
});

async function openCheckIn(page: Page): Promise<void> {
  await signIn(page);
  await chooseToday(page, "Wenna Coldrake");
  await page.getByRole("button", { name: "Go on with the check-in" }).click();
  await page.waitForURL("**/handover#*");
  await expect(page.locator("#place-title")).toHaveText("Port lazarette");
}

test("two processes of the app on one database are one to their devices: each sees at once what the other was told", async ({
  browser,
}) => {
  const [one, second] = await Promise.all([browser.newContext(), browser.newContext({ baseURL: otherOrigin })]);
  const [a, b] = [await one.newPage(), await second.newPage()];
  await openCheckIn(a);
  await openCheckIn(b);
  expect(new URL(b.url()).port).toBe(String(otherPort));
  // no page is loaded anew, and nobody asks: what one process was told the other pokes its devices about
  await count(a, "count:mooring-line", 4);
  await expect(row(b, "count:mooring-line").getByText("counted 4")).toBeVisible({ timeout: 3000 });
  await count(b, "count:shore-adapter", 1);
  await expect(row(a, "count:shore-adapter").getByText("counted 1")).toBeVisible({ timeout: 3000 });
  // signed out at one, signed out at the other: the session is the base's, not a process's
  await a.goto("/today");
  const cookies = await one.cookies();
  await second.clearCookies();
  await second.addCookies(cookies);
  await b.goto(`${otherOrigin}/today`);
  await expect(b.getByRole("button", { name: "Sign out" })).toBeVisible();
  await a.getByRole("button", { name: "Sign out" }).click();
  await a.waitForURL("**/sign-in");
  await b.goto(`${otherOrigin}/today`);
  await b.waitForURL("**/sign-in");
});
