"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { CheckRow } from "../shared/CheckRow";
import { useMay } from "../shared/staff";
import { NumberField } from "./DamageFields";
import { hasCause, isDamage } from "./draft";
import type { DecisionPart } from "./part";

/** What is decided now and then: a share, goodwill, gross negligence. */
export function LessUsual(part: DecisionPart) {
  const { item, screen, draft, change } = part;
  const { difference } = item.proposal;
  const t = useTranslations("settle");
  const maySayNegligence = useMay("say-gross-negligence");
  return (
    <details>
      <chakra.summary minHeight="44px" paddingBlock="2" fontWeight="600" cursor="pointer">
        {t("less-usual")}
      </chakra.summary>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        {isDamage(difference) && <NumberField {...part} name="share" label={t("share")} width="7rem" whole />}
        <NumberField {...part} name="goodwill" label={t("goodwill", { currency: screen.currency })} width="9rem" />
        {hasCause(difference) &&
          (maySayNegligence ? (
            <CheckRow checked={draft.negligence} onChange={(negligence) => change({ negligence })}>
              {t("negligence")}
            </CheckRow>
          ) : (
            <chakra.p paddingBottom="3">{t("negligence-not-yours")}</chakra.p>
          ))}
      </Box>
    </details>
  );
}
