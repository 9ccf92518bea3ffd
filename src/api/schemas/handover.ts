import { Type, type Static } from "@sinclair/typebox";
import { Area } from "../../core/area/area";
import type { NotTaken } from "@/core/readings/boat-reading";
import { Entry } from "../../core/handover/entry";
import { InstantText, PartySide, Sha256, Uuid } from "../../core/basics/ids";
import { GateContext } from "../../core/handover/gate/context";
import { HandoverList } from "../../core/handover/list";
import { HandoverKind } from "../../core/handover/lines/line-input";
import { Permit } from "../../core/handover/permit";
import { Manifest, Signature, SignatureContents } from "../../core/handover/seal";
import { standingProblems, type StandingProblem } from "../../core/handover/standing";
import { YachtFile } from "../../core/yacht/schema";
import { LeavingBerth } from "./leaving";
import { FactorCode } from "./second-factor";
import { ToldTrouble } from "./told-trouble";

const closed = { additionalProperties: false } as const;
const Named = Type.Object({ id: Uuid, name: Type.String() }, closed);

const Problems = Type.Array(Type.Unsafe<StandingProblem>({ type: "string", enum: [...standingProblems] }));

/** A signed record that reached the base and does not stand, and why: a person settles it. */
export const ReceivedRecord = Type.Object(
  {
    seal: Sha256,
    sealedAt: InstantText,
    problems: Problems,
  },
  closed,
);
export type ReceivedRecord = Static<typeof ReceivedRecord>;

/** How a handover stands with the base: what its devices hear with every exchange. */
const heard = {
  seal: Type.Union([Type.Object({ seal: Sha256, sealedAt: InstantText }, closed), Type.Null()]),
  /** signed records that do not stand and that nobody has sent back to be signed again; older bases did not say */
  received: Type.Optional(Type.Array(ReceivedRecord)),
  /** seals that somebody settled are to be signed again */
  sentBack: Type.Optional(Type.Array(Sha256)),
  context: GateContext,
  /** the base's word on who records on this device; null on a device of the skipper's side */
  permit: Type.Optional(Type.Union([Permit, Type.Null()])),
  serverTime: InstantText,
};
export type Heard = Pick<Static<typeof FeedPage>, "seal" | "received" | "sentBack" | "context" | "permit">;

/** What the base sends a device to work on a handover. */
export const HandoverBundle = Type.Object(
  {
    list: HandoverList,
    file: YachtFile,
    /** at check-in: the waters of the base, where it has told them */
    area: Type.Optional(Area),
    /** at check-in: how she leaves her berth; not where the base tells nothing of it, nor in bundles of before */
    leaving: Type.Optional(LeavingBerth),
    /** the yacht's short name; not in bundles that a device kept from before */
    slug: Type.Optional(Type.String()),
    base: Type.Object(
      { name: Type.String(), timeZone: Type.String(), phone: Type.String(), currency: Type.String() },
      closed,
    ),
    charter: Type.Object({ reference: Type.String(), skipper: Named, charterer: Named }, closed),
    me: Type.Object({ person: Uuid, name: Type.String(), side: PartySide, isManager: Type.Boolean() }, closed),
    /** at check-out: what was recorded at check-in, by line */
    before: Type.Record(
      Type.String(),
      Type.Object(
        {
          value: Type.Unknown(),
          photos: Type.Array(Sha256),
          remarks: Type.Array(Type.Object({ side: PartySide, words: Type.String() }, closed)),
        },
        closed,
      ),
    ),
    /** at check-out: what the crew told was wrong under way; not in bundles that a device kept from before */
    troubles: Type.Optional(Type.Array(ToldTrouble)),
    /** what has changed in the yacht's file since the skipper studied her, in words */
    changes: Type.Array(Type.String()),
    ...heard,
  },
  closed,
);
export type HandoverBundle = Static<typeof HandoverBundle>;

/** Opening a handover from the desk. */
export const OpenRequest = Type.Object({ stayId: Uuid, kind: HandoverKind }, closed);
export const OpenAnswer = Type.Object({ handover: Uuid, grant: Type.String(), bundle: HandoverBundle }, closed);

/** A batch of entries from a device; each is checked by itself, so that a malformed one blocks no other. */
export const EntryBatch = Type.Object(
  {
    entries: Type.Array(Type.Unknown(), { minItems: 1, maxItems: 500 }),
    /** the base's word on who records on this device, for what was done without signal */
    permits: Type.Optional(Type.Array(Permit, { maxItems: 20 })),
  },
  closed,
);
export { ItemAnswers as EntryAnswers } from "./book";

/** What a yacht's boat-data server measures of a list's readings, in the fields a person would write. */
export const BoatDataAnswer = Type.Object(
  {
    from: Type.String(),
    readings: Type.Array(
      Type.Object({ line: Type.String(), values: Type.Record(Type.String(), Type.Number()), at: InstantText }, closed),
    ),
    /** measured, and not to be taken */
    left: Type.Array(
      Type.Object(
        {
          line: Type.String(),
          at: InstantText,
          why: Type.Unsafe<NotTaken>({ type: "string", enum: ["old", "future", "impossible"] }),
        },
        closed,
      ),
    ),
  },
  closed,
);
export type BoatDataAnswer = Static<typeof BoatDataAnswer>;

/** A page of the feed. */
export const FeedPage = Type.Object(
  {
    entries: Type.Array(Type.Object({ number: Type.Integer(), entry: Entry }, closed)),
    /** names of those who record on this handover, by person */
    people: Type.Record(Type.String(), Type.String()),
    /** whether there are entries beyond this page */
    more: Type.Boolean(),
    ...heard,
  },
  closed,
);

/** A second person of the base proves themself on a device that was made out to another. */
export const SecondRequest = Type.Object(
  {
    email: Type.String({ minLength: 3, maxLength: 200 }),
    password: Type.String({ minLength: 1, maxLength: 200 }),
    code: Type.Optional(FactorCode),
  },
  closed,
);

/** Both signatures with what they are made over. */
export const SealRequest = Type.Object(
  {
    manifest: Manifest,
    /** two; a record that came with one is kept and does not stand */
    signatures: Type.Array(Signature, { minItems: 1, maxItems: 2 }),
    contents: SignatureContents,
    seal: Sha256,
    device: Uuid,
    sealedAt: InstantText,
  },
  closed,
);
export type SealRequest = Static<typeof SealRequest>;
export const SealAnswer = Type.Object(
  { seal: Sha256, toCome: Type.Integer(), standing: Type.Boolean(), problems: Problems },
  closed,
);
