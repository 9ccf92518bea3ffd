import { Type } from "@sinclair/typebox";
import { requireStaff } from "@/server/auth/session";
import { now } from "@/server/clock";
import { withBase } from "@/server/db/pool";
import { readJson } from "@/server/http/body";
import { handle } from "@/server/http/handle";
import { tellForecast } from "@/server/weather/forecast";
import { simulatedWeathers } from "@/stand-ins/weather-feed";

const Told = Type.Object(
  {
    day: Type.String({ pattern: "^\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])$" }),
    weather: Type.Union([
      Type.Literal("as-it-comes"),
      Type.Literal("gale"),
      Type.Literal("thunder"),
      Type.Literal("fog"),
    ]),
  },
  { additionalProperties: false },
);

/** Tells the simulated weather feed what to say of a day. */
export const POST = handle("simulate-weather", async (request) => {
  const staff = await requireStaff();
  const { day, weather } = await readJson(request, Told, 1000);
  await withBase(staff.baseId, (db) => tellForecast(db, simulatedWeathers[weather](day), now()));
  return Response.json({ day, weather }, { status: 201 });
});
