import { expect, type Page } from "@playwright/test";
import { v7 as uuid } from "uuid";
import { demoYachtFile } from "../src/demo/yacht-file";
import { questionsOf } from "../src/core/briefing/questions";
import { openBook } from "./book";
import { byMenu, moveByKeys, segment, signIn } from "./desk";
import { test } from "./test";

const faultsOf = (page: Page) => {
  const faults: string[] = [];
  page.on("pageerror", (error) => faults.push(error.message));
  return faults;
};

/** Opens a charter's check-in on its walk. */
async function openWalk(page: Page, reference: string): Promise<void> {
  await page.goto(`/charters/${reference}`);
  await page.getByRole("button", { name: "Briefing walk" }).click();
  await page.waitForURL(/handover#/);
  await expect(page.locator("#stop-title")).toBeVisible();
}

const stopsLeft = async (page: Page): Promise<number> => {
  const words = (await page.getByRole("contentinfo").textContent()) ?? "";
  return words.startsWith("one stop left") ? 1 : Number(/^(\d+) stops left/.exec(words)?.[1] ?? "0");
};

test.describe("the study", () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test("on a phone: what was handled, a wrong answer, a question; without signal it waits, and comes in once", async ({
    page,
    context,
    browser,
  }) => {
    const faults = faultsOf(page);
    await openBook(page, "demo-boat-book-pale-heron-1058", "731904");
    await page.getByRole("button", { name: "Study her now" }).click();
    await page.getByRole("button", { name: "Keep this" }).click();
    await expect(page.getByText("A number, 0 or more.").first()).toBeVisible();
    await page.getByLabel(/^Longest yacht/).fill("10");
    await page.getByLabel(/^Weeks in command/).fill("6");
    for (const thing of ["inboard diesel", "electric windlass", "head pumped by hand", "holding tank", "gas aboard"])
      await page.getByLabel(thing, { exact: true }).check();
    await page.getByRole("button", { name: "Keep this" }).click();
    await expect(page.getByText(/^The walk at the berth will take about \d+ minutes\./)).toBeVisible();
    const minutes = async () =>
      Number(/about (\d+) minutes/.exec((await page.getByText(/^The walk at the berth/).textContent()) ?? "")?.[1]);
    const before = await minutes();

    // Pale Heron's 20 m are red; who says white does it with own hands
    await page.getByRole("button", { name: /^Anchor and windlass as usual/ }).click();
    await page
      .getByRole("region", { name: "Which colour marks 20 m of chain?" })
      .getByRole("button", { name: "white" })
      .click();
    await expect(page.getByText("Not on this boat. Right is: red.")).toBeVisible();
    await expect(page.getByText(/with own hands \(a question answered wrongly\)/)).toBeVisible();
    // what was answered so far has arrived before the signal goes
    await page.getByRole("button", { name: "Back to the topics" }).click();
    await expect(page.getByText("all at the base")).toBeVisible({ timeout: 15_000 });
    await page.getByRole("button", { name: /^Anchor and windlass with own hands/ }).click();
    await context.setOffline(true);
    await page.getByLabel("Your question to the briefer").fill("Does the windlass run off the service bank?");
    await page.getByRole("button", { name: "Keep the question" }).click();
    await page.getByRole("button", { name: "Show me aboard" }).click();
    await page.getByRole("button", { name: "Back to the topics" }).click();
    await expect(page.getByText("2 kept on this device, waiting for signal")).toBeVisible();
    await expect.poll(minutes).toBeGreaterThan(before);
    await context.setOffline(false);
    await expect(page.getByText("all at the base")).toBeVisible({ timeout: 15_000 });

    // another device of the same charter has it all
    const other = await (await browser.newContext()).newPage();
    await openBook(other, "demo-boat-book-pale-heron-1058", "731904");
    await other.getByRole("button", { name: "Go on with the study" }).click();
    await other.getByRole("button", { name: /^Anchor and windlass with own hands/ }).click();
    await expect(other.getByText("Does the windlass run off the service bank?")).toBeVisible();
    await other.context().close();
    expect(faults).toEqual([]);
  });
});

