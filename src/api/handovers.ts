import { Type } from "@sinclair/typebox";
import { InstantText, Sha256 } from "../core/basics/ids";
import { Permit } from "../core/handover/permit";
import { anyone, charter, device, handoverIn, staff } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";
import { RowNumber, ById, words } from "./fields";
import { AddendumBatch, ItemAnswers } from "./schemas/book";
import {
  BoatDataAnswer,
  EntryAnswers,
  EntryBatch,
  FeedPage,
  OpenAnswer,
  OpenRequest,
  SealAnswer,
  SealRequest,
  SecondRequest,
} from "./schemas/handover";
import { Spoken } from "./schemas/spoken";

const readers = [staff("see-desk"), charter(handoverIn("params"))] as const;

export const openHandover = endpoint({
  name: "open-handover",
  isSecret: true,
  method: "POST",
  path: "/api/handovers",
  about: "Opens a prep, check-in or check-out, or joins it, and gives this device the right to record on it.",
  who: [staff("hand-over")],
  body: OpenRequest,
  maxBytes: 1000,
  answer: OpenAnswer,
  errors: ["no-such-stay", "check-in-not-signed", "no-yacht-file", "no-such-handover"],
});

export const joinHandover = endpoint({
  name: "join-handover",
  isSecret: true,
  method: "POST",
  path: "/api/handovers/join",
  about: "Joins a handover by its code with a device of one's own.",
  who: [anyone],
  body: Type.Object({ code: Type.String({ minLength: 4, maxLength: 20 }), name: words(80) }, closed),
  maxBytes: 1000,
  answer: OpenAnswer,
  errors: ["no-such-join-code", "too-many-tries", "name-of-staff", "too-many-joined"],
});

export const makeJoinCode = endpoint({
  name: "make-join-code",
  isSecret: true,
  method: "POST",
  path: "/api/handovers/{id}/code",
  about: "Makes the code by which crew join this handover; an earlier one stops working.",
  who: [device(handoverIn("params"), "base")],
  params: ById,
  status: 201,
  answer: Type.Object({ code: Type.String(), until: InstantText }, closed),
});

export const pullEntries = endpoint({
  name: "pull-entries",
  method: "GET",
  path: "/api/handovers/{id}/entries",
  about: "The feed: entries after a number, whether it is signed, and what the gate looks at.",
  who: [device(handoverIn("params"))],
  params: ById,
  query: Type.Object({ after: Type.Optional(RowNumber) }, closed),
  answer: FeedPage,
  errors: ["no-such-handover"],
});

export const postEntries = endpoint({
  name: "post-entries",
  method: "POST",
  path: "/api/handovers/{id}/entries",
  about: "Takes a batch of entries; every one is answered by itself, and a malformed one blocks no other.",
  who: [device(handoverIn("params"))],
  params: ById,
  body: EntryBatch,
  maxBytes: 1_000_000,
  answer: EntryAnswers,
  errors: ["no-such-handover"],
});

export const listenToHandover = endpoint({
  name: "listen-to-handover",
  method: "GET",
  path: "/api/handovers/{id}/events",
  about: "Pokes a device when its handover has something new (server-sent events); the device then pulls.",
  who: [device(handoverIn("params"))],
  params: ById,
  answer: media("text/event-stream"),
});

export const readBoatData = endpoint({
  name: "read-boat-data",
  method: "GET",
  path: "/api/handovers/{id}/boat-data",
  about: "What the yacht's own gateway measures of this handover's readings, now. Nothing is recorded by asking.",
  who: [device(handoverIn("params"))],
  params: ById,
  answer: BoatDataAnswer,
  errors: [
    "no-such-handover",
    "no-such-yacht",
    "no-gateway",
    "gateway-silent",
    "gateway-no-boat-data",
    "gateway-other-yacht",
  ],
});

