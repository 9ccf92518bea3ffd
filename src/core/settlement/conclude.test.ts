import fc from "fast-check";
import { conclude, type AfterSigning } from "./conclude";
import type { Settlement } from "./schema";

const line = (id: string, chargedMinor: number, heldMinor = 0) => ({
  id,
  amountMinor: chargedMinor + heldMinor,
  chargedMinor,
  heldMinor,
  how: "",
});
/** Deposit 1000.00: 200.00 charged, 150.00 held, 300.00 kept for below the water. */
const output: Settlement = {
  lines: [line("fender", 20000), line("dent", 0, 15000), line("water", 0, 30000)],
  dueMinor: 20000,
  heldMinor: 45000,
  captureMinor: 20000,
  releaseMinor: 35000,
  stillToPayMinor: 0,
};
const after = (change: Partial<AfterSigning> = {}): AfterSigning => ({
  objectUntil: null,
  objections: [],
  belowWater: [{ line: "water", until: "2027-06-26T12:00:00.000Z" }],
  outcomes: [],
  now: "2027-06-20T12:00:00.000Z",
  ...change,
});
const states = (change: Partial<AfterSigning>) =>
  conclude(output, 100000, after(change)).lines.map(({ state, finalMinor }) => [state, finalMinor]);

describe("a signed statement since", () => {
  it("is open while anything is held", () => {
    expect(conclude(output, 100000, after())).toMatchObject({ open: 2, dueMinor: 20000 });
    expect(states({})).toEqual([
      ["closed", 20000],
      ["held", 0],
      ["held", 0],
    ]);
  });

  it("takes what was agreed in the end, never more than stood there", () => {
    expect(states({ outcomes: [{ line: "dent", amountMinor: 9000 }] })[1]).toEqual(["closed", 9000]);
    expect(states({ outcomes: [{ line: "dent", amountMinor: 99000 }] })[1]).toEqual(["closed", 15000]);
  });

  it("lets the sum for below the water fall when its time is over, to the minute; what was agreed before stands", () => {
    expect(states({ now: "2027-06-26T12:00:00.000Z" })[2]).toEqual(["held", 0]);
    expect(states({ now: "2027-06-26T12:00:01.000Z" })[2]).toEqual(["closed", 0]);
    expect(states({ now: "2027-07-26T12:00:00.000Z", outcomes: [{ line: "water", amountMinor: 25000 }] })[2]).toEqual([
      "closed",
      25000,
    ]);
  });

  it("signed without the charterer, closes a charged line when the time to object is over and nobody has", () => {
    const objectUntil = "2027-07-03T12:00:00.000Z";
    expect(states({ objectUntil })[0]).toEqual(["may-be-objected", 0]);
    expect(states({ objectUntil, objections: ["fender"] })[0]).toEqual(["objected", 0]);
    expect(states({ objectUntil, now: "2027-07-04T12:00:00.000Z" })[0]).toEqual(["closed", 20000]);
    expect(states({ objectUntil, now: "2027-07-04T12:00:00.000Z", objections: ["fender"] })[0]).toEqual([
      "objected",
      0,
    ]);
    expect(states({ objectUntil, objections: ["fender"], outcomes: [{ line: "fender", amountMinor: 0 }] })[0]).toEqual([
      "closed",
      0,
    ]);
  });

  it("ends with one sum: 200.00 + 90.00 + 0 taken of 1000.00, 710.00 back", () => {
    const outcomes = [
      { line: "dent", amountMinor: 9000 },
      { line: "water", amountMinor: 0 },
    ];
    expect(conclude(output, 100000, after({ outcomes }))).toMatchObject({
      open: 0,
      dueMinor: 29000,
      captureMinor: 29000,
      releaseMinor: 71000,
      stillToPayMinor: 0,
    });
  });

  it("never takes more than was charged and held, nor gives back what was taken", () => {
    const one = fc.record({
      charged: fc.integer({ min: 0, max: 50000 }),
      held: fc.integer({ min: 0, max: 50000 }),
      isHeld: fc.boolean(),
      outcome: fc.option(fc.integer({ min: 0, max: 200000 })),
      objected: fc.boolean(),
    });
    fc.assert(
      fc.property(
        fc.array(one, { maxLength: 8 }),
        fc.integer({ min: 0, max: 200000 }),
        fc.boolean(),
        (parts, deposit, alone) => {
          const lines = parts.map((each, i) =>
            each.isHeld ? line(`l${i}`, 0, each.held) : line(`l${i}`, each.charged),
          );
          const most = lines.reduce((sum, each) => sum + each.chargedMinor + each.heldMinor, 0);
          const end = conclude(
            { ...output, lines },
            deposit,
            after({
              objectUntil: alone ? "2027-06-21T00:00:00.000Z" : null,
              objections: parts.flatMap((each, i) => (each.objected ? [`l${i}`] : [])),
              outcomes: parts.flatMap((each, i) =>
                each.outcome === null ? [] : [{ line: `l${i}`, amountMinor: each.outcome }],
              ),
            }),
          );
          expect(end.dueMinor).toBeLessThanOrEqual(most);
          expect(end.captureMinor + end.releaseMinor).toBe(deposit);
          expect(end.captureMinor + end.stillToPayMinor).toBe(end.dueMinor);
          // a line that is open takes nothing
          for (const each of end.lines) if (each.state !== "closed") expect(each.finalMinor).toBe(0);
        },
      ),
    );
  });
});
