import { Type } from "@sinclair/typebox";
import { TimeOfDay } from "../core/charters/agreed";
import { charter } from "./callers";
import { Done, endpoint } from "./endpoint";
import { closed } from "./schemas/closed";
import { CrewMember } from "./schemas/desk";
import { AddendumBatch, BoatBook, ItemAnswers, LogBatch, StudyBatch } from "./schemas/book";
import { OpenAnswer } from "./schemas/handover";

export const readBook = endpoint({
  name: "read-book",
  method: "GET",
  path: "/api/book",
  about: "What a charter's people see of their yacht and their handovers.",
  who: [charter()],
  answer: BoatBook,
  errors: ["no-such-charter", "no-yacht-file"],
});

export const postBookAddenda = endpoint({
  name: "post-book-addenda",
  method: "POST",
  path: "/api/book/addenda",
  about: "Takes what the skipper adds to the signed check-in; each is answered by itself.",
  who: [charter()],
  body: AddendumBatch,
  maxBytes: 200_000,
  answer: ItemAnswers,
  errors: ["no-check-in"],
});

export const postStudy = endpoint({
  name: "post-study",
  method: "POST",
  path: "/api/book/study",
  about: "Takes answers of the study; each is answered by itself.",
  who: [charter()],
  body: StudyBatch,
  maxBytes: 200_000,
  answer: ItemAnswers,
});

export const postBoatLog = endpoint({
  name: "post-boat-log",
  method: "POST",
  path: "/api/book/log",
  about: "Takes what a crew tells under way, once the check-in is signed; each is answered by itself.",
  who: [charter()],
  body: LogBatch,
  maxBytes: 200_000,
  answer: ItemAnswers,
  errors: ["no-such-charter"],
});

export const tellCrew = endpoint({
  name: "tell-crew",
  method: "POST",
  path: "/api/book/crew",
  about: "Takes the crew list and the hour of arrival that the skipper tells, until the check-in is signed.",
  who: [charter()],
  body: Type.Object(
    {
      crew: Type.Array(CrewMember, { maxItems: 60 }),
      /** by the base's clock, on the day the charter begins; null where they do not know yet */
      arrives: Type.Union([TimeOfDay, Type.Null()]),
    },
    closed,
  ),
  maxBytes: 40_000,
  status: 201,
  answer: Done,
  errors: ["no-such-charter", "no-yacht-file", "too-many-for-her", "crew-stands"],
});

export const walkAlone = endpoint({
  name: "walk-alone",
  isSecret: true,
  method: "POST",
  path: "/api/book/walk",
  about:
    "Opens the check-in for the skipper's own walk, or joins it, and gives this device the right to record on that side.",
  who: [charter()],
  answer: OpenAnswer,
  errors: ["no-such-charter", "not-alone", "no-such-stay", "no-yacht-file", "check-in-not-signed", "no-such-handover"],
});
