import { charter } from "./callers";
import { endpoint } from "./endpoint";
import { AddendumBatch, BoatBook, ItemAnswers, StudyBatch } from "./schemas/book";
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
