import { demoYacht } from "../../testing/demo-yacht";
import type { YachtFile } from "../yacht/schema";
import { depthOf, minutesFor } from "./depth";
import type { Experience } from "./experience";
import { farBelow } from "./far-below";
import { questionsOf } from "./questions";
import { ruledStops } from "./stops/rules";
import { notBegun, walkInput } from "./stops/walk-input";
import type { StudyAnswer } from "./study/answer";
import { briefingPlan, studyState, walkMinutes } from "./study/study";
import { topicsOf } from "./topics";
import { planWalk } from "./walk/plan-walk";

const fleet = ["pale-heron", "quillback", "cold-harbour", "gannet-rock", "two-lanterns", "little-auk"];
const orders = ["shortest", "deck-first", "by-system"] as const;
const heron = demoYacht("pale-heron");
const seasoned: Experience = {
  longestM: 14,
  weeks: 40,
  language: "en",
  handled: [
    "diesel",
    "slab-reefing",
    "in-mast",
    "electric-windlass",
    "thruster",
    "autopilot",
    "vhf",
    "shore-power",
    "manual-head",
    "electric-head",
    "holding-tank",
    "gas",
    "generator",
    "catamaran",
    "twin-engines",
    "davits",
    "outboard",
    "tides",
    "hand-windlass",
  ],
};
const topicOf = (file: YachtFile, id: string) => topicsOf(file).find((topic) => topic.id === id)!;
const depth = (file: YachtFile, id: string, more: Partial<Parameters<typeof depthOf>[0]> = {}) => {
  const { depth: deep, reasons } = depthOf({
    file,
    topic: topicOf(file, id),
    experience: seasoned,
    mark: null,
    wrong: 0,
    asked: 0,
    ...more,
  });
  return [deep, ...reasons.map((reason) => reason.why)];
};

describe("topics", () => {
  it.each(fleet)("of %s leave no oddity and no stop out", (slug) => {
    const file = demoYacht(slug);
    const topics = topicsOf(file);
    expect(topics.map((topic) => topic.id).sort()).toEqual(Object.keys(file.stops).sort());
    expect(new Set(topics.flatMap((topic) => topic.oddities))).toEqual(new Set(Object.keys(file.oddities)));
    for (const stop of Object.values(file.stops))
      expect([stop.title?.en, stop.does?.en]).toEqual([expect.any(String), expect.any(String)]);
  });

  it("put an oddity where its fitting is used", () => {
    const file = demoYacht("cold-harbour");
    const at = (oddity: string) =>
      topicsOf(file)
        .filter((topic) => topic.oddities.includes(oddity))
        .map((topic) => topic.id);
    expect(at("chain-colours")).toEqual(["windlass"]);
    expect(at("stop-six")).toEqual(["engine-start", "engine-stop"]);
    expect(at("lights-reversed")).toEqual(["leaving-her"]);
  });
});

