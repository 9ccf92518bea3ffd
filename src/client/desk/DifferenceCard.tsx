"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import type { SettlementItem, SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { DecisionForm } from "./DecisionForm";
import { PhotoStrip } from "./PhotoStrip";
import { Allowed } from "./shared/staff";

/** One difference: both sides' evidence beside one another, whose it is, and what it comes to. */
export function DifferenceCard({ item, screen }: { item: SettlementItem; screen: SettlementScreen }) {
  const t = useTranslations();
  const { proposal } = item;
  const settled = (screen.signed?.output ?? screen.output).lines.find((line) => line.id === proposal.difference.id);
  const verdict = proposal.needs ? "watch" : "fine";
  return (
    <Box
      as="section"
      borderTopWidth="2px"
      borderTopStyle="solid"
      borderColor="kelp"
      paddingTop="3"
      display="grid"
      gap="3"
      aria-label={item.name}
    >
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="2" alignItems="baseline">
        <chakra.h2 fontSize="1.125rem">
          {item.name}{" "}
          <chakra.span fontWeight="400" color="kelp2">
            {item.place}
          </chakra.span>
        </chakra.h2>
        <Chip verdict={verdict}>{proposal.needs ? item.what : t("settle.decided", { what: item.what })}</Chip>
      </Box>
      <Box
        display="grid"
        gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }}
        gap="0"
        background="paper"
        borderWidth="1px"
        borderStyle="solid"
        borderColor="line"
      >
        <EvidenceSide title={t("paper.before")} side={item.before} timeZone={screen.timeZone} name={item.name} />
        <EvidenceSide title={t("paper.after")} side={item.after} timeZone={screen.timeZone} name={item.name} right />
      </Box>
      {item.prior !== null && <p>{t("settle.prior", { prior: item.prior })}</p>}
      {!screen.signed && canBeCharged(item) && (
        <Allowed action="decide-charge" quiet>
          <DecisionForm item={item} screen={screen} />
        </Allowed>
      )}
      {screen.signed && item.why && <p>{t("settle.why-said", { why: item.why, by: item.decidedBy })}</p>}
      {settled && !proposal.needs && (
        <p>
          {settled.how}
          {": "}
          <strong>
            {settled.heldMinor > 0
              ? t("settle.line-held", { sum: formatMoney(settled.heldMinor, screen.currency) })
              : t("settle.line-charged", { sum: formatMoney(settled.chargedMinor, screen.currency) })}
          </strong>
        </p>
      )}
      {!settled && canBeCharged(item) && proposal.decided && <p>{t("settle.not-charged")}</p>}
    </Box>
  );
}

/** Kinds of difference that may cost something. */
export function canBeCharged({ proposal }: SettlementItem): boolean {
  return (
    proposal.line !== null ||
    ["missing", "new-mark", "mark-worse", "look-worse", "test-failing"].includes(proposal.difference.kind)
  );
}

function EvidenceSide({
  title,
  side,
  timeZone,
  name,
  right = false,
}: {
  title: string;
  side: SettlementItem["before"];
  timeZone: string;
  name: string;
  right?: boolean;
}) {
  const format = useFormatter();
  return (
    <Box
      padding="3"
      borderLeftWidth={right ? { base: 0, sm: "1px" } : 0}
      borderLeftStyle="solid"
      borderColor="line"
      display="grid"
      gap="1"
      alignContent="start"
    >
      <chakra.p fontSize="0.9375rem" color="kelp2">
        {title}
      </chakra.p>
      <chakra.p fontWeight="600">{side.words}</chakra.p>
      {side.at && (
        <chakra.p fontSize="0.9375rem" color="kelp2">
          {side.by}, {format.dateTime(new Date(side.at), { dateStyle: "medium", timeStyle: "short", timeZone })}
        </chakra.p>
      )}
      <PhotoStrip photos={side.photos} name={name} />
    </Box>
  );
}
