"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import { localize } from "@/core/basics/words";
import type { Level, YachtFile } from "@/core/yacht/schema";
import { Segments } from "@/ui/kit/Segments";
import { WalkOnPlan, type PlaceOnWalk } from "@/ui/plan/WalkOnPlan";
import { YachtPlan } from "@/ui/plan/YachtPlan";

interface Props {
  file: YachtFile;
  walk: readonly PlaceOnWalk[];
  /** the place of the row that is looked at */
  lit: string | null;
}

/** The walk drawn on her plan; it stays in sight while the rows move past it, and turns to the level of the row in hand. */
export function TunedPlan({ file, walk, lit }: Props) {
  const t = useTranslations();
  const there = file.places[lit ?? ""]?.level ?? "deck";
  const [shown, setShown] = useState<{ lit: string | null; level: Level }>({ lit: null, level: "deck" });
  const level = shown.lit === lit ? shown.level : there;
  const words = useMemo(
    () => ({
      port: t("plan.port"),
      starboard: t("plan.starboard"),
      title: t("plan.title", { yacht: file.particulars.name, level: t(`level.${level}`) }),
      place: (id: string) => localize(file.places[id]?.name ?? { en: id }),
    }),
    [t, file, level],
  );
  return (
    <Box
      as="aside"
      aria-label={t("plan.rail")}
      position={{ lg: "sticky" }}
      top="0"
      height={{ base: "60dvh", lg: "calc(100dvh - 64px)" }}
      display="grid"
      gridTemplateRows="auto minmax(0, 1fr)"
      gap="3"
      padding="4"
      background="rail"
      borderRightWidth={{ base: "0", lg: "2px" }}
      borderRightStyle="solid"
      borderColor="kelp"
    >
      <Segments
        label={t("plan.levels")}
        value={level}
        options={(["deck", "below"] as const).map((value) => ({ value, word: t(`level.${value}`) }))}
        onChoose={(next) => setShown({ lit, level: next })}
      />
      <YachtPlan file={file} level={level} words={words} current={lit ?? undefined}>
        <WalkOnPlan places={file.places} level={level} walk={walk} lit={lit} />
      </YachtPlan>
    </Box>
  );
}
