import { demoYacht } from "../../testing/demo-yacht";
import { id } from "../../testing/records";
import { topicsOf } from "../briefing/topics";
import type { TroubleAnswer } from "./entry";
import { earlierAnswers, type GivenAnswer } from "./earlier";
import { faultsOf, kindOf } from "./fault";
import { causeOf } from "./lead";
import { topicOfFault } from "./topic";
import type { Trouble } from "./trouble";

const file = demoYacht("pale-heron");
const windlass = faultsOf(file).find(({ key }) => key === "windlass-dead")!;
const said = (check: string, answer: TroubleAnswer["said"], about: TroubleAnswer["about"] = "look") => ({
  ...{ about, check },
  heads: [
    {
      ...{ v: 1 as const, id: id(40), yacht: "pale-heron", at: "2027-06-12T20:00:00.000Z", basis: [] },
      ...{ kind: "trouble-answer" as const, trouble: id(1), about, check, said: answer },
    },
  ],
});
const trouble = (change: Partial<Trouble> = {}): Trouble => ({
  ...{ id: id(1), fault: "windlass-dead", begunAt: "2027-06-12T20:00:00.000Z", said: [], calls: [], end: null },
  ...change,
});
const given = (number: number, change: Partial<GivenAnswer> = {}): GivenAnswer => ({
  ...{
    trouble: id(number),
    at: `2027-05-${10 + number}T10:00:00.000Z`,
    words: `Answer ${number}.`,
    yacht: "Quillback",
  },
  ...{ found: ["breaker"] },
  ...change,
});

describe("what was answered before", () => {
  const found = trouble({ said: [said("breaker", "is"), said("breaker", "works", "tried")] });
  const words = (answers: GivenAnswer[], of = found) => earlierAnswers(windlass, of, answers).map((each) => each.words);

  it("to the same finding comes newest first, three at most", () => {
    expect(words([2, 5, 3, 4].map((number) => given(number)))).toEqual(["Answer 5.", "Answer 4.", "Answer 3."]);
  });
  it("is neither the answer to this very call nor one to another finding, and each wording once", () => {
    expect(
      words([
        given(1),
        given(2, { found: ["switch"] }),
        given(3, { found: [] }),
        given(4, { words: "Leave it." }),
        given(5, { words: " leave it. " }),
      ]),
    ).toEqual([" leave it. "]);
  });
  it("to those that found nothing comes to one that found nothing", () => {
    expect(words([given(2), given(3, { found: [] })], trouble())).toEqual(["Answer 3."]);
  });
});

describe("what a trouble was", () => {
  it("is what was said at the end, before what was found on the way", () => {
    const end = { kind: "trouble-end", outcome: "works", found: "engine", words: "" } as Trouble["end"];
    const way = [said("breaker", "is"), said("breaker", "works", "tried")];
    expect(causeOf(windlass, trouble({ said: way }))?.key).toBe("breaker");
    const key = windlass.checks.find((check) => check.key !== "breaker")!.key;
    expect(causeOf(windlass, trouble({ said: way, end: { ...end!, found: key } }))?.key).toBe(key);
    expect(causeOf(windlass, trouble({ end: { ...end!, found: null } }))).toBeNull();
  });
});

describe("the stop of the briefing that takes up a fault", () => {
  it.each(["pale-heron", "cold-harbour", "little-auk"] as const)(
    "is of its system or looks at its fittings, for every fault of %s that has one",
    (slug) => {
      const her = demoYacht(slug);
      const topics = new Map(topicsOf(her).map((topic) => [topic.id, topic]));
      const led = faultsOf(her).flatMap((fault) => {
        const topic = topics.get(topicOfFault(her, fault) ?? "");
        return topic ? [{ fault, topic }] : [];
      });
      expect(led.length).toBeGreaterThan(10);
      for (const { fault, topic } of led) {
        const isLooked = fault.checks.some(({ fitting }) => fitting !== null && topic.fittings.includes(fitting));
        expect([fault.key, isLooked || topic.system === fault.system]).toEqual([fault.key, true]);
      }
    },
  );
  it("is the anchor's for a windlass, and none where her file has no stops", () => {
    expect(file.stops[topicOfFault(file, windlass)!]?.system).toBe("anchoring");
    expect(topicOfFault({ ...file, stops: {} }, windlass)).toBeNull();
  });
  it("has the kind of a fault from its key", () => {
    expect([kindOf("head-blocked.fore"), kindOf("windlass-dead")]).toEqual(["head-blocked", "windlass-dead"]);
  });
});
