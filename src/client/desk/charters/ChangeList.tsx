"use client";
import { chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { CharterChangeView } from "@/api/schemas/charters";

const told = ["yacht", "goesOnAt", "startsAt", "endsAt", "aboard", "language", "calledOff"] as const;

/** What was changed in a charter after it was agreed: what, why, and who was told. */
export function ChangeList({
  changes,
  at,
}: {
  changes: readonly CharterChangeView[];
  at: (instant: string) => string;
}) {
  const t = useTranslations("charters");
  const shown = (field: (typeof told)[number], value: unknown) => {
    if (value === undefined) return "";
    if (field === "startsAt" || field === "endsAt" || field === "goesOnAt") return at(String(value));
    // the words are chosen by it, and a choice may not hold a hyphen
    return field === "calledOff" ? String(value).replaceAll("-", "") : String(value);
  };
  const differs = ({ was, became }: CharterChangeView, field: string) => was[field] !== became[field];
  return (
    <chakra.ul listStyleType="none" display="grid" gap="3">
      {changes.map((change) => (
        <li key={change.number}>
          <p>
            <strong>{t("change-line", { at: at(change.at), by: change.by, why: change.why })}</strong>
          </p>
          {told
            .filter((field) => differs(change, field))
            .map((field) => (
              <p key={field}>
                {t(`what-${field}`, {
                  was: shown(field, change.was[field]),
                  became: shown(field, change.became[field]),
                })}
              </p>
            ))}
          {(differs(change, "skipper") || differs(change, "charterer")) && <p>{t("what-people")}</p>}
          {change.told !== "" && <p>{t("change-told", { told: change.told })}</p>}
        </li>
      ))}
    </chakra.ul>
  );
}
