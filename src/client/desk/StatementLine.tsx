"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { AfterItem } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Allowed } from "./shared/staff";
import { AgreeForm, ObjectForm } from "./statement/say-to-line";

interface Props {
  stayId: string;
  line: AfterItem;
  money: (minor: number) => string;
  at: (instant: string) => string;
  currency: string;
  mayObject: boolean;
}

/** One line of a signed statement: what was said to it since, and what may still be said. */
export function StatementLine({ stayId, line, money, at, currency, mayObject }: Props) {
  const t = useTranslations("since");
  const [way, setWay] = useState<"object" | "agree" | null>(null);
  const isOpen = line.state !== "closed";
  const said = { stayId, line, onDone: () => setWay(null) };
  return (
    <Box
      borderTopWidth="1px"
      borderTopStyle="solid"
      borderColor="line"
      paddingTop="2"
      display="grid"
      gap="2"
      role="group"
      aria-label={line.name}
    >
      <Box display="flex" flexWrap="wrap" gap="8px 16px" alignItems="center">
        <strong>{line.name}</strong>
        <Chip verdict={isOpen ? "watch" : "fine"}>
          {t(`state-${line.state}`, { most: money(line.atMostMinor), final: money(line.finalMinor) })}
        </Chip>
      </Box>
      {line.said.map((each) => (
        <p key={each.at}>
          {at(each.at)}, {each.by ?? t("from-book")}: {each.words}
        </p>
      ))}
      {isOpen && way === null && (
        <Box display="flex" flexWrap="wrap" gap="3">
          <Allowed action="agree-sum">
            <Button onClick={() => setWay("agree")} aria-label={`${t("agree")}: ${line.name}`}>
              {t("agree")}
            </Button>
          </Allowed>
          {mayObject && line.state === "may-be-objected" && (
            <Allowed action="note-objection" quiet>
              <Button onClick={() => setWay("object")} aria-label={`${t("object")}: ${line.name}`}>
                {t("object")}
              </Button>
            </Allowed>
          )}
        </Box>
      )}
      {way === "agree" && <AgreeForm {...said} currency={currency} most={money(line.atMostMinor)} />}
      {way === "object" && <ObjectForm {...said} />}
    </Box>
  );
}
