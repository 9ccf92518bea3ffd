import fc from "fast-check";
import { demoYacht } from "@/testing/demo-yacht";
import { simulatedTide, simulatedTideFrom } from "@/stand-ins/tide-feed";
import { simulatedDay, simulatedHours } from "@/stand-ins/weather-feed";
import { anchoring, laid } from "../planners/anchor/anchor";
import { pullOf } from "../planners/anchor/anchor";
import { partsOf, shapeOf } from "../planners/anchor/line";
import type { Outlook } from "../weather/outlook";
import { strongest } from "../weather/outlook";
import { anchorAnswer, anchorFields, anchorKnown, depthAddedM } from "./anchor";
import { withTyped } from "./known";
import { byMarks } from "./marks";
import { sideView } from "./side-view";
import { bowHeightM, chainKgPerM, dragAreaAirM2 } from "../yacht/thumb";

const zone = "Atlantic/Azores";
const now = "2027-06-12T16:00:00.000Z";
const outlook: Outlook = {
  at: "2027-06-12T08:00:00.000Z",
  wind: {
    from: "simulated forecast",
    hours: ["2027-06-12", "2027-06-13"].flatMap((day) => simulatedHours(simulatedDay(day), zone)),
  },
  tide: {
    from: simulatedTideFrom,
    turns: simulatedTide(Date.parse("2027-06-12T08:00:00Z"), Date.parse("2027-06-14T08:00:00Z")),
  },
};
const heron = demoYacht("pale-heron");
const told = (waterM: number, more: Partial<Record<keyof typeof anchorFields, number>> = {}, file = heron) => {
  const typed = Object.fromEntries(
    Object.entries({ waterM, ...more }).map(([name, value]) => [name, { value, at: now }]),
  );
  return withTyped(anchorKnown(file, outlook, now, zone, more.stayH ?? null), typed, anchorFields);
};

describe("an anchorage, before anybody types", () => {
  it("is filled from her file, the feeds and rules of thumb, each told apart", () => {
    const known = anchorKnown(heron, outlook, now, zone, null);
    expect(known.waterM).toBeNull();
    expect(known.roomM).toBeNull();
    // four in the afternoon: until nine in the morning are seventeen hours; the base's June is at UTC
    expect(known.stayH).toEqual({ value: 17, source: { from: "usual" } });
    expect(known.bowM).toEqual({ value: 1.25, source: { from: "file" } });
    // 0.13 · 11.6 · 3.9 + 0.25 · 16.8 = 10.08, to the half square metre
    expect(known.dragAreaAirM2).toEqual({ value: 10, source: { from: "rule" } });
    expect(known.riseM?.source).toEqual({ from: "feed", name: "simulated tide", at: outlook.at });
    expect(known.windKn?.source).toMatchObject({ from: "feed", name: "simulated forecast" });
  });

  it("takes the strongest hour of the stay, and none where the feed ends before it", () => {
    const hours = outlook.wind!.hours.filter(({ at }) => at >= "2027-06-12T16" && at <= "2027-06-13T09:00:00.000Z");
    expect(anchorKnown(heron, outlook, now, zone, null).gustKn?.value).toBe(Math.max(...hours.map((h) => h.gustKn)));
    const late = anchorKnown(heron, outlook, now, zone, 48);
    expect([late.windKn, late.gustKn, late.riseM]).toEqual([null, null, null]);
    expect(anchorKnown(heron, null, now, zone, null)).toMatchObject({ windKn: null, riseM: null, fallM: null });
    expect(strongest(outlook, "2027-06-11T08:00:00.000Z", now)).toBeNull();
  });

  it("adds to the instrument what it does not count", () => {
    // Pale Heron's counts from the keel, Two Lanterns' from a sensor 0.4 m down, Cold Harbour's from the surface
    expect(depthAddedM(heron.particulars)).toBe(1.95);
    expect(depthAddedM(demoYacht("two-lanterns").particulars)).toBe(0.4);
    expect(depthAddedM(demoYacht("cold-harbour").particulars)).toBe(0);
    expect(depthAddedM({ ...heron.particulars, depth: undefined })).toBeNull();
    const unmeasured = { ...heron.particulars, depth: { from: "transducer" as const, offsetM: 0 } };
    // a quarter of 1.95 m, to the decimetre
    expect(depthAddedM(unmeasured)).toBe(0.5);
  });

  it("has rules of thumb of the right size", () => {
    // 10 mm short-link chain is sold with 2.25 to 2.3 kg a metre
    expect(chainKgPerM(10)).toBe(2.25);
    expect(bowHeightM(heron.particulars)).toBe(1.2);
    expect(dragAreaAirM2(demoYacht("gannet-rock").particulars)).toBe(15.5);
  });
});

