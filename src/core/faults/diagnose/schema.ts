import { Type, type Static } from "@sinclair/typebox";

const closed = { additionalProperties: false } as const;
const Id = Type.String({ minLength: 1, maxLength: 120 });

/** Something to look at, which finds its cause surely. */
export const DiagnoseCheck = Type.Object(
  {
    id: Id,
    /** that its cause is the one, 0 to 1 */
    chance: Type.Number(),
    /** what looking takes, without the walk */
    seconds: Type.Number(),
    place: Id,
    /** checks that must have been done before */
    after: Type.Optional(Type.Array(Id)),
    /** comes, with all it needs, before every check that is not for safety */
    safety: Type.Optional(Type.Boolean()),
  },
  closed,
);
export type DiagnoseCheck = Static<typeof DiagnoseCheck>;

export const DiagnoseInput = Type.Object(
  {
    checks: Type.Array(DiagnoseCheck, { maxItems: 200 }),
    ways: Type.Array(
      Type.Object({ from: Id, to: Id, seconds: Type.Number(), oneWay: Type.Optional(Type.Boolean()) }, closed),
      { maxItems: 5000 },
    ),
    start: Id,
  },
  closed,
);
export type DiagnoseInput = Static<typeof DiagnoseInput>;

/** Which check first. */
export interface Diagnosis {
  order: string[];
  /** until the cause is found, or all has been looked at */
  expectedSeconds: number;
  /** whether no other allowed order takes less, proven */
  optimal: boolean;
}
