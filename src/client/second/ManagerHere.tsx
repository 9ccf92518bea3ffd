"use client";
import { useTranslations } from "next-intl";
import { useState, type SubmitEvent } from "react";
import { AppError } from "@/api/app-error";
import { may } from "@/api/permissions";
import { proveSecond } from "@/api/handovers";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { call } from "../api/call";
import { useHandover } from "../store/handover-context";
import styles from "./ManagerHere.module.css";

/** A manager signs in on this device for a quarter of an hour, to do what a manager alone may do; the device stays whose it is. */
export function ManagerHere() {
  const t = useTranslations("second");
  const store = useHandover();
  const [isOpen, setOpen] = useState(false);
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  // a second factor is asked for once the password is right
  const [isAsked, setAsked] = useState(false);
  if (!isOpen) return <Button onClick={() => setOpen(true)}>{t("open")}</Button>;
  const prove = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    setBusy(true);
    try {
      const permit = await call(proveSecond, {
        params: { id: store.bundle.list.handover },
        grant: store.grant,
        body: {
          email: String(form.get("email")),
          password: String(form.get("password")),
          ...(form.get("code") ? { code: String(form.get("code")) } : {}),
        },
      });
      if (!may(permit, "override")) return setFault(t("no-manager", { name: permit.name }));
      await store.keepPermit(permit);
    } catch (error) {
      if (error instanceof AppError && error.code === "code-needed") setAsked(true);
      setFault(error instanceof AppError ? error.message : t("no-signal"));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form className={styles.form} onSubmit={(event) => void prove(event)} method="post">
      <p>{t("words")}</p>
      <Field label={t("email")}>
        {(ids) => <input {...ids} name="email" type="email" autoComplete="off" required autoFocus />}
      </Field>
      <Field label={t("password")} error={isAsked ? null : fault}>
        {(ids) => <input {...ids} name="password" type="password" autoComplete="off" required />}
      </Field>
      {isAsked && (
        <Field label={t("code")} error={fault}>
          {(ids) => <input {...ids} name="code" autoComplete="one-time-code" required autoFocus />}
        </Field>
      )}
      <Button look="main" type="submit" disabled={busy}>
        {t("go")}
      </Button>
      <Button onClick={() => setOpen(false)}>{t("back")}</Button>
    </form>
  );
}
