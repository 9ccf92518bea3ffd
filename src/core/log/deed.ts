import { canonicalJson } from "../basics/digest";

/** One change at a base as it is kept: who did it, by what, and what stood there before and after. */
export interface Deed {
  id: number;
  at: string;
  /** the deeds of one request have the same */
  request: string;
  /** the endpoint or task by which it was done */
  action: string;
  kind: "staff" | "charter" | "device" | "anyone" | "house" | "program";
  /** who did it, by name; null where nobody is known, or the name was erased */
  by: string | null;
  /** what the browser calls itself */
  device: string | null;
  /** the kind of thing that was changed, by its table's name */
  subject: string;
  charter: string | null;
  yacht: string | null;
  /** whom it concerns, of the base's people */
  of: string | null;
  was: Record<string, unknown> | null;
  became: Record<string, unknown>;
}

/** What one request changed. */
export interface DeedGroup {
  first: Deed;
  deeds: Deed[];
}

/** Deeds, newest first, put together by the request that they were done in. */
export function byRequest(deeds: readonly Deed[]): DeedGroup[] {
  const groups: DeedGroup[] = [];
  for (const deed of deeds) {
    const last = groups.at(-1);
    if (last?.first.request === deed.request) last.deeds.push(deed);
    else groups.push({ first: deed, deeds: [deed] });
  }
  return groups;
}

/** A field that a deed changed: null where nothing stood there, or stands there now. */
export interface ChangedField {
  /** as the yacht's file writes its fields: startsAt */
  field: string;
  was: unknown;
  is: unknown;
}

const camel = (column: string): string => column.replace(/_([a-z])/g, (_, letter: string) => letter.toUpperCase());
const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The fields of a deed that differ; what lies in an object is a field by itself. */
export function changedFields(deed: Pick<Deed, "was" | "became">): ChangedField[] {
  return fieldsOf(deed).filter(({ was, is }) => canonicalJson(was) !== canonicalJson(is));
}

function fieldsOf({ was, became }: Pick<Deed, "was" | "became">): ChangedField[] {
  return Object.keys({ ...was, ...became }).flatMap((column) => {
    const [before, after] = [was?.[column] ?? null, became[column] ?? null];
    if (!isObject(before) && !isObject(after)) return [{ field: camel(column), was: before, is: after }];
    const [from, to] = [isObject(before) ? before : {}, isObject(after) ? after : {}];
    return Object.keys({ ...from, ...to }).map((key) => ({
      field: camel(key),
      was: from[key] ?? null,
      is: to[key] ?? null,
    }));
  });
}
