"use client";
import { agreeSum, closeDeposit, objectToLine } from "@/api/stays";
import { Box, Button, chakra, Input } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney, parseMoney } from "@/core/basics/money";
import type { AfterItem, SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { Fault } from "./Fault";
import { useRequest } from "../api/useRequest";
import { Allowed } from "./staff";

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
        <OpenLine
          key={line.id}
          line={line}
          money={money}
          at={at}
          currency={currency}
          mayObject={mayObject}
          busy={busy}
          onObject={(words) => request(objectToLine, { params, body: { line: line.id, words } })}
          onAgree={(amountMinor, words) => request(agreeSum, { params, body: { line: line.id, amountMinor, words } })}
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

interface LineProps {
  line: AfterItem;
  money: (minor: number) => string;
  at: (instant: string) => string;
  currency: string;
  mayObject: boolean;
  busy: boolean;
  /** both give null where the base refuses */
  onObject: (words: string) => Promise<unknown>;
  onAgree: (amountMinor: number, words: string) => Promise<unknown>;
}

function OpenLine({ line, money, at, currency, mayObject, busy, onObject, onAgree }: LineProps) {
  const t = useTranslations("since");
  const [way, setWay] = useState<"objections" | "outcomes" | null>(null);
  const [words, setWords] = useState("");
  const [amount, setAmount] = useState("");
  const [wrong, setWrong] = useState<string | null>(null);
  const isOpen = line.state !== "closed";
  const keep = async () => {
    if (words.trim() === "") return setWrong(t("words-missing"));
    const minor = amount.trim() === "0" ? 0 : parseMoney(amount, currency);
    if (way === "outcomes" && (minor === null || minor > line.atMostMinor))
      return setWrong(t("amount-wrong", { most: money(line.atMostMinor) }));
    setWrong(null);
    const sent = way === "objections" ? await onObject(words.trim()) : await onAgree(minor ?? 0, words.trim());
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
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
          {way === "outcomes" && (
            <Box width="10rem">
              <Field label={t("final", { currency })}>
                {(ids) => (
                  <Input
                    {...ids}
                    inputMode="decimal"
                    value={amount}
                    onChange={(event) => setAmount(event.target.value)}
                  />
                )}
              </Field>
            </Box>
          )}
          <Box flex="1 1 16rem">
            <Field label={t(`words-${way}`)}>
              {(ids) => (
                <Input {...ids} maxLength={500} value={words} onChange={(event) => setWords(event.target.value)} />
              )}
            </Field>
          </Box>
          <Button variant="solid" disabled={busy} onClick={() => void keep()}>
            {t("keep")}
          </Button>
          <Button onClick={() => setWay(null)}>{t("back")}</Button>
        </Box>
      )}
      {wrong && <chakra.p role="alert">{wrong}</chakra.p>}
    </Box>
  );
}
