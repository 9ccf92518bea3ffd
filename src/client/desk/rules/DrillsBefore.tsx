"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { devices } from "@/core/drills/devices";

interface Props {
  drills: readonly string[];
  disabled: boolean;
  onChange: (drills: string[]) => void;
}

/** Devices that are drilled alone before a skipper walks a yacht that has them without a briefer. */
export function DrillsBefore({ drills, disabled, onChange }: Props) {
  const t = useTranslations();
  const choose = (device: string, isOn: boolean) =>
    onChange(devices.map(({ name }) => name).filter((each) => (each === device ? isOn : drills.includes(each))));
  return (
    <Box display="grid" gap="2">
      <Box>
        <strong>{t("rules.drills-before")}</strong>
        <p>{t("rules.drills-before-words")}</p>
      </Box>
      <Box role="group" aria-label={t("rules.drills-before")} display="grid" gridTemplateColumns="1fr 1fr" gap="0 24px">
        {devices.map(({ name }) => (
          <chakra.label key={name} display="flex" gap="3" alignItems="center" minHeight="44px">
            <input
              type="checkbox"
              checked={drills.includes(name)}
              disabled={disabled}
              onChange={(event) => choose(name, event.target.checked)}
            />
            {t(`drill-device.${name as "engine"}`)}
          </chakra.label>
        ))}
      </Box>
    </Box>
  );
}
