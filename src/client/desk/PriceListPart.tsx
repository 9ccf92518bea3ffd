"use client";
import { settlePrices } from "@/api/base";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import type { PriceChange } from "@/api/schemas/desk";
import { canonicalJson } from "@/core/basics/digest";
import type { PriceList } from "@/core/settlement/prices";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { useFocusFault } from "../forms/useFocusFault";
import { blankRow, pricesOf, typedItems, typedPrices, type PriceDraft, type WrongPrice } from "./prices/draft";
import { PriceFile } from "./prices/PriceFile";
import { PriceTable } from "./prices/PriceTable";
import { Fault } from "./shared/Fault";

interface Props {
  prices: PriceList;
  /** number of the change that these came with; 0 before the first */
  number: number;
  /** who settled it last; null before the first */
  last: PriceChange | null;
  currency: string;
  timeZone: string;
  maySettle: boolean;
}

/** What the base asks for work, parts and services: typed in a table, settled with a reason, never over another's change. */
export function PriceListPart({ prices, number, last, currency, timeZone, maySettle }: Props) {
  const format = useFormatter();
  const t = useTranslations("prices");
  const { fault, faultAt, setFault, busy, request } = useRequest(["why", "labourPerHourMinor"]);
  const [draft, setDraft] = useState(() => typedPrices(prices, currency));
  const [why, setWhy] = useState("");
  const [wrong, setWrong] = useState<WrongPrice | null>(null);
  const list = useFocusFault<HTMLElement>(wrong ?? faultAt("why"));
  const change = (part: Partial<PriceDraft>) => {
    setWrong(null);
    setDraft((now) => ({ ...now, ...part }));
  };
  const wanted = pricesOf(draft, currency);
  const isChanged = "say" in wanted || canonicalJson(wanted) !== canonicalJson(prices);
  const settle = async () => {
    setWrong("say" in wanted ? wanted : null);
    if ("say" in wanted) return setFault(wanted.row === null ? null : t(wanted.say, { words: wanted.words }));
    if (why.trim() === "") return setFault(t("why-missing"), "why");
    if (await request(settlePrices, { body: { onNumber: number, prices: wanted, why: why.trim() } })) setWhy("");
  };
  return (
    <chakra.section ref={list} display="grid" gap="3" aria-label={t("title")}>
      <h2>{t("title")}</h2>
      <p>{t("about")}</p>
      <p role="status">
        {last &&
          t("last", {
            at: format.dateTime(new Date(last.at), { dateStyle: "medium", timeStyle: "short", timeZone }),
            by: last.by,
            why: last.why,
          })}
      </p>
      <PriceTerms
        draft={draft}
        currency={currency}
        disabled={!maySettle}
        faultAt={(field) => (wrong?.field === field ? t(wrong.say, { words: "" }) : faultAt(field))}
        onChange={change}
      />
      <PriceTable
        rows={draft.rows}
        labour={draft.labour}
        currency={currency}
        disabled={!maySettle}
        wrong={wrong}
        onRows={(rows) => change({ rows })}
      />
      {maySettle && (
        <>
          <Button justifySelf="start" onClick={() => change({ rows: [...draft.rows, blankRow(crypto.randomUUID())] })}>
            {t("add")}
          </Button>
          <PriceFile
            items={"say" in wanted ? null : wanted.items}
            currency={currency}
            onItems={(items) => change({ rows: typedItems(items, currency) })}
          />
          <Box display="grid" gap="3" maxWidth="40rem">
            <Field label={t("why")} error={faultAt("why")}>
              {(ids) => <input {...ids} maxLength={500} value={why} onChange={(event) => setWhy(event.target.value)} />}
            </Field>
            <Button variant="solid" justifySelf="start" disabled={!isChanged || busy} onClick={() => void settle()}>
              {t("settle")}
            </Button>
          </Box>
        </>
      )}
      <Fault words={fault} />
    </chakra.section>
  );
}

/** What an hour of work costs, and a late return. */
function PriceTerms({
  draft,
  currency,
  disabled,
  faultAt,
  onChange,
}: {
  draft: PriceDraft;
  currency: string;
  disabled: boolean;
  faultAt: (field: string) => string | null;
  onChange: (part: Partial<PriceDraft>) => void;
}) {
  const t = useTranslations("prices");
  const terms = [
    {
      field: "labour",
      label: t("labour", { currency }),
      width: "12rem",
      error: faultAt("labour") ?? faultAt("labourPerHourMinor"),
    },
    { field: "free", label: t("late-free"), width: "14rem", error: faultAt("free") },
    { field: "late", label: t("late-hour", { currency }), width: "14rem", error: faultAt("late") },
  ] as const;
  return (
    <Box display="flex" flexWrap="wrap" gap="3">
      {terms.map(({ field, label, width, error }) => (
        <Box key={field} width={width}>
          <Field label={label} error={error}>
            {(ids) => (
              <input
                {...ids}
                inputMode={field === "free" ? "numeric" : "decimal"}
                disabled={disabled}
                value={draft[field]}
                onChange={(event) => onChange({ [field]: event.target.value })}
              />
            )}
          </Field>
        </Box>
      ))}
    </Box>
  );
}
