import { expect } from "@playwright/test";
import { generateSync } from "otplib/functional";
import { makeSetUpCode } from "../src/cli/set-up-code";
import { app } from "./app";
import { signIn } from "./desk";
import { test } from "./test";

const password = "ladder copper mist violin";

test("a base of one's own: code, five questions, a colleague invited, and nothing seen of the base beside it", async ({
  page,
  browser,
}) => {
  // nobody printed a code: there is nothing to set up
  await page.goto("/set-up");
  await page.waitForURL("**/sign-in");
  const code = await makeSetUpCode(app.ownerUrl);
  await page.goto("/set-up");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Set up your base");
  const next = page.getByRole("button", { name: "Next" });
  await next.click();
  await expect(page.getByText("Write this down, please.")).toBeVisible();
  await page.getByLabel("Code").fill("GUESS-GUESS");
  await next.click();
  await expect(page.getByText(/^This is not the code/)).toBeVisible();
  await page.getByLabel("Code").fill(code.toLowerCase());
  await next.click();

  await expect(page.getByRole("heading", { level: 1 })).toHaveText("What is your base called?");
  await page.getByLabel("Name of the base").fill("Tarn Quay");
  await page.getByLabel("Quay and place").fill("North mole, Tarn");
  await next.click();
  // one can stop half-way: what was typed is there when one comes back, the code is asked again
  await page.reload();
  await page.getByLabel("Code").fill(code);
  await next.click();
  await expect(page.getByLabel("Name of the base")).toHaveValue("Tarn Quay");
  await next.click();
  await expect(page.getByLabel("Currency")).toHaveValue("EUR");
  await page.getByLabel("Time zone").selectOption("Atlantic/Azores");
  await next.click();
  await page.getByLabel("Telephone, with country code").fill("call us");
  await next.click();
  await expect(page.getByText(/^Write a telephone number/)).toBeVisible();
  await page.getByLabel("Telephone, with country code").fill("+000 555 0177");
  await page.getByLabel("Radio channel, if you listen on one").fill("72");
  await page.getByLabel("German").check();
  await next.click();
  await page.getByLabel("Your name").fill("Hale Orrin");
  await page.getByLabel("Your e-mail").fill("senna@brinecove.example");
  await page.getByLabel("Password").fill("tarnquay2027");
  await page.getByRole("button", { name: "Make the base" }).click();
  await expect(page.getByText(/^This password is guessed before long/)).toBeVisible();
  await page.getByLabel("Password").fill(password);
  await page.getByRole("button", { name: "Make the base" }).click();
  await expect(page.getByText(/has an account already/)).toBeVisible();
  await page.getByLabel("Your e-mail").fill("hale@tarn.example");
  await page.getByRole("button", { name: "Make the base" }).click();

  // signed in, with nothing of the demo, and told what comes next
  await page.waitForURL("**/today");
  const first = page.getByRole("region", { name: "Getting started" });
  await expect(first.getByLabel("to do")).toHaveCount(5);
  await page.goto("/charters");
  await expect(page.getByText("BR-1052")).toHaveCount(0);
  await page.goto("/charters/BR-1052");
  await expect(page.getByText("BR-1052")).toHaveCount(0);
  await page.goto("/fleet");
  await expect(page.getByText("Pale Heron")).toHaveCount(0);

  // a first yacht: a class from a template, in which nothing is told
  await page.goto("/fleet/new");
  await page.getByText("Day boat", { exact: true }).click();
  await page.getByLabel("Name of the class").fill("Tarn 22");
  await page.getByRole("button", { name: "Begin the class" }).click();
  await page.getByLabel("Her name").fill("Grey Tern");
  await page.getByLabel("Berth").fill("3");
  await page.getByRole("button", { name: "Make her file" }).click();
  await page.waitForURL("**/fleet/grey-tern/edit");
  const particulars = page.getByRole("region", { name: "Particulars" });
  const untold = async () => Number(/\d+/.exec((await page.getByText(/^To tell/).textContent()) ?? "")?.[0]);
  const before = await untold();
  expect(before).toBeGreaterThan(100);
  await particulars.getByLabel("Length, m").fill("6,7");
  await particulars.getByLabel("Beam, m").focus();
  await expect(particulars.getByLabel("Length, m")).toHaveCount(0);
  expect(await untold()).toBe(before - 1);
  await page.getByLabel("Bought on, for all that nobody has told").fill("2024-04-01");
  await page.getByRole("button", { name: "Put it in for all" }).click();
  await expect(page.getByRole("button", { name: "Put it in for all" })).toHaveCount(0);
  expect(await untold()).toBeLessThan(before - 20);
  // taken back, it is asked for again
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByText("Publish …").click();
  await expect(page.getByText(/facts of her are still to be told/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^Publish as/ })).toHaveCount(0);

  // a colleague: by a link that opens once
  await page.goto("/today");
  await first.getByRole("link", { name: "Invite somebody" }).click();
  await page.getByLabel("Name", { exact: true }).fill("Nell Faro");
  await page.getByLabel("E-mail").fill("nell@tarn.example");
  await page.getByLabel("technician").check();
  await page.getByRole("button", { name: "Make the link" }).click();
  const link = (await page.getByRole("link", { name: /\/invitation#/ }).getAttribute("href")) ?? "";
  const nell = await browser.newPage();
  await nell.goto(link);
  await expect(nell.getByRole("heading", { level: 1 })).toHaveText("Welcome, Nell Faro");
  await expect(
    nell.getByText("Tarn Quay gives you an account as briefer, technician.", { exact: false }),
  ).toBeVisible();
  await nell.getByLabel("Password").fill("seven lanterns under ice");
  await nell.getByRole("button", { name: "Keep it and sign in" }).click();
  await nell.waitForURL("**/today");
  await nell.goto("/people");
  await expect(nell.getByRole("row", { name: /Hale Orrin/ })).toBeVisible();
  await expect(nell.getByText("The base manager invites people and says what they are.")).toBeVisible();
  const again = await browser.newPage();
  await again.goto(link);
  await expect(again.getByRole("heading", { level: 1 })).toHaveText("This link does not open any more");
  await again.close();

  // taken away: signed out at once
  await page.reload();
  await page.getByRole("button", { name: "Change Nell Faro" }).click();
  await page.getByRole("button", { name: "Take the account away" }).click();
  await expect(page.getByRole("row", { name: /Nell Faro/ })).toContainText("no account any more");
  await nell.reload();
  await nell.waitForURL("**/sign-in");
  await nell.close();
  // the last manager stays one
  await page.getByRole("button", { name: "Change Hale Orrin" }).click();
  await page.getByRole("button", { name: "Take the account away" }).click();
  await expect(page.getByText(/^The base would have no manager left/)).toBeVisible();

  // a second factor: a code of the phone, and recovery codes for the day it is gone
  await page.goto("/people");
  await page.getByRole("button", { name: "Set it up" }).click();
  const letters = (await page.getByText(/^[A-Z2-7]{4}( [A-Z2-7]{4}){7}$/).textContent()) ?? "";
  const epoch = Math.floor(Date.parse("2027-06-12T10:12:00Z") / 1000);
  await page.getByLabel("Code").fill(generateSync({ secret: letters.replaceAll(" ", ""), epoch }));
  await page.getByRole("button", { name: "Put it in force" }).click();
  const recovery = page.getByRole("list", { name: "Recovery codes" }).getByRole("listitem");
  await expect(recovery).toHaveCount(10);
  const one = (await recovery.first().textContent()) ?? "";
  await page.getByRole("button", { name: "I have kept them" }).click();
  await expect(page.getByText(/10 recovery codes are left/)).toBeVisible();
  const elsewhere = await browser.newPage();
  await elsewhere.goto("/sign-in");
  await elsewhere.getByLabel("E-mail").fill("hale@tarn.example");
  await elsewhere.getByLabel("Password").fill(password);
  await elsewhere.getByRole("button", { name: "Sign in" }).click();
  await elsewhere.getByLabel("Code of your phone").fill("000000");
  await elsewhere.getByRole("button", { name: "Sign in" }).click();
  await expect(elsewhere.getByText(/^This code does not fit/).first()).toBeVisible();
  await elsewhere.getByLabel("Code of your phone").fill(one);
  await elsewhere.getByRole("button", { name: "Sign in" }).click();
  await elsewhere.waitForURL("**/today");
  await elsewhere.close();

  // everything of it stands in the log, under names, and what was typed as a secret does not
  await page.goto("/log");
  const log = page.getByRole("table", { name: "Log" });
  await expect(log.getByRole("row", { name: /Hale Orrin.*Put a second factor in force/ })).toBeVisible();
  await expect(log.getByRole("row", { name: /Made a yacht.*Grey Tern/ })).toBeVisible();
  await expect(log.getByRole("row", { name: /Changed somebody’s roles or account.*Nell Faro/ })).toBeVisible();
  await expect(log).not.toContainText(one.replace("-", ""));

  // the code is used, and the base beside it has nothing of this one
  await page.goto("/set-up");
  await page.waitForURL("**/sign-in");
  const demo = await browser.newPage();
  await signIn(demo, "senna@brinecove.example");
  await demo.goto("/people");
  await expect(demo.getByRole("row", { name: /Maro Tessen/ })).toBeVisible();
  await expect(demo.getByText("Hale Orrin")).toHaveCount(0);
  await expect(demo.getByRole("region", { name: "Getting started" })).toHaveCount(0);
  await demo.close();
});
