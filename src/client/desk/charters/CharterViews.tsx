"use client";
import { Box, Button } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";

const views = { list: "/charters", calendar: "/charters/calendar", coming: "/charters/coming" } as const;

/** The ways charters are looked at. */
export function CharterViews({ here }: { here: keyof typeof views | null }) {
  const t = useTranslations("coming");
  return (
    <Box as="nav" aria-label={t("views")} display="flex" flexWrap="wrap" gap="2">
      {Object.entries(views).map(([view, path]) => (
        <Button key={view} asChild variant={view === here ? "solid" : "outline"}>
          <Link href={path} aria-current={view === here ? "page" : undefined}>
            {t(`view-${view as keyof typeof views}`)}
          </Link>
        </Button>
      ))}
    </Box>
  );
}
