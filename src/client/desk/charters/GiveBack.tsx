"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { giveBackDeposit } from "@/api/stays";
import { useRequest } from "../../api/useRequest";
import { Fault } from "../shared/Fault";
import { Allowed } from "../shared/staff";

/** Gives back what is held for a charter that does not take place. */
export function GiveBack({ stayId, held }: { stayId: string; held: string }) {
  const t = useTranslations("charters");
  const { request, busy, fault } = useRequest();
  return (
    <Allowed action="close-deposit">
      <p>{t("give-back-words")}</p>
      <Button
        variant="solid"
        justifySelf="start"
        disabled={busy}
        onClick={() => void request(giveBackDeposit, { params: { id: stayId } })}
      >
        {t("give-back", { held })}
      </Button>
      <Fault words={fault} />
    </Allowed>
  );
}
