"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { devices } from "@/core/drills/devices";
import { CheckList } from "./CheckList";

interface Props {
  drills: readonly string[];
  disabled: boolean;
  onChange: (drills: string[]) => void;
}

/** Devices that are drilled alone before a skipper walks a yacht that has them without a briefer. */
export function DrillsBefore({ drills, disabled, onChange }: Props) {
  const t = useTranslations();
  const options = devices.map(({ name }) => ({ value: name, word: t(`drill-device.${name as "engine"}`) }));
  return (
    <Box display="grid" gap="2">
      <Box>
        <strong>{t("rules.drills-before")}</strong>
        <p>{t("rules.drills-before-words")}</p>
      </Box>
      <CheckList label={t("rules.drills-before")} ticked={drills} {...{ options, disabled, onChange }} />
    </Box>
  );
}
