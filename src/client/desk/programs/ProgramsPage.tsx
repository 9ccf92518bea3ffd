"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { ProgramsView } from "@/api/schemas/programs";
import { CharterViews } from "../charters/CharterViews";
import { HookCalls } from "./HookCalls";
import { HooksPart } from "./HooksPart";
import { TokensPart } from "./TokensPart";

/** Programs of others: those that ask by a token, and those that are told what happens. */
export function ProgramsPage({ view }: { view: ProgramsView }) {
  const t = useTranslations("programs");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="3" alignContent="start">
      <Box display="flex" flexWrap="wrap" gap="12px 20px" alignItems="flex-end">
        <h1>{t("title")}</h1>
        <CharterViews here={null} />
      </Box>
      <p>{t("words")}</p>
      {view.isDemo && <p>{t("demo")}</p>}
      <Box display="grid" gridTemplateColumns={{ base: "1fr", lg: "1fr 1fr" }} gap="6" alignItems="start">
        <TokensPart programs={view.programs} timeZone={view.timeZone} />
        <HooksPart hooks={view.hooks} />
      </Box>
      <HookCalls calls={view.calls} timeZone={view.timeZone} />
    </chakra.main>
  );
}
