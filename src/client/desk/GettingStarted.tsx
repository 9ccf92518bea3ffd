"use client";
import { Box, chakra } from "@chakra-ui/react";
import { CircleCheck, Circle } from "lucide-react";
import Link from "next/link";
import { useTranslations } from "next-intl";

const ways = {
  yacht: "/fleet/new",
  terms: "/rules?part=terms",
  colleague: "/people",
  charter: "/charters/new",
  backup: "/health",
} as const;

/** What a new base still lacks, each with the way to it; what is done is ticked. */
export function GettingStarted({ lacks }: { lacks: Record<keyof typeof ways, boolean> }) {
  const t = useTranslations("getting-started");
  return (
    <Box
      as="section"
      aria-label={t("title")}
      display="grid"
      gap="2"
      padding="4"
      marginBottom="4"
      background="paper"
      borderLeftWidth="6px"
      borderLeftStyle="solid"
      borderColor="brass"
    >
      <h2>{t("title")}</h2>
      <p>{t("words")}</p>
      <ul>
        {(Object.keys(ways) as (keyof typeof ways)[]).map((step) => {
          const isDone = lacks[step];
          const Sign = isDone ? CircleCheck : Circle;
          return (
            <chakra.li key={step} display="flex" alignItems="center" gap="3" minHeight="48px" listStyleType="none">
              <Sign size={24} aria-label={t(isDone ? "done" : "to-do")} />
              <span>{t(step)}</span>
              {!isDone && <Link href={ways[step]}>{t(`${step}-go`)}</Link>}
            </chakra.li>
          );
        })}
      </ul>
    </Box>
  );
}
