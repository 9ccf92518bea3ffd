"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useEffect, useState, useSyncExternalStore } from "react";
import { enterCharter } from "@/api/charters";
import type { CharterForm } from "@/api/schemas/charters";
import { addDays, isDay } from "@/core/basics/instant";
import { nextSaturday } from "@/core/charters/days";
import { FormFrame } from "../../forms/FormFrame";
import { FormInput, FormSelect } from "../../forms/FormField";
import { useDeskForm } from "../../forms/useDeskForm";
import { begunCharter, forgetBegunCharter, keepBegunCharter } from "../../store/begun-charter";
import { AgreedFields } from "./AgreedFields";
import { agreedFaults, agreedOf, type AgreedField, type People } from "./agreed-fields";
import { ExtrasField, extrasOf } from "./ExtrasField";
import { keptCharter, type KeptCharter } from "./kept-charter";
import { useLabels } from "./useLabels";
import { useTermsWords } from "./useTermsWords";

interface Props {
  start: CharterForm;
  /** what was chosen in the calendar */
  chosen?: { yacht?: string; fromDay?: string; toDay?: string };
}

/** Enters a charter on one page, by keys alone; what is not known yet comes on the charter's own page. */
export function NewCharter({ start, chosen = {} }: Props) {
  const t = useTranslations("charters");
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start" maxWidth="52rem">
      <Box>
        <h1>{t("new")}</h1>
        <p>{t("new-words")}</p>
      </Box>
      {start.yachts.length === 0 ? (
        <>
          <p>{t("no-yacht")}</p>
          <Button asChild justifySelf="start">
            <Link href="/fleet/new">{t("make-yacht")}</Link>
          </Button>
        </>
      ) : (
        <BegunForm start={start} chosen={chosen} />
      )}
    </chakra.main>
  );
}

/** The form, with what was typed on this device before and not entered. */
function BegunForm(props: Required<Props>) {
  const t = useTranslations("charters");
  const [readOnce] = useState(onceKept);
  const kept = keptCharter(useSyncExternalStore(nobodyElse, readOnce, () => null));
  const [turn, setTurn] = useState(0);
  return (
    <>
      {kept && turn === 0 && (
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center" role="status">
          <span>{t("begun")}</span>
          <Button
            onClick={() => {
              forgetBegunCharter();
              setTurn(1);
            }}
          >
            {t("begin-anew")}
          </Button>
        </Box>
      )}
      <EnterForm key={`${turn} ${kept !== null}`} {...props} kept={turn === 0 ? kept : null} />
    </>
  );
}

/** Reads what is kept once: what is typed from now on is kept as well, and is no news. */
function onceKept(): () => string | null {
  let text: string | null | undefined;
  return () => (text === undefined ? (text = begunCharter()) : text);
}
const nobodyElse = () => () => undefined;
const usualNights = 7;

function EnterForm({ start, chosen: { yacht, fromDay, toDay }, kept }: Required<Props> & { kept: KeptCharter | null }) {
  const t = useTranslations("charters");
  const router = useRouter();
  const labels = useLabels();
  const termsWords = useTermsWords(start.currency);
  const [people, setPeople] = useState<People>(kept?.people ?? { charterer: null, skipper: null, isOne: true });
  const [extras, setExtras] = useState(kept?.extras ?? {});
  const templates = Object.entries(start.templates);
  const first = fromDay !== undefined && isDay(fromDay) ? fromDay : nextSaturday(start.today);
  const last = toDay !== undefined && isDay(toDay) && toDay >= first ? toDay : addDays(first, usualNights);
  const typed: Partial<Record<AgreedField, string>> = {
    yacht: (start.yachts.find(({ slug }) => slug === yacht) ?? start.yachts[0])?.slug ?? "",
    fromDay: first,
    outAt: start.outAt,
    toDay: last,
    backAt: start.backAt,
    aboard: "2",
    language: start.language,
    terms: templates[0]?.[0] ?? "",
    ...kept?.typed,
    // what is chosen in the calendar wins over what was typed before
    ...(yacht === undefined ? {} : { yacht, fromDay: first, toDay: last }),
  };
  const mostOf = (slug: string) => start.yachts.find((each) => each.slug === slug)?.maximumAboard ?? 60;
  const form = useDeskForm(enterCharter, {
    fields: labels(typed),
    says: (now) =>
      Object.fromEntries(
        Object.entries(agreedFaults(now, people, mostOf(now.yacht))).map(([field, say]) => [
          field,
          t(say, { most: mostOf(now.yacht) }),
        ]),
      ),
    ask: (now) => ({
      body: {
        ...agreedOf(now, people),
        reference: now.reference.trim(),
        terms: now.terms,
        extras: extrasOf(extras) ?? [],
      },
    }),
    onTaken: ({ reference }) => {
      forgetBegunCharter();
      router.push(`/charters/${reference}`);
    },
  });
  const now = JSON.stringify({ typed: form.typed, people, extras } satisfies KeptCharter);
  const [untouched] = useState(now);
  useEffect(() => {
    if (now !== untouched) keepBegunCharter(now);
  }, [now, untouched]);
  const chosen = start.templates[form.typed.terms];
  return (
    <FormFrame form={form} action={t("enter")} disabled={extrasOf(extras) === null} large>
      <AgreedFields form={form} yachts={start.yachts} people={people} onPeople={setPeople} />
      <Box display="grid" gap="1">
        <FormSelect form={form} name="terms">
          {templates.map(([key, { name }]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </FormSelect>
        {chosen && <p>{termsWords(chosen.terms)}</p>}
      </Box>
      <ExtrasField lent={start.extras} currency={start.currency} counts={extras} onCounts={setExtras} />
      <FormInput form={form} name="reference" hint={t("reference-hint", { next: start.reference })} maxLength={30} />
    </FormFrame>
  );
}
