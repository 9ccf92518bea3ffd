/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { HookCallView, ProgramsView } from "@/api/schemas/programs";
import { id } from "@/testing/records";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { ProgramsPage } from "./ProgramsPage";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
let base: Wire;
beforeEach(() => (base = wire()));
afterEach(cleanup);

const call = (change: Partial<HookCallView>): HookCallView => ({
  id: id(41),
  hook: "Ledger",
  kind: "charter-changed",
  charter: "BR-1058",
  at: "2027-06-12T09:30:00.000Z",
  state: "told",
  calls: 1,
  detail: "204",
  calledAt: "2027-06-12T09:30:01.000Z",
  isEnded: false,
  ...change,
});
const view = (change: Partial<ProgramsView> = {}): ProgramsView => ({
  timeZone: "Atlantic/Azores",
  isDemo: false,
  programs: [
    {
      id: id(31),
      name: "Harbourbook",
      scopes: ["read-charters", "write-charters"],
      by: "Senna Ruhl",
      at: "2027-06-01T09:00:00.000Z",
      usedAt: null,
    },
  ],
  hooks: [],
  calls: [],
  ...change,
});
const draw = (change: Partial<ProgramsView> = {}) => drawDesk(<ProgramsPage view={view(change)} />, ["manager"]);
const part = (name: string) => within(screen.getByRole("heading", { level: 2, name }).closest("section")!);

describe("tokens of other programs", () => {
  it("say what they may do and whether they were used, and are ended", async () => {
    const user = draw();
    const tokens = part("Tokens");
    expect(
      tokens.getByText(/^Read charters and yachts.*; Send charters with their people in.*never used\.$/),
    ).toBeInTheDocument();
    base.answer(200, {});
    await user.click(tokens.getByRole("button", { name: "End it" }));
    await waitFor(() =>
      expect(base.asked.at(-1)).toMatchObject({ method: "DELETE", path: `/api/base/programs/${id(31)}` }),
    );
  });

  it("are made for what is ticked, and shown this once", async () => {
    const user = draw({ programs: [] });
    const tokens = part("Tokens");
    expect(tokens.getByText("No program has a token.")).toBeInTheDocument();
    const make = tokens.getByRole("button", { name: "Make a token" });
    expect(make).toBeDisabled();
    await user.type(tokens.getByLabelText("Which program"), "Ledger");
    await user.click(tokens.getByLabelText("Read charters and yachts, and how they stand"));
    expect(make).toBeDisabled();
    await user.click(tokens.getByLabelText("Read signed statements"));
    base.answer(201, { id: id(32), token: "brinecove_abc" });
    await user.click(make);
    expect(await tokens.findByText("brinecove_abc")).toBeInTheDocument();
    expect(base.asked.at(-1)?.body).toEqual({ name: "Ledger", scopes: ["read-statements"] });
    expect(tokens.getByLabelText("Which program")).toHaveValue("");
  });
});

describe("who is told", () => {
  it("is kept with what it is told; an address that is none is said at once", async () => {
    const user = draw();
    const hooks = part("Who is told");
    await user.type(hooks.getByLabelText("Which program"), "Ledger");
    await user.type(hooks.getByLabelText("Its address"), "http://10.0.0.1/x");
    for (const kind of [
      "a charter was entered",
      "a charter was changed",
      "a charter was called off",
      "a charter that a list brought was taken back",
    ])
      await user.click(hooks.getByLabelText(kind));
    base.answer(422, {
      error: { code: "hook-address", message: "This is no address in the open internet.", where: "address" },
    });
    await user.click(hooks.getByRole("button", { name: "Tell this address" }));
    expect(await hooks.findByText("This is no address in the open internet.")).toBeInTheDocument();
    base.answer(201, { id: id(33), secret: "whsec_abc" });
    await user.click(hooks.getByRole("button", { name: "Tell this address" }));
    expect(await hooks.findByText("whsec_abc")).toBeInTheDocument();
    expect(base.asked.at(-1)?.body).toMatchObject({
      kinds: ["check-in-signed", "check-out-signed", "statement-signed"],
    });
  });

  it("shows what waits and what was given up, and is tried", async () => {
    const hook = {
      id: id(35),
      name: "Ledger",
      host: "ledger.example",
      kinds: ["charter-entered" as const],
      by: "Senna Ruhl",
      at: "2027-06-01T09:00:00.000Z",
      waiting: 2,
      givenUp: 1,
    };
    const user = draw({ hooks: [hook] });
    const hooks = part("Who is told");
    expect(
      hooks.getByText("ledger.example: a charter was entered. Made by Senna Ruhl. 2 calls wait. One was given up."),
    ).toBeInTheDocument();
    base.answer(201, {});
    await user.click(hooks.getByRole("button", { name: "Try it" }));
    await waitFor(() => expect(base.asked.at(-1)?.path).toBe(`/api/base/hooks/${id(35)}/try`));
  });

  it("tells how each call stands, and tells again what was given up", async () => {
    const user = draw({
      isDemo: true,
      calls: [
        call({ id: id(41), state: null, calls: 0, detail: "" }),
        call({ id: id(42) }),
        call({ id: id(43), state: "failed", calls: 2, detail: "away" }),
        call({ id: id(44), state: "given-up", calls: 12, detail: "503" }),
        call({ id: id(45), state: "given-up", calls: 12, detail: "slow", isEnded: true }),
        call({ id: id(46), kind: "test", charter: null, state: "simulated", detail: "" }),
      ],
    });
    expect(screen.getByText(/nothing leaves this machine/)).toBeInTheDocument();
    const rows = within(screen.getByRole("table")).getAllByRole("row").slice(1);
    expect(rows.map((row) => within(row).getAllByRole("cell")[3]?.textContent)).toEqual([
      "waits",
      "told, 204",
      "called 2 times, nobody answers; called again",
      "given up after 12 calls, answered 503",
      "given up after 12 calls, no answer in ten seconds",
      "not sent: the demo",
    ]);
    expect(rows.map((row) => within(row).getAllByRole("cell")[1]?.textContent).slice(-2)).toEqual([
      "BR-1058: a charter was changed",
      "trial",
    ]);
    expect(screen.getAllByRole("button", { name: "Tell it again" })).toHaveLength(2);
    base.answer(201, {});
    await user.click(within(rows[3]!).getByRole("button", { name: "Tell it again" }));
    await waitFor(() => expect(base.asked.at(-1)?.path).toBe(`/api/base/hook-events/${id(44)}/again`));
  });
});
