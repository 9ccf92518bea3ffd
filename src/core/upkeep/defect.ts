import { Type, type Static } from "@sinclair/typebox";
import type { Folded } from "../handover/fold";
import { Sha256 } from "../basics/ids";
import type { HandoverList } from "../handover/list";
import { kindOf, lineSubject, type Line } from "../handover/lines";
import { mainValue, statusOf } from "../handover/state";

/** How the work on a defect stands: ordered, done, or left as it is and known. */
export const workStates = ["ordered", "done", "stays"] as const;
export type WorkState = (typeof workStates)[number];

/** One step of the work on a defect: how it stands now, with what it took and what proves it. */
export const WorkStep = Type.Object(
  {
    state: Type.Union([Type.Literal("ordered"), Type.Literal("done"), Type.Literal("stays")]),
    words: Type.String({ maxLength: 500 }),
    parts: Type.Optional(Type.String({ maxLength: 300 })),
    minutes: Type.Optional(Type.Integer({ minimum: 0, maximum: 60_000 })),
    /** what was read afterwards, as one writes it: "14.2 V at 1500 rpm" */
    reading: Type.Optional(Type.String({ maxLength: 200 })),
    photos: Type.Optional(Type.Array(Sha256, { maxItems: 10 })),
  },
  { additionalProperties: false },
);
export type WorkStep = Static<typeof WorkStep>;

/** What was seen that is not fine, as it becomes a defect. */
export interface SeenDefect {
  subject: string;
  line: Line;
  safety: boolean;
}

/** A line that is not fine in a way that can be mended: not what is merely short in number. */
function isDefect(folded: Folded, line: Line): boolean {
  const value = mainValue(folded, line);
  return value !== undefined && kindOf(line).isDefect(line, value);
}

/** Whether a line's defect is a matter of safety: what holds her at the gate. */
const isSafety = (folded: Folded, line: Line) => {
  const standing = statusOf(folded, line);
  return line.safety && standing.step === "done" && standing.verdict === "stop";
};

/**
 * What a handover or a prep has found that is not fine and not known already. What is short in number is stock, not a
 * defect, and marks go by the settlement.
 */
export function seenDefects(list: HandoverList, folded: Folded): SeenDefect[] {
  const known = new Map((list.known ?? []).map((each) => [each.subject, each]));
  return (
    list.lines
      .filter((line) => isDefect(folded, line))
      .map((line) => ({ subject: lineSubject(line.id), line, safety: isSafety(folded, line) }))
      // what was known as a nuisance and holds her now is news
      .filter(({ subject, safety }) => !known.has(subject) || (safety && !known.get(subject)?.safety))
  );
}
