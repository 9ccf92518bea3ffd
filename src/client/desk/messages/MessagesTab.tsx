"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { kindsOfMessage, messageKinds, type MessageKind } from "@/core/messages/kinds";
import type { MessageSettings } from "@/core/messages/template";
import { KeptList, useStamp } from "../lists/KeptList";
import { useMay } from "../shared/staff";
import type { MessagesOfBase } from "./messages-of-base";
import { MessageDialog } from "./MessageDialog";

/** What guests are written, in the base's words, and which of it goes by itself. */
export function MessagesTab(props: MessagesOfBase) {
  const { messages, last, usual, stays, timeZone } = props;
  const t = useTranslations("outbox");
  const stamp = useStamp(timeZone);
  const mayKeep = useMay("keep-messages");
  const [open, setOpen] = useState<MessageKind | null>(null);
  return (
    <Box display="grid" gap="3">
      {stays && <p>{t(stays)}</p>}
      <KeptList
        title={t("part")}
        about={t("part-about")}
        columns={[t("column-kind"), t("column-when"), t("column-subject"), t("column-words")]}
        rows={messageKinds.map((kind) => ({
          key: kind,
          cells: [
            t(`kind-${kind}`),
            whenWords(t, kind, messages),
            (messages.words[kind]?.en ?? usual[kind].en).subject,
            ownWords(t, messages.words[kind]),
          ],
          opens: t("change-it", { name: t(`kind-${kind}`) }),
        }))}
        words={{ change: t("change"), notYours: t("not-yours") }}
        empty={null}
        mayKeep={mayKeep}
        onOpen={(key) => setOpen(messageKinds.find((kind) => kind === key) ?? null)}
      />
      {last && <p>{t("last", { by: last.by, at: stamp(last.at) })}</p>}
      {open && <MessageDialog {...props} kind={open} onClose={() => setOpen(null)} />}
    </Box>
  );
}

type Said = ReturnType<typeof useTranslations<"outbox">>;

/** When a kind of message goes. */
function whenWords(t: Said, kind: MessageKind, { byHandOnly }: MessageSettings): string {
  const { before } = kindsOfMessage[kind];
  if (before === null) return t(`when-event-${kind}` as "when-event-statement");
  return byHandOnly.includes(kind) ? t("when-by-hand") : t(`when-${before.moment}`, { days: before.days });
}

const ownWords = (t: Said, own: MessageSettings["words"][MessageKind]): string => {
  const languages = Object.keys(own ?? {}).length;
  return languages === 0 ? t("words-usual") : t("words-own", { languages });
};
