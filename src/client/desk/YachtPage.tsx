"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { YachtFile } from "@/core/yacht/schema";
import { YachtBook } from "../book/YachtBook";

interface Props {
  name: string;
  berth: string;
  code: string;
  revision: number;
  file: YachtFile;
}

/** One yacht at the desk: her file as the skipper sees it, and the code that is posted aboard. */
export function YachtPage({ name, berth, code, revision, file }: Props) {
  const t = useTranslations("fleet");
  return (
    <chakra.main padding={{ base: "4", md: "7" }} display="grid" gap="4" alignContent="start">
      <Box>
        <h1>{name}</h1>
        <p>
          {file.particulars.class} · {t("berth")} {berth} · {t("revision", { revision })} · {t("code")} <a href={`/aboard#${code}`}>{code}</a>
        </p>
        <p>{t("holds", { places: Object.keys(file.places).length, fittings: Object.keys(file.fittings).length, inventory: Object.keys(file.inventory).length, tests: Object.keys(file.tests).length, readings: Object.keys(file.readings).length, looks: Object.keys(file.looks).length })}</p>
      </Box>
      <YachtBook file={file} />
    </chakra.main>
  );
}
