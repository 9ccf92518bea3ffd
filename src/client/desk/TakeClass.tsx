"use client";
import { useTranslations } from "next-intl";
import { takeClass } from "@/api/yachts";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";

const mostBytes = 2_000_000;

/** Takes a whole yacht file in as a class of the base. */
export function TakeClass() {
  const t = useTranslations("new-yacht");
  const { request, fault, setFault, busy } = useRequest();
  const take = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > mostBytes) return setFault(t("too-large"));
    await request(takeClass, { body: new Blob([file], { type: "application/json" }) });
  };
  return (
    <Field label={t("take-class")} hint={t("take-class-words")} error={fault}>
      {(ids) => (
        <input
          {...ids}
          type="file"
          accept="application/json,.json"
          disabled={busy}
          onChange={(event) => void take(event.target.files?.[0])}
        />
      )}
    </Field>
  );
}
