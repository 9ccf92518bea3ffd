"use client";
import { useTranslations } from "next-intl";
import { Waiting } from "@/ui/kit/Waiting";

/** Stands where a page of the desk will be; for pages that are sure to be there, as one that is not has to answer 404. */
export function DeskLoading() {
  const t = useTranslations("desk");
  return <Waiting words={t("loading")} />;
}
