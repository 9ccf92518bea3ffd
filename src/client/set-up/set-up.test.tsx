/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor } from "@testing-library/react";
import { drawDesk, wire } from "@/testing/screen";
import { SetUp } from "./SetUp";
import { setUpFault, typedBefore, type SetUpField } from "./steps";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
afterEach(() => {
  cleanup();
  localStorage.clear();
});

describe("what is said against a field", () => {
  it.each<[SetUpField, string, string | null]>([
    ["base/name", "  ", "missing"],
    ["channel", "", null],
    ["channel", "72a", null],
    ["channel", "sixteen", "channel"],
    ["phone", "+000 555 0142", null],
    ["phone", "ask Odile", "phone"],
    ["email", "hale@tarn", null],
    ["email", "hale", "email"],
    ["password", "eleven char", "password"],
    ["password", "twelve chars", null],
  ])("%s %j: %s", (field, value, fault) => {
    expect(setUpFault(field, { ...typedBefore(), [field]: value })).toBe(fault);
  });
});

describe("setting up a base", () => {
  const next = () => screen.getByRole("button", { name: "Next" });
  const title = () => screen.getByRole("heading", { level: 1 });

  it("asks one thing at a time, keeps what was typed but no secret, and sends all of it at the end", async () => {
    const base = wire();
    base.answer(200, {});
    const user = drawDesk(<SetUp />);
    await user.type(screen.getByLabelText(/^Code/), "AAAA-BBBB-CCCC");
    await user.click(next());
    await waitFor(() => expect(title()).toHaveTextContent("What is your base called?"));
    expect(base.asked[0]).toMatchObject({ path: "/api/set-up/code", body: { code: "AAAA-BBBB-CCCC" } });
    await user.type(screen.getByLabelText("Name of the base"), "Tarn Quay");
    await user.click(next());
    expect(screen.getByText("Write this down, please.")).toBeInTheDocument();
    await user.type(screen.getByLabelText("Quay and place"), "North mole");
    await user.click(next());
    // what this device is set to is chosen, whether the list names it or not
    expect(screen.getByLabelText("Time zone")).toHaveValue(Intl.DateTimeFormat().resolvedOptions().timeZone);
    await user.selectOptions(screen.getByLabelText("Currency"), "GBP");
    await user.click(next());
    await user.type(screen.getByLabelText("Telephone, with country code"), "+000 555 0199");
    await user.type(screen.getByLabelText("Radio channel, if you listen on one"), "9a");
    await user.click(screen.getByLabelText("German"));
    await user.click(next());
    await user.type(screen.getByLabelText("Your name"), "Hale Orrin");
    await user.type(screen.getByLabelText("Your e-mail"), "hale@tarn.example");
    await user.type(screen.getByLabelText(/^Password/), "ladder copper mist");
    const kept = localStorage.getItem("brinecove-set-up") ?? "";
    expect(kept).toContain("Tarn Quay");
    expect(kept).not.toMatch(/AAAA|ladder/);
    base.answer(422, {
      error: { code: "no-such-currency", message: "There is no such currency.", where: "/base/currency" },
    });
    await user.click(screen.getByRole("button", { name: "Make the base" }));
    // what the base refuses is said where it is asked
    await waitFor(() => expect(title()).toHaveTextContent("Which time and which money?"));
    expect(screen.getByText("There is no such currency.")).toBeInTheDocument();
    expect(base.asked[1]?.body).toMatchObject({
      code: "AAAA-BBBB-CCCC",
      base: { name: "Tarn Quay", currency: "GBP", languages: ["en", "de"], channel: "9A" },
      manager: { name: "Hale Orrin", email: "hale@tarn.example", password: "ladder copper mist" },
    });
    // and one stays there while it is mended
    await user.selectOptions(screen.getByLabelText("Currency"), "EUR");
    expect(title()).toHaveTextContent("Which time and which money?");
    expect(screen.queryByText("There is no such currency.")).toBeNull();
  });

  it("does not go on with a wrong code", async () => {
    const base = wire();
    base.answer(401, { error: { code: "set-up-wrong", message: "This is not the code.", where: "code" } });
    const user = drawDesk(<SetUp />);
    await user.type(screen.getByLabelText(/^Code/), "GUESS");
    await user.click(next());
    expect(await screen.findByText("This is not the code.")).toBeInTheDocument();
    expect(title()).toHaveTextContent("Set up your base");
  });
});
