"use client";
import { Box, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { SettlementScreen } from "@/api/schemas/desk";
import { AfterStatement } from "./AfterStatement";
import { CostsNothing } from "./CostsNothing";
import { canBeCharged, DifferenceCard } from "./DifferenceCard";
import { AddendumWords } from "../book/AddendumWords";
import { SettlementSigning } from "./SettlementSigning";
import { PhotoStrip } from "./PhotoStrip";
import { StatementExtras } from "./StatementExtras";
import { UnfitRecord } from "./UnfitRecord";
import { StatementSums } from "./StatementSums";
import { Allowed } from "./shared/staff";

interface Props {
  screen: SettlementScreen;
  me: { person: string; name: string };
}

/** What changed, whose it is, what it costs, and what the deposit pays. */
export function SettlementBoard({ screen, me }: Props) {
  const t = useTranslations();
  const [signing, setSigning] = useState(false);
  const { stay, items } = screen;
  const costly = items.filter(canBeCharged);
  const other = items.filter((item) => !costly.includes(item));
  return (
    <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", lg: "minmax(0, 1fr) 360px" }} minHeight="100%">
      <chakra.main padding={{ base: "4", md: "5" }} minWidth="0" display="grid" gap="5" alignContent="start">
        <Box>
          <h1>{t("settle.heading", { yacht: stay.yachtName })}</h1>
          <p>
            <Link href={`/charters/${stay.reference}`}>{stay.reference}</Link>, {stay.skipper} ·{" "}
            {t("settle.summary", { differences: items.length, undecided: screen.undecided })}
          </p>
        </Box>
        <UnfitRecord faults={screen.faults} />
        <ToldBefore screen={screen} />
        <AfterStatement screen={screen} />
        {items.length === 0 && <p>{t("settle.nothing")}</p>}
        {costly.length > 0 && <Allowed action="decide-charge">{null}</Allowed>}
        {costly.map((item) => (
          <DifferenceCard key={item.proposal.difference.id} item={item} screen={screen} />
        ))}
        <StatementExtras screen={screen} />
        {other.length > 0 && <CostsNothing items={other} />}
      </chakra.main>
      <StatementSums screen={screen} onSign={() => setSigning(true)} />
      {signing && <SettlementSigning screen={screen} me={me} onClose={() => setSigning(false)} />}
    </Box>
  );
}

/** What the skipper told before the check-out, which is looked at first. */
function ToldBefore({ screen }: { screen: SettlementScreen }) {
  const t = useTranslations();
  if (screen.told.length + screen.troubles.length === 0) return null;
  return (
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
      {screen.troubles.map(({ id, title, found, outcome, said, answer }) => (
        <Box key={id}>
          <strong>{localize(title)}</strong> · {t(`told.${outcome ?? "open"}`)}
          {found && <p>{localize(found)}</p>}
          {said.map((words) => (
            <p key={words}>{t("told.said", { words })}</p>
          ))}
          {answer && <p>{t("told.answer", { words: answer })}</p>}
        </Box>
      ))}
    </Box>
  );
}
