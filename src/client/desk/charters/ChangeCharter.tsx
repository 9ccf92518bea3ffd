"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { changeCharter } from "@/api/charters";
import type { CharterForm, Guest } from "@/api/schemas/charters";
import type { StayView } from "@/api/schemas/desk";
import type { Language } from "@/core/basics/languages";
import { Dialog } from "@/ui/kit/Dialog";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { Allowed } from "../shared/staff";
import { AgreedFields } from "./AgreedFields";
import { agreedFaults, agreedOf, type AgreedField, type People } from "./agreed-fields";
import { Effects } from "./Effects";
import { useLabels } from "./useLabels";
import { useForesight, type Becomes } from "./useForesight";

/** What the form for a change begins with. */
export interface ChangeStart {
  yachts: CharterForm["yachts"];
  charterer: Guest | null;
  skipper: Guest | null;
  language: Language;
  /** the days as the base's clock shows them */
  days: { fromDay: string; outAt: string; toDay: string; backAt: string };
  onNumber: number;
  /** when it could go on with another yacht: now, while it is under way; and which yachts somebody has until its end */
  goesOn: { fromDay: string; outAt: string; taken: Record<string, string | null> } | null;
}

interface Props {
  stay: StayView;
  start: ChangeStart;
  currency: string;
  at: (instant: string) => string;
}

/** A button that opens what was agreed for a change. */
export function ChangeCharter(props: Props) {
  const t = useTranslations("charters");
  const [isOpen, setOpen] = useState(false);
  return (
    <Allowed action="enter-charter" quiet>
      <Button onClick={() => setOpen(true)}>{t("change-charter")}</Button>
      {isOpen && <ChangeDialog {...props} onClose={() => setOpen(false)} />}
    </Allowed>
  );
}

/** What was agreed, open for a change: what the change does stands below, before it is made. */
export function ChangeDialog({ stay, start, currency, at, onClose }: Props & { onClose: () => void }) {
  const t = useTranslations("charters");
  const common = useTranslations("common");
  const labels = useLabels();
  const [people, setPeople] = useState<People>({
    charterer: start.charterer,
    skipper: start.skipper,
    isOne: stay.skipperId === stay.chartererId,
  });
  const mostOf = (slug: string) => start.yachts.find((each) => each.slug === slug)?.maximumAboard ?? 60;
  const form = useDeskForm(changeCharter, {
    fields: labels({
      yacht: stay.yachtSlug,
      ...start.days,
      aboard: String(stay.aboard),
      language: start.language,
      charterer: stay.charterer,
      chartererEmail: start.charterer?.email ?? "",
      chartererPhone: start.charterer?.phone ?? "",
      skipper: stay.skipperId === stay.chartererId ? "" : stay.skipper,
      skipperEmail: stay.skipperId === stay.chartererId ? "" : (start.skipper?.email ?? ""),
      skipperPhone: stay.skipperId === stay.chartererId ? "" : (start.skipper?.phone ?? ""),
    }),
    says: (now) =>
      Object.fromEntries(
        Object.entries(agreedFaults(now, people, mostOf(now.yacht))).map(([field, say]) => [
          field,
          t(say, { most: mostOf(now.yacht) }),
        ]),
      ),
    ask: (now) => ({
      params: { id: stay.stayId },
      body: { ...agreedOf(now, people), onNumber: start.onNumber, why: now.why.trim(), told: now.told.trim() },
    }),
    onTaken: onClose,
  });
  const isBegun = stay.part > 1 || stay.handovers.length > 0;
  const foresight = useForesight(stay.stayId, becomesOf(form.typed, people, stay, start, mostOf(form.typed.yacht)));
  return (
    <Dialog
      title={t("change-title", { reference: stay.reference })}
      closeWord={common("back")}
      onClose={onClose}
      atSide
    >
      <chakra.p marginBottom="3">{t(isBegun ? "begun-words" : "change-words")}</chakra.p>
      <FormFrame form={form} action={t("keep")} disabled={form.typed.why.trim() === ""}>
        <AgreedFields form={form} yachts={start.yachts} people={people} onPeople={setPeople} fixed={isBegun} />
        <Box position="sticky" bottom="0" background="cloth" paddingBlock="2" zIndex="1">
          <Effects foresight={foresight} currency={currency} at={at} />
        </Box>
        <FormInput form={form} name="why" maxLength={500} />
        <FormInput form={form} name="told" maxLength={200} />
      </FormFrame>
    </Dialog>
  );
}

/** What is asked to be foreseen; undefined while what is typed is no agreement, or is the one that stands. */
function becomesOf(
  typed: Record<AgreedField, string>,
  people: People,
  stay: StayView,
  start: ChangeStart,
  most: number,
): Becomes | undefined {
  const { yacht, fromDay, outAt, toDay, backAt, aboard } = agreedOf(typed, people);
  const { charterer: _charterer, skipper: _skipper, ...faults } = agreedFaults(typed, people, most);
  if (Object.keys(faults).length > 0) return undefined;
  const isSame =
    yacht === stay.yachtSlug &&
    aboard === stay.aboard &&
    [fromDay, outAt, toDay, backAt].join() ===
      [start.days.fromDay, start.days.outAt, start.days.toDay, start.days.backAt].join();
  return isSame ? undefined : { yacht, fromDay, outAt, toDay, backAt, aboard };
}