test.describe("the walk without a briefer", () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test("opens from the boat book once the manager has settled that it may; safety stays, and both sign elsewhere", async ({
    page,
    browser,
  }) => {
    const faults = faultsOf(page);
    const desk = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await signIn(desk, "odile@brinecove.example");
    await desk.goto("/charters/BR-1059");
    await desk.getByRole("button", { name: "Make a boat book link" }).click();
    const [, secret = "", pin = ""] =
      /book#([\w-]+)[^]*?PIN\D*(\d{6})/.exec(
        await desk
          .getByText(/^Shown once/)
          .locator("..")
          .innerText(),
      ) ?? [];
    await openBook(page, secret, pin);
    await expect(page.getByRole("heading", { name: "When and where" })).toBeVisible();
    await expect(page.getByRole("heading", { name: "Walk her alone" })).toHaveCount(0);
    await desk.goto("/rules");
    await expect(desk.getByText("The base manager settles the rules.")).toBeVisible();
    await expect(desk.getByRole("button", { name: "Save the rules" })).toHaveCount(0);
    await desk.getByRole("button", { name: "Sign out" }).click();
    await desk.waitForURL("**/sign-in");
    await signIn(desk, "senna@brinecove.example");
    await desk.keyboard.press("r");
    await segment(desk.getByRole("radiogroup", { name: "A skipper may walk her alone" }), "Yes").click();
    await desk.getByRole("button", { name: "Save the rules" }).click();
    await expect(desk.getByText("Say briefly why. It is kept with the change.")).toBeVisible();
    await desk.getByLabel("Why? (kept with the change)").fill("three arrivals at one hour");
    await desk.getByRole("button", { name: "Save the rules" }).click();
    await expect(desk.getByText(/^Senna Ruhl, .*: three arrivals at one hour$/)).toBeVisible();
    // a limit of the base's own: what is no number is refused, what is one stands beside what it was
    const gas = desk.getByLabel("Gas in the bottle in use: watch below, %");
    await gas.fill("a third");
    await desk.getByLabel("Why? (kept with the change)").fill("long weeks in June");
    await desk.getByRole("button", { name: "Save the rules" }).click();
    await expect(desk.getByText("Limits of readings are numbers up to 999")).toBeVisible();
    await gas.fill("30");
    await desk.getByRole("button", { name: "Save the rules" }).click();
    await expect(desk.getByText(/^Senna Ruhl, .*: long weeks in June$/)).toBeVisible();
    await desk.getByRole("tab", { name: "Changes" }).click();
    const changes = desk.getByRole("list", { name: "Changes" }).getByRole("listitem");
    await expect(changes.first()).toContainText(
      "Limits of readings: default → Gas in the bottle in use: watch below, % 30",
    );
    await expect(changes.last()).toContainText("A skipper may walk her alone: No → Yes");
    await desk.getByRole("button", { name: "Sign out" }).click();
    await desk.waitForURL("**/sign-in");

    await page.reload();
    await expect(page.getByText("answer every question of the study")).toBeVisible();
    const file = demoYachtFile("quillback");
    let second = 10;
    const said = [
      {
        about: "experience",
        value: { longestM: 12, weeks: 9, handled: ["diesel", "slab-reefing", "thruster"], language: "en" },
      },
      ...questionsOf(file).map(({ id, right }) => ({ about: "check", question: id, value: right })),
    ];
    const answers = said.map((each) => ({
      v: 1,
      id: uuid(),
      revision: 1,
      at: `2027-06-11T20:00:${second++}Z`,
      ...each,
    }));
    expect(
      (
        await page.request.post("/api/book/study", {
          headers: { origin: new URL(page.url()).origin },
          data: { answers },
        })
      ).status(),
    ).toBe(200);
    await page.reload();
    await expect(page.getByText(/^Stay tied up\./)).toBeVisible();
    await page.getByRole("button", { name: "Begin the walk" }).click();
    await page.waitForURL(/handover#.*walk/);
    const title = page.locator("#stop-title");
    await expect(title).not.toHaveText("Planning the walk …");
    const all = await stopsLeft(page);
    for (const left of [all - 1, all - 2]) {
      await page.getByRole("button", { name: "I have done it" }).click();
      await expect.poll(() => stopsLeft(page)).toBe(left);
    }
    await page.getByRole("button", { name: "All stops" }).click();
    await page.getByRole("listitem").filter({ hasText: "Life raft" }).getByRole("button").first().click();
    await page.getByRole("button", { name: "Not now …" }).click();
    await expect(page.getByText("The base manager alone leaves it out")).toBeVisible();
    await page.getByRole("button", { name: "Close" }).click();
    await expect(page.getByRole("contentinfo").getByRole("status")).toContainText("all at the base", {
      timeout: 20_000,
    });
    // the base's device shows who went through it without a briefer; the skipper's own has nothing to sign with
    await signIn(desk, "maro@brinecove.example");
    await openWalk(desk, "BR-1059");
    expect(await stopsLeft(desk)).toBe(all - 2);
    await page.getByRole("button", { name: "List" }).click();
    await page.getByRole("button", { name: "What is left" }).click();
    await page.getByRole("button", { name: /Read it through/ }).click();
    await expect(page.getByText(/^Your part is done on this device\./)).toBeVisible();
    await expect(page.getByRole("button", { name: "Seal the record" })).toHaveCount(0);
    await page.getByText(/^(29|30) of 41 topics shown, 2 with own hands/).click();
    await expect(page.getByText("2 of the topics the skipper went through alone, without a briefer")).toBeVisible();
    await desk.context().close();
    expect(faults).toEqual([]);
  });
});

