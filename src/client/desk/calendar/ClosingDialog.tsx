"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { openYacht } from "@/api/charters";
import type { ClosingView } from "@/api/schemas/charters";
import { Dialog } from "@/ui/kit/Dialog";
import { useRequest } from "../../api/useRequest";
import { Fault } from "../shared/Fault";
import { Allowed } from "../shared/staff";

/** Days in which a yacht is closed: by whom and what for, and how they are opened again. */
export function ClosingDialog({
  closing,
  yacht,
  at,
  onClose,
}: {
  closing: ClosingView;
  yacht: string;
  at: (instant: string) => string;
  onClose: () => void;
}) {
  const t = useTranslations("calendar");
  const common = useTranslations("common");
  const { request, busy, fault } = useRequest();
  const open = async () => {
    if (await request(openYacht, { params: { id: closing.id } })) onClose();
  };
  return (
    <Dialog title={t("closed-title", { yacht })} closeWord={common("back")} onClose={onClose}>
      <p>
        {t("closed-words", {
          kind: t(`kind-${closing.kind}`),
          from: at(closing.startsAt),
          until: at(closing.endsAt),
          by: closing.by,
        })}
      </p>
      {closing.words !== "" && <p>{closing.words}</p>}
      <Allowed action="close-yacht">
        <Button marginTop="3" disabled={busy} onClick={() => void open()}>
          {t("open-again")}
        </Button>
      </Allowed>
      <Fault words={fault} />
    </Dialog>
  );
}
