"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { TodayRow } from "@/api/schemas/desk";
import { byUrgency } from "@/core/faults/call";
import { Chip } from "@/ui/Chip";
import { useWaits } from "./waits";

/** Calls from boats that nobody has answered: urgent first, with how long each waits; nothing where none does. */
export function OpenCalls({ rows, onChoose }: { rows: readonly TodayRow[]; onChoose: (stayId: string) => void }) {
  const t = useTranslations("call-from");
  const waits = useWaits();
  const open = rows
    .flatMap(({ stay, tells }) => (tells?.calls ?? []).map((call) => ({ stay, ...call })))
    .filter(({ isOpen }) => isOpen)
    .toSorted(byUrgency);
  if (open.length === 0) return null;
  return (
    <Box as="section" aria-label={t("title")} marginBottom="4">
      <chakra.h2 marginBottom="1">{t("title")}</chakra.h2>
      <Box as="ul" borderTopWidth="2px" borderTopStyle="solid" borderColor="kelp">
        {open.map(({ stay, trouble, title, urgency, waitsMin }) => (
          <chakra.li key={trouble} borderBottomWidth="1px" borderBottomStyle="solid" borderColor="line">
            <chakra.button
              type="button"
              display="flex"
              flexWrap="wrap"
              alignItems="center"
              gap="2px 12px"
              width="100%"
              minHeight="44px"
              border="0"
              background="none"
              textAlign="left"
              cursor="pointer"
              onClick={() => onChoose(stay.stayId)}
            >
              <Chip verdict={urgency === "now" ? "stop" : "watch"}>{t(`urgency-${urgency}`)}</Chip>
              <strong>
                {stay.yachtName}: {title}
              </strong>
              <chakra.span color="kelp2">
                {stay.skipper} · {waits(waitsMin)}
              </chakra.span>
            </chakra.button>
          </chakra.li>
        ))}
      </Box>
    </Box>
  );
}
