import { usualRules } from "@/core/base/rules";
import { currentRules, rulesHistory, addRules } from "../db/base-rules";
import { demoBase } from "@/testing/demo-base";
import { AboardBook, BoatBook } from "@/api/schemas/book";
import { mismatch } from "@/formats/validate";
import { yachtByCode } from "./aboard";
import { boatBook } from "./boat-book";

const base = demoBase("book");
const bookOf = async (reference: string) => {
  const [charter] = await base.asOwner<{ id: string }>("select id from charter where reference = $1", [reference]);
  return base.inBase((db) => boatBook(db, charter?.id ?? ""));
};

describe("the boat book", () => {
  it("has the form that the device checks", async () => {
    for (const reference of ["BR-1041", "BR-1046", "BR-1052", "BR-1058", "BR-1050"])
      expect(mismatch(BoatBook, await bookOf(reference))).toBeNull();
  });

  it("shows yacht and dates before anything is signed", async () => {
    const book = await bookOf("BR-1058");
    expect(book).toMatchObject({
      reference: "BR-1058",
      skipper: "Jory Fenn",
      handovers: [],
      settlement: null,
      yacht: { name: "Pale Heron", berth: "A4" },
      stay: { aboard: 4 },
    });
    expect(Object.keys(book.yacht.file.places)).toHaveLength(20);
  });

  it("shows first what was noted, in the words of both", async () => {
    const [checkIn] = (await bookOf("BR-1052")).handovers;
    expect(checkIn?.sealedAt).not.toBeNull();
    expect(checkIn?.noted.map((each) => [each.name, each.words])).toEqual(
      expect.arrayContaining([
        [expect.stringContaining("Mainsail"), expect.stringContaining("wind on the quay")],
        [expect.stringContaining("Fridge"), expect.stringContaining("slow to get cold")],
        [expect.stringContaining("canvas"), expect.stringContaining("Bimini zip stiff, known.")],
      ]),
    );
    expect(checkIn?.noted.some((each) => /winch/i.test(each.name))).toBe(false);
  });

  it("says of a handover that is not signed only that it has begun", async () => {
    const [checkIn] = (await bookOf("BR-1059")).handovers;
    expect(checkIn).toMatchObject({ kind: "check-in", sealedAt: null, seal: null, noted: [] });
  });

  it("says what was settled", async () => {
    // BR-1046: a fender of 39.00, 26 of 60 months old, 34/60 of it is 22.10; a repair of 180.00; 22 l × 1.89 + 35.00 = 76.58
    expect((await bookOf("BR-1046")).settlement).toMatchObject({
      dueMinor: 2210 + 18000 + 7658,
      heldMinor: 0,
      releaseMinor: 250000 - 27868,
    });
  });
});

describe("walking alone", () => {
  const settle = (onNumber: number, walkAlone: boolean, person: string) =>
    base.inBase((db) =>
      addRules(db, onNumber, { ...usualRules, walkAlone }, "three at one hour", person, "2027-06-12T10:12:00.000Z"),
    );

  it("is closed until the base allows it; what else stands against it is told, and nothing once she is handed over", async () => {
    const senna = await base.person("Senna Ruhl");
    expect((await bookOf("BR-1060")).notAlone).toEqual(["base-rule"]);
    expect(await settle(0, true, senna)).toBe(true);
    // Runa Sedgeley has told and answered all, but Cold Harbour's check-out of this morning is not signed; Quillback's is
    expect((await bookOf("BR-1060")).notAlone).toEqual(["yacht-out"]);
    expect((await bookOf("BR-1059")).notAlone).toEqual(["no-experience", "checks-open"]);
    expect((await bookOf("BR-1058")).notAlone).toEqual(["yacht-out", "no-experience", "checks-open"]);
    expect((await bookOf("BR-1052")).notAlone).toBeNull();
  });

  it("rules are never settled over a change that was not seen, and every change stays", async () => {
    const senna = await base.person("Senna Ruhl");
    expect(await settle(0, false, senna)).toBe(false);
    expect(await settle(1, false, senna)).toBe(true);
    const history = await base.inBase(rulesHistory);
    expect(history.map((each) => [each.number, each.rules.walkAlone, each.by])).toEqual([
      [2, false, "Senna Ruhl"],
      [1, true, "Senna Ruhl"],
    ]);
    expect(await base.inBase(currentRules)).toMatchObject({ number: 2, rules: { walkAlone: false } });
    await expect(base.asOwner("update base_rules set why = 'x'")).rejects.toThrow("is refused");
  });
});

describe("the code posted aboard", () => {
  it("opens plan, places and cards, in capitals or not, and nothing personal", async () => {
    const book = await yachtByCode("heron-7k2");
    expect(mismatch(AboardBook, book)).toBeNull();
    expect(book.yacht.name).toBe("Pale Heron");
    expect(Object.keys(book.yacht.file.emergencyCards).length).toBeGreaterThanOrEqual(3);
    expect(JSON.stringify(book)).not.toMatch(/Fenn|Ellery|Tessen|BR-10|brinecove\.example/);
  });

  it("slows down who guesses", async () => {
    const guess = (code: string) => expect(yachtByCode(code)).rejects;
    for (let i = 0; i < 10; i++) await guess("ZZ-1").toMatchObject({ status: 404, code: "no-such-yacht-code" });
    await guess("ZZ-1").toMatchObject({ status: 429 });
    // another code is looked at all the same, until there were too many of them in all
    expect((await yachtByCode("HERON-7K2")).yacht.name).toBe("Pale Heron");
    for (let i = 0; i < 300; i++) await yachtByCode(`YY-${i}`).catch(() => undefined);
    // also the right one, so that an answer tells nothing
    await guess("HERON-7K2").toMatchObject({ status: 429 });
  });
});
