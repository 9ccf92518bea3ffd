import { Type, type Static } from "@sinclair/typebox";
import { Words } from "../../basics/words";
import { figureOrRange, Key, oneOf, OutOfUse, Point, strict, System } from "./basics";
import { fittingPurposes } from "./purposes";

export const fittingKinds = [
  "valve",
  "seacock",
  "breaker",
  "fuse",
  "switch",
  "filler",
  "pump",
  "gauge",
  "control",
  "locker",
  "extinguisher",
  "battery",
  "tank",
  "cut-off",
  "bung",
  "lamp",
  "strainer",
  "socket",
  "remote",
  "handle",
  "winch",
  "clutch",
  "cleat",
  "life-raft",
  "detector",
] as const;
export type FittingKind = (typeof fittingKinds)[number];

/** A photo: one that was kept, by its hash, or one of the drawn samples that ship with the app. */
export const PhotoName = Type.String({ pattern: "^(drawn:[a-z-]{1,40}|[0-9a-f]{64})$" });

/** What is on when a switch is: how much it takes of the service bank on average, and between which hours of a usual day. */
const Draw = strict({
  name: Words,
  amps: Type.Number({ exclusiveMinimum: 0, maximum: 500 }),
  fromHour: Type.Integer({ minimum: 0, maximum: 23 }),
  /** until the beginning of this hour; a day long where it is the same */
  toHour: Type.Integer({ minimum: 0, maximum: 23 }),
  /** not to be done without: lights at anchor, pumps */
  keep: Type.Optional(Type.Boolean()),
});

/** A thing one can point at. */
export const Fitting = strict({
  name: Words,
  system: System,
  place: Key,
  kind: oneOf(fittingKinds),
  /** what it works or feeds, where the order of the walk goes by it */
  purpose: Type.Optional(oneOf(fittingPurposes)),
  /** where it sits on the plan; without it, in the middle of its place */
  at: Type.Optional(Point),
  /** exactly where at its place, in words */
  where: Words,
  /** how it is worked */
  how: Type.Optional(Words),
  caution: Type.Optional(Words),
  /** valves and cocks: how it stands when it is open; switches that turn: which way is on */
  opens: Type.Optional(oneOf(["in-line", "across", "clockwise", "anticlockwise", "pulled", "pushed"] as const)),
  /** switches, breakers and selectors: how each stand of it looks */
  positions: Type.Optional(
    strict({
      shape: oneOf(["toggle", "knob", "push-pull"] as const),
      stands: Type.Array(
        strict({ at: oneOf(["up", "middle", "down", "left", "right", "in", "out"] as const), name: Words }),
        { minItems: 2, maxItems: 5 },
      ),
    }),
  ),
  /** a control of two ways that does the other one than its buttons say: a remote that is wired in reverse */
  reversed: Type.Optional(Type.Boolean()),
  /** the control of a thruster: what it moves, whether that comes down first, and whether the engine must run */
  thruster: Type.Optional(
    strict({
      end: oneOf(["bow", "stern"] as const),
      kind: oneOf(["fixed", "retracting"] as const),
      needsEngine: Type.Boolean(),
    }),
  ),
  /** how it is left when nobody is using it */
  normally: Type.Optional(oneOf(["open", "shut", "on", "off", "auto"] as const)),
  /** breakers and fuses */
  ratingA: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 1000 })),
  /** who may work on it after a trip */
  mayReset: Type.Optional(oneOf(["you-may", "call-first"] as const)),
  /** minutes to wait after a trip before it is pushed back */
  waitMinutes: Type.Optional(Type.Number({ minimum: 0, maximum: 120 })),
  /** how long it may run in one go, and how long it then rests: windlass, thruster, winch */
  runSeconds: Type.Optional(figureOrRange(1, 3600)),
  restSeconds: Type.Optional(figureOrRange(1, 3600)),
  /** switches, panels and controls: what is on with them */
  draws: Type.Optional(Type.Array(Draw, { minItems: 1, maxItems: 8 })),
  /** what lies beside it or looks alike and must not be mistaken for it */
  notThis: Type.Optional(Type.Array(Key, { minItems: 1, maxItems: 6 })),
  /** pumps: where their handle is */
  handle: Type.Optional(strict({ place: Key, where: Words })),
  /** where there are two of it: open or on */
  photo: Type.Optional(PhotoName),
  /** the same, shut or off */
  photoShut: Type.Optional(PhotoName),
  outOfUse: Type.Optional(OutOfUse),
});
export type Fitting = Static<typeof Fitting>;
