import { localizeFigures } from "../../yacht/figures";
import type { QuestionKind } from "./question";

const shutWhen = {
  "in-line": "across",
  across: "in-line",
  clockwise: "anticlockwise",
  anticlockwise: "clockwise",
  pulled: "pushed",
  pushed: "pulled",
} as const;

/** How a valve stands, or which way it is turned, when it is shut: clockwise opens on one yacht what it shuts on the next. */
export const valveShut: QuestionKind = {
  name: "valve-shut",
  make: (topic, file) => {
    const valves = topic.fittings.filter(
      (key) =>
        ["valve", "cut-off", "seacock"].includes(file.fittings[key]?.kind ?? "") &&
        file.fittings[key]?.opens !== undefined,
    );
    const odd = valves.find((key) => Object.values(file.oddities).some((oddity) => oddity.fitting === key));
    const asked = odd ?? (topic.safety ? valves[0] : undefined);
    const fitting = asked === undefined ? undefined : file.fittings[asked];
    if (asked === undefined || !fitting?.opens) return [];
    const id = `valve-shut-${asked}`;
    const [right, wrong] = [shutWhen[fitting.opens], fitting.opens];
    return [
      {
        id,
        topic: topic.id,
        ask: "valve-shut",
        values: { what: localizeFigures(file, fitting.name) },
        right,
        options: [right, wrong].map((way) => ({ id: way, words: { key: `way-${way}`, values: {} } })),
      },
    ];
  },
};
