"use client";
import { Box, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { priceOf } from "@/core/settlement/prices";
import { Segments } from "@/ui/kit/Segments";
import { Field } from "@/ui/Field";
import { PricePicker } from "../shared/PricePicker";
import { typedMoney, type DecisionDraft, type DecisionField } from "./draft";
import type { DecisionPart } from "./part";

const remedies = ["repair", "replace"] as const;

/** What damage comes to: from the price list or by estimate, a range where the price is not fixed, age and life of what is replaced. */
export function DamageFields(part: DecisionPart) {
  const { item, screen, draft, change } = part;
  const t = useTranslations("settle");
  const words = useTranslations();
  const { currency, prices } = screen;
  return (
    <>
      <PricePicker
        label={t("from-list")}
        prices={prices}
        group={item.proposal.difference.group}
        currency={currency}
        onPick={(picked) =>
          change({
            priced: picked.words,
            estimate: typedMoney(priceOf(picked, prices.labourPerHourMinor), currency),
            low: "",
            remedy: picked.remedy,
            ...(picked.lifeMonths === null ? {} : { life: String(picked.lifeMonths) }),
          })
        }
      />
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-start">
        <Box paddingTop="6">
          <Segments
            label={t("remedy")}
            options={remedies.map((value) => ({ value, word: words(`remedy.${value}`) }))}
            value={draft.remedy}
            onChoose={(remedy) => change({ remedy })}
          />
        </Box>
        <NumberField {...part} name="estimate" label={t("estimate", { currency })} width="9rem" />
        <NumberField {...part} name="low" label={t("low", { currency })} width="11rem" />
        {draft.remedy === "replace" && (
          <>
            <NumberField {...part} name="age" label={t("age")} width="7rem" whole />
            <NumberField {...part} name="life" label={t("life")} width="7rem" whole />
          </>
        )}
      </Box>
    </>
  );
}

/** One figure of the form. */
export function NumberField({
  name,
  label,
  width,
  whole = false,
  draft,
  change,
  says,
}: DecisionPart & {
  name: Extract<keyof DecisionDraft, DecisionField> | "life";
  label: string;
  width: string;
  whole?: boolean;
}) {
  return (
    <Box width={width}>
      <Field label={label} error={name === "life" ? null : says(name)}>
        {(ids) => (
          <Input
            {...ids}
            inputMode={whole ? "numeric" : "decimal"}
            value={draft[name] ?? ""}
            onChange={(event) => change({ [name]: event.target.value })}
          />
        )}
      </Field>
    </Box>
  );
}
