import { Type } from "@sinclair/typebox";
import { Sha256, Uuid } from "../core/basics/ids";
import { Signature, SignatureContents, MissingSigner } from "../core/handover/seal";
import { Extra } from "../core/settlement/extra";
import { Decision } from "../core/settlement/propose";
import { charter, staff, stayIn } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";
import { ById, RequestKey, words } from "./fields";
import { CrewMember } from "./schemas/desk";
import { Spoken } from "./schemas/spoken";

const line = Type.String({ minLength: 1, maxLength: 200 });
const settling = ["no-such-stay", "not-both-signed", "not-signed", "other-currency", "no-such-handover"] as const;

export const makeBookLink = endpoint({
  name: "make-book-link",
  isSecret: true,
  method: "POST",
  path: "/api/charters/{id}/link",
  about: "Makes a fresh private link with PIN for a charter; earlier ones stop working.",
  who: [staff("make-book-link")],
  params: ById,
  status: 201,
  answer: Type.Object({ path: Type.String(), pin: Type.String() }, closed),
  errors: ["no-such-charter"],
});

export const endAccess = endpoint({
  name: "end-access",
  method: "POST",
  path: "/api/charters/{id}/access",
  about:
    "Ends a device's right to record for a charter, or a boat book that is open. What is unsent stays on the device.",
  who: [staff("make-book-link")],
  params: ById,
  body: Type.Object({ kind: Type.Union([Type.Literal("device"), Type.Literal("book")]), id: Uuid }, closed),
  maxBytes: 1000,
  status: 201,
  answer: Done,
  errors: ["no-such-access"],
});

export const noteAuthority = endpoint({
  name: "note-authority",
  method: "POST",
  path: "/api/stays/{id}/authority",
  about: "Notes that the charterer gave the skipper authority, in writing, to settle money.",
  who: [staff("note-authority")],
  params: ById,
  body: Type.Object({ reference: words(120) }, closed),
  maxBytes: 1000,
  status: 201,
  answer: Done,
  errors: ["no-such-stay", "same-person"],
});

export const noteCall = endpoint({
  name: "note-call",
  method: "POST",
  path: "/api/stays/{id}/calls",
  about: "Notes what a crew called the base about; with its trouble it is an answer, which the crew reads in its book.",
  who: [staff("note-call")],
  params: ById,
  body: Type.Object(
    {
      topic: Type.Union([Type.String({ maxLength: 60 }), Type.Null()]),
      words: words(500),
      trouble: Type.Optional(Uuid),
    },
    closed,
  ),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: ["no-such-stay", "no-such-trouble"],
});

export const orderFromCall = endpoint({
  name: "order-from-call",
  method: "POST",
  path: "/api/stays/{id}/troubles/{trouble}/order",
  about: "Makes a work order of what a crew told of a trouble; where one lies already, the call joins it.",
  who: [staff("note-call")],
  params: Type.Object({ id: Uuid, trouble: Uuid }, closed),
  status: 201,
  answer: Done,
  errors: ["no-such-stay", "no-such-trouble"],
});

export const oddityFromCall = endpoint({
  name: "oddity-from-call",
  method: "POST",
  path: "/api/stays/{id}/troubles/{trouble}/oddity",
  about:
    "Proposes for the yacht's file what a call showed to be odd about her; at her page it is taken over or declined.",
  who: [staff("propose-file-change")],
  params: Type.Object({ id: Uuid, trouble: Uuid }, closed),
  body: Type.Object({ words: words(500) }, closed),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: ["no-such-stay", "no-such-trouble", "fault-gone", "too-many-kept"],
});

export const keepCrewList = endpoint({
  name: "keep-crew-list",
  method: "POST",
  path: "/api/stays/{id}/crew",
  about: "Keeps the crew list of a stay: names, and weights for the life jackets.",
  who: [staff("keep-crew-list")],
  params: ById,
  body: Type.Object({ crew: Type.Array(CrewMember, { maxItems: 40 }) }, closed),
  maxBytes: 20_000,
  status: 201,
  answer: Done,
  errors: ["no-such-stay", "too-many-crew"],
});

export const holdDeposit = endpoint({
  name: "hold-deposit",
  method: "POST",
  path: "/api/stays/{id}/deposit",
  about: "Holds a stay's deposit on the (simulated) card.",
  who: [staff("take-deposit")],
  params: ById,
  body: Type.Object(
    {
      requestKey: RequestKey,
      card: Type.Union([Type.Literal("approves"), Type.Literal("declines"), Type.Literal("no-answer")]),
    },
    closed,
  ),
  maxBytes: 1000,
  answer: Type.Object(
    { outcome: Type.Union([Type.Literal("held"), Type.Literal("declined"), Type.Literal("timed-out")]) },
    closed,
  ),
  errors: ["no-such-stay", "called-off", "held-already", "key-used"],
});

export const giveBackDeposit = endpoint({
  name: "give-back-deposit",
  method: "POST",
  path: "/api/stays/{id}/deposit/back",
  about: "Gives back the whole deposit of a charter that does not take place.",
  who: [staff("close-deposit")],
  params: ById,
  answer: Done,
  errors: ["no-such-stay", "takes-place", "terminal-silent", "terminal-declined"],
});

