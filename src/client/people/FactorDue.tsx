"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { FactorState } from "@/api/schemas/second-factor";
import { brand } from "@/ui/brand";
import { BrandMark } from "@/ui/BrandMark";
import { SecondFactor } from "./SecondFactor";

const goOn = () => location.assign("/today");

/** Where a manager comes who has to set a second factor up before anything else. */
export function FactorDue({ state, timeZone }: { state: FactorState; timeZone: string }) {
  const t = useTranslations("second-factor");
  return (
    <Box as="main" minHeight="100dvh" display="grid" alignContent="center" justifyItems="center" padding="6">
      <Box display="grid" gap="4" width="100%" maxWidth="28rem">
        <Box display="flex" alignItems="center" gap="3">
          <BrandMark size={40} /> <strong>{brand}</strong>
        </Box>
        <chakra.h1>{t("title")}</chakra.h1>
        <p>{t("page-words")}</p>
        <SecondFactor state={state} timeZone={timeZone} onSet={goOn} />
      </Box>
    </Box>
  );
}
