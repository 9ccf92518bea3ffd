"use client";
import { printStatement } from "@/api/stays";
import type { SettlementScreen } from "@/api/schemas/desk";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import { bookWords } from "@/messages/health-words";
import { Chip } from "@/ui/Chip";
import { Rail } from "./shared/Rail";
import { Allowed } from "./shared/staff";

/** What it comes to, what the deposit pays of it, and the signing of the statement. */
export function StatementSums({ screen, onSign }: { screen: SettlementScreen; onSign: () => void }) {
  const t = useTranslations();
  const { stay, signed } = screen;
  const output = signed?.output ?? screen.output;
  const money = (minor: number) => formatMoney(minor, screen.currency);
  const sums: [string, number][] = [
    [t("settle.due"), output.dueMinor],
    [t("settle.capture"), output.captureMinor],
    [t("settle.held"), output.heldMinor],
    [t("settle.release"), output.releaseMinor],
    [t("settle.still"), output.stillToPayMinor],
  ];
  return (
    <Rail label={t("settle.sums")}>
      <Box position={{ lg: "sticky" }} top="24px" display="grid" gap="4">
        <h2>{t("settle.sums")}</h2>
        <div role="status">
          <chakra.dl display="grid" gridTemplateColumns="1fr auto" gap="8px 16px">
            {sums.map(([label, minor]) => (
              <Box key={label} display="contents">
                <dt>{label}</dt>
                <chakra.dd fontWeight="700" textAlign="right">
                  {money(minor)}
                </chakra.dd>
              </Box>
            ))}
          </chakra.dl>
        </div>
        {!signed && screen.range && (
          <p>{t("settle.range", { low: money(screen.range.lowMinor), high: money(screen.range.highMinor) })}</p>
        )}
        <p>{t("settle.deposit", { amount: money(stay.terms.deposit.amountMinor), held: money(stay.heldMinor) })}</p>
        {stay.terms.waiver && (
          <p>
            {t("settle.waiver", {
              excess: money(stay.terms.waiver.excessMinor),
              excludes: stay.terms.waiver.excludes.map((group) => t(`prices.group-${group}`)).join(", ") || "none",
            })}
          </p>
        )}
        {screen.booksDiffer.length > 0 && (
          <Box role="alert" display="grid" gap="1">
            <strong>{t("settle.books-differ")}</strong>
            {screen.booksDiffer.map((difference) => (
              <p key={difference.key}>{bookWords(t, difference)}</p>
            ))}
          </Box>
        )}
        {signed ? (
          <WhatWasMoved screen={screen} sealedAt={signed.sealedAt} />
        ) : (
          <ToSign screen={screen} onSign={onSign} />
        )}
        <Button asChild>
          <a href={href(printStatement, { params: { id: stay.stayId } })} target="_blank" rel="noreferrer">
            {signed ? t("book.statement") : t("settle.draft")}
          </a>
        </Button>
      </Box>
    </Rail>
  );
}

function WhatWasMoved({ screen, sealedAt }: { screen: SettlementScreen; sealedAt: string }) {
  const t = useTranslations();
  const format = useFormatter();
  const { how } = screen.stay.terms.deposit;
  const when = { dateStyle: "medium", timeStyle: "short", timeZone: screen.timeZone } as const;
  return (
    <>
      <Chip verdict="fine">{t("settle.signed", { at: format.dateTime(new Date(sealedAt), when) })}</Chip>
      <Box display="grid" gap="1">
        {screen.deposit.map((event) => (
          <p key={`${event.kind}${event.at}${event.amountMinor}`}>
            {formatMoney(event.amountMinor, screen.currency)} {t(`deposit.${event.kind}`, { how })} {event.reference}
          </p>
        ))}
      </Box>
      {how === "card-hold" && <p>{t("paper.simulated")}</p>}
    </>
  );
}

function ToSign({ screen: { undecided }, onSign }: { screen: SettlementScreen; onSign: () => void }) {
  const t = useTranslations("settle");
  return (
    <>
      {undecided > 0 && <Chip verdict="watch">{t("undecided", { undecided })}</Chip>}
      <Allowed action="sign-statement">
        <Button variant="solid" size="lg" disabled={undecided > 0} onClick={onSign}>
          {t("sign")}
        </Button>
      </Allowed>
    </>
  );
}
