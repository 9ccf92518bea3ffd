import { Type, type Static } from "@sinclair/typebox";
import { clearanceTopics, usuallyNeverLetGo, type ClearanceTopic } from "../basics/clearance-topics";

/** What a base settles for all its yachts and handovers. Where a yacht's file or a charter's terms say otherwise, they win. */
export const BaseRules = Type.Object(
  {
    /** whether a skipper may walk a yacht without a briefer, from the boat book; what else it takes stands in `notAlone` */
    walkAlone: Type.Boolean(),
    /** how much shorter the talk about a device gets for who has done its drill alone, percent; trying it aboard never */
    drillSharePercent: Type.Optional(Type.Integer({ minimum: 0, maximum: 60 })),
    /** devices whose drills are done alone before a skipper walks a yacht that has them without a briefer */
    drillsBeforeAlone: Type.Optional(
      Type.Array(Type.String({ pattern: "^[a-z]+(-[a-z]+)*$", maxLength: 40 }), { maxItems: 40, uniqueItems: true }),
    ),
    /** whether managers sign in with a code of their phone as well as the password */
    managerCode: Type.Optional(Type.Boolean()),
    /** whether what ought to be there is shown before one counts, or after it: a blind count is the more honest one */
    expectedShown: Type.Union([Type.Literal("before"), Type.Literal("after")]),
    /** marks below this are wear and are not recorded; from the second figure on each known one is confirmed by itself */
    markFromMm: Type.Integer({ minimum: 0, maximum: 500 }),
    markSingleFromMm: Type.Integer({ minimum: 0, maximum: 5000 }),
    /** two marks of one kind nearer than this are the same mark; one so many times as long as before is worse */
    markToleranceM: Type.Optional(Type.Number({ minimum: 0, maximum: 5 })),
    markWorseFactor: Type.Optional(Type.Number({ minimum: 1, maximum: 10 })),
    /** hours after leaving the berth within which a late finding counts, where a line says no other */
    lateHours: Type.Integer({ minimum: 1, maximum: 168 }),
    /** days within which one who did not sign can object to a statement */
    objectDays: Type.Optional(Type.Integer({ minimum: 1, maximum: 90 })),
    /** minutes after which what a boat's data server measured is too old to be taken */
    boatDataMinutes: Type.Optional(Type.Integer({ minimum: 1, maximum: 1440 })),
    /** mean wind of the first day above which she stays */
    windLimitKn: Type.Integer({ minimum: 5, maximum: 60 }),
    /** the same for gusts */
    gustLimitKn: Type.Optional(Type.Integer({ minimum: 5, maximum: 90 })),
    /** what no manager lets go without */
    neverLetGo: Type.Array(Type.Unsafe<ClearanceTopic>({ type: "string", enum: [...clearanceTopics] }), {
      uniqueItems: true,
    }),
    /** limits of readings that win over general practice, by kind of reading */
    readingLimits: Type.Record(Type.String(), Type.Record(Type.String(), Type.Number())),
  },
  { additionalProperties: false },
);
export type BaseRules = Static<typeof BaseRules>;

/** What holds at a base that has settled nothing yet: the careful school of each question. */
export const usualRules: BaseRules = {
  walkAlone: false,
  drillSharePercent: 30,
  drillsBeforeAlone: [],
  managerCode: false,
  expectedShown: "after",
  markFromMm: 20,
  markSingleFromMm: 100,
  markToleranceM: 0.15,
  markWorseFactor: 1.5,
  lateHours: 24,
  objectDays: 14,
  boatDataMinutes: 15,
  windLimitKn: 25,
  gustLimitKn: 34,
  neverLetGo: [...usuallyNeverLetGo],
  readingLimits: {},
};

/** The rules of a base out of what it settled so far: what it has not is as usual. */
export function rulesFrom(settled: Partial<BaseRules> | null): BaseRules {
  return { ...usualRules, ...settled };
}
