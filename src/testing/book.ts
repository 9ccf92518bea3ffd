import type { BoatBook } from "../api/schemas/book";
import { demoYacht } from "./demo-yacht";
import { id } from "./records";

/** A boat book of Little Auk with nothing signed yet, changed where a test needs it. */
export const bookOf = (change: Partial<BoatBook> = {}): BoatBook => ({
  base: { name: "Brinecove", place: "Ravelin Quay", phone: "0", timeZone: "Atlantic/Azores", currency: "EUR" },
  reference: "BR-1",
  skipper: "Isa Calder",
  stay: { id: id(1), startsAt: "2027-06-12T15:00:00.000Z", endsAt: "2027-06-19T09:00:00.000Z", aboard: 4 },
  yacht: { slug: "little-auk", name: "Little Auk", berth: "C1", revision: 3, file: demoYacht("little-auk") },
  changes: [],
  study: [],
  notAlone: null,
  afterwards: null,
  skipperId: id(3),
  handovers: [],
  settlement: null,
  ...change,
});
