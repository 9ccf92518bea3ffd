"use client";
import { simulateWeather } from "@/api/base";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { simulatedWeathers, type Forecast, type SimulatedWeather } from "@/core/weather/forecast";
import { keepsIn, type WindLimits } from "@/core/weather/limits";
import { Menu } from "@/ui/kit/Menu";
import { VerdictMark } from "@/ui/VerdictMark";
import { Allowed } from "./shared/staff";

/**
 * The forecast for the first day against the limits of base and yacht. The feed is simulated and says so; here it can be
 * told what to say.
 */
export function ForecastPart({ forecast, limits }: { forecast: Forecast; limits: WindLimits }) {
  const t = useTranslations("forecast");
  const all = useTranslations();
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const tell = async (weather: SimulatedWeather) => {
    try {
      await call(simulateWeather, { body: { day: forecast.day, weather } });
      setFault(null);
      router.refresh();
    } catch (error) {
      setFault(error instanceof AppError ? error.message : all("desk.no-signal"));
    }
  };
  const holds = keepsIn(forecast, limits);
  const also = [...(forecast.thunder ? [t("thunder")] : []), ...(forecast.fog ? [t("fog")] : [])]
    .map((word) => `, ${word.toLowerCase()}`)
    .join("");
  return (
    <Box display="grid" gap="2">
      <p>
        <VerdictMark verdict={holds ? "stop" : "fine"} />{" "}
        {t("words", {
          wind: forecast.windKn,
          gust: forecast.gustKn,
          limit: limits.windKn,
          limits: limits.gustKn === null ? "no" : "yes",
          gusts: limits.gustKn ?? 0,
          also,
        })}
      </p>
      <p>{t("simulated")}</p>
      <Allowed action="simulate-weather" quiet>
        <Box>
          <Menu
            label={t("tell")}
            entries={simulatedWeathers.map((weather) => ({ word: t(weather), onChoose: () => void tell(weather) }))}
          />
        </Box>
      </Allowed>
      {fault && <p role="alert">{fault}</p>}
    </Box>
  );
}
