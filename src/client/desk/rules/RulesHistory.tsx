"use client";
import { History } from "lucide-react";
import { useFormatter, useTranslations } from "next-intl";
import type { RulesChange } from "@/api/schemas/desk";
import { rulesFrom, type BaseRules } from "@/core/base/rules";
import { canonicalJson } from "@/core/basics/digest";
import { EmptyState } from "@/ui/kit/EmptyState";
import { Timeline } from "@/ui/kit/Timeline";
import { figures, limits, measures } from "./draft";

const names = {
  walkAlone: "walk-alone",
  managerCode: "manager-code",
  expectedShown: "expected-shown",
  neverLetGo: "never",
  drillsBeforeAlone: "drills-before",
  readingLimits: "limits",
  ...Object.fromEntries([...figures, ...measures]),
} as unknown as Partial<Record<keyof BaseRules, "walk-alone">>;

/** What was changed in the rules, when, by whom and why. */
export function RulesHistory({ history, timeZone }: { history: readonly RulesChange[]; timeZone: string }) {
  const t = useTranslations("rules");
  const format = useFormatter();
  const whatChanged = useWhatChanged();
  if (history.length === 0) return <EmptyState sign={History} title={t("as-usual")} />;
  return (
    <Timeline
      label={t("history")}
      moments={history.map((change, index) => ({
        id: String(change.number),
        title: whatChanged(rulesFrom(change.rules), rulesFrom(history[index + 1]?.rules ?? null)),
        detail: t("changed-by", {
          number: change.number,
          by: change.by,
          at: format.dateTime(new Date(change.at), { dateStyle: "medium", timeStyle: "short", timeZone }),
          why: change.why,
        }),
      }))}
    />
  );
}

function useWhatChanged(): (now: BaseRules, before: BaseRules) => string {
  const t = useTranslations("rules");
  const all = useTranslations();
  const said = (those: BaseRules, field: keyof BaseRules): string => {
    const value = those[field];
    if (typeof value === "boolean") return t(value ? "yes" : "no");
    if (field === "expectedShown") return t(those.expectedShown);
    if (field === "neverLetGo") return those.neverLetGo.map((topic) => all(`matter.${topic}`)).join(", ");
    if (field === "drillsBeforeAlone")
      return (
        (those.drillsBeforeAlone ?? []).map((device) => all(`drill-device.${device as "engine"}`)).join(", ") ||
        t("drills-none")
      );
    if (field !== "readingLimits") return String(value);
    const settled = limits.flatMap(([kind, limit]) => {
      const figure = those.readingLimits[kind]?.[limit];
      return figure === undefined ? [] : [`${t(`limit-${limit}`)} ${figure}`];
    });
    return settled.join(", ") || t("limits-none");
  };
  return (now, before) =>
    (Object.keys(names) as (keyof BaseRules)[])
      .filter((field) => canonicalJson(now[field]) !== canonicalJson(before[field]))
      .map((field) => `${t(names[field] ?? "walk-alone")}: ${said(before, field)} → ${said(now, field)}`)
      .join("; ");
}
