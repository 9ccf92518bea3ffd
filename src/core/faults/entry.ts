import { Type, type Static, type TProperties } from "@sinclair/typebox";
import { InstantText, Uuid } from "../basics/ids";
import { oneOf } from "../yacht/parts/basics";
import { urgencies } from "./kinds/kind";

const closed = { additionalProperties: false } as const;
const FaultKey = Type.String({ pattern: "^[a-z0-9-]{1,60}(\\.[a-z0-9-]{1,60})?$" });
const CheckKey = Type.String({ pattern: "^[a-z0-9-]{1,60}$" });

/** What can be said about a check: what was seen, whether the cure helped, whether she is safe. */
export const answerAbouts = ["look", "tried", "safe"] as const;
export type AnswerAbout = (typeof answerAbouts)[number];
export const answers = ["is", "not", "cannot-find", "works", "not-yet", "yes", "no", "went-on"] as const;
export type AnswerSaid = (typeof answers)[number];

/** Entries of a trouble, as the log of a boat under way keeps them, on top of what every entry has. */
export const troubleEntries = <Common extends TProperties>(common: Common) =>
  [
    /** somebody began to look: the entry's own id is the trouble's */
    Type.Object({ ...common, kind: Type.Literal("trouble"), fault: FaultKey }, closed),
    Type.Object(
      {
        ...common,
        kind: Type.Literal("trouble-answer"),
        trouble: Uuid,
        about: oneOf(answerAbouts),
        check: CheckKey,
        said: oneOf(answers),
        /** the answers it replaces: one changed one's mind, or settled two */
        basis: Type.Array(Uuid, { maxItems: 10 }),
      },
      closed,
    ),
    /** what the base was told, and how soon it should act */
    Type.Object(
      {
        ...common,
        kind: Type.Literal("trouble-call"),
        trouble: Uuid,
        urgency: oneOf(urgencies),
        persons: Type.Integer({ minimum: 1, maximum: 60 }),
        words: Type.String({ maxLength: 500 }),
        /** by the device's clock, when it was said; it may reach the base a day later */
        saidAt: InstantText,
      },
      closed,
    ),
    Type.Object(
      {
        ...common,
        kind: Type.Literal("trouble-end"),
        trouble: Uuid,
        outcome: oneOf(["works", "lives-with"] as const),
        /** the check that found it, where one did */
        found: Type.Union([CheckKey, Type.Null()]),
        words: Type.String({ maxLength: 500 }),
      },
      closed,
    ),
  ] as const;

type Entries = ReturnType<typeof troubleEntries<{ id: typeof Uuid; at: typeof InstantText }>>;
export type TroubleBegun = Static<Entries[0]>;
export type TroubleAnswer = Static<Entries[1]>;
export type TroubleCall = Static<Entries[2]>;
export type TroubleEnd = Static<Entries[3]>;
export type TroubleEntry = TroubleBegun | TroubleAnswer | TroubleCall | TroubleEnd;
