"use client";
import { closeDeposit } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import { Allowed } from "./shared/staff";
import { StatementLine } from "./StatementLine";

/** What came of a signed statement: what is still open and why, what was objected to, what was agreed in the end. */
export function AfterStatement({ screen }: { screen: SettlementScreen }) {
  const t = useTranslations("since");
  const format = useFormatter();
  const { request, fault, busy } = useRequest();
  const { after, signed, stay, currency, timeZone } = screen;
  if (!after || !signed) return null;
  const at = (instant: string) =>
    format.dateTime(new Date(instant), {
      day: "numeric",
      month: "long",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
  const money = (minor: number) => formatMoney(minor, currency);
  const params = { id: stay.stayId };
  const mayObject = signed.objectUntil !== null;
  const shown = after.lines.filter((line) => line.state !== "closed" || line.said.length > 0);
  const moved = (kind: "captured" | "released") =>
    screen.deposit.filter((event) => event.kind === kind).reduce((sum, event) => sum + event.amountMinor, 0);
  const toMove = after.open === 0 && stay.heldMinor > 0;
  if (shown.length === 0 && !toMove && signed.cameSince === 0 && !signed.without) return null;
  return (
    <Box
      as="section"
      background="paper"
      borderLeftWidth="6px"
      borderLeftStyle="solid"
      borderColor="brass"
      padding="4"
      display="grid"
      gap="3"
      aria-label={t("title")}
    >
      <h2>{t("title")}</h2>
      {signed.without && signed.objectUntil && (
        <p>{t(`without-${signed.without.reason}`, { words: signed.without.words, until: at(signed.objectUntil) })}</p>
      )}
      {signed.cameSince > 0 && <Chip verdict="watch">{t("came-since", { came: signed.cameSince })}</Chip>}
      {after.open > 0 && stay.terms.deposit.how === "card-hold" && <p>{t("hold-open")}</p>}
      {shown.map((line) => (
        <StatementLine
          key={line.id}
          stayId={stay.stayId}
          line={line}
          money={money}
          at={at}
          currency={currency}
          mayObject={mayObject}
        />
      ))}
      {toMove && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <span>
            {t("nothing-open", {
              due: money(Math.max(0, after.captureMinor - moved("captured"))),
              back: money(Math.max(0, after.releaseMinor - moved("released"))),
            })}
          </span>
          <Allowed action="close-deposit">
            <Button variant="solid" disabled={busy} onClick={() => void request(closeDeposit, { params })}>
              {t("close")}
            </Button>
          </Allowed>
        </Box>
      )}
      <Fault words={fault} />
    </Box>
  );
}
