"use client";
import { chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";

/** A settlement that cannot be made yet, and why. */
export function SettlementNotYet({ reference, words }: { reference: string; words: string }) {
  const t = useTranslations("settle");
  return (
    <chakra.main padding="7" display="grid" gap="4" alignContent="start">
      <h1>{t("title")}</h1>
      <p>{words}</p>
      <Link href={`/charters/${reference}`}>{t("to-charter", { reference })}</Link>
    </chakra.main>
  );
}
