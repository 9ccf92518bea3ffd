"use client";
import { putExtra } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { formatMoney } from "@/core/basics/money";
import type { Extra } from "@/core/settlement/extra";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { Menu } from "@/ui/kit/Menu";
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
  const { request, fault, busy } = useRequest();
  const [adding, setAdding] = useState<Adding | null>(null);
  const { extras, late, currency, signed, stay } = screen;
  const params = { id: stay.stayId };
  const put = async (extra: Extra) => {
    if (await request(putExtra, { params, body: { id: null, extra, why: "" } })) setAdding(null);
  };
  // what was taken off is put on again as it was
  const takeOff = ({ id, extra }: (typeof extras)[number]) =>
    request(putExtra, { params, body: { id, extra: null, why: "" } }, () => void put(extra));
  const isTheirs = useMay("charge-by-price-list");
  const mayPut = !signed && isTheirs;
  const settled = new Map((signed?.output ?? screen.output).lines.map((line) => [line.id, line]));
  const isLateOnIt = extras.some(({ extra }) => extra.kind === "service" && extra.words === t("late"));
  if (signed && extras.length === 0) return null;
  const form = { screen, onPut: () => setAdding(null) };
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
      {extras.map((each) => (
        <ExtraLine
          key={each.id}
          extra={each}
          how={settled.get(each.id)?.how ?? null}
          busy={busy}
          onTakeOff={mayPut ? () => void takeOff(each) : null}
        />
      ))}
      {mayPut && late && !isLateOnIt && <LateReturn {...{ late, currency, busy }} onPut={(extra) => void put(extra)} />}
      {!signed && screen.notLookedBelow && !extras.some(({ extra }) => extra.kind === "below-water") && (
        <Box>
          <Chip verdict="watch">{t("not-looked")}</Chip>
        </Box>
      )}
      {mayPut && (
        <Box>
          <Menu
            label={t("add")}
            entries={(["service", "fuel", "below-water"] as const).map((value) => ({
              word: t(`add-${value}`),
              onChoose: () => setAdding(value),
            }))}
          />
        </Box>
      )}
      {adding === "service" && <ServiceForm {...form} />}
      {adding === "fuel" && <FuelForm {...form} />}
      {adding === "below-water" && <BelowWaterForm {...form} />}
      <Fault words={fault} />
    </Box>
  );
}

/** One extra on the statement: what, what it comes to and how, who put it there. */
function ExtraLine({
  extra: { name, by },
  how,
  busy,
  onTakeOff,
}: {
  extra: SettlementScreen["extras"][number];
  how: string | null;
  busy: boolean;
  onTakeOff: (() => void) | null;
}) {
  const t = useTranslations("extra");
  return (
    <Box
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
        {how !== null && `: ${how}`} · {by}
      </span>
      {onTakeOff && (
        <Button onClick={onTakeOff} disabled={busy} aria-label={t("off", { name })}>
          {t("take-off")}
        </Button>
      )}
    </Box>
  );
}

/** A late return, as the base's price list reckons it: put on the statement with one tap. */
function LateReturn({
  late: { minutes, hours, amountMinor },
  currency,
  busy,
  onPut,
}: {
  late: NonNullable<SettlementScreen["late"]>;
  currency: string;
  busy: boolean;
  onPut: (extra: Extra) => void;
}) {
  const t = useTranslations("extra");
  if (amountMinor <= 0) return null;
  const reckoned = t("late-how", { minutes, hours, perHour: formatMoney(amountMinor / hours, currency) });
  return (
    <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
      <span>{t("late-words", { minutes, hours, sum: formatMoney(amountMinor, currency) })}</span>
      <Button disabled={busy} onClick={() => onPut({ kind: "service", words: t("late"), amountMinor, reckoned })}>
        {t("late-put")}
      </Button>
    </Box>
  );
}
