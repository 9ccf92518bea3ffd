/** @jest-environment ./src/testing/browser-environment.cjs */
import { cleanup, screen, waitFor, within } from "@testing-library/react";
import type { OutMessage } from "@/api/schemas/messages";
import { languages } from "@/core/basics/languages";
import { messageKinds } from "@/core/messages/kinds";
import { usualMessages } from "@/core/messages/template";
import { usualMessageWords } from "@/messages/message-words";
import { id } from "@/testing/records";
import { drawDesk, wire } from "@/testing/screen";
import { CharterMessages } from "./CharterMessages";
import type { MessagesOfBase } from "./messages-of-base";
import { MessagesTab } from "./MessagesTab";
import { NotSent } from "./NotSent";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));
afterEach(cleanup);

const zone = "Atlantic/Azores";
const message = (change: Partial<OutMessage> = {}): OutMessage => ({
  id: id(1),
  kind: "what-to-bring",
  way: "mail",
  stayId: id(2),
  toName: "Tove Ellery",
  toAddress: "tove@ellery.example",
  subject: "Heron: what to bring",
  words: "Bring shoes.",
  at: "2027-06-05T09:00:00.000Z",
  state: "sent",
  stateAt: "2027-06-05T09:01:00.000Z",
  detail: "250 OK",
  openedAt: null,
  ...change,
});
const drawCharter = (messages: OutMessage[], roles: Parameters<typeof drawDesk>[1] = ["office"]) =>
  drawDesk(<CharterMessages stayId={id(3)} messages={messages} stays={null} timeZone={zone} />, roles);

