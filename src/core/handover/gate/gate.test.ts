import { countLine, entryOf, id, listOf } from "../../../testing/records";
import { fold } from "../fold";
import { usualRules } from "../../base/rules";
import type { Entry } from "../entry";
import { withoutJacket, type JacketClass } from "../jackets";
import { gate, type GateContext } from ".";
import { mayBeOverridden } from "../override";
import type { Line, ReadingLine, TestLine } from "../lines";
import { progress } from "../progress";

const context = (change: Partial<GateContext> = {}): GateContext => ({
  deposit: { met: true },
  safetyWork: [],
  forecast: null,
  ...change,
});
const jackets = countLine("harness", { expected: 8, safety: true, perPerson: true, matter: "harnesses" });
const fender = countLine("fender", { expected: 6 });
const flares = countLine("flare-set", { expected: 1, safety: true });
const horn: TestLine = {
  id: "test:horn",
  kind: "test",
  place: "saloon",
  name: { en: "Horn" },
  system: "safety",
  safety: true,
  how: { en: "press" },
  caution: null,
  when: "alongside",
  waitHours: null,
};
const sail: TestLine = { ...horn, id: "test:sail", safety: false, when: "may-wait", waitHours: 24 };
const bank: ReadingLine = {
  id: "reading:bank",
  kind: "reading",
  place: "saloon",
  name: { en: "Bank" },
  system: "dc-power",
  safety: false,
  how: { en: "read" },
  reading: "battery-rest",
  given: { chemistry: "agm", duty: "service", nominalV: 12 },
};
const lines: Line[] = [jackets, fender, flares, horn, sail, bank];
const list = listOf(lines);
const good: Record<string, [string, unknown]> = {
  "count:harness": ["count", { count: 8 }],
  "count:fender": ["count", { count: 6 }],
  "count:flare-set": ["count", { count: 1 }],
  "test:horn": ["result", { result: "works" }],
  "test:sail": ["result", { result: "works" }],
  "reading:bank": ["reading", { volts: 12.8, restHours: 6 }],
};
const at = (change: Partial<typeof good>, knows: Partial<GateContext> = {}, on = list) => {
  const entries = Object.entries({ ...good, ...change }).flatMap(([line, said], i) =>
    said ? [entryOf(i + 1, `line:${line}`, said[0], said[1])] : [],
  );
  return gate(on, fold(entries), context(knows));
};
const codes = (change: Partial<typeof good>) => at(change).reasons.map((reason) => reason.code);

describe("gate", () => {
  it("clears a yacht on which all is here and fine", () => expect(at({})).toEqual({ state: "cleared", reasons: [] }));

  it("blocks fewer harnesses than people, and the manager may lift that", () => {
    const { state, reasons } = at({ "count:harness": ["count", { count: 3 }] });
    expect(state).toBe("not-cleared");
    expect(reasons).toEqual([
      { code: "per-person-short", blocks: true, lift: "manager", line: "count:harness", counts: { have: 3, need: 4 } },
    ]);
  });

  it("lets her go with harnesses for all aboard, and says that the list has more", () => {
    expect(at({ "count:harness": ["count", { count: 5 }] })).toMatchObject({
      state: "cleared-with-remarks",
      reasons: [{ code: "count-short", blocks: false }],
    });
  });

  it.each([
    [{ "count:flare-set": ["count", { count: 0 }] }, "safety-short", "not-cleared"],
    [{ "count:fender": ["count", { count: 5 }] }, "count-short", "cleared-with-remarks"],
    [{ "test:horn": ["result", { result: "fails", remark: "silent" }] }, "safety-test-fails", "not-cleared"],
    [
      { "test:horn": ["result", { result: "not-tried", reason: "late", withinHours: null }] },
      "safety-test-not-tried",
      "not-cleared",
    ],
    [
      { "test:sail": ["result", { result: "not-tried", reason: "wind", withinHours: 24 }] },
      "test-waits",
      "cleared-with-remarks",
    ],
    [{ "reading:bank": ["reading", { volts: 11.8, restHours: 6 }] }, "reading-stop", "not-cleared"],
    [{ "reading:bank": ["reading", { volts: 12.4, restHours: 6 }] }, "reading-watch", "cleared-with-remarks"],
    [{ "count:fender": undefined }, "lines-left", "not-cleared"],
  ] as [Partial<typeof good>, string, string][])("%o gives %s, %s", (change, code, state) => {
    expect(codes(change)).toContain(code);
    expect(at(change).state).toBe(state);
  });

  it("asks for the deposit before leaving, and for no more people than she takes", () => {
    expect(at({}, { deposit: { met: false } }).reasons[0]).toMatchObject({ code: "deposit-not-met", blocks: true });
    const crowded = listOf(lines, { maximumAboard: 3 });
    expect(at({}, {}, crowded).reasons[0]).toMatchObject({
      code: "too-many-aboard",
      lift: "nobody",
      counts: { have: 4, need: 3 },
    });
  });

  it("waits for a person where two devices disagree", () => {
    const entries = [
      entryOf(1, "line:count:fender", "count", { count: 6 }),
      entryOf(2, "line:count:fender", "count", { count: 5 }, { device: id(8) }),
    ];
    expect(gate(list, fold(entries), context()).reasons.map((reason) => reason.code)).toContain("fork");
  });
});

