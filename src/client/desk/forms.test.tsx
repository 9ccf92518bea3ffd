/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { CrewList } from "./CrewList";
import { HoldDeposit } from "./HoldDeposit";
import { OpenHandover } from "./OpenHandover";
import { ReceiveDeposit } from "./ReceiveDeposit";
import { Allowed } from "./shared/staff";

const router = { refresh: jest.fn(), push: jest.fn() };
jest.mock("next/navigation", () => ({ useRouter: () => router }));

const stay = "00000000-0000-7000-8000-000000000001";
let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
});

describe("holding the deposit", () => {
  const hold = () => screen.getByRole("button", { name: /^Hold/ });
  const keys = () => base.asked.map(({ body }) => (body as { requestKey: string }).requestKey);

  it("asks once with the card that was chosen, and loads the page anew when it is held", async () => {
    const person = drawDesk(<HoldDeposit stayId={stay} amount="€2,500" />);
    base.answer(200, { outcome: "held" });
    await person.click(hold());
    expect(base.asked).toEqual([
      {
        method: "POST",
        path: `/api/stays/${stay}/deposit`,
        body: { requestKey: expect.any(String), card: "approves" },
      },
    ]);
    expect(router.refresh).toHaveBeenCalledTimes(1);
  });

  it("asks again under the same key where no answer came, so that nothing is held twice", async () => {
    const person = drawDesk(<HoldDeposit stayId={stay} amount="€2,500" />);
    await person.click(hold());
    await waitFor(() => expect(screen.getByRole("status")).toHaveTextContent(/connection|signal/i));
    base.answer(200, { outcome: "held" });
    await person.click(hold());
    expect(keys()).toHaveLength(2);
    expect(new Set(keys()).size).toBe(1);
  });

  it("asks under a new key after the card declined", async () => {
    const person = drawDesk(<HoldDeposit stayId={stay} amount="€2,500" />);
    base.answer(200, { outcome: "declined" });
    await person.click(screen.getByRole("radio", { name: "Declines" }));
    await person.click(hold());
    await waitFor(() => expect(screen.getByRole("status")).toHaveTextContent("The card declines."));
    await person.click(hold());
    expect(new Set(keys()).size).toBe(2);
    expect(router.refresh).not.toHaveBeenCalled();
  });

  it("says what the base refuses, in the base's words", async () => {
    const person = drawDesk(<HoldDeposit stayId={stay} amount="€2,500" />);
    base.answer(409, {
      error: {
        code: "already-held",
        message: "The deposit is held already.",
        params: {},
        where: null,
        requestId: stay,
      },
    });
    await person.click(hold());
    await waitFor(() => expect(screen.getByRole("status")).toHaveTextContent("The deposit is held already."));
  });
});

