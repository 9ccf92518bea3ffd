"use client";
import { useTranslations } from "next-intl";
import { Choice } from "@/ui/Choice";
import { looks, setLook, useLook } from "./look";

/** How the book is lit on this device. */
export function LookChoice() {
  const t = useTranslations("light");
  return (
    <Choice
      label={t("title")}
      options={looks.map((look) => ({ value: look, word: t(look) }))}
      value={useLook()}
      onChoose={setLook}
    />
  );
}
