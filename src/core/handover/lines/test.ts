import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { entriesByOrder } from "../../yacht/by-order";
import { filledWords } from "../../yacht/figures";
import type { Said } from "../../basics/said";
import { lineOf, valueOf } from "./common";
import { groupOfSystem } from "./group-of-system";
import type { LineInput } from "./line-input";
import type { Change, LineKind, LineReason } from "./line-kind";

export const TestLine = lineOf("test", {
  how: Words,
  caution: Type.Union([Words, Type.Null()]),
  /** tried alongside, tried within some hours, or only shown and never tried (the distress button) */
  when: Type.Union([Type.Literal("alongside"), Type.Literal("may-wait"), Type.Literal("shown")]),
  /** hours after leaving the berth within which it must be tried; null when it must be tried alongside */
  waitHours: Type.Union([Type.Integer({ minimum: 1 }), Type.Null()]),
  /** of a task of the base: how long it takes one person on this yacht */
  minutes: Type.Optional(Type.Integer({ minimum: 1 })),
});
export type TestLine = Static<typeof TestLine>;

const text = Type.String({ minLength: 1, maxLength: 500, pattern: "\\S" });
const Fails = valueOf({ result: Type.Literal("fails"), remark: text });
const NotTried = valueOf({
  result: Type.Literal("not-tried"),
  reason: text,
  withinHours: Type.Union([Type.Integer({ minimum: 1, maximum: 168 }), Type.Null()]),
});
const Tried = Type.Union([
  valueOf({ result: Type.Literal("works") }),
  valueOf({ result: Type.Literal("works-but"), remark: text }),
  Fails,
  NotTried,
]);
/** For what is only shown: nobody can say that it works. */
const Shown = Type.Union([valueOf({ result: Type.Literal("shown") }), Fails, NotTried]);
export type ResultValue = Static<typeof Tried> | Static<typeof Shown>;

/** What a test is by type. */
export interface Test {
  name: "test";
  aspect: "result";
  line: TestLine;
  value: ResultValue;
  reason: "safety-test-fails" | "test-fails" | "safety-test-not-tried" | "test-waits";
  difference: "test-failing" | "test-working" | "not-checked-again";
}

const fromFile = ({ yacht: { file } }: LineInput): TestLine[] =>
  entriesByOrder(file.tests).map(([key, test]) => ({
    id: `test:${key}`,
    kind: "test",
    place: test.place,
    name: test.name,
    system: test.system,
    safety: test.safety ?? false,
    how: filledWords(file, test.how),
    caution: test.caution ? filledWords(file, test.caution) : null,
    ...(test.matter ? { matter: test.matter } : {}),
    when: test.when,
    waitHours: test.when === "may-wait" ? (test.waitHours ?? 24) : null,
  }));

/** A safety test that fails, or was not tried though it must be tried alongside, holds her. */
function reasons(line: TestLine, { result }: ResultValue): LineReason<Test["reason"]>[] {
  if (result === "fails") return [{ code: line.safety ? "safety-test-fails" : "test-fails", blocks: line.safety }];
  if (result !== "not-tried") return [];
  const mustBeTried = line.safety && line.when !== "may-wait";
  return [{ code: mustBeTried ? "safety-test-not-tried" : "test-waits", blocks: mustBeTried }];
}

const isBad = ({ result }: ResultValue) => result === "fails" || result === "works-but";

function compare(_line: TestLine, was: ResultValue | undefined, is: ResultValue): Change<Test["difference"]> | null {
  const known = was !== undefined && was.result !== "not-tried" ? was : null;
  if (is.result === "not-tried") return known ? { kind: "not-checked-again" } : null;
  if (known?.result === is.result) return null;
  if (!isBad(is)) return known && isBad(known) ? { kind: "test-working" } : null;
  if (!known) return { kind: "test-failing", unknownSince: true };
  // "works, but" after "fails" is no new fault
  return { kind: known.result === "fails" ? "test-working" : "test-failing" };
}

/** A thing to be tried by the skipper's own hand. */
export const test: LineKind<Test> = {
  name: "test",
  schema: TestLine,
  aspect: "result",
  valueSchema: (line) => (line.when === "shown" ? Shown : Tried),
  fromFile,
  seconds: 45,
  verdict: (line, { result }) => {
    if (result === "works" || result === "shown") return "fine";
    if (result === "works-but") return "watch";
    if (result === "fails") return line.safety ? "stop" : "watch";
    return line.safety && line.when !== "may-wait" ? "stop" : "watch";
  },
  words: (_line, value): Said => {
    if (value.result === "works" || value.result === "shown") return { key: `line.${value.result}` };
    if (value.result !== "not-tried") return { key: `line.${value.result}`, values: { remark: value.remark } };
    const { reason, withinHours: hours } = value;
    return hours === null
      ? { key: "line.not-tried", values: { reason } }
      : { key: "line.not-tried-within", values: { reason, hours } };
  },
  compare,
  isDefect: (_line, value) => isBad(value),
  reasons,
  group: groupOfSystem,
  paper: () => [
    { say: { key: "test.works" }, box: true },
    { say: { key: "test.fails" }, box: true },
    { say: { key: "test.not-tried" }, box: true, blank: "after" },
  ],
  sample: (line) => ({ result: line.when === "shown" ? "shown" : "works" }),
};
