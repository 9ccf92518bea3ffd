"use client";
import { Box, Button } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";
import { anything, ApiFault, ask } from "../api";

/** A skipper who is not the charterer signs the condition for the charterer; money only with written authority, which is noted here. */
export function MoneyAuthority({ stayId, authority }: { stayId: string; authority: string | null }) {
  const t = useTranslations("charter");
  const router = useRouter();
  const [reference, setReference] = useState("");
  const [fault, setFault] = useState<string | null>(null);
  const note = async () => {
    if (reference.trim() === "") return setFault(t("wrong-authority"));
    try {
      await ask(`/api/stays/${stayId}/authority`, anything, { method: "POST", body: { reference: reference.trim() } });
      setFault(null);
      router.refresh();
    } catch (error) {
      setFault(error instanceof ApiFault ? error.message : t("no-signal"));
    }
  };
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <p>{t("for-charterer")}</p>
      {authority === null ? (
        <>
          <Field label={t("authority-field")}>{(ids) => <input {...ids} maxLength={120} autoComplete="off" value={reference} onChange={(event) => setReference(event.target.value)} />}</Field>
          {fault && <p role="alert">{fault}</p>}
          <Button onClick={() => void note()}>{t("authority-note")}</Button>
        </>
      ) : (
        <p>
          <strong>{t("authority-noted", { reference: authority })}</strong>
        </p>
      )}
    </Box>
  );
}
