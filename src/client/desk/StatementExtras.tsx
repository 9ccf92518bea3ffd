"use client";
import { putExtra } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney } from "@/core/basics/money";
import type { Extra } from "@/core/settlement/extra";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Choice } from "@/ui/Choice";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import { useMay } from "./shared/staff";
import { BelowWaterForm } from "./extras/BelowWaterForm";
import { FuelForm } from "./extras/FuelForm";
import { ServiceForm } from "./extras/ServiceForm";

type Adding = "service" | "fuel" | "below-water";

/** What stands on the statement beside the differences: services, fuel receipts, a sum for below the water. */
export function StatementExtras({ screen }: { screen: SettlementScreen }) {
  const t = useTranslations("extra");
  const { request, fault, faultAt, setFault, busy } = useRequest([
    "words",
    "amountMinor",
    "litres",
    "day",
    "reference",
    "full",
    "until",
  ]);
  const [adding, setAdding] = useState<Adding | null>(null);
  const { extras, late, currency, signed, stay } = screen;
  const params = { id: stay.stayId };
  const put = async (extra: Extra) => {
    if (await request(putExtra, { params, body: { id: null, extra, why: "" } })) setAdding(null);
  };
  const isTheirs = useMay("charge-by-price-list");
  const mayPut = !signed && isTheirs;
  const settled = new Map((signed?.output ?? screen.output).lines.map((line) => [line.id, line]));
  const isLateOnIt = extras.some(({ extra }) => extra.kind === "service" && extra.words === t("late"));
  if (signed && extras.length === 0) return null;
  const form = { screen, busy, faultAt, setFault, onPut: put };
  return (
    <Box
      as="section"
      borderTopWidth="2px"
      borderTopStyle="solid"
      borderColor="kelp"
      paddingTop="3"
      display="grid"
      gap="3"
      aria-label={t("title")}
    >
      <h2>{t("title")}</h2>
      {extras.map(({ id, name, by }) => {
        const line = settled.get(id);
        return (
          <Box
            key={id}
            display="flex"
            flexWrap="wrap"
            gap="8px 16px"
            alignItems="center"
            justifyContent="space-between"
            borderBottomWidth="1px"
            borderBottomStyle="solid"
            borderColor="line"
            paddingBottom="2"
          >
            <span>
              <strong>{name}</strong>
              {line && `: ${line.how}`} · {by}
            </span>
            {mayPut && (
              <Button
                onClick={() => void request(putExtra, { params, body: { id, extra: null, why: "" } })}
                disabled={busy}
                aria-label={t("off", { name })}
              >
                {t("take-off")}
              </Button>
            )}
          </Box>
        );
      })}
      {mayPut && late && late.amountMinor > 0 && !isLateOnIt && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <span>
            {t("late-words", {
              minutes: late.minutes,
              hours: late.hours,
              sum: formatMoney(late.amountMinor, currency),
            })}
          </span>
          <Button
            disabled={busy}
            onClick={() =>
              void put({
                kind: "service",
                words: t("late"),
                amountMinor: late.amountMinor,
                reckoned: t("late-how", {
                  minutes: late.minutes,
                  hours: late.hours,
                  perHour: formatMoney(late.amountMinor / late.hours, currency),
                }),
              })
            }
          >
            {t("late-put")}
          </Button>
        </Box>
      )}
      {!signed && screen.notLookedBelow && !extras.some(({ extra }) => extra.kind === "below-water") && (
        <Box>
          <Chip verdict="watch">{t("not-looked")}</Chip>
        </Box>
      )}
      {mayPut && (
        <Choice
          label={t("add")}
          value={adding}
          options={(["service", "fuel", "below-water"] as const).map((value) => ({ value, word: t(`add-${value}`) }))}
          onChoose={(value) => setAdding(value === adding ? null : value)}
        />
      )}
      {adding === "service" && <ServiceForm {...form} />}
      {adding === "fuel" && <FuelForm {...form} />}
      {adding === "below-water" && <BelowWaterForm {...form} />}
      <Fault words={fault} />
    </Box>
  );
}
