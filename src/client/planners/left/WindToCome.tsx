"use client";
import { useTranslations } from "next-intl";
import type { BoatBook } from "@/api/schemas/book";
import { overLimit } from "@/core/underway/over-limit";
import { Reason } from "../frame/Answer";
import type { OfBoat } from "../frame/of-boat";
import { useSourceWords } from "../frame/SourceWords";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";

/** That the forecast passes the limit of base or boat, and from when. That it does not is never said: it would be a permission. */
export function WindToCome({ of, terms }: { of: OfBoat; terms: BoatBook["terms"] }) {
  const t = useTranslations("planner");
  const clock = useClock(of.timeZone, of.now);
  const shown = useShown()("kn");
  const source = useSourceWords(of.now);
  if (!terms || !of.outlook?.wind) return null;
  const over = overLimit(of.outlook, { windKn: terms.windLimitKn, gustKn: terms.gustLimitKn ?? null }, of.now);
  if (!over) return null;
  return (
    <Reason
      verdict="stop"
      words={t("over", { at: clock(over.at), wind: shown.words(over.windKn), gusts: shown.words(over.gustKn) })}
      more={t("over-do", { from: source({ from: "feed", name: of.outlook.wind.from, at: of.outlook.at }) })}
    />
  );
}
