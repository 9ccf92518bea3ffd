"use client";
import { useTranslations } from "next-intl";
import { changePassword } from "@/api/people";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

/** Changes the password of who is signed in. */
export function OwnPassword() {
  const t = useTranslations("people");
  const form = useDeskForm(changePassword, {
    fields: { old: { label: t("old") }, fresh: { label: t("fresh") } },
    says: ({ old, fresh }) => ({
      old: old === "" && t("password-missing"),
      fresh: fresh.length < 12 && t("fresh-hint"),
    }),
    ask: ({ old, fresh }) => ({ body: { old, fresh } }),
    clears: true,
  });
  return (
    <FormFrame form={form} action={t("change-password")}>
      <FormInput form={form} name="old" type="password" autoComplete="current-password" maxLength={200} />
      <FormInput
        form={form}
        name="fresh"
        type="password"
        autoComplete="new-password"
        hint={t("fresh-hint")}
        maxLength={200}
      />
    </FormFrame>
  );
}
