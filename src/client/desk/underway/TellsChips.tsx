"use client";
import { useTranslations } from "next-intl";
import type { TellsBrief } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { overdueVerdict } from "./overdue-verdict";

/** What a boat under way tells, in a few words: tonight, her last round, and wind above a limit to come. */
export function TellsChips({ tells, at }: { tells: TellsBrief; at: (instant: string) => string }) {
  const t = useTranslations("tells");
  const calls = useTranslations("call-from");
  const { state, tonight } = tells.overdue;
  const waiting = tells.calls.filter(({ isOpen }) => isOpen);
  return (
    <>
      {waiting.length > 0 && (
        <Chip verdict={waiting.some(({ urgency }) => urgency === "now") ? "stop" : "watch"}>
          {calls("chip", { calls: waiting.length })}
        </Chip>
      )}
      {state !== "not-yet" && (
        <Chip verdict={overdueVerdict[state]}>
          {t(`chip-${state}`, { where: tonight?.where ?? "", until: tonight ? at(tonight.until) : "" })}
        </Chip>
      )}
      {tells.round && tells.round.odd.length > 0 && (
        <Chip verdict="watch">{t("chip-round", { odd: tells.round.odd.length })}</Chip>
      )}
      {tells.over && (
        <Chip verdict="stop">{t("chip-over", { wind: tells.over.windKn, gusts: tells.over.gustKn })}</Chip>
      )}
    </>
  );
}
