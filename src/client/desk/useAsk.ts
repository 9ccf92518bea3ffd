"use client";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useCallback, useState } from "react";
import { anything, ApiFault, ask } from "../api";

/** What a form of the desk needs to send something to the base: whether it is on its way, and what the base said against it. */
export interface Asking {
  fault: string | null;
  setFault: (words: string | null) => void;
  busy: boolean;
  /** sends, and loads the page's facts anew when it was taken; says whether it was */
  send: (path: string, body: unknown, method?: "POST" | "DELETE") => Promise<boolean>;
}

export function useAsk(): Asking {
  const t = useTranslations("desk");
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = useCallback(
    async (path: string, body: unknown, method: "POST" | "DELETE" = "POST"): Promise<boolean> => {
      setBusy(true);
      setFault(null);
      try {
        await ask(path, anything, { method, body });
        router.refresh();
        return true;
      } catch (error) {
        setFault(error instanceof ApiFault ? error.message : t("no-signal"));
        return false;
      } finally {
        setBusy(false);
      }
    },
    [router, t],
  );
  return { fault, setFault, busy, send };
}
