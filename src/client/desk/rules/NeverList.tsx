"use client";
import { useTranslations } from "next-intl";
import { clearanceTopics, type ClearanceTopic } from "@/core/basics/clearance-topics";
import { CheckList } from "./CheckList";

/** What no manager lets her go without. */
export function NeverList({
  never,
  disabled,
  onChange,
}: {
  never: readonly ClearanceTopic[];
  disabled: boolean;
  onChange: (never: ClearanceTopic[]) => void;
}) {
  const t = useTranslations();
  const options = clearanceTopics.map((value) => ({ value, word: t(`matter.${value}`) }));
  return <CheckList label={t("rules.never")} ticked={never} {...{ options, disabled, onChange }} />;
}
