import { expect, type Page } from "@playwright/test";
import { segment, signIn } from "./desk";
import { test } from "./test";

const yachts = ["Pale Heron", "Quillback", "Cold Harbour", "Gannet Rock", "Two Lanterns"];
const two = (figure: number) => String(figure).padStart(2, "0");

/** A season as another office keeps it: 2,000 charters of a night each, in its own columns, days and letters. */
function season(change: (row: string[], number: number) => string[] = (row) => row): string {
  const rows = Array.from({ length: 2000 }, (_, number) => {
    const day = new Date(Date.UTC(2028, 0, 1 + Math.floor(number / yachts.length)));
    const back = new Date(day.getTime() + 86_400_000);
    const written = (at: Date) => `${two(at.getUTCDate())}.${two(at.getUTCMonth() + 1)}.${at.getUTCFullYear()}`;
    const row = [
      `W/${number + 1}`,
      yachts[number % yachts.length] ?? "",
      written(day),
      written(back),
      "2",
      `Gäst ${number % 400}`,
      `guest${number % 400}@crew.example`,
      "bestätigt",
    ];
    return change(row, number).join(";");
  });
  return ["Buchungsnummer;Boot;Von;Bis;Personen;Kunde;E-Mail;Status", ...rows].join("\r\n");
}

async function lookThrough(page: Page, name: string, text: string): Promise<number> {
  await page.getByLabel(/^A file with commas/).setInputFiles({
    name,
    mimeType: "text/csv",
    // as an older table program writes it
    buffer: Buffer.from(text, "latin1"),
  });
  await expect(page.getByText(`${name}: 2,000 rows, 8 columns.`)).toBeVisible();
  const begun = Date.now();
  await page.getByRole("button", { name: "Look through the list" }).click();
  await expect(page.getByRole("radio", { name: "All 2,000" })).toBeVisible();
  return Date.now() - begun;
}

test("a season of 2,000 charters is taken in from a foreign list, changed and taken in again, and a row is undone", async ({
  page,
}, info) => {
  const told = (what: string, ms: number) =>
    info.annotations.push({ type: what, description: `${(ms / 1000).toFixed(1)} s` });
  await signIn(page, "odile@brinecove.example");
  await page.goto("/charters");
  await page.getByRole("link", { name: "From a list …" }).click();
  told("looking through 2,000 rows", await lookThrough(page, "season.csv", season()));
  await expect(page.getByText("The list itself tells which comes first.")).toBeVisible();
  await expect(page.getByRole("row", { name: /W-1 New Pale Heron, 1 Jan 2028 to 2 Jan 2028, Gäst 0/ })).toBeVisible();
  let begun = Date.now();
  await page.getByRole("button", { name: "Take 2,000 rows" }).click();
  await expect(page.getByText("2,000 new, 0 changed, 0 reached otherwise, 0 as they stood, 0 left out")).toBeVisible();
  told("taking them", Date.now() - begun);

  // the same once more brings nothing
  await lookThrough(page, "season.csv", season());
  await expect(page.getByRole("radio", { name: "As they stand 2,000" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Nothing is chosen" })).toBeDisabled();

  // a hundred are three aboard now, one is cancelled, two exchange their yachts, one yacht is nobody's
  const changed = season((row, number) => {
    if (number < 100) row[4] = "3";
    if (number === 200) row[7] = "storniert";
    if (number === 300) row[1] = yachts[1] ?? "";
    if (number === 301) row[1] = yachts[0] ?? "";
    if (number === 400) row[1] = "Gull";
    return row;
  });
  await lookThrough(page, "season-2.csv", changed);
  await expect(page.getByRole("radio", { name: "Changed 103" })).toBeVisible();
  await segment(page, "Refused 1").click();
  await expect(page.getByRole("row", { name: /W-401 Refused No yacht is called “Gull” here/ })).toBeVisible();
  begun = Date.now();
  await page.getByRole("button", { name: "Take 103 rows" }).click();
  await expect(
    page.getByText("0 new, 103 changed, 0 reached otherwise, 1,896 as they stood, 1 left out"),
  ).toBeVisible();
  told("taking 103 changes", Date.now() - begun);

  // what the list changed stands on the charter's page, with the list as the reason
  await page.goto("/charters/W-1");
  await expect(page.getByText(/· 3 aboard ·/)).toBeVisible();
  await expect(page.getByText(/Odile Varn.*season-2\.csv/)).toBeVisible();
  await page.goto("/charters/import");
  await page.getByRole("button", { name: "Rows" }).first().click();
  const dialog = page.getByRole("dialog");
  await dialog.getByRole("listitem").filter({ hasText: "Line 2: W-1" }).getByRole("button", { name: "Undo" }).click();
  await expect(dialog.getByRole("listitem").filter({ hasText: "Line 2: W-1" })).toContainText("undone");
  await page.goto("/charters/W-1");
  await expect(page.getByText(/· 2 aboard ·/)).toBeVisible();
});

test("other programs read the charters under a secret address until it is ended", async ({
  page,
  request,
  baseURL,
}) => {
  await signIn(page, "odile@brinecove.example");
  await page.goto("/charters/calendar");
  await page.getByRole("link", { name: "Calendars of other programs" }).click();
  await page.getByLabel("Of what").selectOption("Pale Heron");
  await page.getByRole("button", { name: "Make an address" }).click();
  const address = (await page.getByText(/\/api\/feeds\/.*\/calendar\.ics$/).textContent()) ?? "";
  const path = new URL(address).pathname;
  const read = () => request.get(`${baseURL ?? new URL(page.url()).origin}${path}`);
  const answer = await read();
  expect(answer.headers()["content-type"]).toContain("text/calendar");
  expect(await answer.text()).toMatch(/^BEGIN:VCALENDAR[\s\S]*SUMMARY:Pale Heron · BR-1058\r\n/);
  await page.reload();
  await expect(page.getByText(/^last read /)).toBeVisible();
  await page.getByRole("button", { name: "End it" }).click();
  await expect(page.getByText("Nobody reads a calendar of yours.")).toBeVisible();
  expect((await read()).status()).toBe(404);

  // an address in the house is refused, with what to do
  await page.getByLabel("Whose calendar it is").fill("Agency");
  await page.getByLabel("Its address").fill("http://127.0.0.1:5432/x.ics");
  await page.getByRole("button", { name: "Subscribe" }).click();
  await expect(page.getByText(/This is no address of a calendar in the open internet/).first()).toBeVisible();
  await expect(page.getByText("You read nobody’s calendar.")).toBeVisible();
});
