"use client";
import { useTranslations } from "next-intl";
import { Reason } from "../frame/Answer";

/** More than this between two clocks is told, minutes. */
const toldFromMin = 5;

/** That this device's clock is wrong, where every time that is told here would be. */
export function ClockWarning({ aheadMin }: { aheadMin: number | null }) {
  const t = useTranslations("planner");
  if (aheadMin === null || Math.abs(aheadMin) < toldFromMin) return null;
  return <Reason verdict="watch" words={t("clock", { minutes: Math.abs(aheadMin) })} />;
}
