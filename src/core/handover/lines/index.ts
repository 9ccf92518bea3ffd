import { Type } from "@sinclair/typebox";
import { chain, type Chain } from "./chain";
import { count, type Count } from "./count";
import type { LineKind } from "./line-kind";
import { look, type Look } from "./look";
import { mark, type MarkTypes } from "./mark";
import { reading, type Reading } from "./reading";
import { test, type Test } from "./test";
import { view, type View } from "./view";

/** Every kind of line by type. */
interface Types {
  mark: MarkTypes;
  view: View;
  look: Look;
  test: Test;
  chain: Chain;
  reading: Reading;
  count: Count;
}
export type LineName = keyof Types;
type TypesOf<Name extends LineName> = Types[Name];

/** Every kind of line by its name, in the order in which they stand at a place. */
export const lineKinds: { [Name in LineName]: LineKind<Types[Name]> } = {
  mark,
  view,
  look,
  test,
  chain,
  reading,
  count,
};

/** A line of any kind, told apart by `kind`. */
export type Line = { [Name in LineName]: TypesOf<Name>["line"] }[LineName];
export const Line = Type.Union(Object.values(lineKinds).map(({ schema }) => schema));

/** What is recorded of a line as its main value. */
export type LineValue<L extends Line = Line> = TypesOf<L["kind"]>["value"];
/** The aspect under which that is recorded. */
export type MainAspect<L extends Line = Line> = TypesOf<L["kind"]>["aspect"];
/** The main values by their aspects. */
export type MainValues = { [Name in LineName as TypesOf<Name>["aspect"]]: TypesOf<Name>["value"] };
export type LineReasonCode = TypesOf<LineName>["reason"];
export type LineDifference = TypesOf<LineName>["difference"];

type KindOf<L extends Line> = LineKind<{
  name: L["kind"];
  aspect: MainAspect<L>;
  line: L;
  value: LineValue<L>;
  reason: LineReasonCode;
  difference: LineDifference;
}>;

/** The kind of a line. A line and a value of it belong together by its `kind`, which is what the cast says. */
export const kindOf = <L extends Line>(line: L): KindOf<L> => lineKinds[line.kind] as unknown as KindOf<L>;

/** A value that was recorded on a line, where it comes without its type: out of an entry that was checked when it came in. */
export const asRecorded = <L extends Line>(_line: L, value: unknown): LineValue<L> => value as LineValue<L>;

/** The subject of a line's entries. */
export const lineSubject = (lineId: string) => `line:${lineId}`;

export type { CountLine, CountValue } from "./count";
export type { LookLine, LookValue } from "./look";
export type { MarkLine, MarkStateValue } from "./mark";
export type { FetchedValue, ReadingLine } from "./reading";
export type { ResultValue, TestLine } from "./test";
export type { ViewLine, ViewValue } from "./view";
