"use client";
import { openHandover } from "@/api/handovers";
import { AppError } from "@/api/app-error";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import type { HandoverKind } from "@/core/handover/lines/line-input";
import { openHere, type FirstScreen } from "../store/open-here";
import { useMay } from "./shared/staff";

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
  const isTheirs = useMay("hand-over");
  const open = async () => {
    setBusy(true);
    setFault(null);
    try {
      await openHere(openHandover, { body: { stayId, kind } }, screen);
    } catch (error) {
      setFault(error instanceof AppError ? error.message : t("no-signal"));
      setBusy(false);
    }
  };
  if (!isTheirs) return null;
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