describe("noting what came in of a deposit", () => {
  const part = <ReceiveDeposit stayId={stay} how="transfer" openMinor={300_000} currency="EUR" />;
  const note = () => screen.getByRole("button", { name: "Note as received" });

  it("begins with all that is open, and sends cents and the number of the paper", async () => {
    const person = drawDesk(part);
    expect(screen.getByLabelText("Amount (EUR)")).toHaveValue("3000.00");
    await person.clear(screen.getByLabelText("Amount (EUR)"));
    await person.type(screen.getByLabelText("Amount (EUR)"), "1000,50");
    await person.type(screen.getByLabelText("Reference on the bank statement"), " TR 88 ");
    base.answer(200, { done: true });
    await person.click(note());
    expect(base.asked[0]?.body).toEqual({ requestKey: expect.any(String), amountMinor: 100_050, reference: "TR 88" });
  });

  it.each(["3000.01", "0", "much", "-5", ""])("refuses %j without asking the base", async (amount) => {
    const person = drawDesk(part);
    await person.clear(screen.getByLabelText("Amount (EUR)"));
    if (amount !== "") await person.type(screen.getByLabelText("Amount (EUR)"), amount);
    await person.type(screen.getByLabelText("Reference on the bank statement"), "TR 88");
    await person.click(note());
    expect(screen.getByText(/€3,000.00 at most/)).toBeInTheDocument();
    expect(base.asked).toEqual([]);
  });

  it.each([
    ["amountMinor", "Amount (EUR)"],
    ["/reference", "Reference on the bank statement"],
  ])("marks what the base refuses at %s in its own field, and nowhere else", async (where, label) => {
    const person = drawDesk(part);
    await person.type(screen.getByLabelText("Reference on the bank statement"), "TR 88");
    base.answer(409, { error: { code: "more-than-open", message: "More than is open.", where, params: {} } });
    await person.click(note());
    await waitFor(() => expect(screen.getByLabelText(label)).toHaveAttribute("aria-invalid", "true"));
    expect(screen.getAllByRole("alert").map((alert) => alert.textContent)).toEqual(["More than is open."]);
    expect(screen.getByLabelText(label)).toHaveAccessibleDescription("More than is open.");
  });

  it("says what is about no field of the form beside its button", async () => {
    const person = drawDesk(part);
    await person.type(screen.getByLabelText("Reference on the bank statement"), "TR 88");
    base.answer(409, { error: { code: "more-than-open", message: "It was settled.", where: "/stay", params: {} } });
    await person.click(note());
    await waitFor(() => expect(screen.getByText("It was settled.")).toBeInTheDocument());
    for (const label of ["Amount (EUR)", "Reference on the bank statement"])
      expect(screen.getByLabelText(label)).toHaveAttribute("aria-invalid", "false");
  });

  it("refuses a sum without its number, by which nobody would find it again", async () => {
    const person = drawDesk(part);
    await person.click(note());
    expect(screen.getByText(/Without its number nobody finds it again/)).toBeInTheDocument();
    expect(base.asked).toEqual([]);
  });
});

