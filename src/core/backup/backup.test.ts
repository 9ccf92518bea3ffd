import { isBackupDue, isBackupOld } from "./due";
import { outlivedBackups, type KeptBackup } from "./outlived";

// 7 June 2027 is a Monday (any calendar)
const on = (day: string, time = "02:00"): KeptBackup => ({ file: `${day} ${time}`, at: `${day}T${time}:00.000Z` });

describe("when a backup is due", () => {
  it.each([
    ["2027-06-12T02:00:00.000Z", null, true],
    ["2027-06-12T02:00:00.000Z", "2027-06-11T02:00:00.000Z", true],
    ["2027-06-12T02:00:00.000Z", "2027-06-11T02:00:01.000Z", false],
    ["2027-06-12T02:00:00.000Z", "2027-06-12T02:10:00.000Z", false],
  ])("at %s after one at %s: %s", (at, last, due) => expect(isBackupDue(at, last)).toBe(due));

  it("is told of after two days, counted from the base's first hour where there was none", () => {
    expect(isBackupOld("2027-06-12T02:00:00.000Z", "2027-06-10T02:00:00.000Z", "2027-01-01T00:00:00.000Z")).toBe(true);
    expect(isBackupOld("2027-06-12T02:00:00.000Z", "2027-06-10T02:00:01.000Z", "2027-01-01T00:00:00.000Z")).toBe(false);
    expect(isBackupOld("2027-06-12T02:00:00.000Z", null, "2027-06-11T02:00:00.000Z")).toBe(false);
    expect(isBackupOld("2027-06-12T02:00:00.000Z", null, "2027-06-09T02:00:00.000Z")).toBe(true);
  });
});

describe("which backups need not be kept", () => {
  it("none while there are fewer than are kept", () => {
    expect(outlivedBackups([on("2027-06-11"), on("2027-06-12")], { daily: 7, weekly: 4 })).toEqual([]);
  });

  it("all but the newest of a day", () => {
    expect(
      outlivedBackups([on("2027-06-12", "02:00"), on("2027-06-12", "18:00"), on("2027-06-12", "09:00")], {
        daily: 7,
        weekly: 4,
      }),
    ).toEqual(["2027-06-12 09:00", "2027-06-12 02:00"]);
  });

  it("of weeks that are over the newest each, a week beginning on Monday", () => {
    // 14 days to 20 June, a Sunday: the week of the 7th ends with the 13th
    const days = Array.from({ length: 14 }, (_, day) => on(`2027-06-${String(7 + day).padStart(2, "0")}`));
    expect(outlivedBackups(days, { daily: 3, weekly: 2 })).toEqual(
      ["17", "16", "15", "14", "12", "11", "10", "09", "08", "07"].map((day) => `2027-06-${day} 02:00`),
    );
  });

  it("never the newest, whatever is asked for", () => {
    expect(outlivedBackups([on("2027-06-11"), on("2027-06-12")], { daily: 0, weekly: 0 })).toEqual([
      "2027-06-11 02:00",
    ]);
  });
});
