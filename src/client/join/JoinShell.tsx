"use client";
import { joinHandover } from "@/api/handovers";
import { AppError } from "@/api/app-error";
import { useTranslations } from "next-intl";
import { useEffect, useRef, useState, type SubmitEvent } from "react";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import styles from "../book/Book.module.css";
import { LanguageButton } from "../language/LanguageButton";
import { openHere } from "../store/open-here";

/** Crew join a check-in: the code that the briefer shows, and a name, under which what they count is kept. */
export function JoinShell() {
  const t = useTranslations();
  const codeField = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    // the code may come with the address, from the picture that the briefer shows; what is typed already stays
    const shown = decodeURIComponent(location.hash.slice(1));
    if (shown !== "" && codeField.current) codeField.current.value = shown;
  }, []);
  const join = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const [code, name] = [String(typed.get("code")).trim(), String(typed.get("name")).trim()];
    if (name === "" || code === "") return setFault(t("join.both"));
    setBusy(true);
    try {
      await openHere(joinHandover, { body: { code, name } }, "list");
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("desk.no-signal"));
      setBusy(false);
    }
  };
  return (
    <main className={styles.alone}>
      <LanguageButton />
      <h1>{t("join.title")}</h1>
      <p>{t("join.words")}</p>
      <form onSubmit={join} style={{ display: "grid", gap: 16 }}>
        <Field label={t("join.code")} error={fault}>
          {(ids) => (
            <input {...ids} ref={codeField} name="code" autoComplete="off" autoCapitalize="characters" maxLength={20} />
          )}
        </Field>
        <Field label={t("join.name")}>
          {(ids) => <input {...ids} name="name" autoComplete="given-name" maxLength={80} />}
        </Field>
        <Button type="submit" look="main" large disabled={busy}>
          {t("join.open")}
        </Button>
      </form>
    </main>
  );
}
