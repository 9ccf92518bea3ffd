import type { YachtFile } from "../../yacht/schema";
import { anyFitting, atFitting, breaker, fittingFor, onFitting, type FaultKind, type Part } from "./kind";

const lineOf = ({ lines }: YachtFile, kind: YachtFile["lines"][string]["kind"]) =>
  Object.values(lines).find((line) => line.kind === kind);
const atLine =
  (kind: YachtFile["lines"][string]["kind"]) =>
  (file: YachtFile): readonly Part[] => {
    const line = lineOf(file, kind);
    return line ? [{ key: null, name: null, place: line.place }] : [];
  };
const rollsInMast = (file: YachtFile) => anyFitting(file, "furler-ratchet") !== undefined;

export const rigFaults: readonly FaultKind[] = [
  {
    kind: "headsail-jams",
    system: "rig-and-sails",
    urgency: "now",
    safe: ["people", "position"],
    on: atLine("furling"),
    checks: (file, { place }) => [
      { code: "sheet-tight", place: lineOf(file, "sheet")?.place ?? place, chance: 0.25, seconds: 20 },
      { code: "furling-stopped", place, chance: 0.15, seconds: 20 },
      { code: "halyard-wrap", place, chance: 0.3, seconds: 60, found: "call" },
      { code: "drum-riding", place, chance: 0.2, seconds: 90 },
    ],
    never: ["furl-by-winch", "hands-at-drum"],
    asked: {
      en: ["headsail will not roll", "genoa does not furl", "jib stuck", "furler jammed", "headsail does not come out"],
      de: ["Vorsegel rollt nicht ein", "Genua klemmt", "Rollanlage klemmt"],
    },
  },
  {
    kind: "main-jams",
    system: "rig-and-sails",
    urgency: "now",
    safe: ["people", "position"],
    on: (file) => (rollsInMast(file) ? [] : atLine("halyard")(file)),
    checks: (file, { place }) => [
      { code: "not-head-to-wind", place, chance: 0.25, seconds: 20 },
      { code: "halyard-held", place, chance: 0.25, seconds: 20 },
      { code: "reef-holds", place, chance: 0.15, seconds: 30 },
      { code: "batten-caught", place, chance: 0.2, seconds: 30 },
    ],
    never: ["climb", "winch-hard"],
    asked: {
      en: ["mainsail stuck", "main does not come down", "main will not go up", "halyard jammed"],
      de: ["Großsegel klemmt", "Groß kommt nicht runter", "Groß geht nicht hoch"],
    },
  },
  {
    kind: "main-furling-jams",
    system: "rig-and-sails",
    urgency: "now",
    safe: ["people", "position"],
    on: (file) => (rollsInMast(file) ? onFitting("furler-ratchet")(file) : []),
    checks: (file, { place }) => [
      ...atFitting(fittingFor(file, "furler-ratchet"), { code: "ratchet-wrong", chance: 0.3, seconds: 20 }),
      { code: "sail-folded", place, chance: 0.3, seconds: 60 },
      { code: "outhaul-wrong", place, chance: 0.25, seconds: 30 },
    ],
    never: ["winch-hard", "climb"],
    asked: {
      en: ["mainsail stuck in the mast", "main does not roll in", "main jams in the mast", "main does not come out"],
      de: ["Großsegel klemmt im Mast", "Groß rollt nicht ein"],
    },
  },
  {
    kind: "winch-dead",
    system: "rig-and-sails",
    urgency: "tomorrow",
    safe: ["people"],
    on: onFitting("electric-winch"),
    checks: (file, { place }) => [
      ...breaker(file, fittingFor(file, "winch-breaker"), 0.45),
      { code: "winch-loaded", place, chance: 0.2, seconds: 20, waitMinutes: 5 },
      ...atFitting(fittingFor(file, "service-battery-switch"), { code: "switch-off", chance: 0.1, seconds: 20 }),
      { code: "winch-by-hand", place, chance: 0.1, seconds: 30 },
    ],
    never: ["hair-and-hands-winch"],
    asked: {
      en: ["electric winch does nothing", "winch motor dead", "winch stopped turning"],
      de: ["Elektrowinsch geht nicht", "Winsch dreht nicht"],
    },
  },
  {
    kind: "line-override",
    system: "rig-and-sails",
    urgency: "now",
    safe: ["people", "position"],
    on: atLine("sheet"),
    checks: (_file, { place }) => [
      { code: "riding-turn-light", place, chance: 0.5, seconds: 20 },
      { code: "riding-turn-loaded", place, chance: 0.4, seconds: 120 },
    ],
    never: ["fingers-in-turns"],
    asked: {
      en: ["riding turn", "rope jammed on the winch", "sheet stuck on the winch", "line crossed over itself"],
      de: ["Überläufer auf der Winsch", "Leine klemmt auf der Winsch"],
    },
  },
];
