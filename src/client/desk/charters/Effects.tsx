"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { formatMoney } from "@/core/basics/money";
import type { Effect } from "@/core/charters/effects";
import { Fault } from "../shared/Fault";
import type { Foresight } from "./useForesight";

interface Props {
  foresight: Foresight;
  currency: string;
  at: (instant: string) => string;
}

/** What a change does to the rest of a charter, told before it is made; or what keeps it from being made. */
export function Effects({ foresight: { effects, fault }, currency, at }: Props) {
  const t = useTranslations("charters");
  if (fault !== null) return <Fault words={fault} />;
  if (effects === null) return null;
  return (
    <Box
      as="section"
      aria-label={t("effects")}
      borderLeftWidth="4px"
      borderLeftStyle="solid"
      borderColor="brass"
      paddingLeft="3"
    >
      <chakra.h3 fontSize="md">{t("effects")}</chakra.h3>
      {effects.length === 0 ? <p>{t("effects-none")}</p> : <EffectList {...{ effects, currency, at }} />}
    </Box>
  );
}

/** Effects of a change, a sentence each. */
export function EffectList({ effects, currency, at }: { effects: readonly Effect[] } & Omit<Props, "foresight">) {
  const words = useEffectWords(currency, at);
  return (
    <chakra.ul listStyleType="disc" paddingLeft="5">
      {effects.map((effect) => (
        <li key={effect.code}>{words(effect)}</li>
      ))}
    </chakra.ul>
  );
}

function useEffectWords(currency: string, at: (instant: string) => string): (effect: Effect) => string {
  const t = useTranslations("charters");
  const messages = useTranslations("outbox");
  const span = (hours: number) => {
    const whole = Math.round(hours);
    return t("span", { days: Math.floor(whole / 24), hours: whole % 24 });
  };
  return (effect) => {
    const values = {
      ...("yacht" in effect ? { yacht: effect.yacht } : {}),
      ...("was" in effect ? { was: effect.was } : {}),
      ...("reference" in effect ? { reference: effect.reference } : {}),
      ...("count" in effect ? { count: effect.count } : {}),
      ...("hours" in effect ? { span: span(effect.hours).trim() } : {}),
      ...("heldMinor" in effect ? { held: formatMoney(effect.heldMinor, currency), minor: effect.heldMinor } : {}),
      ...("startsAt" in effect ? { from: at(effect.startsAt) } : {}),
      ...("endsAt" in effect ? { until: at(effect.endsAt) } : {}),
      ...("kinds" in effect ? { kinds: effect.kinds.map((kind) => messages(`kind-${kind}`)).join(", ") } : {}),
    };
    return t(`effect-${effect.code}`, values);
  };
}
