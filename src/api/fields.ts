import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { Key } from "../core/yacht/parts/basics";
import { closed } from "./schemas/closed";

/** A few words that somebody typed: not blank. */
export const words = (maxLength: number) => Type.String({ minLength: 1, maxLength, pattern: "\\S" });

/** The parts of an address that name one thing by its id, or one yacht or class by its short name. */
export const ById = Type.Object({ id: Uuid }, closed);
export const BySlug = Type.Object({ slug: Key }, closed);

/** A key that the device makes for one request, so that asking again does nothing twice. */
export const RequestKey = Type.String({ minLength: 8, maxLength: 80, pattern: "^[\\w-]+$" });

/** A day as it is written, "2027-06-12". */
export const DayText = Type.String({ pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$", format: "date" });

/** A number in a row that the database keeps: of the feed, of a draft's changes. */
export const RowNumber = Type.Integer({ minimum: 0, maximum: 2_147_483_647 });
