import { id } from "../../../testing/records";
import type { Addendum } from "./addendum";
import { leftBerthAt } from "./deadlines";
import { believedTime, inOrder } from "./told";

const received = "2027-06-13T10:00:00.000Z";
const left = (number: number, leftAt: string): Addendum => ({
  v: 1,
  id: id(number),
  handover: id(900),
  at: leftAt,
  by: { side: "skipper", person: id(903) },
  kind: "left-berth",
  leftAt,
});

describe("when something was made", () => {
  // ten minutes are what a clock may be off between two exchanges
  it.each([
    ["the hour it says, while there was no signal", "2027-06-12T18:00:00.000Z", null, "2027-06-12T18:00:00.000Z"],
    ["ten minutes ahead of the receipt", "2027-06-13T10:10:00.000Z", null, "2027-06-13T10:10:00.000Z"],
    ["its receipt, for a minute more", "2027-06-13T10:11:00.000Z", null, received],
    ["its receipt, for an hour that is none", "2027-06-13T99:00:00.000Z", null, received],
    ["its receipt, for one before the signature", "2027-06-11T08:00:00.000Z", "2027-06-12T16:00:00.000Z", received],
    ["its own, for one after it", "2027-06-12T16:01:00.000Z", "2027-06-12T16:00:00.000Z", "2027-06-12T16:01:00.000Z"],
  ])("is %s", (_what, at, signedAt, believed) => expect(believedTime(at, received, signedAt)).toBe(believed));
});

describe("when she left", () => {
  it("is what was received first: neither a far hour nor a small id comes before it", () => {
    const told = [
      { addendum: left(1, "2999-01-01T00:00:00.000Z"), receivedAt: "2027-06-13T12:00:00.000Z" },
      { addendum: left(2, "2027-06-13T09:00:00.000Z"), receivedAt: received },
    ];
    expect(leftBerthAt(inOrder(told))).toBe("2027-06-13T09:00:00.000Z");
  });

  it("is not later than when that was said, however it is said", () => {
    const far = { addendum: left(1, "2999-01-01T00:00:00.000Z"), receivedAt: received };
    expect(leftBerthAt(inOrder([far]))).toBe(received);
  });

  it("is what the device says while the base has heard nothing, after all that it has", () => {
    const here = { addendum: left(1, "2027-06-13T08:00:00.000Z"), receivedAt: null };
    expect(leftBerthAt(inOrder([here]))).toBe("2027-06-13T08:00:00.000Z");
    const there = { addendum: left(2, "2027-06-13T09:00:00.000Z"), receivedAt: received };
    expect(leftBerthAt(inOrder([here, there]))).toBe("2027-06-13T09:00:00.000Z");
  });
});
