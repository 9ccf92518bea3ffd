"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { keepUsualCharters } from "@/api/charters";
import { usualCharters, type UsualCharters } from "@/core/charters/agreed";
import { freeKey } from "@/core/yacht/note/propose";
import { Dialog } from "@/ui/kit/Dialog";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormSelect } from "../../forms/FormField";
import { useDeskForm, type DeskForm } from "../../forms/useDeskForm";
import { TakeOff } from "../lists/TakeOff";
import { CheckRow } from "../shared/CheckRow";
import { fuelRules, hows, termsFaults, termsOf, typedTerms, type TermsField } from "./terms-draft";

interface Props {
  charters: UsualCharters;
  number: number;
  currency: string;
  /** which terms; null for new ones */
  of: string | null;
  onClose: () => void;
}

const excludable = ["tender", "underwater"] as const;
const blank = usualCharters.templates["usual"] ?? Object.values(usualCharters.templates)[0];

/** One set of terms, typed in a form of its own; the whole list is kept with it. */
export function TermsDialog({ charters, number, currency, of, onClose }: Props) {
  const t = useTranslations("charters");
  const common = useTranslations("common");
  const before = of === null ? undefined : charters.templates[of];
  const start = before ?? (blank && { ...blank, name: "" });
  const [excludes, setExcludes] = useState<readonly string[]>(start?.terms.waiver?.excludes ?? []);
  if (!start) throw new Error("no terms to begin with");
  const typed = typedTerms(start, currency);
  const form = useDeskForm(keepUsualCharters, {
    fields: Object.fromEntries(
      (Object.keys(typed) as TermsField[]).map((field) => [
        field,
        { label: t(field, { currency }), typed: typed[field] },
      ]),
    ) as Record<TermsField, { label: string; typed: string }>,
    says: (now) =>
      Object.fromEntries(Object.entries(termsFaults(now, currency)).map(([field, say]) => [field, t(say)])),
    ask: (now) => ({
      body: {
        onNumber: number,
        charters: {
          ...charters,
          templates: {
            ...charters.templates,
            [of ?? freeKey(charters.templates, now.name)]: {
              name: now.name.trim(),
              terms: termsOf(now, start.terms, excludes, currency),
            },
          },
        },
      },
    }),
    onTaken: onClose,
  });
  const { [of ?? ""]: _taken, ...others } = charters.templates;
  return (
    <Dialog title={before?.name ?? t("add")} closeWord={common("back")} onClose={onClose} atSide>
      <FormFrame form={form} action={t("save")}>
        <FormInput form={form} name="name" maxLength={60} />
        <FormSelect form={form} name="how">
          {hows.map((how) => (
            <option key={how} value={how}>
              {t(`how-${how}`)}
            </option>
          ))}
        </FormSelect>
        {form.typed.how !== "none" && <FormInput form={form} name="amount" inputMode="decimal" />}
        <FormInput form={form} name="excess" inputMode="decimal" />
        {form.typed.excess.trim() !== "" && (
          <fieldset>
            <chakra.legend fontWeight="600">{t("excludes")}</chakra.legend>
            {excludable.map((group) => (
              <Box key={group}>
                <CheckRow
                  checked={excludes.includes(group)}
                  onChange={(isOn) =>
                    setExcludes(isOn ? [...excludes, group] : excludes.filter((each) => each !== group))
                  }
                >
                  {t(`group-${group}`)}
                </CheckRow>
              </Box>
            ))}
          </fieldset>
        )}
        <Fuel form={form} />
        <FormInput form={form} name="ageing" inputMode="numeric" />
      </FormFrame>
      {of !== null && Object.keys(others).length > 0 && (
        <TakeOff
          endpoint={keepUsualCharters}
          ask={{ body: { onNumber: number, charters: { ...charters, templates: others } } }}
          label={t("take-off")}
          onTaken={onClose}
        />
      )}
    </Dialog>
  );
}

function Fuel({ form }: { form: DeskForm<TermsField> }) {
  const t = useTranslations("charters");
  return (
    <>
      <FormSelect form={form} name="fuel">
        {fuelRules.map((rule) => (
          <option key={rule} value={rule}>
            {t(`fuel-${rule}`)}
          </option>
        ))}
      </FormSelect>
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
        <FormInput form={form} name="litre" inputMode="decimal" />
        <FormInput form={form} name="service" inputMode="decimal" />
        <FormInput form={form} name="tolerance" inputMode="decimal" />
        <FormInput form={form} name="hour" inputMode="decimal" />
      </Box>
    </>
  );
}
