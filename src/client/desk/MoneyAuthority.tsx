"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { noteAuthority } from "@/api/stays";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";
import { Allowed } from "./shared/staff";

/** A skipper who is not the charterer signs the condition for the charterer; money only with written authority, which is noted here. */
export function MoneyAuthority({ stayId, authority }: { stayId: string; authority: string | null }) {
  const t = useTranslations("charter");
  const form = useDeskForm(noteAuthority, {
    fields: { reference: { label: t("authority-field") } },
    says: ({ reference }) => ({ reference: reference.trim() === "" && t("wrong-authority") }),
    ask: ({ reference }) => ({ params: { id: stayId }, body: { reference: reference.trim() } }),
  });
  return (
    <Box display="grid" gap="2">
      <p>{t("for-charterer")}</p>
      {authority === null ? (
        <Allowed action="note-authority">
          <FormFrame form={form} action={t("authority-note")}>
            <FormInput form={form} name="reference" maxLength={120} />
          </FormFrame>
        </Allowed>
      ) : (
        <p>
          <strong>{t("authority-noted", { reference: authority })}</strong>
        </p>
      )}
    </Box>
  );
}
