import { Type, type Static } from "@sinclair/typebox";
import { byKey, oneOf, strict } from "../yacht/parts/basics";
import { dateOrders } from "./cells";
import { charterColumns, plain, type CharterColumn, type Mapping } from "./columns";

/** How the lists of one program are read: its heads by our columns, and how it writes days. */
export const KeptMapping = strict({
  name: Type.String({ minLength: 1, maxLength: 60, pattern: "\\S" }),
  columns: Type.Partial(
    strict(
      Object.fromEntries(
        charterColumns.map((column) => [column, Type.String({ minLength: 1, maxLength: 120 })]),
      ) as Record<CharterColumn, ReturnType<typeof Type.String>>,
    ),
    { additionalProperties: false },
  ),
  order: oneOf(dateOrders),
});
export type KeptMapping = Static<typeof KeptMapping>;

/** The mappings that a base keeps by name. */
export const KeptMappings = byKey(KeptMapping);
export type KeptMappings = Static<typeof KeptMappings>;

/** Where a kept mapping finds its columns in a file; null where a head that it names is not there. */
export function mappingIn({ columns }: KeptMapping, heads: readonly string[]): Mapping | null {
  const found = heads.map(plain);
  const mapping: Mapping = {};
  for (const column of charterColumns) {
    const head = columns[column];
    if (head === undefined) continue;
    const place = found.indexOf(plain(head));
    if (place < 0) return null;
    mapping[column] = place;
  }
  return mapping;
}

/** What is kept of a mapping: the heads that it takes, by our columns. */
export const headsOf = (mapping: Mapping, heads: readonly string[]): KeptMapping["columns"] =>
  Object.fromEntries(
    charterColumns.flatMap((column) => {
      const head = mapping[column] === undefined ? undefined : heads[mapping[column]];
      return head === undefined || head === "" ? [] : [[column, head]];
    }),
  );
