import { Type } from "@sinclair/typebox";

/** What is sent to publish a yacht file or a class: the document, what it was made from, and the reasons. */
export const PublicationBody = Type.Object(
  {
    document: Type.Unknown(),
    onRevision: Type.Integer({ minimum: 1 }),
    onClass: Type.Optional(Type.Integer({ minimum: 1 })),
    why: Type.String({ maxLength: 500 }),
    accepts: Type.Record(Type.String({ maxLength: 300 }), Type.String({ maxLength: 500 })),
  },
  { additionalProperties: false },
);
