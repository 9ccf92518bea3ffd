"use client";
import { chakra } from "@chakra-ui/react";
import { useFormatter, useTranslations } from "next-intl";
import type { OutMessage } from "@/api/schemas/desk";

/** What was sent to the people of a charter. The outbox is simulated, and says so. */
export function MessagesPart({ messages, timeZone }: { messages: readonly OutMessage[]; timeZone: string }) {
  const t = useTranslations("outbox");
  const format = useFormatter();
  return (
    <>
      <p>
        <strong>{t("simulated")}</strong>
      </p>
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {messages.map((message) => (
          <li key={message.id}>
            <p>
              <strong>{message.subject}</strong>,{" "}
              {format.dateTime(new Date(message.at), { dateStyle: "medium", timeStyle: "short", timeZone })}
            </p>
            <p>
              {message.toAddress === null
                ? t("no-address", { name: message.toName })
                : t("to", { name: message.toName, address: message.toAddress })}
            </p>
            <p>{message.words}</p>
          </li>
        ))}
      </chakra.ul>
    </>
  );
}
