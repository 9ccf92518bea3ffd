import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { wantsUnderwaterLook } from "../../incidents/incident";
import { entriesByOrder } from "../../yacht/by-order";
import { filledWords } from "../../yacht/figures";
import { Group, Surface } from "../../yacht/schema";
import type { Said } from "../../basics/said";
import { lineOf, valueOf } from "./common";
import type { LineInput } from "./line-input";
import type { LineKind } from "./line-kind";

export const LookLine = lineOf("look", { how: Words, surface: Surface, group: Group });
export type LookLine = Static<typeof LookLine>;

const states = ["sound", "worn", "damaged"] as const;
export const LookValue = valueOf({
  state: Type.Union([Type.Literal("sound"), Type.Literal("worn"), Type.Literal("damaged")]),
});
export type LookValue = Static<typeof LookValue>;

/** What a look is by type. */
export interface Look {
  name: "look";
  aspect: "look";
  line: LookLine;
  value: LookValue;
  reason: "look-not-sound";
  difference: "look-worse" | "look-better";
}

function fromFile(input: LineInput): LookLine[] {
  const { file } = input.yacht;
  return [
    ...entriesByOrder(file.looks).map(([key, each]): LookLine => ({
      id: `look:${key}`,
      kind: "look",
      place: each.place,
      name: each.name,
      system: each.system,
      safety: false,
      how: filledWords(file, each.how),
      surface: each.surface,
      group: each.group,
    })),
    ...underwaterLook(input),
  ];
}

/** After a grounding and the like she is looked at below the water, where her file does not ask for that anyway. */
function underwaterLook({ changed, yacht: { file } }: LineInput): LookLine[] {
  const isAsked = Object.values(file.looks).some((look) => look.group === "underwater");
  const stern = Object.values(file.looks).find((look) => look.surface === "stern") ?? Object.values(file.looks)[0];
  if (isAsked || !stern || !wantsUnderwaterLook(changed.happened)) return [];
  return [
    {
      id: "look:below-the-water",
      kind: "look",
      place: stern.place,
      name: { en: "Below the water: keel, rudder, propeller" },
      system: "hull-and-deck",
      safety: true,
      surface: "stern",
      group: "underwater",
      how: {
        en: "By diver or camera, engine off and key out, after what was reported. The rudder turns freely, the keel joint is closed, the bilge dry.",
      },
    },
  ];
}

/** A part to be looked at: sound, worn or damaged. */
export const look: LineKind<Look> = {
  name: "look",
  schema: LookLine,
  aspect: "look",
  valueSchema: () => LookValue,
  fromFile,
  seconds: 20,
  verdict: (_line, { state }) => (state === "sound" ? "fine" : "watch"),
  words: (_line, { state }): Said => ({ key: `look.${state}` }),
  compare: (_line, was, is) => {
    if (was?.state === is.state) return null;
    if (!was) return is.state === "sound" ? null : { kind: "look-worse", unknownSince: true };
    return { kind: states.indexOf(is.state) > states.indexOf(was.state) ? "look-worse" : "look-better" };
  },
  isDefect: (_line, { state }) => state !== "sound",
  reasons: (_line, { state }) => (state === "sound" ? [] : [{ code: "look-not-sound", blocks: false }]),
  group: (line) => line.group,
  paper: () => states.map((state) => ({ say: { key: `look.${state}` }, box: true })),
  sample: () => ({ state: "sound" }),
};
