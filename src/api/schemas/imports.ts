import { Type, type Static } from "@sinclair/typebox";
import { charterColumns, type CharterColumn } from "../../core/imports/columns";
import { crewColumns, type CrewColumn, type CrewFate } from "../../core/imports/crew";
import { dateOrders } from "../../core/imports/cells";
import type { KeptMappings } from "../../core/imports/mappings";
import type { RowChange, RowFate } from "../../core/imports/known";
import type { RowFault } from "../../core/imports/row";
import { oneOf } from "../../core/yacht/parts/basics";
import { closed } from "./closed";

/** More rows than any list of charters has that somebody looks through. */
export const mostRows = 6000;

const columns: readonly CharterColumn[] = charterColumns;

/** Rows of a list as it was read: what each cell is, by its column, and the line that each row begins on. */
export const GivenList = Type.Object(
  {
    columns: Type.Array(oneOf(columns), { minItems: 1, maxItems: columns.length, uniqueItems: true }),
    /** which comes first where a day is written in figures */
    order: oneOf(dateOrders),
    rows: Type.Array(
      Type.Object(
        {
          line: Type.Integer({ minimum: 1, maximum: 1_000_000 }),
          cells: Type.Array(Type.String({ maxLength: 500 }), { maxItems: columns.length }),
        },
        closed,
      ),
      { minItems: 1, maxItems: mostRows },
    ),
  },
  closed,
);
export type GivenList = Static<typeof GivenList>;

/** What would become of one row. */
export type RowView = Pick<RowFate, "line" | "reference" | "fate" | "isKnown" | "changes" | "faults"> & {
  /** what a new charter would be, in a line */
  yacht: string;
  fromDay: string;
  toDay: string;
  charterer: string;
};

/** A list that was taken in. */
export interface ImportRunView {
  id: string;
  fileName: string;
  at: string;
  by: string;
  new: number;
  changed: number;
  /** changed mail addresses or telephone numbers alone */
  contacts: number;
  same: number;
  leftOut: number;
  undone: number;
}

/** A row that a list brought. */
export interface ImportRowView {
  line: number;
  reference: string;
  fate: "new" | "changed";
  undoneAt: string | null;
}

/** What the page for taking lists in begins with. */
export interface ImportStart {
  timeZone: string;
  mappings: KeptMappings;
  mappingsNumber: number;
  runs: ImportRunView[];
}

export type { RowChange, RowFault };

const crew: readonly CrewColumn[] = crewColumns;

/** Rows of crew lists as they were read, one a person. */
export const GivenCrews = Type.Object(
  {
    columns: Type.Array(oneOf(crew), { minItems: 1, maxItems: crew.length, uniqueItems: true }),
    rows: Type.Array(
      Type.Object(
        {
          line: Type.Integer({ minimum: 1, maximum: 1_000_000 }),
          cells: Type.Array(Type.String({ maxLength: 500 }), { maxItems: crew.length }),
        },
        closed,
      ),
      { minItems: 1, maxItems: mostRows },
    ),
  },
  closed,
);
export type GivenCrews = Static<typeof GivenCrews>;

/** What would become of the crew list of one charter. */
export type CrewView = Omit<CrewFate, "becomes">;
