import type { HandoverBundle } from "../api/schemas/handover";
import type { HandoverList } from "../core/handover/list";
import { demoYacht } from "./demo-yacht";
import { id } from "./records";

/** What a device takes with it of a handover, made up around a list. */
export const bundleOf = (list: HandoverList): HandoverBundle => ({
  list,
  file: demoYacht("pale-heron"),
  base: { name: "Brinecove", timeZone: "Atlantic/Azores", phone: "0", currency: "EUR" },
  charter: {
    reference: "BR-1",
    skipper: { id: id(903), name: "Isa Calder" },
    charterer: { id: id(903), name: "Isa Calder" },
  },
  context: { deposit: { met: true }, safetyWork: [], forecast: null },
  me: { person: id(905), name: "Maro Tessen", side: "base", isManager: false },
  before: {},
  changes: [],
  seal: null,
  serverTime: "2027-06-12T10:12:00.000Z",
});
