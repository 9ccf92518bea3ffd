"use client";
import { Box, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { CharterForm } from "@/api/schemas/charters";
import { formatMoney } from "@/core/basics/money";
import { Field } from "@/ui/Field";

/** What a charter hires, by how many of each; closed until somebody wants some. */
export function ExtrasField({
  lent,
  currency,
  counts,
  onCounts,
}: {
  lent: CharterForm["extras"];
  currency: string;
  counts: Record<string, string>;
  onCounts: (counts: Record<string, string>) => void;
}) {
  const t = useTranslations("charters");
  if (lent.length === 0) return null;
  const some = lent.reduce((sum, { key }) => sum + (Number(counts[key]) || 0), 0);
  return (
    <details>
      <summary>{t("extras", { count: some })}</summary>
      <Box display="grid" gridTemplateColumns="repeat(auto-fill, minmax(14rem, 1fr))" gap="3" paddingTop="3">
        {lent.map(({ key, name, hireMinor, hirePer }) => (
          <Field
            key={key}
            label={name}
            hint={t("extra-price", { price: formatMoney(hireMinor, currency), per: hirePer })}
            error={isCount(counts[key] ?? "") ? null : t("extra-wrong")}
          >
            {(ids) => (
              <Input
                {...ids}
                inputMode="numeric"
                maxLength={2}
                value={counts[key] ?? ""}
                onChange={({ target }) => onCounts({ ...counts, [key]: target.value })}
              />
            )}
          </Field>
        ))}
      </Box>
    </details>
  );
}

const isCount = (text: string) => /^\d{0,2}$/.test(text.trim());

/** What is hired, out of how many of each were typed; null where one is no count. */
export function extrasOf(counts: Record<string, string>): { key: string; count: number }[] | null {
  const typed = Object.entries(counts).map(([key, text]) => ({ key, text: text.trim() }));
  if (!typed.every(({ text }) => isCount(text))) return null;
  return typed.flatMap(({ key, text }) => (Number(text) > 0 ? [{ key, count: Number(text) }] : []));
}
