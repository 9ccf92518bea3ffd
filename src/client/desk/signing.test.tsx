/** @jest-environment ./src/testing/browser-environment.cjs */
import { screen, waitFor, within } from "@testing-library/react";
import type { UserEvent } from "@testing-library/user-event";
import { settlementOf, stayOf } from "@/testing/desk";
import { id } from "@/testing/records";
import { drawDesk, wire, type Wire } from "@/testing/screen";
import { SettlementBoard } from "./SettlementBoard";
import { SettlementSigning } from "./SettlementSigning";

jest.mock("next/navigation", () => ({ useRouter: () => ({ refresh: jest.fn(), push: jest.fn() }) }));

const me = { person: id(905), name: "Senna Ruhl" };
const closed = jest.fn();
let base: Wire;
beforeEach(() => {
  jest.clearAllMocks();
  base = wire();
  base.answer(200, { seal: "a".repeat(64) });
});
const tap = (name: string | RegExp) => screen.getByRole("button", { name });
const pad = (title: RegExp) => screen.getByRole("group", { name: title });
const draw = (view = settlementOf()) => drawDesk(<SettlementSigning screen={view} me={me} onClose={closed} />);
const typeName = async (person: UserEvent, title: RegExp, name: string) => {
  await person.click(within(pad(title)).getByRole("button", { name: "Type the name instead" }));
  await person.type(within(pad(title)).getByLabelText("Name, typed as signature"), name);
};
interface Sent {
  digest: string;
  words: string[];
  signatures: { side: string; person: string; how: string }[];
  contents: Record<string, { name: string }>;
  without: unknown;
  reservations: unknown[];
}
const sent = () => base.asked.at(-1)?.body as Sent;

describe("signing a statement", () => {
  it("shows the lines that cost something and the sums, and no line that costs nothing", () => {
    draw();
    expect(screen.getByText("Fender, large").parentElement).toHaveTextContent("Fender, large: €22.10 charged");
    expect(screen.queryByText(/wear, no charge/)).not.toBeInTheDocument();
    expect(screen.getByText(/^Due:/)).toHaveTextContent("Due: €22.10 · Held until cleared up: €180.50");
    expect(screen.getByText(/What is held keeps the hold open/)).toBeInTheDocument();
    expect(screen.getByText("The card terminal is simulated: no money moves.")).toBeInTheDocument();
  });

  it("says that nothing is due where nothing is", () => {
    const none = { lines: [], dueMinor: 0, heldMinor: 0, captureMinor: 0, releaseMinor: 250_000, stillToPayMinor: 0 };
    draw(settlementOf({ output: none }));
    expect(screen.getByText("Nothing is due and nothing is held.")).toBeInTheDocument();
    expect(screen.queryByText(/What is held keeps/)).not.toBeInTheDocument();
  });

  it("sends nothing while a signature is blank, and says which", async () => {
    const person = draw();
    await typeName(person, /^For the base/, "Senna Ruhl");
    await person.click(tap("Seal the statement"));
    expect(base.asked).toEqual([]);
    expect(within(pad(/^For the base/)).queryByRole("alert")).not.toBeInTheDocument();
    expect(within(pad(/^Charterer/)).getByRole("alert")).toHaveTextContent("The signature is blank.");
  });

  it("seals what was read: the digest, every word, both signatures, and reservations that say something", async () => {
    const person = draw();
    await person.type(screen.getByLabelText("Reservation, in your own words: Fender, large"), "  it was torn ");
    await person.type(screen.getByLabelText("Reservation, in your own words: Sprayhood"), "   ");
    await typeName(person, /^For the base: Senna Ruhl/, "Senna Ruhl");
    await typeName(person, /^Charterer: Bo Marrick/, "Bo Marrick");
    await person.click(tap("Seal the statement"));
    expect(base.asked.at(-1)).toMatchObject({ method: "POST", path: `/api/stays/${id(902)}/settlement` });
    const { digest, words, signatures, contents, without, reservations } = sent();
    expect(digest).toBe("d".repeat(64));
    expect(words).toEqual([
      "Fender, large: €22.10 charged",
      "Sprayhood: €180.50 held",
      "wear: wear, no charge",
      "Due: €22.10",
      "From the deposit: €22.10",
      "Held until cleared up: €180.50",
      "Given back: €2,297.40",
      "Still to pay: €0.00",
    ]);
    expect(signatures).toMatchObject([
      { side: "base", person: id(905), how: "typed" },
      { side: "skipper", person: id(904), how: "typed" },
    ]);
    expect([contents.base?.name, contents.skipper?.name]).toEqual(["Senna Ruhl", "Bo Marrick"]);
    expect([without, reservations]).toEqual([null, [{ line: "missing:count:fender", words: "it was torn" }]]);
    await waitFor(() => expect(closed).toHaveBeenCalledTimes(1));
  });

  it("stays open with the base's words where the sums have changed meanwhile", async () => {
    const person = draw();
    await typeName(person, /^For the base/, "Senna Ruhl");
    await typeName(person, /^Charterer/, "Bo Marrick");
    base.answer(409, { error: { code: "stale", message: "The sums have changed since they were read." } });
    await person.click(tap("Seal the statement"));
    expect(await screen.findByText("The sums have changed since they were read.")).toBeInTheDocument();
    expect(closed).not.toHaveBeenCalled();
  });

  it("needs a reason and a witness where the charterer does not sign, and takes no reservations then", async () => {
    const person = draw();
    await person.click(tap("Not there"));
    expect(screen.queryByLabelText(/^Reservation/)).not.toBeInTheDocument();
    await typeName(person, /^For the base/, "Senna Ruhl");
    await typeName(person, /^Witness/, "Ilko Brandt");
    await person.click(tap("Seal the statement"));
    expect(screen.getByText("Say why they do not sign, and who is the witness.")).toBeInTheDocument();
    expect(base.asked).toEqual([]);
    await person.type(screen.getByLabelText("Why, in a few words"), " left for the airport ");
    await person.type(screen.getByLabelText("Name of the witness"), "Ilko Brandt");
    await person.click(tap("Seal the statement"));
    const { words, signatures, contents, without } = sent();
    expect(words.at(-1)).toBe(
      "The charterer was not there: “left for the airport”. This is how the yacht was found today. Witness: Ilko Brandt.",
    );
    expect(signatures.map(({ side }) => side)).toEqual(["base", "witness"]);
    // a witness is nobody the base knows: the id is made up, never the charterer's
    expect(signatures[1]?.person).not.toBe(id(904));
    expect(Object.keys(contents).sort()).toEqual(["base", "witness"]);
    expect(without).toEqual({ reason: "absent", words: "left for the airport" });
  });

  it("wipes what the charterer signed when somebody else signs instead", async () => {
    const person = draw(settlementOf({ stay: stayOf({ authority: "mail of 2 June" }) }));
    await typeName(person, /^For the base/, "Senna Ruhl");
    await typeName(person, /^Charterer/, "Bo Marrick");
    await person.click(screen.getByRole("radio", { name: "Skipper, with written authority: Isa Calder" }));
    expect(
      screen.getByText("Isa Calder signs for Bo Marrick by the written authority “mail of 2 June”."),
    ).toBeInTheDocument();
    await person.click(tap("Seal the statement"));
    expect(base.asked).toEqual([]);
    await typeName(person, /^Skipper, with written authority: Isa Calder/, "Isa Calder");
    await person.click(tap("Seal the statement"));
    expect(sent().signatures[1]).toMatchObject({ side: "skipper", person: id(903) });
    expect(sent().words.at(-1)).toContain("Isa Calder signs for Bo Marrick");
  });

  it("offers the skipper's signature only where written authority was seen", () => {
    draw();
    expect(screen.queryByRole("radio", { name: /^Skipper, with written authority/ })).not.toBeInTheDocument();
  });
});

