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
  return (
    <chakra.section display="grid" gap="2">
      <h2>{t("rules.never")}</h2>
      <p>{t("rules.never-words")}</p>
      <Box display="grid" gridTemplateColumns={{ base: "1fr", md: "1fr 1fr" }} gap="2">
        {clearanceTopics.map((topic) => (
          <chakra.label key={topic} display="flex" gap="3" alignItems="center" minHeight="44px">
            <input
              type="checkbox"
              checked={never.includes(topic)}
              disabled={disabled}
              onChange={(event) =>
                onChange(
                  clearanceTopics.filter((each) => (each === topic ? event.target.checked : never.includes(each))),
                )
              }
            />
            {t(`matter.${topic}`)}
          </chakra.label>
        ))}
      </Box>
    </chakra.section>
  );
}
