"use client";
import { Box, Button, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { dayIn } from "@/core/basics/instant";
import { Field } from "@/ui/Field";
import type { ExtraForm } from "./form";

/** Fuel that the crew filled on the way, with its receipt, and the tank that it filled to the brim. */
export function FuelForm({ screen, busy, faultAt, setFault, onPut }: ExtraForm) {
  const t = useTranslations("extra");
  const [litres, setLitres] = useState("");
  const [day, setDay] = useState(() => dayIn(screen.stay.endsAt, screen.timeZone));
  const [reference, setReference] = useState("");
  const [full, setFull] = useState<string>("");
  const put = async () => {
    const number = Number(litres.replace(",", "."));
    if (litres.trim() === "" || !Number.isFinite(number) || number <= 0) return setFault(t("litres-wrong"), "litres");
    if (reference.trim() === "") return setFault(t("receipt-missing"), "reference");
    await onPut({ kind: "fuel", litres: number, day, reference: reference.trim(), full: full === "" ? null : full });
  };
  return (
    <Box display="grid" gap="3" maxWidth="44rem">
      <p>{t("fuel-words")}</p>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box width="7rem">
          <Field label={t("litres")} error={faultAt("litres")}>
            {(ids) => (
              <Input {...ids} inputMode="decimal" value={litres} onChange={(event) => setLitres(event.target.value)} />
            )}
          </Field>
        </Box>
        <Box width="11rem">
          <Field label={t("day")} error={faultAt("day")}>
            {(ids) => <Input {...ids} type="date" value={day} onChange={(event) => setDay(event.target.value)} />}
          </Field>
        </Box>
        <Box flex="1 1 12rem">
          <Field label={t("receipt")} error={faultAt("reference")}>
            {(ids) => (
              <Input
                {...ids}
                maxLength={120}
                value={reference}
                onChange={(event) => setReference(event.target.value)}
              />
            )}
          </Field>
        </Box>
      </Box>
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Box flex="1 1 14rem">
          <Field label={t("full")} error={faultAt("full")}>
            {(ids) => (
              <select {...ids} value={full} onChange={(event) => setFull(event.target.value)}>
                <option value="">{t("full-none")}</option>
                {screen.tanks.map(({ line, name }) => (
                  <option key={line} value={line}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        </Box>
        <Button variant="solid" disabled={busy} onClick={() => void put()}>
          {t("put")}
        </Button>
      </Box>
    </Box>
  );
}