describe("what it comes to", () => {
  const board = (change: Parameters<typeof settlementOf>[0], roles?: Parameters<typeof drawDesk>[1]) =>
    drawDesk(<SettlementBoard screen={settlementOf({ items: [], ...change })} me={me} />, roles);
  const sums = () => screen.getByRole("complementary", { name: "What it comes to" });

  it("tells what the crew said was wrong under way, before anything is charged", () => {
    board({
      troubles: [
        {
          ...{ id: id(71), title: { en: "The windlass does nothing" }, found: { en: "It has tripped" } },
          ...{ begunAt: "2027-06-11T20:00:00.000Z", outcome: "lives-with", said: ["In Sallow Pool"], answer: null },
        },
      ],
    });
    expect(screen.getByRole("region", { name: "What the skipper told before the check-out" })).toHaveTextContent(
      /The windlass does nothing · they lived with it.*It has tripped.*The crew: In Sallow Pool/,
    );
  });

  it("is not signed while something is undecided", () => {
    board({ undecided: 2 });
    expect(sums()).toHaveTextContent("2 still to decide");
    expect(within(sums()).getByRole("button", { name: "Read it and sign" })).toBeDisabled();
  });

  it("says between which sums it will lie until every price is fixed, and what the waiver leaves out", () => {
    board({
      range: { lowMinor: 2210, highMinor: 20260 },
      stay: stayOf({
        terms: {
          deposit: { amountMinor: 250_000, how: "card-hold" },
          waiver: { excessMinor: 50_000, excludes: ["below water"] },
        } as never,
      }),
    } as never);
    expect(sums()).toHaveTextContent("Once every price is fixed, due between €22.10 and €202.60.");
    expect(sums()).toHaveTextContent("Waiver: at most €500.00 for what it covers");
  });

  it("once signed, shows the sums that were signed and every movement of the deposit", () => {
    const { output } = settlementOf();
    board({
      output: { ...output, dueMinor: 99_999 },
      signed: { sealedAt: "2027-06-19T11:00:00.000Z", output } as never,
      deposit: [
        { kind: "released", at: "2027-06-19T11:01:00.000Z", amountMinor: 229_740, reference: "SIM-2" } as never,
      ],
    });
    expect(sums()).toHaveTextContent("Signed 19 Jun 2027, 11:00");
    expect(sums()).toHaveTextContent("Due€22.10");
    expect(sums()).toHaveTextContent(/€2,297\.40 given back SIM-2/);
    expect(within(sums()).queryByRole("button", { name: "Read it and sign" })).not.toBeInTheDocument();
  });

  it("is signed by the manager, not by the technician", () => {
    board({}, ["technician"]);
    expect(within(sums()).queryByRole("button", { name: "Read it and sign" })).not.toBeInTheDocument();
  });
});
