import { orderOf, readCount, readLanguage, readMoment, readState, readTime } from "./cells";
import { charterColumns, guessMapping, publishedHeads } from "./columns";
import { headsOf, mappingIn } from "./mappings";

const azores = "Atlantic/Azores";
const day = (text: string, order: "day-first" | "month-first" = "day-first") =>
  readMoment(text, order, azores)?.day ?? null;

describe("a day in a cell", () => {
  it("is read as offices of many countries write it", () => {
    for (const text of [
      "12.06.2027",
      "12/6/27",
      "12-06-2027",
      "2027-06-12",
      "2027/6/12",
      "12 Jun 2027",
      "12. Juni 2027",
      "12-Jun-27",
      "June 12, 2027",
      "Jun 12th 2027",
      "Sat 12.06.2027",
      "Sa., 12.06.2027",
      "Saturday, 12 June 2027",
    ])
      expect([text, day(text)]).toEqual([text, "2027-06-12"]);
    expect(
      ["3 März 2027", "3 Mar 2027", "3 Mai 2027", "3 May 2027", "3 Dez 2027", "3 Okt 27"].map((text) => day(text)),
    ).toEqual(["2027-03-03", "2027-03-03", "2027-05-03", "2027-05-03", "2027-12-03", "2027-10-03"]);
  });

  it("is read by the order that the file has", () => {
    expect([day("3/4/2027"), day("3/4/2027", "month-first")]).toEqual(["2027-04-03", "2027-03-04"]);
    // a year that comes first leaves no doubt
    expect(day("2027-03-04", "month-first")).toBe("2027-03-04");
  });

  it("brings the time that stands behind it", () => {
    expect(readMoment("12.06.2027 17:00", "day-first", azores)).toEqual({ day: "2027-06-12", time: "17:00" });
    expect(readMoment("6/12/2027, 5:30 PM", "month-first", azores)).toEqual({ day: "2027-06-12", time: "17:30" });
    expect(readMoment("2027-06-12T17:00:00", "day-first", azores)).toEqual({ day: "2027-06-12", time: "17:00" });
  });

  it("is told by the base's clock where it has a zone of its own", () => {
    // the Azores keep UTC in summer and an hour less in winter
    expect(readMoment("2027-06-12T00:30:00Z", "day-first", azores)).toEqual({ day: "2027-06-12", time: "00:30" });
    expect(readMoment("2027-12-12T00:30:00Z", "day-first", azores)).toEqual({ day: "2027-12-11", time: "23:30" });
    expect(readMoment("2027-06-12 01:00:00+02:00", "day-first", azores)).toEqual({ day: "2027-06-11", time: "23:00" });
  });

  it("is none where there is no such day", () => {
    for (const text of [
      "31.02.2027",
      "13/13/2027",
      "soon",
      "12.06.",
      "2027",
      "45123",
      "12.06.2027 at noon",
      "12.06.20271",
      "0.6.2027",
      "",
    ])
      expect([text, day(text)]).toEqual([text, null]);
  });
});

describe("the order of days", () => {
  it("is told by a figure above twelve", () => {
    expect(orderOf(["03/04/2027", "14/04/2027"])).toBe("day-first");
    expect(orderOf(["03/04/2027", "04/14/2027"])).toBe("month-first");
    expect(orderOf(["14/04/2027", "04/14/2027"])).toBeNull();
    expect(orderOf(["03/04/2027", "2027-04-14", "14 Apr 2027"])).toBe("either");
  });
});

describe("other cells", () => {
  it("tell a time of day", () => {
    expect(
      ["17:00", "17.00", "1700", "17h", "17 Uhr", "5 pm", "5:00 PM", "17:00:00", "9:05", "12 am", "12 pm"].map(
        readTime,
      ),
    ).toEqual(["17:00", "17:00", "17:00", "17:00", "17:00", "17:00", "17:00", "17:00", "09:05", "00:00", "12:00"]);
    expect(["17", "24:00", "17:60", "13 pm", "noon", ""].map(readTime)).toEqual([null, null, null, null, null, null]);
  });

  it("tell a count", () => {
    expect(["6", "6.0", "6,00", "6 persons", "0", "6.5", "six", "-2"].map(readCount)).toEqual([
      6,
      6,
      6,
      6,
      0,
      null,
      null,
      null,
    ]);
  });

  it("tell whether a charter takes place, and its language", () => {
    expect(["", "Confirmed", "STORNIERT", "Annulé", "canceled", "no-show"].map(readState)).toEqual([
      null,
      "on",
      "cancelled",
      "cancelled",
      "cancelled",
      "cancelled",
    ]);
    expect(["de", "German", "DE-at", "English", "fr", ""].map(readLanguage)).toEqual([
      "de",
      "de",
      "de",
      "en",
      null,
      null,
    ]);
  });
});

describe("the columns of a file", () => {
  it("are found by the heads that the base itself writes", () => {
    const heads = charterColumns.map((column) => publishedHeads[column]);
    expect(guessMapping(heads)).toEqual(Object.fromEntries(charterColumns.map((column, place) => [column, place])));
  });

  it("are found by foreign heads, each taken once", () => {
    expect(guessMapping(["Buchungsnr.", "Boot", "Von", "Bis", "Kunde", "E-Mail", "Personen", "Bemerkung"])).toEqual({
      yacht: 1,
      fromDay: 2,
      toDay: 3,
      charterer: 4,
      chartererEmail: 5,
      aboard: 6,
    });
    expect(guessMapping(["Booking No.", "Vessel", "Start date", "End date", "Client", "Status"])).toEqual({
      reference: 0,
      yacht: 1,
      fromDay: 2,
      toDay: 3,
      charterer: 4,
      state: 5,
    });
    expect(guessMapping(["Yacht", "Yacht"])).toEqual({ yacht: 0 });
  });

  it("are kept by name and found again in another order, or not at all", () => {
    const kept = {
      name: "Office",
      columns: headsOf({ reference: 0, yacht: 2 }, ["No", "x", "Böat"]),
      order: "day-first" as const,
    };
    expect(kept.columns).toEqual({ reference: "No", yacht: "Böat" });
    expect(mappingIn(kept, ["boat", "no"])).toEqual({ reference: 1, yacht: 0 });
    expect(mappingIn(kept, ["vessel", "no"])).toBeNull();
  });
});
