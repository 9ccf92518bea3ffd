"use client";
import { chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import { changedFields, type ChangedField, type Deed } from "@/core/log/deed";
import { fieldWords, valueText } from "@/messages/change-words";
import { useWords } from "./useWords";

/** More lines than these say less, not more. */
const most = 6;
/** What the file has and nobody reads: which number in its row, the currency of the sum beside it, the mark's own id. */
const unread: ReadonlySet<string> = new Set(["number", "currency", "subject"]);
const hash = /^[0-9a-f]{64}$/;
const instant = /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}/;

/** What one request changed, thing by thing: what it is called, and each field with what stood there and what stands there. */
export function DeedLines({ deeds, timeZone }: { deeds: readonly Deed[]; timeZone: string }) {
  const t = useTranslations("log");
  const words = useWords();
  return (
    <chakra.ul listStyleType="none" display="grid" gap="1">
      {deeds.slice(0, most).map((deed) => (
        <li key={deed.id}>
          {words("deed-on", deed.subject)}
          {deed.of && `, ${deed.of}`}
          <Fields deed={deed} timeZone={timeZone} />
        </li>
      ))}
      {deeds.length > most && <li>{t("more", { more: deeds.length - most })}</li>}
    </chakra.ul>
  );
}

function Fields({ deed, timeZone }: { deed: Deed; timeZone: string }) {
  const t = useTranslations("log");
  const said = useValue(deed, timeZone);
  const fields = changedFields(deed).filter(({ field }) => !unread.has(field));
  if (fields.length === 0) return null;
  return (
    <span>
      {": "}
      {fields
        .slice(0, most)
        .map(({ field, was, is }) => {
          const name = field === "password" ? field : fieldWords(field).replace(", cents", "");
          if (field === "password") return t("field-is", { field: name, is: t("set-anew") });
          if (is === null) return t("field-gone", { field: name, was: said({ field, was, is }, was) });
          return was === null
            ? t("field-is", { field: name, is: said({ field, was, is }, is) })
            : t("field-was", { field: name, was: said({ field, was, is }, was), is: said({ field, was, is }, is) });
        })
        .join("; ")}
      {fields.length > most && `; ${t("more", { more: fields.length - most })}`}
    </span>
  );
}

/** A value as it is read: an instant at the base's hour, a sum in its currency. */
function useValue(deed: Deed, timeZone: string) {
  const t = useTranslations();
  const format = useFormatter();
  const { currency } = deed.became;
  return ({ field }: ChangedField, value: unknown): string => {
    if (typeof value === "string" && instant.test(value))
      return format.dateTime(new Date(value), { dateStyle: "medium", timeStyle: "short", timeZone });
    if (typeof value === "string" && hash.test(value)) return value.slice(0, 8);
    if (typeof value === "number" && field.endsWith("Minor"))
      return typeof currency === "string" ? formatMoney(value, currency) : (value / 100).toFixed(2);
    return valueText(t, value).slice(0, 120);
  };
}
