import { expect } from "@playwright/test";
import { part, signIn } from "./desk";
import { test } from "./test";

test("a program gets a token, sends charters in by it, reads how they stand, and is let in no more once it is ended", async ({
  page,
  playwright,
}, info) => {
  await signIn(page, "odile@brinecove.example");
  expect((await page.goto("/charters/programs"))?.status()).toBe(404);
  await page.context().clearCookies();
  await signIn(page, "senna@brinecove.example");
  await page.goto("/charters");
  await page.getByRole("link", { name: "Other programs" }).click();
  const tokens = part(page, "Tokens");
  await tokens.getByLabel("Which program").fill("Harbourbook");
  await tokens.getByText("Send charters with their people in, and change them").click();
  await tokens.getByRole("button", { name: "Make a token" }).click();
  const token = (await tokens.getByRole("status").locator("strong").textContent()) ?? "";
  expect(token).toMatch(/^brinecove_[\w-]{43}$/);

  // the program: no browser, no cookie, no origin
  const program = await playwright.request.newContext({
    baseURL: info.project.use.baseURL ?? "",
    extraHTTPHeaders: { authorization: `Bearer ${token}` },
  });
  const charter = {
    ...{ reference: "HB-77", yacht: "Little Auk", fromDay: "2027-07-03", toDay: "2027-07-03", outAt: "09:00" },
    ...{ backAt: "18:00", aboard: 2, charterer: "Tam Orrin" },
  };
  const send = async (sent: object) =>
    (await (await program.post("/api/v1/charters", { data: { charters: [sent] } })).json()) as {
      rows: { fate: string; faults: { message: string }[] }[];
    };
  expect((await send(charter)).rows[0]?.fate).toBe("new");
  expect((await send(charter)).rows[0]?.fate).toBe("same");
  expect((await send({ ...charter, reference: "HB-78" })).rows[0]?.faults[0]?.message).toContain("HB-77");
  const told = await program.get("/api/v1/charters/HB-77");
  // names are another scope
  expect(await told.json()).toMatchObject({ state: "to-come", yacht: "little-auk" });
  expect(await (await program.get("/api/v1/charters/BR-1046/statement")).json()).toMatchObject({
    error: { code: "no-scope" },
  });
  // nothing else opens by it
  expect((await program.get("/api/today")).status()).toBe(404);
  expect((await program.post("/api/charters", { data: charter })).status()).toBe(403);

  await page.goto("/charters/HB-77");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Little Auk, HB-77");
  await page.goto("/charters/import");
  await expect(page.getByText(/Senna Ruhl: Harbourbook/)).toBeVisible();
  await page.goto("/charters/programs");
  await expect(tokens.getByText(/last used/)).toBeVisible();
  await tokens.getByRole("button", { name: "End it" }).click();
  await expect(tokens.getByText("No program has a token.")).toBeVisible();
  await expect.poll(async () => (await program.get("/api/v1/yachts")).status(), { timeout: 10_000 }).toBe(401);
  await program.dispose();
});
