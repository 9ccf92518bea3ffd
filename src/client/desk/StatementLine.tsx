"use client";
import { agreeSum, objectToLine } from "@/api/stays";
import { Box, Button, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import { parseMoney } from "@/core/basics/money";
import type { AfterItem } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { Fault } from "./shared/Fault";
import { Allowed } from "./shared/staff";

interface Props {
  stayId: string;
  line: AfterItem;
  money: (minor: number) => string;
  at: (instant: string) => string;
  currency: string;
  mayObject: boolean;
}

type Way = "objections" | "outcomes";

/** One line of a signed statement: what was said to it since, and what may still be said. */
export function StatementLine({ stayId, line, money, at, currency, mayObject }: Props) {
  const t = useTranslations("since");
  const [way, setWay] = useState<Way | null>(null);
  const [words, setWords] = useState("");
  const [amount, setAmount] = useState("");
  const { request, fault, faultAt, setFault, busy } = useRequest(["words", "amountMinor"]);
  const isOpen = line.state !== "closed";
  const keep = async () => {
    if (words.trim() === "") return setFault(t("words-missing"), "words");
    const minor = amount.trim() === "0" ? 0 : parseMoney(amount, currency);
    if (way === "outcomes" && (minor === null || minor > line.atMostMinor))
      return setFault(t("amount-wrong", { most: money(line.atMostMinor) }), "amountMinor");
    const params = { id: stayId };
    const said = { line: line.id, words: words.trim() };
    const sent =
      way === "objections"
        ? await request(objectToLine, { params, body: said })
        : await request(agreeSum, { params, body: { ...said, amountMinor: minor ?? 0 } });
    if (sent) setWay(null);
  };
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
            <Button onClick={() => setWay("outcomes")} aria-label={`${t("agree")}: ${line.name}`}>
              {t("agree")}
            </Button>
          </Allowed>
          {mayObject && line.state === "may-be-objected" && (
            <Allowed action="note-objection" quiet>
              <Button onClick={() => setWay("objections")} aria-label={`${t("object")}: ${line.name}`}>
                {t("object")}
              </Button>
            </Allowed>
          )}
        </Box>
      )}
      {way !== null && (
        <SayForm {...{ way, currency, amount, words, faultAt }} onAmount={setAmount} onWords={setWords}>
          <Button variant="solid" disabled={busy} onClick={() => void keep()}>
            {t("keep")}
          </Button>
          <Button onClick={() => setWay(null)}>{t("back")}</Button>
        </SayForm>
      )}
      <Fault words={fault} />
    </Box>
  );
}

/** What is said to a line, and the sum that was agreed on. */
function SayForm({
  way,
  currency,
  amount,
  words,
  faultAt,
  onAmount,
  onWords,
  children,
}: {
  way: Way;
  currency: string;
  amount: string;
  words: string;
  faultAt: (field: string) => string | null;
  onAmount: (amount: string) => void;
  onWords: (words: string) => void;
  children: ReactNode;
}) {
  const t = useTranslations("since");
  return (
    <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
      {way === "outcomes" && (
        <Box width="10rem">
          <Field label={t("final", { currency })} error={faultAt("amountMinor")}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={amount} onChange={(event) => onAmount(event.target.value)} />
            )}
          </Field>
        </Box>
      )}
      <Box flex="1 1 16rem">
        <Field label={t(`words-${way}`)} error={faultAt("words")}>
          {(ids) => <Input {...ids} maxLength={500} value={words} onChange={(event) => onWords(event.target.value)} />}
        </Field>
      </Box>
      {children}
    </Box>
  );
}