describe("what the gate knows besides the list", () => {
  const rules = usualRules;
  const forecast = {
    day: "2027-06-12",
    windKn: 18,
    gustKn: 25,
    thunder: false,
    fog: false,
    from: "simulated forecast",
  };
  const known = listOf(lines, { rules });
  const reasons = (change: Partial<GateContext>, on = known) =>
    at({}, change, on).reasons.map(({ code, blocks, words }) => [code, blocks, ...(words ? [words] : [])]);

  it("holds her above the base's wind, in thunder and in fog; just at the limit it does not", () => {
    expect(reasons({ forecast })).toEqual([]);
    expect(reasons({ forecast: { ...forecast, windKn: 25 } })).toEqual([]);
    expect(reasons({ forecast: { ...forecast, windKn: 26, thunder: true, fog: true } })).toEqual([
      ["wind-over-limit", true],
      ["thunder", true],
      ["fog", true],
    ]);
    expect(
      reasons({ forecast: { ...forecast, windKn: 21 } }, listOf(lines, { rules: { ...rules, windLimitKn: 20 } })),
    ).toEqual([["wind-over-limit", true]]);
  });

  it("holds her above the limit of gusts, and above her own where that is lower", () => {
    const gusty = { ...forecast, gustKn: 35 };
    expect(reasons({ forecast: { ...forecast, gustKn: 34 } })).toEqual([]);
    expect(reasons({ forecast: gusty })).toEqual([["gusts-over-limit", true]]);
    // a list from before there was such a limit has none
    const { gustLimitKn: _, ...older } = rules;
    expect(reasons({ forecast: gusty }, listOf(lines, { rules: older }))).toEqual([]);
    const small = (ownWindKn: { mean?: number; gusts?: number }) => listOf(lines, { rules, ownWindKn });
    expect(reasons({ forecast }, small({ mean: 17 }))).toEqual([["wind-over-limit", true]]);
    expect(reasons({ forecast }, small({ gusts: 24 }))).toEqual([["gusts-over-limit", true]]);
    // her own does not raise the base's
    expect(reasons({ forecast: { ...forecast, windKn: 26 } }, small({ mean: 40 }))).toEqual([
      ["wind-over-limit", true],
    ]);
  });

  it("says that it knows no forecast of that day, and takes no other day's for it", () => {
    expect(reasons({ forecast: null })).toEqual([["no-forecast", false]]);
    expect(reasons({ forecast: { ...forecast, day: "2027-06-13", windKn: 50 } })).toEqual([["no-forecast", false]]);
  });

  it("holds her for work on her safety that is not done", () =>
    expect(reasons({ forecast, safetyWork: [{ id: id(7), words: "Bilge pump" }] })).toEqual([
      ["safety-work-open", true, "Bilge pump"],
    ]));
});