describe("how much chain", () => {
  it("gives no number while something is not known, and names it", () => {
    expect(anchorAnswer(heron, anchorKnown(heron, outlook, now, zone, null), "larger")).toEqual({
      missing: ["waterM"],
    });
    expect(anchorAnswer(heron, anchorKnown(heron, null, now, zone, null), "larger")).toEqual({
      missing: ["waterM", "riseM", "fallM", "windKn", "gustKn"],
    });
  });

  it("is four times the height of the roller in a calm", () => {
    const answer = anchorAnswer(heron, told(5, { riseM: 1, fallM: 0, windKn: 0, gustKn: 0 }), "ratio");
    // (5 + 1 + 1.25) · 4
    expect("answer" in answer && answer.answer).toMatchObject({ letOutM: 29, chainM: 29, verdict: "fine" });
  });

  it("says what cannot be: too deep, dry at low water, no chain in the file", () => {
    const short = { ...heron, groundTackle: little(20) };
    expect(anchorAnswer(short, told(18, { riseM: 2, fallM: 0 }, short), "larger")).toEqual({ fault: "too-deep" });
    expect(anchorAnswer(heron, told(2, { fallM: 3 }), "larger")).toEqual({ fault: "falls-dry" });
    expect(anchorAnswer({ ...heron, groundTackle: {} }, told(5), "larger")).toEqual({ fault: "no-tackle" });
  });
  const little = (chainM: number) => ({ main: { ...heron.groundTackle.main!, chainM, ropeM: 0 } });

  it("tells how much is under the keel at low water, also below none", () => {
    const at = (waterM: number) => {
      const answer = anchorAnswer(heron, told(waterM, { fallM: 1, riseM: 0 }), "larger");
      return "answer" in answer ? answer.underKeelM : NaN;
    };
    // less 1 m of tide and 1.95 m of draught
    expect(at(4)).toBeCloseTo(1.05, 9);
    expect(at(2)).toBeCloseTo(-0.95, 9);
  });

  it("takes gusts for no weaker than the wind that somebody typed", () => {
    const answer = anchorAnswer(heron, told(5, { windKn: 60 }), "larger");
    expect("answer" in answer && answer.input).toMatchObject({ windKn: 60, gustKn: 60 });
  });

  it("takes nothing that is out of its bounds, as an old device may keep it", () => {
    expect(told(500).waterM).toBeNull();
    expect(told(Number.NaN).waterM).toBeNull();
  });

  it("gives an answer on all six boats in five metres", () => {
    for (const slug of ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"]) {
      const file = demoYacht(slug);
      const answer = anchorAnswer(file, told(5, {}, file), "larger");
      expect([slug, "answer" in answer && answer.answer.letOutM > 15]).toEqual([slug, true]);
    }
  });
});

describe("in the marks of her chain", () => {
  const marks = heron.groundTackle.main!.marks;
  it.each([
    [10, { at: "mark", mark: marks[0] }],
    [35, { at: "half-way", from: marks[2], to: marks[3] }],
    [23, { at: "after", mark: marks[1], byM: 3, next: marks[2] }],
    [47, { at: "after", mark: marks[3], byM: 7, next: null }],
    [6, { at: "before", mark: marks[0], byM: 4 }],
  ])("%d m", (lengthM, by) => expect(byMarks(marks, lengthM)).toEqual(by));
  it("there are none on some", () => expect(byMarks([], 20)).toEqual({ at: "unmarked" }));
  it("never tells less than is asked for", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), (lengthM) => {
        const by = byMarks(marks, lengthM);
        const told =
          by.at === "mark"
            ? by.mark.atM
            : by.at === "half-way"
              ? (by.from.atM + by.to.atM) / 2
              : by.at === "after"
                ? by.mark.atM + by.byM
                : by.at === "before"
                  ? by.mark.atM - by.byM
                  : 0;
        return told === lengthM;
      }),
    );
  });
});

describe("the side view", () => {
  it("keeps the line's length and ends at the roller, in any wind", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 20, noNaN: true }),
        fc.integer({ min: 0, max: 50 }),
        fc.integer({ min: 20, max: 69 }),
        (waterM, windKn, letOutM) => {
          const answered = anchorAnswer(heron, told(waterM, { riseM: 1, fallM: 0, windKn, gustKn: windKn }), "larger");
          if (!("answer" in answered) || letOutM <= waterM + 2.3) return;
          const { input } = answered;
          const chosen = laid(input, letOutM, true);
          const view = sideView(input, chosen, [10, 20]);
          const steps = view.line.slice(1).map((point, at) => {
            const before = view.line[at]!;
            return Math.hypot(point.alongM - before.alongM, point.aboveM - before.aboveM);
          });
          // a line laid in sixty straight pieces is a little shorter than its bends
          expect(steps.reduce((sum, step) => sum + step, 0)).toBeCloseTo(letOutM, 0);
          expect(view.line.at(-1)!.alongM).toBeCloseTo(chosen.wind.reachM, 4);
          expect(view.line.at(-1)!.aboveM).toBeCloseTo(view.roller.aboveM, 4);
          expect(view.marks.map(({ atM }) => atM)).toEqual([10, 20].filter((atM) => atM < letOutM));
        },
      ),
      { numRuns: 100, endOnFailure: true },
    );
  });

  it("puts a mark on the ground where the chain lies, and hangs it where it does not", () => {
    const answered = anchorAnswer(heron, told(5, { riseM: 1, fallM: 0, windKn: 12, gustKn: 12 }), "larger");
    if (!("answer" in answered)) throw new Error("no answer");
    const { input, answer } = answered;
    const [lies, hangs] = shapeOf(partsOf(input.rode, answer.letOutM), answer.wind, pullOf(input, 12), [1, 28]);
    expect(lies).toEqual({ alongM: 1, aboveM: 0 });
    expect(hangs!.aboveM).toBeGreaterThan(0);
    expect(anchoring(input)).toEqual(answer);
  });
});
