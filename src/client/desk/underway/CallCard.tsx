"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { noteCall, orderFromCall } from "@/api/stays";
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
      <Order call={call} stayId={stayId} at={at} />
      {call.outcome === null && <AnswerForm stayId={stayId} trouble={call.trouble} />}
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

function AnswerForm({ stayId, trouble }: { stayId: string; trouble: string }) {
  const t = useTranslations("call-from");
  const form = useDeskForm(noteCall, {
    fields: { words: { label: t("answer") } },
    ask: ({ words }) => ({ params: { id: stayId }, body: { topic: null, words: words.trim(), trouble } }),
    clears: true,
  });
  return (
    <FormFrame form={form} action={t("send")} disabled={form.typed.words.trim() === ""}>
      <FormInput form={form} name="words" maxLength={500} hint={t("answer-hint")} />
    </FormFrame>
  );
}
