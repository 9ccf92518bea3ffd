"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { putExtra } from "@/api/stays";
import { dayIn } from "@/core/basics/instant";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormSelect } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import type { ExtraForm } from "./form";

const litresOf = (typed: string) => Number(typed.trim().replace(",", ".") || Number.NaN);

/** Fuel that the crew filled on the way, with its receipt, and the tank that it filled to the brim. */
export function FuelForm({ screen, onPut }: ExtraForm) {
  const t = useTranslations("extra");
  const form = useDeskForm(putExtra, {
    fields: {
      litres: { label: t("litres") },
      day: { label: t("day"), typed: dayIn(screen.stay.endsAt, screen.timeZone) },
      reference: { label: t("receipt") },
      full: { label: t("full") },
    },
    says: ({ litres, reference }) => ({
      litres: !(litresOf(litres) > 0 && Number.isFinite(litresOf(litres))) && t("litres-wrong"),
      reference: reference.trim() === "" && t("receipt-missing"),
    }),
    ask: ({ litres, day, reference, full }) => ({
      params: { id: screen.stay.stayId },
      body: {
        id: null,
        extra: {
          kind: "fuel" as const,
          litres: litresOf(litres),
          day,
          reference: reference.trim(),
          full: full === "" ? null : full,
        },
        why: "",
      },
    }),
    onTaken: onPut,
  });
  return (
    <FormFrame form={form} action={t("put")}>
      <p>{t("fuel-words")}</p>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
        <Box width="7rem">
          <FormInput form={form} name="litres" inputMode="decimal" />
        </Box>
        <Box width="11rem">
          <FormInput form={form} name="day" type="date" />
        </Box>
        <Box flex="1 1 12rem">
          <FormInput form={form} name="reference" maxLength={120} />
        </Box>
      </Box>
      <FormSelect form={form} name="full">
        <option value="">{t("full-none")}</option>
        {screen.tanks.map(({ line, name }) => (
          <option key={line} value={line}>
            {name}
          </option>
        ))}
      </FormSelect>
    </FormFrame>
  );
}
