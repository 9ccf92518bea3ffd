"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { OutMessage } from "@/api/schemas/messages";
import { Allowed } from "../shared/staff";
import { MessageList } from "./MessageList";
import { WriteMessage } from "./WriteMessage";

interface Props {
  stayId: string;
  messages: readonly OutMessage[];
  /** why nothing leaves the house; null where mail does */
  stays: "demo" | "simulated" | null;
  timeZone: string;
}

/** What was written to the people of a charter, and a way to write more. */
export function CharterMessages({ stayId, messages, stays, timeZone }: Props) {
  const t = useTranslations("outbox");
  const [writing, setWriting] = useState(false);
  return (
    <>
      {stays && <p>{t(stays)}</p>}
      {messages.length === 0 ? <p>{t("none")}</p> : <MessageList messages={messages} timeZone={timeZone} />}
      <Allowed action="send-messages" quiet>
        <Button justifySelf="start" onClick={() => setWriting(true)}>
          {t("write")}
        </Button>
      </Allowed>
      {writing && <WriteMessage stayId={stayId} onClose={() => setWriting(false)} />}
    </>
  );
}
