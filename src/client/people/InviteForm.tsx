"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { invitePerson } from "@/api/people";
import type { Role } from "@/api/permissions";
import type { OnceLink } from "@/api/schemas/people";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";
import { OnceShown } from "./OnceShown";
import { RoleChoice } from "./RoleChoice";

/** Invites somebody to the base: the link is shown once. */
export function InviteForm({ timeZone }: { timeZone: string }) {
  const t = useTranslations("people");
  const [roles, setRoles] = useState<Role[]>(["briefer"]);
  const [link, setLink] = useState<OnceLink | null>(null);
  const form = useDeskForm(invitePerson, {
    fields: { name: { label: t("name") }, email: { label: t("email") } },
    says: ({ name, email }) => ({
      name: name.trim() === "" && t("name-missing"),
      email: /^[^\s@]+@[^\s@]+$/.test(email.trim()) ? roles.length === 0 && t("role-missing") : t("email-wrong"),
    }),
    ask: ({ name, email }) => ({ body: { name: name.trim(), email: email.trim(), roles } }),
    onTaken: setLink,
    clears: true,
  });
  return (
    <>
      <FormFrame form={form} action={t("make-link")}>
        <FormInput form={form} name="name" maxLength={80} />
        <FormInput form={form} name="email" type="email" maxLength={200} />
        <RoleChoice chosen={roles} onChange={setRoles} />
      </FormFrame>
      {link && <OnceShown link={link} timeZone={timeZone} />}
    </>
  );
}
