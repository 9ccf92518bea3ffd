"use client";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { sendBookLink, sendMessage, sentByHand } from "@/api/messages";
import type { SentLink, SentMessages } from "@/api/schemas/messages";
import { Field } from "@/ui/Field";
import { Dialog } from "@/ui/kit/Dialog";
import { useRequest } from "../../api/useRequest";
import { Fault } from "../shared/Fault";
import { OnceBox } from "../shared/OnceBox";
import { MessagePreviewPart } from "./MessagePreviewPart";
import { usePreview } from "./usePreview";

const choices = ["book-link", ...sentByHand] as const;
type Choice = (typeof choices)[number];

/** Chooses a message, shows what the guest will read, and sends it. */
export function WriteMessage({ stayId, onClose }: { stayId: string; onClose: () => void }) {
  const t = useTranslations("outbox");
  const common = useTranslations("common");
  const [kind, setKind] = useState<Choice>("book-link");
  const [sent, setSent] = useState<SentMessages | SentLink | null>(null);
  const preview = usePreview(stayId, { kind });
  const { request, fault, busy } = useRequest();
  const params = { id: stayId };
  const send = async () =>
    setSent(
      kind === "book-link"
        ? await request(sendBookLink, { params })
        : await request(sendMessage, { params, body: { kind } }),
    );
  if (sent)
    return (
      <Dialog title={t("write")} closeWord={common("back")} onClose={onClose}>
        <Sent sent={sent} />
      </Dialog>
    );
  return (
    <Dialog
      title={t("write")}
      closeWord={common("back")}
      onClose={onClose}
      foot={
        <Button variant="solid" disabled={busy || preview.said === null} onClick={() => void send()}>
          {t(preview.said?.leaves === false ? "send-simulated" : "send")}
        </Button>
      }
    >
      <Box display="grid" gap="3">
        <Field label={t("which")}>
          {(ids) => (
            <select
              {...ids}
              value={kind}
              onChange={(event) => setKind(choices.find((each) => each === event.target.value) ?? kind)}
            >
              {choices.map((each) => (
                <option key={each} value={each}>
                  {t(`hand-${each}`)}
                </option>
              ))}
            </select>
          )}
        </Field>
        {kind === "book-link" && <p>{t("link-two-ways")}</p>}
        <MessagePreviewPart {...preview} />
        <Fault words={fault} />
      </Box>
    </Dialog>
  );
}

/** What became of it: link and PIN that did not leave the house, each to be given by its own way. */
function Sent({ sent }: { sent: SentMessages | SentLink }) {
  const t = useTranslations("outbox");
  const { link, pin } = { link: null, pin: null, ...sent };
  return (
    <Box display="grid" gap="3">
      <p role="status">{t("done", { count: sent.written.length })}</p>
      {link !== null && (
        <OnceBox>
          <p>{t("left-link")}</p>
          <p>
            <strong>{link}</strong>
          </p>
        </OnceBox>
      )}
      {pin !== null && (
        <OnceBox>
          <p>{t("left-pin")}</p>
          <p>
            <strong>{pin}</strong>
          </p>
        </OnceBox>
      )}
    </Box>
  );
}
