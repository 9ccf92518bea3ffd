"use client";
import { Box } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { useState } from "react";
import { addDays, daysBetween, isDay } from "@/core/basics/instant";
import { languages } from "@/core/basics/languages";
import type { CharterForm } from "@/api/schemas/charters";
import { FormInput, FormSelect } from "../../forms/FormField";
import type { DeskForm } from "../../forms/useDeskForm";
import { CheckRow } from "../shared/CheckRow";
import type { AgreedField, People } from "./agreed-fields";
import { ElsewhereNote } from "./ElsewhereNote";
import { GuestFields } from "./GuestFields";

/** Yacht, days and people of a charter, as they are entered and changed. */
export function AgreedFields({
  form,
  yachts,
  people,
  onPeople,
  fixed = false,
}: {
  form: DeskForm<AgreedField>;
  yachts: CharterForm["yachts"];
  people: People;
  onPeople: (people: People) => void;
  /** whether yacht and start stand */
  fixed?: boolean;
}) {
  const t = useTranslations("charters");
  return (
    <>
      <FormSelect form={form} name="yacht" disabled={fixed} autoFocus={!fixed}>
        {yachts.map(({ slug, name, maximumAboard }) => (
          <option key={slug} value={slug}>
            {t("yacht-option", { name, most: maximumAboard })}
          </option>
        ))}
      </FormSelect>
      <Days form={form} fixed={fixed} />
      <ElsewhereNote
        yacht={form.typed.yacht}
        fromDay={form.typed.fromDay}
        outAt={form.typed.outAt}
        toDay={form.typed.toDay}
        backAt={form.typed.backAt}
      />
      <Box display="grid" gridTemplateColumns="1fr 1fr" gap="3">
        <FormInput form={form} name="aboard" inputMode="numeric" maxLength={2} />
        <FormSelect form={form} name="language">
          {languages.map((language) => (
            <option key={language} value={language}>
              {t(`language-${language}`)}
            </option>
          ))}
        </FormSelect>
      </Box>
      <GuestFields
        form={form}
        who="charterer"
        known={people.charterer}
        onKnown={(charterer) => onPeople({ ...people, charterer })}
      />
      <CheckRow checked={people.isOne} onChange={(isOne) => onPeople({ ...people, isOne })}>
        {t("same")}
      </CheckRow>
      {!people.isOne && (
        <GuestFields
          form={form}
          who="skipper"
          known={people.skipper}
          onKnown={(skipper) => onPeople({ ...people, skipper })}
        />
      )}
    </>
  );
}

const usualNights = 7;

/** The days: the end moves with the start, by as many nights as stand between them. */
function Days({ form, fixed }: { form: DeskForm<AgreedField>; fixed: boolean }) {
  const t = useTranslations("charters");
  const { fromDay, toDay } = form.typed;
  const nights = isDay(fromDay) && isDay(toDay) ? daysBetween(fromDay, toDay) : null;
  const format = useFormatter();
  // a field shows days as the browser's own country writes them: in words nobody takes the fifth of December for a May day
  const dayWords = (day: string) =>
    format.dateTime(new Date(`${day}T12:00:00Z`), {
      weekday: "short",
      day: "numeric",
      month: "short",
      year: "numeric",
      timeZone: "UTC",
    });
  // while a day is typed by keys it is none for a moment: the length is kept meanwhile
  const [kept, setKept] = useState(Math.max(nights ?? usualNights, 0));
  return (
    <Box display="grid" gap="1">
      <Box display="grid" gridTemplateColumns="repeat(auto-fit, minmax(9.5rem, 1fr))" gap="3">
        <FormInput
          form={form}
          name="fromDay"
          type="date"
          disabled={fixed}
          onInput={({ currentTarget: { value } }) => {
            if (isDay(value)) form.set("toDay", addDays(value, kept));
          }}
        />
        <FormInput form={form} name="outAt" type="time" disabled={fixed} />
        <FormInput
          form={form}
          name="toDay"
          type="date"
          onInput={({ currentTarget: { value } }) => {
            if (isDay(value) && isDay(fromDay)) setKept(Math.max(daysBetween(fromDay, value), 0));
          }}
        />
        <FormInput form={form} name="backAt" type="time" />
      </Box>
      {nights !== null && nights >= 0 && (
        <p>{t("days-words", { from: dayWords(fromDay), to: dayWords(toDay), nights })}</p>
      )}
    </Box>
  );
}
