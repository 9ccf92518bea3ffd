import { Type, type Static } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { Key } from "../core/yacht/parts/basics";
import { staff } from "./callers";
import { endpoint, media } from "./endpoint";
import { DayText } from "./fields";
import { closed } from "./schemas/closed";

/** Of whom or what the log is wanted, and between which days at the base, both of them with it. */
export const LogFilter = Type.Object(
  {
    charter: Type.Optional(Type.String({ maxLength: 40 })),
    yacht: Type.Optional(Key),
    person: Type.Optional(Uuid),
    from: Type.Optional(DayText),
    to: Type.Optional(DayText),
  },
  closed,
);
export type LogFilter = Static<typeof LogFilter>;

export const saveLog = endpoint({
  name: "save-log",
  method: "GET",
  path: "/api/log.csv",
  about: "What was done at the base, newest first, as CSV: of a charter, a yacht or a person, between two days.",
  who: [staff("see-log")],
  query: LogFilter,
  answer: media("text/csv"),
});
