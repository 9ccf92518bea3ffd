import { Type, type Static } from "@sinclair/typebox";
import { Uuid } from "../../basics/ids";
import { Forecast } from "../../weather/forecast";

const closed = { additionalProperties: false } as const;

/** What the gate looks at besides the list and what was recorded: what the base knew when this device last heard of it. */
export const GateContext = Type.Object(
  {
    deposit: Type.Object({ met: Type.Boolean() }, closed),
    /** work orders on this yacht's safety that are not done */
    safetyWork: Type.Array(Type.Object({ id: Uuid, words: Type.String() }, closed)),
    /** for the first day; null when none has come in */
    forecast: Type.Union([Forecast, Type.Null()]),
  },
  closed,
);
export type GateContext = Static<typeof GateContext>;
