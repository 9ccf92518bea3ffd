"use client";
import { useTranslations } from "next-intl";
import { readManual } from "@/api/manuals";
import { href } from "../api/call";

/** The way to a device's manual: a PDF at the base, which takes signal to open. */
export function ManualLink({ hash }: { hash: string }) {
  const t = useTranslations("equipment");
  return (
    <p>
      <a href={href(readManual, { params: { hash } })} target="_blank" rel="noreferrer">
        {t("manual-open")}
      </a>{" "}
      {t("manual-signal")}
    </p>
  );
}
