"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import { sendAgain } from "@/api/messages";
import type { OutMessage } from "@/api/schemas/messages";
import { maySendAgain } from "@/core/messages/state";
import { VerdictMark } from "@/ui/VerdictMark";
import { useRequest } from "../../api/useRequest";
import { Fault } from "../shared/Fault";
import { Allowed } from "../shared/staff";
import { useShown } from "./useShown";

/** Messages to guests, each with how far it has come; what did not go out can be sent again. */
export function MessageList({ messages, timeZone }: { messages: readonly OutMessage[]; timeZone: string }) {
  return (
    <chakra.ul listStyleType="none" display="grid" gap="3">
      {messages.map((message) => (
        <li key={message.id}>
          <Message message={message} timeZone={timeZone} />
        </li>
      ))}
    </chakra.ul>
  );
}

function Message({ message, timeZone }: { message: OutMessage; timeZone: string }) {
  const t = useTranslations("outbox");
  const format = useFormatter();
  const { request, fault, busy } = useRequest();
  const shown = useShown();
  const at = (instant: string) =>
    format.dateTime(new Date(instant), { dateStyle: "medium", timeStyle: "short", timeZone });
  const { id, kind, way, toName, toAddress, subject, words, state, stateAt, detail, openedAt } = message;
  return (
    <Box display="grid" gap="1" justifyItems="start">
      <details>
        <summary>
          <strong>{subject}</strong>
        </summary>
        <chakra.p whiteSpace="pre-line" marginTop="1">
          {shown(words)}
        </chakra.p>
      </details>
      <p>
        {toAddress === null ? t("no-address", { name: toName, way }) : t("to", { name: toName, address: toAddress })}
      </p>
      <p>
        {maySendAgain(state) ? <VerdictMark verdict="stop" /> : null} {t(`state-${state}`)}, {at(stateAt)}
        {state === "sent" && <>; {openedWords(t, kind, openedAt === null ? null : at(openedAt))}</>}
      </p>
      {maySendAgain(state) && (
        <>
          {detail !== "" && <p>{t("said", { detail })}</p>}
          <Allowed action="send-messages" quiet>
            <Button disabled={busy} onClick={() => void request(sendAgain, { params: { id } })}>
              {t("again")}
            </Button>
          </Allowed>
        </>
      )}
      <Fault words={fault} />
    </Box>
  );
}

/** Whether it is known that a message was read: of the boat book alone, by its being opened. */
function openedWords(t: ReturnType<typeof useTranslations<"outbox">>, kind: string, opened: string | null): string {
  if (kind !== "book-link") return t("not-asked");
  return opened === null ? t("not-opened") : t("opened", { at: opened });
}
