"use client";
import { chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import type { CharterPart } from "@/api/schemas/charters";

/** The yachts of a charter that was changed over under way, each with its own page; nothing where there is one. */
export function CharterParts({
  parts,
  here,
  at,
}: {
  parts: readonly CharterPart[];
  here: string;
  at: (instant: string) => string;
}) {
  const t = useTranslations("charters");
  if (parts.length < 2) return null;
  return (
    <nav aria-label={t("parts")}>
      <chakra.ul listStyleType="none" display="flex" flexWrap="wrap" gap="2" marginTop="2">
        {parts.map(({ reference, yacht, startsAt, endsAt, isCalledOff }) => (
          <chakra.li
            key={reference}
            borderLeftWidth="4px"
            borderLeftStyle="solid"
            borderColor={reference === here ? "brass" : "line"}
            paddingLeft="2"
            fontWeight={reference === here ? "700" : "400"}
          >
            <Link href={`/charters/${reference}`} aria-current={reference === here ? "page" : undefined}>
              {isCalledOff
                ? t("part-off", { yacht })
                : t("part-here", { yacht, from: at(startsAt), until: at(endsAt) })}
            </Link>
          </chakra.li>
        ))}
      </chakra.ul>
    </nav>
  );
}