describe("places in the raft", () => {
  const raft = countLine("life-raft", { expected: 1, safety: true, matter: "raft", raftPlaces: 4 });
  const gateOf = (aboard: number, counted?: number, kind: "check-in" | "check-out" = "check-in") =>
    gate(
      listOf([raft], { kind, stay: { ...list.stay, aboard }, maximumAboard: 12 }),
      fold(counted === undefined ? [] : [entryOf(1, "line:count:life-raft", "count", { count: counted })]),
      context(),
    ).reasons.filter(({ code }) => code === "raft-too-small");

  it("hold her when there are fewer than people, and nobody may lift that", () => {
    expect(gateOf(4)).toEqual([]);
    expect(gateOf(5)).toEqual([
      { code: "raft-too-small", blocks: true, lift: "nobody", line: null, counts: { have: 4, need: 5 } },
    ]);
  });

  it("go by the rafts that were counted", () => {
    expect(gateOf(8, 2)).toEqual([]);
    expect(gateOf(3, 0).map(({ counts }) => counts)).toEqual([{ have: 0, need: 3 }]);
  });

  it("are no matter of a check-out", () => expect(gateOf(9, 1, "check-out")).toEqual([]));
});

describe("life jackets by weight", () => {
  const adult = countLine("jacket-adult", {
    expected: 6,
    safety: true,
    perPerson: true,
    matter: "jackets",
    jacketKg: { from: 40 },
  });
  const child = countLine("jacket-child", {
    expected: 2,
    safety: true,
    matter: "jackets",
    jacketKg: { from: 15, to: 40 },
  });
  const gateOf = (crewKg: number[], adults: number, children: number, aboard = crewKg.length) => {
    const on = listOf([adult, child], { crewKg, stay: { ...list.stay, aboard } });
    return gate(
      on,
      fold([
        entryOf(1, "line:count:jacket-adult", "count", { count: adults }),
        entryOf(2, "line:count:jacket-child", "count", { count: children }),
      ]),
      context(),
    ).reasons.filter((each) => each.blocks || each.code === "crew-unknown");
  };

  it("holds her when one does not fit, though there are enough in number; nobody may lift that", () => {
    // two children and two grown: three adult jackets and one for a child leave a child without
    expect(gateOf([22, 30, 70, 80], 3, 1)).toEqual([
      { code: "without-jacket", blocks: true, lift: "nobody", line: null, counts: { have: 3, need: 4 } },
    ]);
    expect(gateOf([22, 30, 70, 80], 2, 2)).toEqual([]);
  });

  it("takes whose weight nobody told for grown, and asks for the list", () => {
    expect(gateOf([22], 3, 1, 4)).toEqual([
      { code: "crew-unknown", blocks: false, lift: "manager", line: null, counts: { have: 1, need: 4 } },
    ]);
    expect(gateOf([], 3, 2, 4).map(({ code, counts }) => [code, counts])).toEqual([
      ["without-jacket", { have: 3, need: 4 }],
      ["crew-unknown", { have: 0, need: 4 }],
    ]);
  });

  it("gives each jacket once and as well as can be", () => {
    const classes = [
      { fromKg: 15, toKg: 40, count: 1 },
      { fromKg: 30, toKg: null, count: 2 },
    ];
    // 20 kg needs the child's; 35 kg and 80 kg share the others
    expect(withoutJacket([80, 35, 20], classes)).toBe(0);
    expect(withoutJacket([20, 25, 80], classes)).toBe(1);
    expect(withoutJacket([10], classes)).toBe(1);
    expect(withoutJacket([], classes)).toBe(0);
    // every way of giving out a handful, tried one by one: no way leaves fewer without
    for (let seed = 0; seed < 60; seed++) {
      const random = (below: number) => ((seed * 7919 + below * 104729 + random.n++ * 31337) % 997) % below;
      random.n = 0;
      const some = Array.from({ length: 3 }, () => ({
        fromKg: 10 + random(40),
        toKg: random(3) === 0 ? null : 45 + random(50),
        count: random(3),
      }));
      const people = Array.from({ length: 4 }, () => 10 + random(90));
      expect([some, people, withoutJacket(people, some)]).toEqual([some, people, fewestWithout(people, some)]);
    }
  });
});