describe("the crew list", () => {
  const open = async () => {
    const person = drawDesk(<CrewList stayId={stay} aboard={3} crew={[{ name: "Tam", weightKg: 60 }]} />);
    await person.click(screen.getByRole("button", { name: "Crew list" }));
    return person;
  };

  it("has a row for each aboard, and sends those that are filled", async () => {
    const person = await open();
    expect(screen.getAllByLabelText(/^Name/)).toHaveLength(3);
    await person.type(screen.getByLabelText("Name 3"), "Ida");
    await person.type(screen.getByLabelText("Weight 3, kg"), "52");
    base.answer(200, { done: true });
    await person.click(screen.getByRole("button", { name: "Keep the crew list" }));
    expect(base.asked[0]?.body).toEqual({
      crew: [
        { name: "Tam", weightKg: 60 },
        { name: "Ida", weightKg: 52 },
      ],
    });
  });

  it("shows what the skipper told besides, keeps it, and loses nobody named beyond what was agreed", async () => {
    const crew = [
      { name: "Tam", weightKg: 60, swims: true, sailed: "some" as const },
      { name: "Ida", weightKg: 24, isChild: true, speaks: "German", toKnow: "nuts" },
      { name: "Bo", weightKg: 80 },
    ];
    const person = drawDesk(<CrewList stayId={stay} aboard={2} crew={crew} />);
    expect(screen.getAllByRole("listitem").map(({ textContent }) => textContent)).toEqual([
      "Tam: swims · has sailed a few times",
      "Ida: a child · speaks German · nuts",
    ]);
    await person.click(screen.getByRole("button", { name: "Crew list" }));
    await person.clear(screen.getByLabelText("Weight 3, kg"));
    await person.type(screen.getByLabelText("Weight 3, kg"), "82");
    base.answer(200, {});
    await person.click(screen.getByRole("button", { name: "Keep the crew list" }));
    expect(base.asked[0]?.body).toEqual({ crew: [crew[0], crew[1], { name: "Bo", weightKg: 82 }] });
  });

  it.each(["2", "301", "heavy", ""])("names the row whose weight is %j", async (weight) => {
    const person = await open();
    await person.type(screen.getByLabelText("Name 2"), "Ida");
    if (weight !== "") await person.type(screen.getByLabelText("Weight 2, kg"), weight);
    await person.click(screen.getByRole("button", { name: "Keep the crew list" }));
    await screen.findByText("A weight from 3 to 300 kg, please.");
    const field = screen.getByLabelText("Weight 2, kg");
    expect(field).toHaveAttribute("aria-invalid", "true");
    expect(field).toHaveFocus();
    expect(base.asked).toEqual([]);
  });

  it("lists what is wrong in each row", async () => {
    const person = await open();
    await person.type(screen.getByLabelText("Weight 2, kg"), "52");
    await person.type(screen.getByLabelText("Name 3"), "Ida");
    await person.click(screen.getByRole("button", { name: "Keep the crew list" }));
    const list = await screen.findByRole("group", { name: "2 things to mend" });
    expect(within(list).getByRole("button", { name: "Name 2: Add the name." })).toBeInTheDocument();
    expect(
      within(list).getByRole("button", { name: "Weight 3, kg: A weight from 3 to 300 kg, please." }),
    ).toBeVisible();
  });

  it("keeps what was typed where there is no signal", async () => {
    const person = await open();
    await person.type(screen.getByLabelText("Name 2"), "Ida");
    await person.type(screen.getByLabelText("Weight 2, kg"), "52");
    await person.click(screen.getByRole("button", { name: "Keep the crew list" }));
    await waitFor(() => expect(screen.getByText(/connection|signal/i)).toBeInTheDocument());
    expect(screen.getByLabelText("Name 2")).toHaveValue("Ida");
  });

  it("sends the same again under the same key, and what was changed under another", async () => {
    const person = await open();
    await person.type(screen.getByLabelText("Name 2"), "Ida");
    await person.type(screen.getByLabelText("Weight 2, kg"), "52");
    const send = () => person.click(screen.getByRole("button", { name: "Keep the crew list" }));
    await send();
    await send();
    await person.type(screen.getByLabelText("Name 2"), "l");
    await send();
    await waitFor(() => expect(base.onceKeys).toHaveLength(3));
    const [first, again, changed] = base.onceKeys;
    expect(first).toMatch(/^[\w-]{8,80}$/);
    expect([again === first, changed === first]).toEqual([true, false]);
  });
});

describe("opening a handover", () => {
  const button = <OpenHandover stayId={stay} kind="check-in" label="Start the check-in" />;

  it("is not offered to the office, who hands nothing over", () => {
    drawDesk(button, ["office"]);
    expect(screen.queryByRole("button")).not.toBeInTheDocument();
  });

  it("says why the base refuses, and can be tried again", async () => {
    const person = drawDesk(button, ["briefer"]);
    base.answer(409, {
      error: { code: "check-in-open", params: {}, message: "Finish the check-in first.", where: null, requestId: stay },
    });
    await person.click(screen.getByRole("button", { name: "Start the check-in" }));
    await waitFor(() => expect(screen.getByRole("alert")).toHaveTextContent("Finish the check-in first."));
    expect(screen.getByRole("button", { name: "Start the check-in" })).toBeEnabled();
  });
});

describe("what is not everybody's", () => {
  it.each(["briefer", "technician"] as const)("is said to a %s instead of shown", (role) => {
    drawDesk(
      <Allowed action="take-deposit">
        <HoldDeposit stayId={stay} amount="€2,500" />
      </Allowed>,
      [role],
    );
    expect(screen.queryByRole("button")).not.toBeInTheDocument();
    expect(screen.getByText(/office|manager/i)).toBeInTheDocument();
  });

  it.each(["office", "manager"] as const)("is there for the %s", (role) => {
    drawDesk(
      <Allowed action="take-deposit">
        <HoldDeposit stayId={stay} amount="€2,500" />
      </Allowed>,
      [role],
    );
    expect(screen.getByRole("button", { name: /^Hold/ })).toBeEnabled();
  });
});
