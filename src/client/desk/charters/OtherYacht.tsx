"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { giveOtherYacht } from "@/api/charters";
import type { CharterForm } from "@/api/schemas/charters";
import type { StayView } from "@/api/schemas/desk";
import { isDay } from "@/core/basics/instant";
import { Dialog } from "@/ui/kit/Dialog";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormSelect } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { Allowed } from "../shared/staff";
import type { ChangeStart } from "./ChangeCharter";
import { Effects } from "./Effects";
import { useForesight } from "./useForesight";

interface Props {
  stay: StayView;
  yachts: CharterForm["yachts"];
  onNumber: number;
  /** day and hour by the base's clock that the form begins with, and the yachts that somebody has from then on */
  from: NonNullable<ChangeStart["goesOn"]>;
  currency: string;
  at: (instant: string) => string;
  /** goes to the page of the new stay */
  onTaken: (reference: string) => void;
}

/** Lets a charter that is under way go on with another yacht. */
export function OtherYacht(props: Props) {
  const t = useTranslations("charters");
  const [isOpen, setOpen] = useState(false);
  return (
    <Allowed action="enter-charter" quiet>
      <Button onClick={() => setOpen(true)}>{t("other-yacht")}</Button>
      {isOpen && <OtherYachtDialog {...props} onClose={() => setOpen(false)} />}
    </Allowed>
  );
}

function OtherYachtDialog({
  stay,
  yachts,
  onNumber,
  from,
  currency,
  at,
  onTaken,
  onClose,
}: Props & { onClose: () => void }) {
  const t = useTranslations("charters");
  const common = useTranslations("common");
  const isTaken = ({ slug }: { slug: string }) => Object.hasOwn(from.taken, slug);
  const fitting = yachts.filter(({ slug, maximumAboard }) => slug !== stay.yachtSlug && maximumAboard >= stay.aboard);
  const others = [...fitting.filter((each) => !isTaken(each)), ...fitting.filter(isTaken)];
  const form = useDeskForm(giveOtherYacht, {
    fields: {
      yacht: { label: t("yacht"), typed: others[0]?.slug ?? "" },
      fromDay: { label: t("other-yacht-from"), typed: from.fromDay },
      outAt: { label: t("outAt"), typed: from.outAt },
      why: { label: t("why") },
      told: { label: t("told") },
    },
    ask: ({ why, told, ...becomes }) => ({
      params: { id: stay.stayId },
      body: { ...becomes, onNumber, why: why.trim(), told: told.trim() },
    }),
    onTaken: ({ reference }) => onTaken(reference),
  });
  const { yacht, fromDay, outAt } = form.typed;
  const foresight = useForesight(
    stay.stayId,
    yacht !== "" && isDay(fromDay) && outAt !== "" ? { yacht, fromDay, outAt } : undefined,
  );
  return (
    <Dialog
      title={t("other-yacht-title", { reference: stay.reference })}
      closeWord={common("back")}
      onClose={onClose}
      atSide
    >
      <chakra.p marginBottom="3">{t("other-yacht-words")}</chakra.p>
      {others.length === 0 && <p>{t("other-yacht-none", { aboard: stay.aboard })}</p>}
      <FormFrame
        form={form}
        action={t("other-yacht-do")}
        disabled={form.typed.why.trim() === "" || foresight.fault !== null || others.length === 0}
      >
        <FormSelect form={form} name="yacht" autoFocus>
          {others.map(({ slug, name, maximumAboard }) => (
            <option key={slug} value={slug}>
              {t("other-yacht-option", {
                name,
                most: maximumAboard,
                taken: Object.hasOwn(from.taken, slug) ? (from.taken[slug] === null ? "closed" : "promised") : "no",
                reference: from.taken[slug] ?? "",
              })}
            </option>
          ))}
        </FormSelect>
        <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
          <FormInput form={form} name="fromDay" type="date" />
          <FormInput form={form} name="outAt" type="time" />
        </Box>
        <Effects foresight={foresight} currency={currency} at={at} />
        <FormInput form={form} name="why" maxLength={500} />
        <FormInput form={form} name="told" maxLength={200} />
      </FormFrame>
    </Dialog>
  );
}
