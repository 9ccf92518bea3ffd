import { simulateWeather } from "@/api/base";
import { tellWeather } from "@/server/weather/simulate";
import { simulatedForecasts } from "@/stand-ins/weather-feed";
import { serve } from "@/server/http/serve";

export const POST = serve(simulateWeather, ({ db, body }) =>
  tellWeather(db, simulatedForecasts[body.weather](body.day)),
);
