"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { HandoverKind } from "@/core/handover/list";
import { ApiFault } from "../api";
import { openHere, type FirstScreen } from "../store/open-here";

interface Props {
  stayId: string;
  kind: HandoverKind;
  label: string;
  main?: boolean;
  /** the screen it opens on */
  screen?: FirstScreen;
}

/** Opens or joins a handover: asks the base for its list and this device's grant, keeps both here, and goes to its screens. */
export function OpenHandover({ stayId, kind, label, main = true, screen = "list" }: Props) {
  const t = useTranslations("desk");
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const open = async () => {
    setBusy(true);
    setFault(null);
    try {
      await openHere("/api/handovers", { stayId, kind }, screen);
    } catch (error) {
      setFault(error instanceof ApiFault ? error.message : t("no-signal"));
      setBusy(false);
    }
  };
  return (
    <>
      <Button variant={main ? "solid" : "outline"} size={main ? "lg" : "md"} disabled={busy} onClick={open}>
        {busy ? t("opening") : label}
      </Button>
      {fault && (
        <p role="alert" style={{ color: "var(--alarm-ink)", fontWeight: 600 }}>
          {fault}
        </p>
      )}
    </>
  );
}
