"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { clearanceTopics, type ClearanceTopic } from "@/core/basics/clearance-topics";

/** What no manager lets her go without. */
export function NeverList({
  never,
  disabled,
  onChange,
}: {
  never: readonly ClearanceTopic[];
  disabled: boolean;
  onChange: (never: ClearanceTopic[]) => void;
}) {
  const t = useTranslations();
  const choose = (topic: ClearanceTopic, isOn: boolean) =>
    onChange(clearanceTopics.filter((each) => (each === topic ? isOn : never.includes(each))));
  return (
    <Box role="group" aria-label={t("rules.never")} display="grid" gridTemplateColumns="1fr 1fr" gap="0 24px">
      {clearanceTopics.map((topic) => (
        <chakra.label key={topic} display="flex" gap="3" alignItems="center" minHeight="44px">
          <input
            type="checkbox"
            checked={never.includes(topic)}
            disabled={disabled}
            onChange={(event) => choose(topic, event.target.checked)}
          />
          {t(`matter.${topic}`)}
        </chakra.label>
      ))}
    </Box>
  );
}
