"use client";
import { printStatement } from "@/api/stays";
import { href } from "../api/call";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney } from "@/core/basics/money";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { AfterStatement } from "./AfterStatement";
import { CostsNothing } from "./CostsNothing";
import { canBeCharged, DifferenceCard } from "./DifferenceCard";
import { AddendumWords } from "../book/AddendumWords";
import { SettlementSigning } from "./SettlementSigning";
import { PhotoStrip } from "./PhotoStrip";
import { StatementExtras } from "./StatementExtras";
import { Allowed } from "./shared/staff";

interface Props {
  screen: SettlementScreen;
  me: { person: string; name: string };
}

/** What changed, whose it is, what it costs, and what the deposit pays. */
export function SettlementBoard({ screen, me }: Props) {
  const t = useTranslations();
  const format = useFormatter();
  const [signing, setSigning] = useState(false);
  const { stay, items, signed } = screen;
  const output = signed?.output ?? screen.output;
  const money = (minor: number) => formatMoney(minor, screen.currency);
  const costly = items.filter(canBeCharged);
  const other = items.filter((item) => !costly.includes(item));
  const sums: [string, number][] = [
    [t("settle.due"), output.dueMinor],
    [t("settle.capture"), output.captureMinor],
    [t("settle.held"), output.heldMinor],
    [t("settle.release"), output.releaseMinor],
    [t("settle.still"), output.stillToPayMinor],
  ];
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0, 1fr) 360px" }} minHeight="100%">
      <chakra.main padding={{ base: "4", md: "7" }} minWidth="0" display="grid" gap="5" alignContent="start">
        <Box>
          <h1>{t("settle.heading", { yacht: stay.yachtName })}</h1>
          <p>
            <Link href={`/charters/${stay.reference}`}>{stay.reference}</Link>, {stay.skipper} ·{" "}
            {t("settle.summary", { differences: items.length, undecided: screen.undecided })}
          </p>
        </Box>
        {screen.told.length > 0 && (
          <Box
            as="section"
            aria-label={t("settle.told")}
            background="paper"
            borderLeftWidth="6px"
            borderLeftStyle="solid"
            borderColor="brass"
            padding="4"
            display="grid"
            gap="2"
          >
            <h2>{t("settle.told")}</h2>
            {screen.told.map((each) => (
              <Box key={each.addendum.id} display="grid" gap="2">
                <AddendumWords kept={each} timeZone={screen.timeZone} />
                {"photos" in each.addendum && (
                  <PhotoStrip photos={each.addendum.photos} name={each.about?.name ?? t("settle.told")} />
                )}
              </Box>
            ))}
          </Box>
        )}
        <AfterStatement screen={screen} />
        {items.length === 0 && <p>{t("settle.nothing")}</p>}
        {costly.length > 0 && <Allowed action="decide-charge">{null}</Allowed>}
        {costly.map((item) => (
          <DifferenceCard key={item.proposal.difference.id} item={item} screen={screen} />
        ))}
        <StatementExtras screen={screen} />
        {other.length > 0 && <CostsNothing items={other} />}
      </chakra.main>
      <chakra.aside
        background="rail"
        borderLeftWidth="2px"
        borderLeftStyle="solid"
        borderColor="kelp"
        padding="6"
        aria-label={t("settle.sums")}
      >
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
          {signed ? (
            <>
              <Chip verdict="fine">
                {t("settle.signed", {
                  at: format.dateTime(new Date(signed.sealedAt), {
                    dateStyle: "medium",
                    timeStyle: "short",
                    timeZone: screen.timeZone,
                  }),
                })}
              </Chip>
              <Box display="grid" gap="1">
                {screen.deposit.map((event) => (
                  <p key={`${event.kind}${event.at}${event.amountMinor}`}>
                    {money(event.amountMinor)} {t(`deposit.${event.kind}`, { how: stay.terms.deposit.how })}{" "}
                    {event.reference}
                  </p>
                ))}
              </Box>
              {stay.terms.deposit.how === "card-hold" && <p>{t("paper.simulated")}</p>}
            </>
          ) : (
            <>
              {screen.undecided > 0 && (
                <Chip verdict="watch">{t("settle.undecided", { undecided: screen.undecided })}</Chip>
              )}
              <Allowed action="sign-statement">
                <Button variant="solid" size="lg" disabled={screen.undecided > 0} onClick={() => setSigning(true)}>
                  {t("settle.sign")}
                </Button>
              </Allowed>
            </>
          )}
          <Button asChild>
            <a href={href(printStatement, { params: { id: stay.stayId } })} target="_blank" rel="noreferrer">
              {signed ? t("book.statement") : t("settle.draft")}
            </a>
          </Button>
        </Box>
      </chakra.aside>
      {signing && <SettlementSigning screen={screen} me={me} onClose={() => setSigning(false)} />}
    </Box>
  );
}
