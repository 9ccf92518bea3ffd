"use client";
import { decideCharge } from "@/api/stays";
import { Box, Button, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { SettlementItem, SettlementScreen } from "@/api/schemas/desk";
import { formatMoney } from "@/core/basics/money";
import { Field } from "@/ui/Field";
import { useRequest } from "../api/useRequest";
import { useFocusFault } from "../forms/useFocusFault";
import { CheckRow } from "./shared/CheckRow";
import { CauseChoice } from "./decision/CauseChoice";
import { DamageFields } from "./decision/DamageFields";
import { bodyFields, costs, decisionOf, firstDraft, hasCause, isDamage, type WrongField } from "./decision/draft";
import { LessUsual } from "./decision/LessUsual";
import type { DecisionPart } from "./decision/part";
import { Fault } from "./shared/Fault";

const marked = Object.values(bodyFields).flat();

/** Whose a difference is, what it costs, and why: with the price list at hand, a range where the price is not fixed, and the reasons that have to be written down. */
export function DecisionForm({ item, screen }: { item: SettlementItem; screen: SettlementScreen }) {
  const t = useTranslations("settle");
  const { fault, faultAt, busy, request } = useRequest(marked);
  const { line, difference, needs } = item.proposal;
  const { currency, prices } = screen;
  const [draft, setDraft] = useState(() => firstDraft(item, currency));
  const [wrong, setWrong] = useState<WrongField | null>(null);
  const form = useFocusFault(wrong ?? marked.find((field) => faultAt(field) !== null) ?? null);
  const keep = async () => {
    const decision = decisionOf(draft, difference, currency);
    if ("say" in decision) return setWrong(decision);
    setWrong(null);
    const body = { differenceId: difference.id, decision, why: draft.why.trim() };
    await request(decideCharge, { params: { id: screen.stay.stayId }, body });
  };
  const part: DecisionPart = {
    item,
    screen,
    draft,
    change: (some) => setDraft((now) => ({ ...now, ...some })),
    says: (field) =>
      wrong?.field === field ? t(wrong.say) : (bodyFields[field].map(faultAt).find((words) => words !== null) ?? null),
  };
  const isRead = !hasCause(difference);
  return (
    <Box ref={form} display="grid" gap="3">
      {!isRead && <CauseChoice {...part} />}
      {isDamage(difference) && costs(draft) && <DamageFields {...part} />}
      {draft.charge && (draft.cause !== null || isRead) && (
        <Box display="flex" flexWrap="wrap" gap="0 20px" alignItems="center">
          <CheckRow checked={draft.disputed} onChange={(disputed) => part.change({ disputed })}>
            {t("disputed")}
          </CheckRow>
          {line?.kind === "fuel" && line.doubt !== undefined && (
            <CheckRow checked={draft.believed} onChange={(believed) => part.change({ believed })}>
              {t("believed")}
            </CheckRow>
          )}
        </Box>
      )}
      {draft.charge && (costs(draft) || isRead) && <LessUsual {...part} />}
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 16rem">
          <Field label={t("why")} error={part.says("why")}>
            {(ids) => (
              <Input
                {...ids}
                maxLength={500}
                value={draft.why}
                onChange={(event) => part.change({ why: event.target.value })}
              />
            )}
          </Field>
        </Box>
        <Button
          variant={needs ? "solid" : "outline"}
          onClick={() => void keep()}
          disabled={busy}
          aria-label={`${t("keep")}: ${item.name}`}
        >
          {t("keep")}
        </Button>
      </Box>
      {draft.priced !== null && (
        <p>{t("priced", { priced: draft.priced, labour: formatMoney(prices.labourPerHourMinor, currency) })}</p>
      )}
      <Fault words={fault} />
    </Box>
  );
}
