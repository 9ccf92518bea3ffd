import { useFormatter, useTranslations } from "next-intl";
import { addHours } from "@/core/basics/instant";
import { localize } from "@/core/basics/words";
import { fuelAnswer, fuelFields, fuelKnown } from "@/core/underway/fuel";
import { gasHours } from "@/core/underway/gas";
import { holdingTill } from "@/core/underway/holding";
import { isOld, withTyped } from "@/core/underway/known";
import { powerAnswer, powerFields, powerKnown } from "@/core/underway/power";
import { waterAnswer, waterFields, waterKnown } from "@/core/underway/water";
import { useLanguage } from "../../language/language";
import { typedOf } from "../../store/planner-typed";
import type { OfBoat } from "../frame/of-boat";
import { useSourceWords } from "../frame/SourceWords";
import { useShown } from "../frame/units";
import { useClock } from "../frame/useClock";
import type { Left } from "./LeftRow";

const dayMs = 86_400_000;

/** How the fuel stands; null where she burns none. */
export function useFuelLeft(of: OfBoat): Left | null {
  const t = useTranslations("left");
  const format = useFormatter();
  const shown = useShown();
  const source = useSourceWords(of.now);
  const figures = withTyped(fuelKnown(of.file, of.readings), typedOf(of.stay, "fuel"), fuelFields);
  const answered = fuelAnswer(of.file, figures);
  if ("fault" in answered) return null;
  if ("missing" in answered || !figures.litresL)
    return { verdict: "watch", name: t("fuel"), figure: t("not-known"), under: t("tell-it") };
  const { answer } = answered;
  const best = answer.rows.find(({ rpm }) => rpm === answer.bestRpm) ?? answer.rows[0];
  const hours = best?.hours ?? 0;
  return {
    verdict: hours < 2 ? "stop" : hours < 6 || isOld(figures.litresL.source, of.now) ? "watch" : "fine",
    name: t("fuel"),
    figure: isOld(figures.litresL.source, of.now)
      ? t("when-read", { hours: shown("h").words(hours) })
      : t("hours-at", { hours: shown("h").words(hours, hours < 10 ? 1 : 0), rpm: format.number(best?.rpm ?? 0) }),
    under: source(figures.litresL.source),
  };
}

/** How the water stands; null where she carries none in a tank. */
export function useWaterLeft(of: OfBoat): Left | null {
  const t = useTranslations("left");
  const shown = useShown();
  const figures = withTyped(waterKnown(of), typedOf(of.stay, "water"), waterFields);
  const source = useSourceWords(of.now);
  const answered = waterAnswer(of.file, figures);
  if ("fault" in answered) return null;
  if ("missing" in answered || !figures.litresL)
    return { verdict: "watch", name: t("water"), figure: t("not-known"), under: t("tell-it") };
  const { days, enough } = answered.answer;
  const { source: told } = figures.litresL;
  // reckoned down to nothing from an old reading: that says only that nobody looked since
  if (isOld(told, of.now) && days.low < 0.5)
    return { verdict: "watch", name: t("water"), figure: t("not-known"), under: source(told) };
  return {
    verdict: enough === "no" ? "stop" : enough === "perhaps" || isOld(told, of.now) ? "watch" : "fine",
    name: t("water"),
    figure: t("days", { low: shown("days").words(days.low, 1) }),
    under: source(figures.litresL.source),
  };
}

/** How the bank stands through the night to come; null where her file says nothing that takes of it. */
export function usePowerLeft(of: OfBoat): Left | null {
  const t = useTranslations("left");
  const language = useLanguage();
  const clock = useClock(of.timeZone, of.now);
  const figures = withTyped(powerKnown(of.file, of.readings, of.now), typedOf(of.stay, "power"), powerFields);
  const plan = { off: [], hours: 24, wantByH: 12, engine: [] };
  const answered = powerAnswer(of.file, figures, plan, of.now, of.timeZone);
  if ("fault" in answered) return null;
  if ("missing" in answered) return { verdict: "watch", name: t("bank"), figure: t("not-known"), under: t("tell-it") };
  const { floorAtH, dropFirst, engineHours } = answered.answer;
  const drop = answered.loads.find(({ id }) => id === dropFirst);
  return {
    verdict: floorAtH === null ? "fine" : floorAtH < 4 ? "stop" : "watch",
    name: localize(answered.bank.name, language),
    figure: floorAtH === null ? t("a-day") : t("till", { at: clock(addHours(of.now, floorAtH)) }),
    under:
      floorAtH === null
        ? t("bank-fine")
        : t("bank-do", { hours: engineHours ?? 0, what: drop ? localize(drop.name, language) : t("everything") }),
  };
}

/** How each holding tank stands. */
export function useHoldingLeft(of: OfBoat): Left[] {
  const t = useTranslations("left");
  const language = useLanguage();
  const source = useSourceWords(of.now);
  const clock = useClock(of.timeZone, of.now);
  return holdingTill(of.file, of.readings, of.persons).map(({ name, read, till }): Left => {
    if (!read || !till)
      return { verdict: "watch", name: localize(name, language), figure: t("not-known"), under: t("tell-it") };
    const days = (Date.parse(till.early) - Date.parse(of.now)) / dayMs;
    return {
      verdict: days < 1 ? "watch" : "fine",
      name: localize(name, language),
      figure: days < 0 ? t("may-be-full") : t("takes-till", { at: clock(till.early) }),
      under: source({ from: read.told, at: read.at }),
    };
  });
}

/** How the gas stands; null where she has none or nobody read it. */
export function useGasLeft(of: OfBoat): Left | null {
  const t = useTranslations("left");
  const shown = useShown();
  const source = useSourceWords(of.now);
  const left = gasHours(of.file, of.readings);
  if (!left) return null;
  return {
    verdict: left.hours < 4 || isOld({ from: left.told, at: left.at }, of.now) ? "watch" : "fine",
    name: t("gas"),
    figure: t("burner", { hours: shown("h").words(left.hours) }),
    under: source({ from: left.told, at: left.at }),
  };
}