test.describe("the walk", () => {
  test.use({ serviceWorkers: "allow" });

  test("goes on with the network cut half-way, also after a reload, and nothing is lost or tried too early", async ({
    page,
    context,
    browser,
  }) => {
    const faults = faultsOf(page);
    await signIn(page, "maro@brinecove.example");
    await openWalk(page, "BR-1060");
    const visited: string[] = [];
    /** The stop on the screen, once the walk has been planned anew and it is not the one before. */
    const stopNow = async (not: string | undefined) => {
      const title = page.locator("#stop-title");
      await expect(title).not.toHaveText("Planning the walk …");
      if (not) await expect(title).not.toHaveText(not);
      await expect(title).not.toHaveText("Planning the walk …");
      return (await title.textContent()) ?? "";
    };
    const take = async (button: "I have done it" | "Only shown" = "I have done it") => {
      visited.push(await stopNow(visited.at(-1)));
      const left = await stopsLeft(page);
      await page.getByRole("button", { name: button }).click();
      await expect.poll(() => stopsLeft(page)).toBe(left - 1);
    };
    const all = await stopsLeft(page);
    // 41 of her own, and the paddle boards that this charter has hired
    expect(all).toBe(42);
    // the plan is made in a worker; the first stop is where one comes aboard
    await expect(page.getByRole("main")).toContainText("Stern platform");
    // the tablet keeps the pages, and answers from what it keeps, before the signal goes
    await expect
      .poll(
        () =>
          page.evaluate(
            async () =>
              navigator.serviceWorker.controller?.state === "activated" &&
              Boolean(await caches.match("/handover", { ignoreSearch: true })),
          ),
        { timeout: 60_000 },
      )
      .toBe(true);

    for (let i = 0; i < 12; i++) await take();
    await context.setOffline(true);
    for (let i = 0; i < 3; i++) await take("Only shown");
    // not now: somebody stands at the stop; it comes last, with what depends on it
    const offTitle = await stopNow(visited.at(-1));
    await page.getByRole("button", { name: "Not now …" }).click();
    await page.getByRole("button", { name: "somebody is there" }).click();
    const here = await stopNow(offTitle);
    await expect(page.getByRole("contentinfo").getByRole("status")).toContainText("waiting for signal");
    const half = await stopsLeft(page);

    // power gone, no signal: it comes up where it was
    await page.reload();
    await expect(page.locator("#stop-title")).toHaveText(here, { timeout: 30_000 });
    expect(await stopsLeft(page)).toBe(half);
    while ((await stopsLeft(page)) > 1) await take();
    await context.setOffline(false);
    await expect(page.getByRole("contentinfo").getByRole("status")).toContainText("all at the base", {
      timeout: 60_000,
    });

    const before = (earlier: string, later: string) =>
      expect([earlier, later, visited.indexOf(earlier) < visited.indexOf(later)]).toEqual([earlier, later, true]);
    for (const [earlier, later] of [
      ["Oil, coolant and belt", "Start the engine, look at the water"],
      ["Windlass switch", "Anchor and windlass"],
      ["Start the engine, look at the water", "Anchor and windlass"],
      ["Anchor and windlass", "Stop the engine"],
      ["Handle of the bilge pump", "Bilge pump by hand"],
    ] as const) {
      if (visited.includes(earlier) && visited.includes(later)) before(earlier, later);
    }
    expect(visited).toContain("Anchor and windlass");

    // another briefer goes on from another device, and sees what was shown by whom
    const other = await (await browser.newContext()).newPage();
    await signIn(other, "maro@brinecove.example");
    await openWalk(other, "BR-1060");
    expect(await stopsLeft(other)).toBe(1);
    await other.getByRole("button", { name: "I have done it" }).click();
    await expect(other.getByRole("heading", { level: 1 })).toHaveText("The walk is done");
    await expect(other.getByText(/^42 shown, \d+ of them with own hands, 0 left out\./)).toBeVisible();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("The walk is done", { timeout: 30_000 });
    // what both read before they sign has the briefing in it
    await other.getByRole("button", { name: "Read it through and sign" }).click();
    await expect(other.getByText(/^42 of 42 topics shown, \d+ with own hands/)).toBeVisible();
    await other.context().close();
    expect(faults).toEqual([]);
  });

  test("at the windlass with the engine off, says what has to be on and where; safety is left out by the manager alone", async ({
    page,
  }) => {
    await signIn(page, "maro@brinecove.example");
    await openWalk(page, "BR-1065");
    const pick = async (title: string) => {
      await page.getByRole("button", { name: "All stops" }).click();
      await page.getByRole("listitem").filter({ hasText: title }).getByRole("button").first().click();
      await expect(page.locator("#stop-title")).toHaveText(title);
    };
    await pick("Anchor and windlass");
    const needs = page.getByRole("region", { name: "Before you touch it" });
    await expect(needs).toContainText("engine running, lever in neutral: Helm");
    await expect(needs).toContainText("windlass switch on: Chart table");
    await needs
      .getByRole("listitem")
      .filter({ hasText: "windlass switch" })
      .getByRole("button", { name: "Go there" })
      .click();
    await expect(page.locator("#stop-title")).toHaveText("Windlass switch");
    await page.getByRole("button", { name: "I have done it" }).click();
    await pick("Anchor and windlass");
    await expect(needs).not.toContainText("windlass switch on: Chart table");
    await expect(page.getByText("Before you leave")).toBeVisible();

    await pick("Life raft");
    await page.getByRole("button", { name: "Not now …" }).click();
    await expect(page.getByText("The base manager alone leaves it out")).toBeVisible();
    await expect(page.getByRole("dialog").getByRole("button", { name: "no time" })).toHaveCount(0);
    await page.getByRole("button", { name: "Close" }).click();

    // each order is one tap; system by system says its repeats by staying allowed
    await page.getByRole("button", { name: "All stops" }).click();
    for (const order of ["System by system", "Shortest way", "Deck first"]) {
      await page.getByRole("button", { name: order }).click();
      await expect(page.getByRole("button", { name: order })).toHaveAttribute("aria-pressed", "true");
      await expect(page.getByText(/\d+ seconds on foot, \d+ at least/)).toBeVisible();
    }
  });

  test("a manager leaves a safety topic out with a reason, asked twice", async ({ page }) => {
    await signIn(page, "senna@brinecove.example");
    await openWalk(page, "BR-1066");
    await page.getByRole("button", { name: "All stops" }).click();
    await page.getByRole("listitem").filter({ hasText: "Life raft" }).getByRole("button").first().click();
    await page.getByRole("button", { name: "Not now …" }).click();
    await page.getByRole("button", { name: "not possible today" }).click();
    const sure = page.getByRole("button", { name: "Leave Life raft out" });
    await expect(sure).toBeDisabled();
    await page.getByLabel("Reason, in words").fill("raft away at its service, another comes at noon");
    await sure.click();
    await page.getByRole("button", { name: "Yes, leave this safety topic out" }).click();
    await page.getByRole("button", { name: "All stops" }).click();
    await expect(page.getByRole("listitem").filter({ hasText: "Life raft" })).toContainText(
      "left out: not possible today",
    );
    await page.getByRole("button", { name: "Close" }).click();
    await expect(page.getByRole("contentinfo").getByRole("status")).toContainText("all at the base", {
      timeout: 20_000,
    });
  });
});

