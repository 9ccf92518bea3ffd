import { Type } from "@sinclair/typebox";
import { anyone } from "./callers";
import { endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";
import { AboardBook } from "./schemas/book";

const ByCode = Type.Object({ code: Type.String({ minLength: 1, maxLength: 40 }) }, closed);
const wrongCode = ["no-such-yacht-code", "no-yacht-file", "too-many-tries"] as const;

export const readAboard = endpoint({
  name: "read-aboard",
  method: "GET",
  path: "/api/aboard/{code}",
  about: "Plan, places and emergency cards of a yacht, by the code posted aboard. Nothing personal.",
  who: [anyone],
  params: ByCode,
  answer: AboardBook,
  errors: wrongCode,
});

export const printAboardCard = endpoint({
  name: "print-aboard-card",
  method: "GET",
  path: "/api/aboard/{code}/card.pdf",
  about: "The boat card by the code posted aboard: any of the crew may print it.",
  who: [anyone],
  params: ByCode,
  answer: media("application/pdf"),
  errors: wrongCode,
});