describe("the depth of a topic", () => {
  it("is skimmed by who has handled it, done by hand by who has not, as usual where nothing is known", () => {
    expect(depth(heron, "oil-and-coolant")).toEqual(["skim", "known"]);
    expect(depth(heron, "oil-and-coolant", { experience: { ...seasoned, handled: [] } })).toEqual([
      "hands-on",
      "never-handled",
    ]);
    expect(depth(heron, "oil-and-coolant", { experience: null })).toEqual(["normal"]);
    expect(depth(heron, "papers")).toEqual(["normal"]);
  });

  it("never falls below normal for safety, for what is odd here, and for what was asked", () => {
    expect(depth(heron, "gas-bottle")).toEqual(["normal", "safety"]);
    const harbour = demoYacht("cold-harbour");
    expect(topicOf(harbour, "water-aft").oddities).not.toEqual([]);
    expect(depth(harbour, "water-aft")).toEqual(["normal", "odd"]);
    expect(depth(heron, "oil-and-coolant", { mark: "ask" })).toEqual(["normal", "asked"]);
    expect(depth(heron, "oil-and-coolant", { asked: 1 })).toEqual(["normal", "asked"]);
    // "understood" lowers nothing that is safety
    expect(depth(heron, "raft", { mark: "understood" })[0]).toBe("normal");
  });

  it("is by hand after a wrong answer, on a much bigger yacht, and on the first catamaran", () => {
    expect(depth(heron, "oil-and-coolant", { wrong: 2 })).toEqual(["hands-on", "wrong-answer"]);
    // 15.6 m against 12 m is 3.6 m more; 12.6 against 12 is not 3 m
    expect(depth(demoYacht("gannet-rock"), "gear", { experience: { ...seasoned, longestM: 12 } })).toEqual([
      "hands-on",
      "bigger",
    ]);
    expect(depth(demoYacht("quillback"), "oil-and-coolant", { experience: { ...seasoned, longestM: 12 } })).toEqual([
      "skim",
      "known",
    ]);
    expect(
      depth(demoYacht("two-lanterns"), "gear", {
        experience: { ...seasoned, handled: seasoned.handled.filter((each) => each !== "catamaran") },
      }),
    ).toEqual(["hands-on", "first-catamaran"]);
  });

  it.each(fleet)("holds for every safety topic and oddity of %s, whoever comes", (slug) => {
    const file = demoYacht(slug);
    for (const topic of topicsOf(file)) {
      const { depth: deep } = depthOf({ file, topic, experience: seasoned, mark: "understood", wrong: 0, asked: 0 });
      if (topic.safety || topic.oddities.length > 0) expect([topic.id, deep]).not.toEqual([topic.id, "skim"]);
    }
  });

  it("changes the minutes: half, as usual, half as much again", () => {
    const topic = { ...topicOf(heron, "head"), minutes: 4 };
    expect((["skim", "normal", "hands-on"] as const).map((each) => minutesFor({ topic, depth: each }))).toEqual([
      2, 4, 6,
    ]);
    expect(minutesFor({ topic: { ...topic, minutes: 0.5 }, depth: "skim" })).toBe(0.5);
  });
});

describe("experience far below a yacht", () => {
  it("is told with its reasons and what can be done, and never for who knows her kind", () => {
    for (const slug of fleet) expect(farBelow(demoYacht(slug), seasoned)).toBeNull();
    expect(farBelow(demoYacht("gannet-rock"), { ...seasoned, longestM: 10 })).toEqual({
      reasons: [{ why: "much-longer", values: { lengthM: 15.6, longestM: 10 } }],
      remedies: ["longer-briefing"],
    });
    expect(farBelow(heron, { longestM: 0, weeks: 0, handled: [], language: "en" })?.remedies).toEqual([
      "longer-briefing",
      "trial-sail",
      "hired-skipper",
    ]);
    expect(
      farBelow(demoYacht("two-lanterns"), { ...seasoned, weeks: 1, handled: ["diesel", "in-mast"] })?.reasons.map(
        (reason) => reason.why,
      ),
    ).toEqual(["few-weeks", "never-two-hulls"]);
    expect(
      farBelow(demoYacht("little-auk"), {
        longestM: 6,
        weeks: 1,
        handled: ["outboard", "slab-reefing"],
        language: "en",
      }),
    ).toBeNull();
  });
});

describe("questions", () => {
  it.each(fleet)(
    "of %s are each asked once, have one right answer among different ones, and leave no safety topic out",
    (slug) => {
      const file = demoYacht(slug);
      const questions = questionsOf(file);
      expect(new Set(questions.map((question) => question.id)).size).toBe(questions.length);
      for (const { options, right } of questions) {
        expect(options.filter((option) => option.id === right)).toHaveLength(1);
        expect(options.length).toBeGreaterThan(1);
        expect(new Set(options.map((option) => JSON.stringify(option.words))).size).toBe(options.length);
        for (const option of options) if ("text" in option.words) expect(option.words.text).not.toMatch(/[{}]/);
      }
      const topics = new Set(questions.map((question) => question.topic));
      expect(
        topicsOf(file)
          .filter((topic) => topic.safety && !topics.has(topic.id))
          .map((topic) => topic.id),
      ).toEqual([]);
    },
  );

  it("are true of this very yacht: red is 10 m on one sister and 20 m on the other", () => {
    const mark = (slug: string) => questionsOf(demoYacht(slug)).find((question) => question.id === "chain-mark");
    expect([mark("quillback")?.right, mark("cold-harbour")?.right]).toEqual(["yellow", "red"]);
    const valve = (slug: string) =>
      questionsOf(demoYacht(slug)).find((question) => question.id === "valve-shut-tank-valve-aft")?.right;
    expect(valve("cold-harbour")).toBe("anticlockwise");
    expect(
      questionsOf(demoYacht("cold-harbour")).find((question) => question.id === "first-step-engine-stop")?.right,
    ).toBe("step-1");
    expect(questionsOf(demoYacht("gannet-rock")).find((question) => question.id === "cooling-water")?.right).toBe("15");
  });

  it("do not betray the right answer by where it stands", () => {
    const places = fleet.flatMap((slug) =>
      questionsOf(demoYacht(slug)).map(({ options, right }) => options.findIndex((option) => option.id === right)),
    );
    for (const place of [0, 1, 2])
      expect(places.filter((each) => each === place).length).toBeGreaterThan(places.length * 0.15);
  });
});

