"use client";
import { readBook } from "@/api/book";
import { openBook } from "@/api/sign-in";
import { AppError } from "@/api/app-error";
import { call } from "../api/call";
import { useTranslations } from "next-intl";
import { lazy, Suspense, useCallback, useEffect, useState, type SubmitEvent } from "react";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { LanguageButton } from "../language/LanguageButton";
import { proposeLanguage } from "../language/language";
import { BookStore } from "../store/book-store";
import styles from "./Book.module.css";

// what is behind the PIN comes while it is typed
const opened = () => import("./OpenBook").then((part) => ({ default: part.OpenBook }));
const OpenBook = lazy(opened);

type State =
  | { at: "opening" }
  | { at: "pin"; fault: string | null }
  | { at: "no-link" }
  | { at: "fault"; words: string }
  | { at: "open"; store: BookStore };

const secretFrom = (hash: string) => /^#([\w-]{20,80})$/.exec(hash)?.[1] ?? null;

/** The boat book: opened by link and PIN, no account. What was signed, the plan, the emergency cards. */
export function BoatBookShell() {
  const t = useTranslations();
  const [state, setState] = useState<State>({ at: "opening" });
  const load = useCallback(async () => {
    // a link opened on a device that holds another charter's book asks for its own PIN
    if (secretFrom(location.hash)) return setState({ at: "pin", fault: null });
    try {
      const book = await call(readBook, {});
      proposeLanguage(book.language);
      setState({ at: "open", store: await BookStore.keep(book) });
    } catch (error) {
      if (error instanceof AppError && error.status === 401) return setState({ at: "no-link" });
      // without signal the book opens as this device kept it
      const kept = await BookStore.kept().catch(() => null);
      if (kept) setState({ at: "open", store: kept });
      else setState({ at: "fault", words: error instanceof AppError ? error.message : t("desk.no-signal") });
    }
  }, [t]);
  useEffect(() => {
    proposeLanguage(new URLSearchParams(location.search).get("language"));
    // opening what the address or the cookie names is what this effect is for
    // eslint-disable-next-line react-hooks/set-state-in-effect
    void load();
    void opened().catch(() => undefined);
  }, [load]);
  const open = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const pin = String(new FormData(event.currentTarget).get("pin")).replaceAll(/\s/g, "");
    if (!/^\d{6}$/.test(pin)) return setState({ at: "pin", fault: t("book.pin-wrong-form") });
    try {
      await call(openBook, { body: { secret: secretFrom(location.hash) ?? "", pin } });
      // the secret has done its work: it does not stay in the address
      history.replaceState(null, "", "/book");
      await load();
    } catch (error) {
      setState({ at: "pin", fault: error instanceof AppError ? error.message : t("desk.no-signal") });
    }
  };
  if (state.at === "open")
    return (
      <Suspense fallback={<Opening />}>
        <OpenBook store={state.store} />
      </Suspense>
    );
  return (
    <main className={styles.alone}>
      <LanguageButton />
      <h1>{t("book.pin-title")}</h1>
      {state.at === "opening" && <p role="status">{t("book.opening")}</p>}
      {state.at === "no-link" && <p>{t("book.no-link")}</p>}
      {state.at === "fault" && <p role="alert">{state.words}</p>}
      {state.at === "pin" && (
        <form onSubmit={open} method="post" style={{ display: "grid", gap: 16 }}>
          <p>{t("book.pin-words")}</p>
          <Field label={t("book.pin")} error={state.fault}>
            {(ids) => (
              <input {...ids} name="pin" inputMode="numeric" autoComplete="one-time-code" maxLength={8} required />
            )}
          </Field>
          <Button type="submit" look="main" large>
            {t("book.open")}
          </Button>
        </form>
      )}
    </main>
  );
}

function Opening() {
  const t = useTranslations("book");
  return (
    <main className={styles.alone}>
      <p role="status">{t("opening")}</p>
    </main>
  );
}