describe("what was written to a crew", () => {
  it("says how far each has come, and never that it was read without knowing", () => {
    drawCharter([
      message(),
      message({ id: id(2), kind: "book-link", subject: "Boat book" }),
      message({ id: id(3), kind: "book-link", openedAt: "2027-06-06T10:00:00.000Z" }),
      message({ id: id(4), toAddress: null, state: "no-address" }),
    ]);
    const rows = screen.getAllByRole("listitem").map((row) => row.textContent);
    expect(rows[0]).toContain("sent, 5 Jun 2027, 09:01; not asked whether it was read");
    expect(rows[1]).toContain("boat book not opened yet");
    expect(rows[2]).toContain("boat book opened 6 Jun 2027, 10:00");
    expect(rows[3]).toContain("To Tove Ellery: no mail address on file.");
    expect(screen.queryByRole("button", { name: "Send again" })).toBeNull();
  });

  it("lets what is unclear or given up be sent again, with what the server said", async () => {
    const base = wire();
    base.answer(201, {});
    const user = drawCharter([message({ state: "given-up", detail: "550 no such mailbox" })]);
    expect(screen.getByText("The server said: 550 no such mailbox")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Send again" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]).toMatchObject({ method: "POST", path: `/api/messages/${id(1)}/again` });
  });

  it("is read by a technician, who writes nothing", () => {
    drawCharter([message({ state: "unclear" })], ["technician"]);
    expect(screen.getByText(/may have arrived/)).toBeInTheDocument();
    expect(screen.queryByRole("button")).toBeNull();
  });
});

describe("writing to a crew", () => {
  it("shows what they will read before it goes, and what of link and PIN stayed in the house", async () => {
    const base = wire();
    base.answer(200, {
      way: "mail",
      language: "de",
      leaves: true,
      to: [{ name: "Aldo Merrin", address: "aldo@merrin.example" }],
      subject: "Ihr Bordbuch",
      words: "Hier: {link}",
    });
    const user = drawCharter([]);
    expect(screen.getByText("Nothing has been written to this crew yet.")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Write to the crew" }));
    const dialog = within(await screen.findByRole("dialog"));
    expect(await dialog.findByText("By mail, in German")).toBeInTheDocument();
    expect(dialog.getByText("Hier: (the boat book’s address)")).toBeInTheDocument();
    base.answer(201, {
      written: [
        { kind: "book-link", name: "Aldo Merrin", state: "queued" },
        { kind: "book-pin", name: "Aldo Merrin", state: "simulated" },
      ],
      link: null,
      pin: "405162",
    });
    await user.click(dialog.getByRole("button", { name: "Send" }));
    expect(await screen.findByText("405162")).toBeInTheDocument();
    expect(screen.getByText(/best by telephone/)).toBeInTheDocument();
    expect(screen.queryByText(/The link did not leave/)).toBeNull();
    expect(base.asked.at(-1)).toMatchObject({
      path: `/api/stays/${id(3)}/messages/link`,
    });
  });
});

const usual = Object.fromEntries(
  messageKinds.map((kind) => [
    kind,
    Object.fromEntries(languages.map((language) => [language, usualMessageWords(kind, language)])),
  ]),
) as MessagesOfBase["usual"];
const drawTab = (roles: Parameters<typeof drawDesk>[1] = ["office"], change: Partial<MessagesOfBase> = {}) =>
  drawDesk(
    <MessagesTab
      messages={usualMessages}
      number={2}
      last={{ by: "Odile Varn", at: "2027-06-01T09:00:00Z" }}
      usual={usual}
      charters={[]}
      stays="simulated"
      timeZone={zone}
      {...change}
    />,
    roles,
  );

describe("what the base writes", () => {
  it("is told with when it goes, and that nothing leaves a house without a mail server", () => {
    drawTab(["briefer"], { messages: { words: {}, byHandOnly: ["due-back"] } });
    expect(screen.getByText("No mail server is set up: nothing leaves this machine.")).toBeInTheDocument();
    expect(
      screen.getByRole("row", { name: /What to bring by itself, 7 days before the start, in the morning/ }),
    ).toBeInTheDocument();
    expect(screen.getByRole("row", { name: /Due back tomorrow when somebody sends it/ })).toBeInTheDocument();
    expect(screen.queryByRole("button")).toBeNull();
  });

  it("is kept in the base's words where they differ, and refused with what is wrong at its field", async () => {
    const base = wire();
    const user = drawTab();
    await user.click(screen.getByRole("button", { name: "Change Reminder of the study" }));
    const dialog = within(await screen.findByRole("dialog"));
    const words = dialog.getByLabelText("Words");
    await user.clear(words);
    await user.type(words, "Study, {{nmae}!");
    await user.click(dialog.getByRole("button", { name: "Save" }));
    expect((await dialog.findAllByText(/The charter has no \{nmae\}/)).length).toBeGreaterThan(0);
    expect(base.asked).toHaveLength(0);
    await user.clear(words);
    await user.type(words, "Study, ");
    await user.click(dialog.getByRole("button", { name: "Put in the guest’s name" }));
    await user.click(dialog.getByRole("checkbox", { name: "Goes by itself" }));
    base.answer(201, {});
    await user.click(dialog.getByRole("button", { name: "Save" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toEqual({
      onNumber: 2,
      messages: {
        words: { "study-reminder": { en: { subject: usual["study-reminder"].en.subject, words: "Study, {name}" } } },
        byHandOnly: ["study-reminder"],
      },
    });
  });

  it("is the usual again where nothing of it differs", async () => {
    const base = wire();
    base.answer(201, {});
    const own = { "due-back": { en: { subject: "Back", words: "Come back, {name}" } } };
    const user = drawTab(["manager"], { messages: { words: own, byHandOnly: [] } });
    expect(screen.getByRole("row", { name: /Back own, in one language/ })).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Change Due back tomorrow" }));
    const dialog = within(await screen.findByRole("dialog"));
    await user.click(dialog.getByRole("button", { name: "Back to the usual words" }));
    await user.click(dialog.getByRole("button", { name: "Save" }));
    await waitFor(() => expect(base.asked).toHaveLength(1));
    expect(base.asked[0]?.body).toEqual({ onNumber: 2, messages: { words: {}, byHandOnly: [] } });
  });
});

it("under Health stands what waits and what did not go out", () => {
  drawDesk(
    <NotSent
      waiting={{ count: 2, since: "2027-06-12T08:00:00.000Z" }}
      notSent={[message({ state: "failed" })]}
      stays={null}
      timeZone={zone}
    />,
  );
  expect(screen.getByText("2 messages wait, the first since 12 Jun 2027, 08:00.")).toBeInTheDocument();
  expect(screen.getByText(/not sent yet; tried again by itself/)).toBeInTheDocument();
});
