import { Type, type Static } from "@sinclair/typebox";
import { InstantText, Sha256, Uuid } from "../../basics/ids";
import { Key, oneOf, systems } from "../parts/basics";
import { fittingKinds } from "../parts/fittings";

const closed = { additionalProperties: false } as const;
const Text = Type.String({ maxLength: 500 });

/** Collections whose parts somebody aboard can point at. */
export const notedCollections = ["fittings", "inventory", "tests", "readings", "looks"] as const;
export type NotedCollection = (typeof notedCollections)[number];

/**
 * What somebody aboard says of her file: a thing is as it stands there, is somewhere else or reads otherwise, is not on
 * this boat, or is there and not in the file, or is there as the class has it though her file has not; or something is odd
 * about her. It changes nothing by itself: at the desk it is a proposed change.
 */
export const YachtNote = Type.Object(
  {
    v: Type.Literal(1),
    /** UUID v7, made on the device */
    id: Uuid,
    /** the yacht's short name */
    yacht: Key,
    kind: oneOf(["as-in-file", "different", "not-here", "new", "as-class", "odd"] as const),
    /** the part of the file it is about; null for a new thing */
    about: Type.Union([Type.Object({ collection: oneOf(notedCollections), key: Key }, closed), Type.Null()]),
    /** where one stood */
    place: Type.Union([Key, Type.Null()]),
    /** of something odd: what of her it belongs to */
    system: Type.Optional(oneOf(systems)),
    /** of a new thing: what it is called, and what it is; a count makes it a thing of the inventory */
    name: Text,
    thing: Type.Union([oneOf(fittingKinds), Type.Null()]),
    count: Type.Union([Type.Integer({ minimum: 0, maximum: 9999 }), Type.Null()]),
    /** exactly where, and how it is worked or reads; empty where nothing was said */
    where: Text,
    how: Text,
    photos: Type.Array(Sha256, { maxItems: 6 }),
    at: InstantText,
  },
  closed,
);
export type YachtNote = Static<typeof YachtNote>;

/** The part of the file that a line of a handover's list stands for; null for papers, marks and what the list adds by itself. */
export function partOfLine(line: string): { collection: NotedCollection; key: string } | null {
  const [kind = "", key = ""] = line.split(":");
  const collection = ({ count: "inventory", test: "tests", reading: "readings", look: "looks" } as const)[kind];
  return collection && key !== "" ? { collection, key } : null;
}