export const sealHandover = endpoint({
  name: "seal-handover",
  method: "POST",
  path: "/api/handovers/{id}/seal",
  about: "Takes the seal of a handover that both signed on one device of the base.",
  who: [device(handoverIn("params"), "base")],
  params: ById,
  body: SealRequest,
  maxBytes: 4_000_000,
  answer: SealAnswer,
  errors: [
    "no-such-handover",
    "prep-not-signed",
    "signed-other-handover",
    "signed-other-list",
    "wrong-seal",
    "entry-differs",
    "key-missing",
  ],
});

export const proveSecond = endpoint({
  name: "prove-second",
  isSecret: true,
  method: "POST",
  path: "/api/handovers/{id}/second",
  about:
    "Proves a second person of the base on this device, a manager on the briefer's tablet, for a quarter of an hour.",
  who: [device(handoverIn("params"), "base")],
  params: ById,
  body: SecondRequest,
  maxBytes: 1000,
  answer: Permit,
  errors: ["not-proven", "code-needed", "wrong-code", "too-many-tries", "key-missing"],
});

export const chooseRecord = endpoint({
  name: "choose-record",
  method: "POST",
  path: "/api/handovers/{id}/chosen-seal",
  about: "Settles what becomes of a signed record: it stands, or both sign again. Every record is kept.",
  who: [staff("choose-record")],
  params: ById,
  body: Type.Object({ seal: Sha256, stands: Type.Boolean(), why: words(500) }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: ["no-such-seal", "check-out-begun", "entries-to-come"],
});

export const liftClearance = endpoint({
  name: "lift-clearance",
  method: "POST",
  path: "/api/handovers/{id}/clearance",
  about:
    "Takes the mark off a yacht that was signed over while not cleared: what stood against it is put right, or a manager lets her go with a reason.",
  who: [staff("override")],
  params: ById,
  body: Type.Object({ how: Type.Union([Type.Literal("cured"), Type.Literal("overridden")]), why: words(500) }, closed),
  maxBytes: 2000,
  status: 201,
  answer: Done,
  errors: ["no-such-handover", "not-signed", "nothing-to-lift", "never-let-go"],
});

export const postBaseAddenda = endpoint({
  name: "post-base-addenda",
  method: "POST",
  path: "/api/handovers/{id}/addenda",
  about: "Takes what the base adds to a signed record: answers to late findings, visits. Each is answered by itself.",
  who: [staff("answer-skipper")],
  params: ById,
  body: AddendumBatch,
  maxBytes: 200_000,
  answer: ItemAnswers,
  errors: ["no-such-handover"],
});

export const printRecord = endpoint({
  name: "print-record",
  method: "GET",
  path: "/api/handovers/{id}/record.pdf",
  about: "The signed record on paper.",
  who: readers,
  params: ById,
  query: Spoken,
  answer: media("application/pdf"),
  errors: ["no-such-handover", "not-signed"],
});

export const printWhatIsLeft = endpoint({
  name: "print-what-is-left",
  method: "GET",
  path: "/api/handovers/{id}/left.pdf",
  about: "What is left of a handover, to be printed and filled in by hand.",
  who: readers,
  params: ById,
  answer: media("application/pdf"),
  errors: ["no-such-handover"],
});

export const saveRecord = endpoint({
  name: "save-record",
  method: "GET",
  path: "/api/handovers/{id}/record.json",
  about: "The sealed record as JSON, as `calc compare` and `verify` read it.",
  who: readers,
  params: ById,
  answer: media("application/json"),
  errors: ["no-such-handover", "not-signed"],
});

export const saveWholeRecord = endpoint({
  name: "save-whole-record",
  method: "GET",
  path: "/api/handovers/{id}/record.zip",
  about: "Everything of a sealed record as one zip: record, addenda, photos, receipt.",
  who: readers,
  params: ById,
  answer: media("application/zip"),
  errors: ["no-such-handover", "not-signed"],
});
