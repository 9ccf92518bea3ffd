import { Type, type Static } from "@sinclair/typebox";
import { Uuid } from "../../core/basics/ids";
import { runFields } from "../../core/briefing/drilled/run";
import { closed } from "./closed";

const Code = Type.String({ pattern: "^[a-z0-9]+(-[a-z0-9]+)*$", maxLength: 60 });

/** How a drill stands on the device that it is worked on. */
export const WorkedDrill = Type.Object(
  {
    drill: runFields.drill,
    task: runFields.task,
    /** seconds since it began */
    seconds: runFields.seconds,
    isDone: Type.Boolean(),
    isOver: Type.Boolean(),
    /** played by the machine, not by whoever holds the device */
    isShown: Type.Boolean(),
    /** what happened and what was done wrong, newest first */
    told: Type.Array(
      Type.Object(
        {
          at: runFields.seconds,
          code: Code,
          side: Type.Optional(Type.String({ pattern: "^[a-z0-9-]+$", maxLength: 60 })),
          isMistake: Type.Boolean(),
        },
        closed,
      ),
      { maxItems: 40 },
    ),
    /** the fault it was given from elsewhere last, by its number; 0 for none */
    took: Type.Integer({ minimum: 0, maximum: 100_000 }),
  },
  closed,
);
export type WorkedDrill = Static<typeof WorkedDrill>;

/** What somebody at the desk gives a drill; null takes the last one away. */
export const FaultGiven = Type.Union([Code, Type.Null()]);

/** A fault that was sent, with the number it has. */
export const SentFault = Type.Object({ number: Type.Integer({ minimum: 1 }), fault: FaultGiven }, closed);
export type SentFault = Static<typeof SentFault>;

/** A device that a drill is open on. */
export const OpenDrill = Type.Object(
  { panel: Uuid, worked: WorkedDrill, sent: Type.Union([SentFault, Type.Null()]) },
  closed,
);
export type OpenDrill = Static<typeof OpenDrill>;

/** What a device learns that tells how its drill stands. */
export const DrillAnswer = Type.Object(
  {
    sent: Type.Union([SentFault, Type.Null()]),
    /** whether somebody at the desk looks on */
    isWatched: Type.Boolean(),
  },
  closed,
);
export type DrillAnswer = Static<typeof DrillAnswer>;
