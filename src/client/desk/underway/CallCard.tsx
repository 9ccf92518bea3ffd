"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { noteCall, oddityFromCall, orderFromCall } from "@/api/stays";
import { explainedTooOften } from "@/core/faults/known";
import type { CallBrief } from "@/api/schemas/desk";
import { Chip } from "@/ui/Chip";
import { useRequest } from "../../api/useRequest";
import { FormInput } from "../../forms/FormField";
import { FormFrame } from "../../forms/FormFrame";
import { useDeskForm } from "../../forms/useDeskForm";
import { useWaits } from "./waits";

/** How far apart saying and receiving may lie before both are told. */
const lateMs = 10 * 60_000;

interface Props {
  call: CallBrief;
  stayId: string;
  at: (instant: string) => string;
}

/** A call in full: every check with its answer, what the base said, and a line to answer with. */
export function CallCard({ call, stayId, at }: Props) {
  const t = useTranslations("call-from");
  const waits = useWaits();
  const isLate = Date.parse(call.receivedAt) - Date.parse(call.saidAt) > lateMs;
  return (
    <Box as="article" aria-label={call.title} display="grid" gap="2" paddingBottom="3">
      <chakra.h3>{call.title}</chakra.h3>
      <Box display="flex" flexWrap="wrap" gap="2" alignItems="center">
        {call.isOpen ? (
          <Chip verdict={call.urgency === "now" ? "stop" : "watch"}>{t(`urgency-${call.urgency}`)}</Chip>
        ) : (
          <Chip verdict="fine">{t(call.outcome ?? "answered")}</Chip>
        )}
        <span>
          {call.isOpen && `${waits(call.waitsMin)} · `}
          {t("persons", { persons: call.persons })}
        </span>
      </Box>
      {isLate && <p>{t("said-late", { said: at(call.saidAt), received: at(call.receivedAt) })}</p>}
      {call.words && <chakra.p fontWeight="600">{call.words}</chakra.p>}
      <Box as="ol" display="grid" gap="1">
        {call.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
      {call.answers.map((answer) => (
        <chakra.p key={answer.at} borderLeftWidth="5px" borderLeftStyle="solid" borderColor="brass" paddingLeft="3">
          <strong>{t("base-said", { at: at(answer.at) })}</strong> {answer.words}
        </chakra.p>
      ))}
      {call.outcome === null && <AnswerForm call={call} stayId={stayId} at={at} />}
      <Order call={call} stayId={stayId} at={at} />
      <WhatLasts call={call} stayId={stayId} />
    </Box>
  );
}

/** The work order that lies for it, or one tap to make it; and that it is explained instead of mended, where it is. */
function Order({ call, stayId, at }: Props) {
  const t = useTranslations("call-from");
  const { busy, request, fault } = useRequest();
  if (call.ordered)
    return (
      <>
        <p>{t("ordered", { since: at(call.ordered.since) })}</p>
        {call.ordered.crews >= explainedTooOften && (
          <Chip verdict="stop">{t("crews", { crews: call.ordered.crews })}</Chip>
        )}
      </>
    );
  return (
    <Box>
      <Button
        disabled={busy}
        onClick={() => void request(orderFromCall, { params: { id: stayId, trouble: call.trouble } })}
      >
        {t("order")}
      </Button>
      {fault && <p role="alert">{fault}</p>}
    </Box>
  );
}

function AnswerForm({ call, stayId, at }: Props) {
  const t = useTranslations("call-from");
  const form = useDeskForm(noteCall, {
    fields: { words: { label: t("answer") } },
    ask: ({ words }) => ({ params: { id: stayId }, body: { topic: null, words: words.trim(), trouble: call.trouble } }),
    clears: true,
  });
  return (
    <FormFrame form={form} action={t("send")} disabled={form.typed.words.trim() === ""}>
      {call.earlier.length > 0 && (
        <Box display="grid" gap="1">
          <p>{t("earlier")}</p>
          {call.earlier.map(({ at: said, words, yacht }) => (
            <Button key={said} textAlign="left" height="auto" onClick={() => form.set("words", words)}>
              {t("earlier-said", { words, yacht, at: at(said) })}
            </Button>
          ))}
        </Box>
      )}
      <FormInput form={form} name="words" maxLength={500} hint={t("answer-hint")} />
    </FormFrame>
  );
}

/** What a call leaves behind: an oddity for her file, and a visit aboard with the line that it touched. */
function WhatLasts({ call, stayId }: Pick<Props, "call" | "stayId">) {
  const t = useTranslations("call-from");
  const [isOpen, setOpen] = useState(false);
  const said = call.answers.at(-1)?.words ?? "";
  const form = useDeskForm(oddityFromCall, {
    fields: { words: { label: t("oddity-words"), typed: said } },
    ask: ({ words }) => ({ params: { id: stayId, trouble: call.trouble }, body: { words: words.trim() } }),
    clears: true,
    onTaken: () => setOpen(false),
  });
  if (isOpen)
    return (
      <FormFrame form={form} action={t("oddity-propose")} disabled={form.typed.words.trim() === ""}>
        <FormInput form={form} name="words" maxLength={500} hint={t("oddity-hint")} />
      </FormFrame>
    );
  return (
    <Box display="flex" flexWrap="wrap" gap="2">
      <Button onClick={() => setOpen(true)}>{t("oddity")}</Button>
      <Button asChild>
        <Link href={`/charters/${call.reference}#after`}>{t("visit")}</Link>
      </Button>
    </Box>
  );
}
