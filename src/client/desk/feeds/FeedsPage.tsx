"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { FeedsView } from "@/api/schemas/feeds";
import { CharterViews } from "../charters/CharterViews";
import { ForeignFeeds } from "./ForeignFeeds";
import { OwnFeeds } from "./OwnFeeds";

/** Calendars that other programs read of the base, and those of others that are read here. */
export function FeedsPage({ view }: { view: FeedsView }) {
  const t = useTranslations("feeds");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
        <h1>{t("title")}</h1>
        <CharterViews here={null} />
      </Box>
      <p>{t("words")}</p>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 1fr" }} gap="6" alignItems="start">
        <OwnFeeds view={view} />
        <ForeignFeeds view={view} />
      </Box>
    </chakra.main>
  );
}
