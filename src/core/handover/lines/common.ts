import { Type, type Static, type TProperties } from "@sinclair/typebox";
import { clearanceTopics, type ClearanceTopic } from "../../basics/clearance-topics";
import { Words } from "../../basics/words";
import { Key, System } from "../../yacht/schema";

/** The fields that every line has. */
export const commonFields = {
  id: Type.String({ pattern: "^[a-z]+:[a-z0-9-]{1,80}$" }),
  place: Key,
  /** on a prep, whose places are the sections of the round: where aboard it is */
  at: Type.Optional(Key),
  name: Words,
  system: System,
  safety: Type.Boolean(),
  /** what it is about, where that decides whether she may leave */
  matter: Type.Optional(Type.Unsafe<ClearanceTopic>({ type: "string", enum: [...clearanceTopics] })),
};

export type CommonLine = Static<ReturnType<typeof Type.Object<typeof commonFields>>>;

/** The form of a line of one kind. */
export const lineOf = <const Name extends string, Fields extends TProperties>(name: Name, fields: Fields) =>
  Type.Object({ ...commonFields, kind: Type.Literal(name), ...fields }, { additionalProperties: false });

/** A value of one kind of line: nothing but its own fields. */
export const valueOf = <Fields extends TProperties>(fields: Fields) =>
  Type.Object(fields, { additionalProperties: false });