describe("a study", () => {
  const questions = questionsOf(heron);
  const at = (minute: number) => `2027-06-10T09:${String(minute).padStart(2, "0")}:00Z`;
  let count = 0;
  const answer = (minute: number, more: object): StudyAnswer =>
    ({
      v: 1,
      id: `00000000-0000-4000-8000-${String((count += 1)).padStart(12, "0")}`,
      revision: 1,
      at: at(minute),
      ...more,
    }) as StudyAnswer;
  const chain = questions.find((question) => question.id === "chain-mark")!;
  const wrongOption = chain.options.find((option) => option.id !== chain.right)!.id;

  it("keeps the last word on each thing, in any order of arrival, also twice", () => {
    const answers = [
      answer(1, { about: "check", question: "chain-mark", value: wrongOption }),
      answer(2, { about: "check", question: "chain-mark", value: chain.right }),
      answer(1, { about: "topic", topic: "raft", value: "ask" }),
      answer(3, { about: "topic", topic: "raft", value: "open" }),
      answer(4, { about: "topic", topic: "head", value: "understood" }),
      answer(5, { about: "question", topic: "head", value: "Which way is it flushed?" }),
    ];
    const state = studyState(answers, questions);
    expect([...state.checks]).toEqual([["chain-mark", { option: chain.right, right: true }]]);
    expect([...state.marks]).toEqual([["head", "understood"]]);
    expect(state.questions.map((question) => question.words)).toEqual(["Which way is it flushed?"]);
    expect(studyState([...answers, ...answers].reverse(), questions)).toEqual(state);
  });

  it("counts an answer that the file no more knows as not given", () => {
    expect(
      studyState(
        [
          answer(1, { about: "check", question: "chain-mark", value: "puce" }),
          answer(1, { about: "check", question: "gone", value: "red" }),
        ],
        questions,
      ).checks.size,
    ).toBe(0);
  });

  it("makes a topic hands-on by a wrong answer, and the walk longer", () => {
    const before = briefingPlan(heron, [answer(1, { about: "experience", value: seasoned })]);
    const after = briefingPlan(heron, [
      answer(1, { about: "experience", value: seasoned }),
      answer(2, { about: "check", question: "chain-mark", value: wrongOption }),
    ]);
    const windlass = (plan: typeof before) => plan.topics.find(({ topic }) => topic.id === "windlass");
    expect([windlass(before)?.depth, windlass(after)?.depth, windlass(after)?.minutes]).toEqual([
      "normal",
      "hands-on",
      7.5,
    ]);
    expect(walkMinutes(heron, after.minutes)).toBeGreaterThan(walkMinutes(heron, before.minutes));
    expect(before.farBelow).toBeNull();
  });
});

