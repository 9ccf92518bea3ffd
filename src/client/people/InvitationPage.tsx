"use client";
import { useQuery } from "@tanstack/react-query";
import { useTranslations } from "next-intl";
import { readInvitation, takeInvitation } from "@/api/people";
import type { Invited } from "@/api/schemas/people";
import { call } from "../api/call";
import { DoorPage } from "../desk/shared/DoorPage";
import { FormFrame } from "../forms/FormFrame";
import { FormInput } from "../forms/FormField";
import { useDeskForm } from "../forms/useDeskForm";

/** An invitation, opened by its link: whom it is for, and the password that makes the account. */
export function InvitationPage() {
  const t = useTranslations("invitation");
  const { data: invited, error } = useQuery({
    queryKey: ["invitation"],
    queryFn: () => call(readInvitation, { body: { secret: secretHere() } }),
    retry: false,
    staleTime: Infinity,
  });
  return (
    <DoorPage>
      {invited ? (
        <Welcome invited={invited} />
      ) : error === null ? (
        <p role="status">{t("looking")}</p>
      ) : (
        <>
          <h1>{t("closed-title")}</h1>
          <p role="alert">{error.message}</p>
        </>
      )}
    </DoorPage>
  );
}

/** The secret stands behind the hash, where no server on the way sees it. */
const secretHere = () => location.hash.slice(1);

function Welcome({ invited }: { invited: Invited }) {
  const t = useTranslations("invitation");
  const desk = useTranslations("desk");
  const { base, name, email, roles, isReset } = invited;
  const form = useDeskForm(takeInvitation, {
    fields: { password: { label: t("password") } },
    says: ({ password }) => ({ password: password.length < 12 && t("short") }),
    ask: ({ password }) => ({ body: { secret: secretHere(), password } }),
    onTaken: () => location.assign("/today"),
  });
  return (
    <>
      <h1>{t(isReset ? "reset-title" : "title", { name })}</h1>
      <p>
        {isReset
          ? t("reset-words", { email })
          : t("words", { base, email, roles: roles.map((role) => desk(`role-${role}`)).join(", ") })}
      </p>
      <FormFrame form={form} action={t("take")} large>
        <FormInput
          form={form}
          name="password"
          type="password"
          autoComplete="new-password"
          hint={t("hint")}
          maxLength={200}
          autoFocus
        />
      </FormFrame>
    </>
  );
}
