"use client";
import { Phone } from "lucide-react";
import { useTranslations } from "next-intl";
import styles from "../Book.module.css";

interface Props {
  phone: string;
  channel?: string;
  hours?: string;
}

/** The base's telephone, one tap away, and where it told them its channel and hours. */
export function CallTheBase({ phone, channel, hours }: Props) {
  const t = useTranslations("book");
  return (
    <>
      <a className={styles.call} href={`tel:${phone.replaceAll(" ", "")}`}>
        <Phone aria-hidden="true" size={20} /> {t("call", { phone })}
      </a>
      {channel && <p>{t("channel", { channel })}</p>}
      {hours && <p>{hours}</p>}
    </>
  );
}
