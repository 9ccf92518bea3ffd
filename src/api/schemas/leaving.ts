import { Type, type Static } from "@sinclair/typebox";
import { Position } from "../../core/area/area";
import { HerBerth } from "../../core/berthing/schema";
import { Outlook } from "../../core/weather/outlook";
import { closed } from "./closed";

/** What the plan of leaving goes by, beside her file. */
export const LeavingBerth = Type.Object(
  {
    berth: HerBerth,
    /** agreed for the charter, with the skipper */
    persons: Type.Integer(),
    /** of the base */
    position: Position,
    /** above which wind she stays */
    windLimitKn: Type.Number(),
    outlook: Type.Union([Outlook, Type.Null()]),
  },
  closed,
);
export type LeavingBerth = Static<typeof LeavingBerth>;
