"use client";
import { Phone } from "lucide-react";
import { useTranslations } from "next-intl";
import styles from "../Book.module.css";

/** The base's telephone, one tap away. */
export function CallTheBase({ phone }: { phone: string }) {
  const t = useTranslations("book");
  return (
    <a className={styles.call} href={`tel:${phone.replaceAll(" ", "")}`}>
      <Phone aria-hidden="true" size={20} /> {t("call", { phone })}
    </a>
  );
}
