import { expect } from "@playwright/test";
import { byMenu, chooseToday, signIn, step } from "./desk";
import { addPhoto, doPlace, row } from "../src/testing/played/handover";
import { test } from "./test";

test("the technician's round: in order, judged with the trend, what is not fine becomes work and is mended", async ({
  page,
}) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(error.message));
  await signIn(page, "senna@brinecove.example");
  await page.goto("/charters/BR-1058");
  await step(page, "Prep");
  await expect(page.getByText("No prep yet.")).toBeVisible();
  await page.getByRole("button", { name: "Prep", exact: true }).click();
  await page.waitForURL("**/handover#*");
  const title = page.locator("#place-title");
  const round = page.getByRole("list", { name: "The round" });
  await expect(round.getByRole("button")).toHaveText([
    /^Opening up4 left/,
    /^Batteries at rest2 left/,
    /^Engine, cold6 left/,
    /^Seacocks\d left/,
    /^Tanks and gas\d left/,
    /^Safety gear\d+ left/,
    /^Sails2 left/,
    /^Engine, running\d left/,
    /^Turn-round4 left/,
    /^Departure3 left/,
  ]);
  const next = page.getByRole("contentinfo").getByRole("button", { name: /^Next/ });
  const all = { counts: {}, hours: 1480, except: {} };

  // opened and sniffed before the first switch; the cold engine in its order, with the last readings beside each field
  await expect(title).toHaveText("Opening up");
  await doPlace(page, {
    ...all,
    except: {
      "test:task-sniff": (on) => row(on, "test:task-sniff").getByRole("button", { name: "Fine", exact: true }).click(),
      "test:task-first-switch": (on) =>
        row(on, "test:task-first-switch").getByRole("button", { name: "Fine", exact: true }).click(),
      "test:task-put-back": (on) =>
        row(on, "test:task-put-back").getByRole("button", { name: "Fine", exact: true }).click(),
    },
  });
  await next.click();
  await expect(title).toHaveText("Batteries at rest");
  await doPlace(page, all);
  await next.click();
  await expect(title).toHaveText("Engine, cold");
  expect(
    await page.locator("[data-line]").evaluateAll((lines) => lines.map((line) => line.getAttribute("data-line"))),
  ).toEqual([
    "reading:strainer",
    "reading:engine-oil",
    "reading:gearbox-oil",
    "reading:belt",
    "reading:coolant",
    "test:prep-leaks-main",
  ]);
  const coolant = row(page, "reading:coolant");
  await expect(coolant.getByText(/^Last readings: .*53.*52/)).toBeVisible();
  await coolant.getByLabel("Per cent between the marks").fill("52");
  await coolant.getByLabel("Per cent between the marks").press("Enter");
  await coolant.getByLabel("Poured in, ml").fill("200");
  await coolant.getByLabel("Poured in, ml").press("Enter");
  await expect(coolant.getByText(/^The third top-up of coolant in a month\./)).toBeVisible();
  // the strainer's own trap: the seacock left shut
  const strainer = row(page, "reading:strainer");
  const tap = (question: string, answer: string) =>
    strainer.getByRole("group", { name: question }).getByRole("button", { name: answer, exact: true }).click();
  await tap("Seacock moves freely", "Yes");
  await tap("Bowl", "Clear");
  await tap("Lid tight", "Yes");
  await tap("Seacock fully open again", "No");
  await expect(strainer.getByText(/^The raw-water seacock is not fully open\./)).toBeVisible();
  await tap("Seacock fully open again", "Yes");
  await expect(strainer.getByText(/not fully open/)).toHaveCount(0);

  await round.getByRole("button", { name: /^Seacocks/ }).click();
  const galley = row(page, "test:prep-seacock-galley-seacock");
  await galley.getByRole("button", { name: "Not fine …" }).click();
  await galley.getByLabel("How does it fail?").fill("seized, half open");
  await galley.getByRole("button", { name: "Keep it" }).click();
  await addPhoto(page, "test:prep-seacock-galley-seacock", 21);
  await page.getByRole("button", { name: "What is left" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Read it through and sign" }).click();
  await expect(page.getByText(/^Not done yet: Engine, cold, Seacocks/)).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "Galley sink seacock" })).toContainText(
    "becomes a work order",
  );
  await page.getByRole("button", { name: "The prep is done" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Pale Heron: the prep is done");
  await expect(page.getByRole("status")).toContainText("all at the base", { timeout: 20_000 });

  // at the desk the work is there; it is mended with a word on how, and stays in her history
  await page.goto("/charters/BR-1058");
  await step(page, "Prep");
  const work = page.getByRole("listitem").filter({ hasText: "Galley sink seacock" });
  await expect(work).toContainText("fails: seized, half open");
  await expect(work.getByRole("img", { name: "Photo 1 of Galley sink seacock" })).toBeVisible();
  await work.getByRole("button", { name: "Repaired: Galley sink seacock" }).click();
  await work.getByRole("button", { name: "Repaired", exact: true }).click();
  await expect(work.getByText("A few words, please: the next one reads them.")).toBeVisible();
  await work.getByLabel("What was done").fill("freed, greased, worked ten times");
  await work.getByRole("button", { name: "Repaired", exact: true }).click();
  await expect(work).toHaveCount(0);
  await page.goto("/fleet/pale-heron");
  await expect(
    page.getByRole("region", { name: "To repair" }).getByRole("listitem").filter({ hasText: "Galley sink seacock" }),
  ).toContainText("freed, greased, worked ten times");
  expect(faults).toEqual([]);
});

test("crew list and forecast: weights decide the jackets, a gale holds her, and the feed says that it is simulated", async ({
  page,
}) => {
  await signIn(page, "senna@brinecove.example");
  await page.goto("/charters/BR-1066");
  await page.getByRole("button", { name: "Crew list" }).click();
  await page.getByLabel("Name 1").fill("Idris Callowen");
  await page.getByLabel("Weight 1, kg").fill("2");
  await page.getByRole("button", { name: "Keep the crew list" }).click();
  await expect(page.getByText("A weight from 3 to 300 kg, please.")).toBeVisible();
  await page.getByLabel("Weight 1, kg").fill("82");
  await page.getByRole("button", { name: "Keep the crew list" }).click();
  await expect(page.getByText("1 of 7 told, weights 82 kg")).toBeVisible();
  await step(page, "Check-in");
  await expect(page.getByText(/^This forecast is simulated\./)).toBeVisible();
  await byMenu(page, "Set the simulated forecast", "34 kn");
  await expect(page.getByText("34 kn, gusts 46 kn; she stays above 25 kn, gusts above 34 kn.")).toBeVisible();
  await byMenu(page, "Set the simulated forecast", "As it comes");
  await expect(page.getByText(/\b1?\d kn, gusts \d+ kn; she stays above 25 kn, gusts above 34 kn\./)).toBeVisible();
});

test("Today says how ready she is; what was short is noted when it is aboard", async ({ page }) => {
  await signIn(page);
  await expect(page.getByRole("row", { name: /Wenna Coldrake/ })).toContainText("ready, with remarks");
  await expect(page.getByRole("row", { name: /Runa Sedgeley/ })).toContainText("not ready");
  await chooseToday(page, "Wenna Coldrake");
  const chosen = page.getByRole("complementary").last();
  await expect(chosen).toContainText("To put aboard: 1 × Winch handle");
  await chosen.getByRole("button", { name: "It is aboard: Winch handle" }).click();
  await expect(chosen.getByText("To put aboard: 1 × Winch handle")).toHaveCount(0);
  await expect(chosen).toContainText("To put aboard: 1 × Oar");
});