export const noteDeposit = endpoint({
  name: "note-deposit",
  method: "POST",
  path: "/api/stays/{id}/deposit/received",
  about: "Notes what came in of a stay's deposit in cash, by transfer or by guarantee.",
  who: [staff("take-deposit")],
  params: ById,
  body: Type.Object(
    { requestKey: RequestKey, amountMinor: Type.Integer({ minimum: 1, maximum: 1e9 }), reference: words(80) },
    closed,
  ),
  maxBytes: 1000,
  answer: Done,
  errors: ["no-such-stay", "called-off", "not-by-hand", "more-than-open", "held-already", "key-used"],
});

export const decideCharge = endpoint({
  name: "decide-charge",
  method: "POST",
  path: "/api/stays/{id}/decisions",
  about:
    "Records whose a difference is and what is charged for it. The last decision stands, the earlier ones are kept.",
  who: [staff("decide-charge")],
  params: ById,
  body: Type.Object({ differenceId: line, decision: Decision, why: Type.String({ maxLength: 500 }) }, closed),
  maxBytes: 4000,
  answer: Done,
  errors: [
    ...settling,
    "settled",
    "no-such-difference",
    "goodwill-needs-reason",
    "negligence-needs-reason",
    "range-turned",
    "reported-before",
    "goodwill-above-amount",
  ],
});

export const putExtra = endpoint({
  name: "put-extra",
  method: "POST",
  path: "/api/stays/{id}/extras",
  about: "Puts a service, a receipt or a sum for below the water on the statement, changes it, or takes it off.",
  who: [staff("charge-by-price-list")],
  params: ById,
  body: Type.Object(
    {
      id: Type.Union([Uuid, Type.Null()]),
      extra: Type.Union([Extra, Type.Null()]),
      why: Type.String({ maxLength: 500 }),
    },
    closed,
  ),
  maxBytes: 4000,
  status: 201,
  answer: Type.Object({ id: Uuid }, closed),
  errors: [
    ...settling,
    "settled",
    "no-such-extra",
    "one-sum",
    "in-the-past",
    "no-sum",
    "not-in-charter",
    "no-such-tank",
    "filled-too-early",
  ],
});

export const signStatement = endpoint({
  name: "sign-statement",
  method: "POST",
  path: "/api/stays/{id}/settlement",
  about: "Both sign the settlement; the deposit is captured and released through the (simulated) terminal.",
  who: [staff("sign-statement")],
  params: ById,
  body: Type.Object(
    {
      digest: Sha256,
      words: Type.Array(Type.String({ maxLength: 1000 }), { maxItems: 1000 }),
      reservations: Type.Array(Type.Object({ line, words: words(1000) }, closed), { maxItems: 200 }),
      signatures: Type.Array(Signature, { minItems: 2, maxItems: 2 }),
      contents: SignatureContents,
      without: Type.Union([MissingSigner, Type.Null()]),
    },
    closed,
  ),
  maxBytes: 2_000_000,
  answer: Type.Object({ seal: Sha256 }, closed),
  errors: [
    ...settling,
    "settled",
    "undecided",
    "sums-changed",
    "reservation-line",
    "not-there",
    "no-authority",
    "signer-not-you",
    "signature-missing",
    "signature-blank",
    "wrong-imprint",
    "own-witness",
    "terminal-silent",
    "terminal-declined",
  ],
});

export const closeDeposit = endpoint({
  name: "close-deposit",
  method: "POST",
  path: "/api/stays/{id}/settlement/close",
  about: "Captures the hold once and gives back the rest, when nothing of the statement is open any more.",
  who: [staff("close-deposit")],
  params: ById,
  answer: Done,
  errors: [...settling, "not-settled", "still-open", "terminal-silent", "terminal-declined"],
});

export const objectToLine = endpoint({
  name: "object-to-line",
  method: "POST",
  path: "/api/stays/{id}/settlement/objections",
  about:
    "An objection to a line of a statement that the charterer did not sign: from the boat book, or noted at the desk.",
  who: [staff("note-objection"), charter(stayIn("params"))],
  params: ById,
  body: Type.Object({ line, words: words(1000) }, closed),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: [...settling, "not-settled", "signed-by-both", "too-late", "no-such-statement-line", "too-many-kept"],
});

export const agreeSum = endpoint({
  name: "agree-sum",
  method: "POST",
  path: "/api/stays/{id}/settlement/outcomes",
  about: "What came of a held or objected line in the end.",
  who: [staff("agree-sum")],
  params: ById,
  body: Type.Object({ line, amountMinor: Type.Integer({ minimum: 0, maximum: 1e9 }), words: words(500) }, closed),
  maxBytes: 4000,
  status: 201,
  answer: Done,
  errors: [...settling, "not-settled", "closed", "more-than-stood"],
});

export const printStatement = endpoint({
  name: "print-statement",
  method: "GET",
  path: "/api/stays/{id}/statement.pdf",
  about: "The statement on paper.",
  who: [staff("see-desk"), charter(stayIn("params"))],
  params: ById,
  query: Spoken,
  answer: media("application/pdf"),
  errors: [...settling, "not-settled"],
});
