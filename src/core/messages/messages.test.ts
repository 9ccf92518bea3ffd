import fc from "fast-check";
import { dueMessages, type RemindedStay } from "./due";
import { fill, templateFaults } from "./fill";
import { kindsOfMessage, namesOf } from "./kinds";
import { isOver, maySendAgain, messageStates, stateAfter, type Attempt } from "./state";

describe("filling words in", () => {
  it("puts values in the place of names, and leaves what has none", () => {
    expect(fill("{yacht} for {name}: { link }", { yacht: "Heron", name: "Ada" })).toBe("Heron for Ada: { link }");
  });

  it("never takes a value for a name, whatever a guest is called", () => {
    fc.assert(
      fc.property(fc.string(), (name) => {
        const said = fill("{name} opens {link}", { name });
        expect(fill(said, { link: "SECRET" }).split("SECRET")).toHaveLength(2 + name.split("SECRET").length - 1);
      }),
    );
    expect(fill(fill("{name}: {link}", { name: "{link}" }), { link: "s" })).toBe("(link): s");
  });

  it("knows no name that objects have of themselves", () => {
    expect(fill("{constructor} {__proto__}", {})).toBe("{constructor} {__proto__}");
  });
});

describe("the words of a kind", () => {
  it("are refused with a name that has no value, without one that must be there, with a secret in the subject, with a brace alone", () => {
    expect(templateFaults("book-link", { subject: "{link}", words: "Hello {nmae}" })).toEqual([
      { what: "unknown-name", name: "nmae" },
      { what: "name-missing", name: "link" },
      { what: "secret-in-subject", name: "link" },
    ]);
    expect(templateFaults("due-back", { subject: "Back", words: "{yacht" })).toEqual([
      { what: "stray-brace", name: "{" },
    ]);
    expect(templateFaults("due-back", { subject: "Back", words: "yacht}" })).toEqual([
      { what: "stray-brace", name: "}" },
    ]);
    expect(templateFaults("due-back", { subject: "Back", words: "{pin}" })).toEqual([
      { what: "unknown-name", name: "pin" },
    ]);
  });

  it("keep link and PIN apart", () => {
    expect(namesOf("book-link")).not.toContain("pin");
    expect(namesOf("book-pin")).not.toContain("link");
    expect(kindsOfMessage["book-link"].way).not.toBe(kindsOfMessage["book-pin"].way);
  });
});

describe("what an attempt makes of a message", () => {
  const sent: Attempt = { outcome: "sent", detail: "" };
  const refused = (isFinal: boolean): Attempt => ({ outcome: "refused", isFinal, detail: "" });
  const broken = (handedOver: boolean): Attempt => ({ outcome: "broken", handedOver, detail: "" });
  it.each([
    [sent, 1, "sent"],
    [sent, 10, "sent"],
    [refused(true), 1, "given-up"],
    [refused(false), 9, "failed"],
    [refused(false), 10, "given-up"],
    [broken(false), 1, "failed"],
    [broken(false), 10, "given-up"],
    // it may have arrived: never tried again by itself
    [broken(true), 1, "unclear"],
    [broken(true), 10, "unclear"],
  ] as const)("%j at attempt %d of 10: %s", (outcome, attempt, state) => {
    expect(stateAfter(outcome, attempt, 10)).toBe(state);
  });

  it("lets a person send again only what is over and did not surely arrive", () => {
    expect(messageStates.filter(maySendAgain)).toEqual(["given-up", "unclear"]);
    expect(messageStates.filter((state) => !isOver(state))).toEqual(["queued", "sending", "failed"]);
  });
});

describe("what is due by itself", () => {
  // Saturday to Saturday, out at 17:00 and back at 09:00; the Azores are at UTC in summer
  const stay: RemindedStay = {
    startsAt: "2027-06-19T17:00:00.000Z",
    endsAt: "2027-06-26T09:00:00.000Z",
    hasStudied: false,
    isHandedOver: false,
    isBack: false,
    sent: [],
  };
  const zone = "Atlantic/Azores";
  const due = (at: string, change: Partial<RemindedStay> = {}, byHandOnly: Parameters<typeof dueMessages>[3] = []) =>
    dueMessages({ ...stay, ...change }, at, zone, byHandOnly);

  it.each([
    ["2027-06-12T08:59:00.000Z", []],
    ["2027-06-11T12:00:00.000Z", []],
    ["2027-06-12T09:00:00.000Z", ["what-to-bring"]],
    ["2027-06-17T09:00:00.000Z", ["what-to-bring", "study-reminder"]],
    ["2027-06-17T19:59:00.000Z", ["what-to-bring", "study-reminder"]],
    // nobody is woken
    ["2027-06-17T20:00:00.000Z", []],
    ["2027-06-18T03:00:00.000Z", []],
    // once it has begun, nothing is said of its beginning
    ["2027-06-19T17:00:00.000Z", []],
  ])("at %s: %j", (at, kinds) => {
    expect(due(at)).toEqual(kinds);
  });

  it("says nothing twice, nothing that the base sends by hand, and does not ask who has studied to study", () => {
    expect(due("2027-06-17T09:00:00.000Z", { sent: ["what-to-bring"] })).toEqual(["study-reminder"]);
    expect(due("2027-06-17T09:00:00.000Z", {}, ["study-reminder"])).toEqual(["what-to-bring"]);
    expect(due("2027-06-17T09:00:00.000Z", { hasStudied: true })).toEqual(["what-to-bring"]);
  });

  it("speaks of coming back to who is out, from the morning before", () => {
    const out = { isHandedOver: true };
    expect(due("2027-06-24T12:00:00.000Z", out)).toEqual([]);
    expect(due("2027-06-25T09:00:00.000Z", out)).toEqual(["due-back"]);
    expect(due("2027-06-25T09:00:00.000Z")).toEqual([]);
    expect(due("2027-06-25T09:00:00.000Z", { ...out, isBack: true })).toEqual([]);
    expect(due("2027-06-26T09:30:00.000Z", out)).toEqual([]);
  });

  it("goes by the base's own clock, where its day begins elsewhere", () => {
    // 09:00 in Auckland on 17 June is 21:00 on the 16th at UTC
    const far = { startsAt: "2027-06-19T05:00:00.000Z", endsAt: "2027-06-26T05:00:00.000Z" };
    expect(dueMessages({ ...stay, ...far }, "2027-06-16T21:00:00.000Z", "Pacific/Auckland", [])).toEqual([
      "what-to-bring",
      "study-reminder",
    ]);
    expect(dueMessages({ ...stay, ...far }, "2027-06-16T20:00:00.000Z", "Pacific/Auckland", [])).toEqual([]);
  });
});
