"use client";
import { languages, type Language } from "@/messages/languages";
import styles from "./LanguageButton.module.css";
import { chooseLanguage, useLanguage } from "./language";

/** Each language by its own name, as who speaks it looks for it. */
const names: Readonly<Record<Language, string>> = { en: "English", de: "Deutsch" };

/** Changes to the other language with one tap; it says that language's own name. */
export function LanguageButton() {
  const now = useLanguage();
  const other = languages.find((language) => language !== now) ?? now;
  return (
    <button type="button" lang={other} className={styles.button} onClick={() => chooseLanguage(other)}>
      {names[other]}
    </button>
  );
}