test.describe("without signal", () => {
  test.use({ serviceWorkers: "allow", viewport: { width: 390, height: 844 } });

  test("boat book and the code posted aboard open, once they say that they are ready", async ({ page, context }) => {
    await openBook(page, "demo-boat-book-pale-heron-1052", "405162");
    await expect(page.getByText(/Ready for no signal: [\d,]+ kB/)).toBeVisible({ timeout: 90_000 });
    await page.goto("/aboard#HERON-7K2");
    await expect(page.getByText(/Ready for no signal/)).toBeVisible({ timeout: 60_000 });
    await context.setOffline(true);
    await page.goto("/book");
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Pale Heron", { timeout: 30_000 });
    await expect(page.getByText(/^No signal. This is what this device kept on/)).toBeVisible();
    await page.goto("/aboard#HERON-7K2");
    await page.getByRole("button", { name: "Emergency", exact: true }).click();
    const cards = page.getByRole("dialog", { name: "Emergency cards" });
    await cards.getByText("Smell of gas").click();
    await expect(cards.getByText("Touch no switch, on or off.").first()).toBeVisible();
  });
});

test.describe("at the desk", () => {
  test("the briefing sheet says what this crew got wrong and asks; a call that is noted stands there for the next briefer", async ({
    page,
  }) => {
    await signIn(page, "odile@brinecove.example");
    await page.goto("/charters/BR-1060");
    await page.getByRole("link", { name: "Before the briefing" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Before you brief Cold Harbour");
    await expect(page.getByText("Which colour marks 20 m of chain? Right is: red.")).toBeVisible();
    await expect(page.getByText("Thruster: Does it work without the engine running?")).toBeVisible();
    await expect(page.getByText(/Looked for the shore breaker at the panel/)).toBeVisible();
    await page.getByLabel("About", { exact: true }).selectOption({ label: "Heater" });
    await page.getByLabel("What they asked").fill("How is it switched off?");
    await page.getByRole("button", { name: "Note the call" }).click();
    await expect(page.getByText("How is it switched off?")).toBeVisible();
    // experience far below a yacht is told on the charter's page
    await page.goto("/charters/BR-1065");
    await expect(
      page.getByText(/For the manager to weigh: a longer briefing, a trial sail with the base, a hired skipper/),
    ).toBeVisible();
  });

  test("minutes and pins of a yacht's walk are changed, checked against what depends on what, and published", async ({
    page,
  }) => {
    await signIn(page, "senna@brinecove.example");
    await page.goto("/fleet/quillback");
    await byMenu(page, "Aboard", "Tune the walk");
    await expect(page.getByText(/seconds on foot, \d+ at least \(proven the best\)/)).toBeVisible();
    await page.getByLabel("Radio, pinned").selectOption("first");
    // pinned first, it still comes after what it depends on
    const rows = page.getByRole("group", { name: "Stops in the order of the walk" }).locator("[data-stop]");
    await expect(rows.nth(2)).toContainText("Radio");
    await expect(rows.nth(1)).toContainText("Switch panel");
    await page.getByLabel("Minutes of Life raft").fill("5");
    // by keys as by the mouse: the last stop goes one place up, and says that it was moved
    const last = rows.last();
    const name = await last.locator("strong").nth(1).innerText();
    await moveByKeys(page, page.getByRole("button", { name: `Move: ${name}`, exact: true }), "ArrowUp");
    await expect(page.getByLabel(`${name}, pinned`)).toHaveValue("moved");
    await page.getByLabel(`${name}, pinned`).selectOption("");
    await page.getByRole("button", { name: "Put 2 changes into her draft" }).click();
    await page.waitForURL("**/fleet/quillback/edit?view=publish");
    await expect(page.getByRole("heading", { name: "2 changes" })).toBeVisible();
    await page.getByRole("button", { name: /^Publish revision/ }).click();
    await expect(page.getByText("Say in a few words why the file is changed.")).toBeVisible();
    await page.getByLabel("Why is the file changed?").fill("radio first, as the skippers ask");
    await page.getByRole("button", { name: /^Publish revision/ }).click();
    await page.waitForURL("**/fleet/quillback");
    await byMenu(page, "Aboard", "Tune the walk");
    await expect(page.getByLabel("Radio, pinned")).toHaveValue("first");
  });
});
