import { Type, type Static } from "@sinclair/typebox";
import { Sha256 } from "../../basics/ids";
import { Surface } from "../../yacht/schema";
import type { Said } from "../../basics/said";
import { lineOf, valueOf } from "./common";
import type { LineKind } from "./line-kind";
import { viewId, viewPlaces } from "./view-places";

/** One side of the yacht looked at as a whole, for what is new on it; the same views at every handover. */
export const ViewLine = lineOf("view", {
  surface: Surface,
  /** the picture of the last handover */
  photos: Type.Array(Sha256),
});
export type ViewLine = Static<typeof ViewLine>;

/** Nothing new on a view, with the photo that shows it; null where it was looked at by eye alone. */
export const ViewValue = valueOf({ nothingNew: Type.Literal(true), photo: Type.Union([Sha256, Type.Null()]) });
export type ViewValue = Static<typeof ViewValue>;

/** What a view is by type. */
export interface View {
  name: "view";
  aspect: "view";
  line: ViewLine;
  value: ViewValue;
  reason: never;
  difference: never;
}

/** A side of the yacht, looked at as a whole; what is new on it stands as a mark of its own. */
export const view: LineKind<View> = {
  name: "view",
  schema: ViewLine,
  aspect: "view",
  valueSchema: () => ViewValue,
  fromFile: ({ yacht: { file }, viewPhotos }) =>
    [...viewPlaces(file)].map(([surface, place]) => ({
      id: viewId(surface),
      kind: "view",
      place,
      name: { en: surface.replace("-", " ") },
      system: "hull-and-deck",
      safety: false,
      surface,
      photos: [...(viewPhotos[surface] ?? [])],
    })),
  seconds: 20,
  verdict: () => "fine",
  words: (_line, { photo }): Said => ({ key: photo === null ? "view.said-by-eye" : "view.said-photo" }),
  compare: null,
  isDefect: () => false,
  reasons: () => [],
  group: () => "hull",
  paper: () => [{ say: { key: "view.by-eye" }, box: true }],
  sample: () => ({ nothingNew: true, photo: null }),
};
