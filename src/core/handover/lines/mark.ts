import { Type, type Static } from "@sinclair/typebox";
import { Sha256, InstantText } from "../../basics/ids";
import { Group } from "../../yacht/schema";
import type { Said } from "../../basics/said";
import { lineOf, valueOf } from "./common";
import type { LineInput } from "./line-input";
import type { LineKind } from "./line-kind";
import { Mark } from "./mark-form";
import { viewId, viewPlaces } from "./view-places";

export const MarkLine = lineOf("mark", {
  /** the view it is looked at with, where it is too small for a word of its own */
  view: Type.Optional(Type.String()),
  group: Group,
  mark: Mark,
  photos: Type.Array(Sha256),
  since: Type.Union([InstantText, Type.Null()]),
});
export type MarkLine = Static<typeof MarkLine>;

const states = ["still-so", "worse", "mended"] as const;
export const MarkStateValue = valueOf({
  state: Type.Union([Type.Literal("still-so"), Type.Literal("worse"), Type.Literal("mended")]),
});
export type MarkStateValue = Static<typeof MarkStateValue>;

/** What a mark is by type. */
export interface MarkTypes {
  name: "mark";
  aspect: "mark-state";
  line: MarkLine;
  value: MarkStateValue;
  reason: "mark-worse";
  difference: never;
}

function fromFile({ knownMarks, rules, yacht: { file } }: LineInput): MarkLine[] {
  const views = viewPlaces(file);
  const viewOf = ({ sizeMm, surface }: Mark) =>
    sizeMm < rules.markSingleFromMm && views.has(surface) ? { view: viewId(surface) } : {};
  return knownMarks.map(({ id, mark: known, photos, since }) => ({
    id: `mark:${id}`,
    kind: "mark",
    place: known.place,
    name: { en: known.words === "" ? known.kind : known.words },
    system: "hull-and-deck",
    safety: false,
    ...viewOf(known),
    group: "hull",
    mark: known,
    photos,
    since,
  }));
}

/** A mark known from before: still so, worse or mended. Marks of two records are compared among each other, not line by line. */
export const mark: LineKind<MarkTypes> = {
  name: "mark",
  schema: MarkLine,
  aspect: "mark-state",
  valueSchema: () => MarkStateValue,
  fromFile,
  seconds: 10,
  verdict: (_line, { state }) => (state === "worse" ? "watch" : "fine"),
  words: (_line, { state }): Said => ({ key: `mark-state.${state}` }),
  compare: null,
  isDefect: () => false,
  reasons: (_line, { state }) => (state === "worse" ? [{ code: "mark-worse", blocks: false }] : []),
  group: (line) => line.group,
  paper: () => states.map((state) => ({ say: { key: `mark-state.${state}` }, box: true })),
  sample: () => ({ state: "still-so" }),
};