/** Tries every way of giving jackets out. */
function fewestWithout(people: readonly number[], classes: readonly JacketClass[]): number {
  const [kg, ...others] = people;
  if (kg === undefined) return 0;
  const ways = classes.flatMap((each, i) =>
    each.count > 0 && each.fromKg <= kg && kg <= (each.toKg ?? Infinity)
      ? [
          fewestWithout(
            others,
            classes.map((other, j) => (i === j ? { ...other, count: other.count - 1 } : other)),
          ),
        ]
      : [],
  );
  return Math.min(1 + fewestWithout(others, classes), ...ways);
}

describe("a manager's letting-go", () => {
  const raft = countLine("raft", { expected: 1, safety: true, matter: "raft" });
  const on = listOf([raft, horn]);
  const entries = [
    entryOf(1, "line:count:raft", "count", { count: 0 }),
    entryOf(2, "line:test:horn", "result", { result: "fails", remark: "silent" }),
  ];
  const with_ = (...more: Entry[]) => gate(on, fold([...entries, ...more]), context());

  it("takes a block away and leaves the reason with why and by whom", () => {
    const { state, reasons } = gate(
      listOf([horn]),
      fold([entries[1]!, entryOf(3, "line:test:horn", "let-go", { why: "hand horn given along" })]),
      context(),
    );
    expect([state, reasons]).toEqual([
      "cleared-with-remarks",
      [
        {
          code: "safety-test-fails",
          blocks: false,
          lift: "manager",
          line: "test:horn",
          counts: null,
          override: { why: "hand horn given along", person: id(903) },
        },
      ],
    ]);
  });

  it("does nothing for what nobody lets go, and can be taken back", () => {
    expect(with_(entryOf(3, "line:count:raft", "let-go", { why: "calm day" })).reasons[0]).toMatchObject({
      code: "safety-short",
      blocks: true,
      lift: "nobody",
    });
    const back = [
      entryOf(3, "line:test:horn", "let-go", { why: "x" }),
      entryOf(4, "line:test:horn", "let-go", { why: null }, { basis: [id(3)] }),
    ];
    expect(with_(...back).reasons.find((each) => each.line === "test:horn")).toMatchObject({ blocks: true });
  });

  it("of the deposit is kept on the handover", () => {
    const gone = gate(
      listOf([]),
      fold([entryOf(1, "handover", "let-go:deposit-not-met", { why: "comes by transfer today" })]),
      context({ deposit: { met: false } }),
    );
    expect([gone.state, gone.reasons[0]?.override?.why]).toEqual(["cleared-with-remarks", "comes by transfer today"]);
  });

  it("is left to the base's own list of what is never let go", () => {
    const free = listOf([raft], { rules: { ...usualRules, neverLetGo: [] } });
    expect(
      gate(
        free,
        fold([entries[0]!, entryOf(3, "line:count:raft", "let-go", { why: "inland water" })]),
        context({ forecast: null }),
      ).reasons[0],
    ).toMatchObject({ code: "no-forecast" });
    expect([
      mayBeOverridden(free, { subject: "line:count:raft", aspect: "let-go" }),
      mayBeOverridden(on, { subject: "line:count:raft", aspect: "let-go" }),
      mayBeOverridden(on, { subject: "handover", aspect: "let-go:fork" }),
      mayBeOverridden(on, { subject: "handover", aspect: "let-go:too-many-aboard" }),
      mayBeOverridden(on, { subject: "handover", aspect: "let-go:fog" }),
    ]).toEqual([true, false, false, false, true]);
  });
});

describe("progress", () => {
  it("counts what is left, by place, and a fork as not done", () => {
    const entries = [
      entryOf(1, "line:count:fender", "count", { count: 6 }),
      entryOf(2, "line:count:fender", "count", { count: 5 }),
      entryOf(3, "line:test:horn", "result", { result: "works" }),
    ];
    const { left, total, leftByPlace, minutesLeft } = progress(list, fold(entries));
    expect({ left, total, leftByPlace }).toEqual({ left: 5, total: 6, leftByPlace: { locker: 3, saloon: 2 } });
    // 3 counts of 8 s, a test of 45 s, a reading of 30 s: 99 s
    expect(minutesLeft).toBe(2);
  });
});