describe("the stops of a yacht", () => {
  const after = (file: YachtFile, id: string) => [...(ruledStops(file).find((each) => each.id === id)?.after ?? [])];

  it("wait as the rules say: dips before the start, windlass and thruster with the engine open and their switches on", () => {
    const file = structuredClone(demoYacht("quillback"));
    for (const stop of Object.values(file.stops)) stop.after = [];
    expect(after(file, "engine-start")).toContain("oil-and-coolant");
    expect(after(file, "windlass")).toEqual(expect.arrayContaining(["engine-start", "windlass-switch"]));
    expect(after(file, "thruster")).toContain("engine-start");
    const sequence = planWalk(walkInput(file, "shortest")).sequence;
    for (const [earlier, later] of [
      ["oil-and-coolant", "engine-start"],
      ["engine-start", "windlass"],
      ["windlass-switch", "windlass"],
      ["windlass", "engine-stop"],
      ["thruster", "engine-stop"],
    ] as const) {
      expect([earlier, later, sequence.indexOf(earlier) < sequence.indexOf(later)]).toEqual([earlier, later, true]);
    }
  });

  it("in the engine space come before the start, or after the stop", () => {
    const file = structuredClone(demoYacht("quillback"));
    file.stops.strainer = {
      place: "engine-space",
      system: "engine",
      minutes: 1,
      after: ["engine-start"],
      safety: false,
      topics: [],
    };
    file.stops.bolts = {
      place: "engine-space",
      system: "hull-and-deck",
      minutes: 1,
      after: [],
      safety: false,
      topics: [],
    };
    const sequence = planWalk(walkInput(file, "shortest")).sequence;
    expect(sequence.indexOf("strainer")).toBeGreaterThan(sequence.indexOf("engine-stop"));
    expect(sequence.indexOf("bolts")).toBeLessThan(sequence.indexOf("engine-start"));
  });

  it("can be pinned first or last, with what they depend on kept", () => {
    const file = structuredClone(heron);
    file.stops.raft!.pin = "last";
    file.stops.radio!.pin = "first";
    const { sequence } = planWalk(walkInput(file, "shortest"));
    expect(sequence.at(-1)).toBe("raft");
    // the radio needs the panel, and the panel the batteries
    expect(sequence.slice(0, 3)).toEqual(["power-on", "panel", "radio"]);
  });

  it("can be moved between two others, with what they depend on kept", () => {
    const file = structuredClone(heron);
    const { sequence: usual } = planWalk(walkInput(file, "shortest"));
    // from the end of the walk to its third place
    const [second, third] = [usual[1]!, usual[2]!];
    const moved = usual.findLast((id) => !ruledStops(file).some((each) => each.id === id && each.after.size > 0))!;
    file.stops[moved]!.between = { after: second, before: third };
    const { sequence } = planWalk(walkInput(file, "shortest"));
    expect(usual.indexOf(moved)).toBeGreaterThan(2);
    expect(sequence.indexOf(moved)).toBeGreaterThan(sequence.indexOf(second));
    expect(sequence.indexOf(moved)).toBeLessThan(sequence.indexOf(third));
    // the engine is not stopped before it is started, wherever somebody moves it
    file.stops["engine-stop"]!.between = { before: "engine-start" };
    const stopped = planWalk(walkInput(file, "shortest")).sequence;
    expect(stopped.indexOf("engine-stop")).toBeGreaterThan(stopped.indexOf("engine-start"));
  });

  // by system each plan takes a while, so two yachts stand for the fleet there
  it.each(
    fleet.flatMap((slug) =>
      orders
        .filter((order) => order !== "by-system" || slug === "pale-heron" || slug === "little-auk")
        .map((order) => [slug, order] as const),
    ),
  )(
    "of %s, %s: walked to the end with one put off, nothing is tried before what it depends on",
    (slug, order) => {
      const file = demoYacht(slug);
      const ruled = ruledStops(file);
      const [behind, putOff] = [new Set<string>(), new Set<string>()];
      const walked: string[] = [];
      let at: string | null = null;
      const off = slug === "little-auk" ? "outboard" : "windlass";
      while (behind.size < ruled.length) {
        const plan = planWalk(walkInput(file, order, { behind, putOff, at }));
        expect(plan.sequence).toHaveLength(ruled.length - behind.size);
        const next = plan.sequence[0]!;
        if (next === off && !putOff.has(off)) {
          putOff.add(off);
          continue;
        }
        walked.push(next);
        behind.add(next);
        at = file.stops[next]!.place;
      }
      const index = (id: string) => walked.indexOf(id);
      for (const each of ruled) {
        for (const earlier of each.after)
          expect([earlier, each.id, index(earlier) < index(each.id)]).toEqual([earlier, each.id, true]);
        // whatever needs open what this one closes comes before it
        if (each.closes)
          for (const other of ruled)
            if (other !== each && other.after.has(each.closes) && !other.after.has(each.id))
              expect([other.id, index(other.id) < index(each.id)]).toEqual([other.id, true]);
      }
      // what was put off comes, with what depends on it, after all others
      const behindIt = walked.slice(index(off) + 1);
      for (const id of behindIt)
        expect([
          id,
          planWalk(walkInput(file, order, { ...notBegun, putOff: new Set([off]) })).sequence.indexOf(id) > 0,
        ]).toEqual([id, true]);
      expect(behindIt.length).toBeLessThan(4);
    },
    60_000,
  );
});
