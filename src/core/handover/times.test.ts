import { entryOf } from "@/testing/records";
import { entryTimeFault, timeFault } from "./times";

const opened = "2027-06-12T10:00:00.000Z";
const received = "2027-06-12T16:00:00.000Z";
const at = (text: string, offsetMs: number | null = 0, paperAt?: string) =>
  entryTimeFault(
    entryOf(1, "handover", "x", {}, { at: text, offsetMs, ...(paperAt === undefined ? {} : { paperAt }) }),
    opened,
    received,
  );

it.each([
  ["2027-06-12T15:59:00.000Z", 0, null],
  ["2027-06-12T16:09:00.000Z", 0, null],
  ["2027-06-12T16:11:00.000Z", 0, "after-receipt"],
  ["2999-01-01T00:00:00.000Z", 0, "after-receipt"],
  ["2027-06-11T10:01:00.000Z", 0, null],
  ["2027-06-11T09:59:00.000Z", 0, "before-opening"],
  ["2027-06-12T99:00:00.000Z", 0, "no-such-time"],
  ["2027-02-31T10:00:00.000Z", 0, "no-such-time"],
  // a clock that is known to be a day ahead
  ["2027-06-13T12:00:00.000Z", 24 * 3_600_000, null],
  ["2027-06-12T12:00:00.000Z", null, null],
] as const)("%s with an offset of %s ms: %s", (text, offsetMs, fault) => expect(at(text, offsetMs)).toBe(fault));

it("lets paper be older than the handover, and never younger than its receipt", () => {
  expect(at("2027-06-12T15:00:00.000Z", 0, "2027-06-01T15:00:00.000Z")).toBeNull();
  expect(at("2027-06-12T15:00:00.000Z", 0, "2027-07-01T15:00:00.000Z")).toBe("after-receipt");
});

it("asks nothing of the opening where it is not known", () => {
  expect(timeFault(0, null, received)).toBeNull();
});
