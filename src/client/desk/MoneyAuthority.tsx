"use client";
import { noteAuthority } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Field } from "@/ui/Field";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import { Allowed } from "./shared/staff";

/** A skipper who is not the charterer signs the condition for the charterer; money only with written authority, which is noted here. */
export function MoneyAuthority({ stayId, authority }: { stayId: string; authority: string | null }) {
  const t = useTranslations("charter");
  const [reference, setReference] = useState("");
  const { fault, faultAt, setFault, request } = useRequest(["reference"]);
  const note = async () => {
    if (reference.trim() === "") return setFault(t("wrong-authority"), "reference");
    await request(noteAuthority, { params: { id: stayId }, body: { reference: reference.trim() } });
  };
  return (
    <Box display="grid" gap="2" justifyItems="start">
      <p>{t("for-charterer")}</p>
      {authority === null ? (
        <Allowed action="note-authority">
          <Field label={t("authority-field")} error={faultAt("reference")}>
            {(ids) => (
              <input
                {...ids}
                maxLength={120}
                autoComplete="off"
                value={reference}
                onChange={(event) => setReference(event.target.value)}
              />
            )}
          </Field>
          <Fault words={fault} />
          <Button onClick={() => void note()}>{t("authority-note")}</Button>
        </Allowed>
      ) : (
        <p>
          <strong>{t("authority-noted", { reference: authority })}</strong>
        </p>
      )}
    </Box>
  );
}
