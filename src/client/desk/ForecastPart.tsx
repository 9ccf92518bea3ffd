"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Forecast } from "@/core/weather/forecast";
import type { SimulatedWeather } from "@/formats/desk";
import { Choice } from "@/ui/Choice";
import { VerdictMark } from "@/ui/VerdictMark";
import { anything, ApiFault, ask } from "../api";

const weathers: readonly SimulatedWeather[] = ["as-it-comes", "gale", "thunder", "fog"];

/** The forecast for the first day against the base's limit. The feed is simulated and says so; here it can be told what to say. */
export function ForecastPart({ forecast, windLimitKn }: { forecast: Forecast; windLimitKn: number }) {
  const t = useTranslations("forecast");
  const all = useTranslations();
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const tell = async (weather: SimulatedWeather) => {
    try {
      await ask("/api/weather", anything, { method: "POST", body: { day: forecast.day, weather } });
      setFault(null);
      router.refresh();
    } catch (error) {
      setFault(error instanceof ApiFault ? error.message : all("desk.no-signal"));
    }
  };
  const holds = forecast.windKn > windLimitKn || forecast.thunder || forecast.fog;
  const also = [...(forecast.thunder ? [t("thunder")] : []), ...(forecast.fog ? [t("fog")] : [])]
    .map((word) => `, ${word.toLowerCase()}`)
    .join("");
  return (
    <Box display="grid" gap="2">
      <p>
        <VerdictMark verdict={holds ? "stop" : "fine"} />{" "}
        {t("words", { wind: forecast.windKn, gust: forecast.gustKn, limit: windLimitKn, also })}
      </p>
      <p>{t("simulated")}</p>
      <Choice
        label={t("tell")}
        value={null}
        options={weathers.map((weather) => ({ value: weather, word: t(weather) }))}
        onChoose={(weather) => void tell(weather)}
      />
      {fault && <p role="alert">{fault}</p>}
    </Box>
  );
}
