"use client";
import { Box, Input } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import type { SettlementScreen } from "@/api/schemas/desk";
import { formatMoney } from "@/core/basics/money";
import { Field } from "@/ui/Field";
import { lineNames } from "@/messages/statement-words";

interface Props {
  screen: SettlementScreen;
  /** what the charterer reserves, by line; null where nobody is there to */
  reservations: Record<string, string> | null;
  onReserve: (line: string, words: string) => void;
}

/** The sums as they are read before they are signed, each line with a place for the charterer's own words. */
export function SumsToSign({ screen, reservations, onReserve }: Props) {
  const t = useTranslations("settle");
  const { output } = screen;
  const nameOf = lineNames(screen);
  const money = (minor: number) => formatMoney(minor, screen.currency);
  const lines = output.lines.filter((line) => line.chargedMinor > 0 || line.heldMinor > 0);
  return (
    <>
      {lines.length === 0 && <p>{t("nothing-due")}</p>}
      {lines.map((line) => (
        <Box
          key={line.id}
          display="grid"
          gap="1"
          borderBottomWidth="1px"
          borderBottomStyle="solid"
          borderColor="line"
          paddingBottom="3"
        >
          <p>
            <strong>{nameOf(line.id)}</strong>: {line.how}
          </p>
          {reservations && (
            <Field label={t("reservation", { name: nameOf(line.id) })}>
              {(ids) => (
                <Input
                  {...ids}
                  maxLength={1000}
                  value={reservations[line.id] ?? ""}
                  onChange={(event) => onReserve(line.id, event.target.value)}
                />
              )}
            </Field>
          )}
        </Box>
      ))}
      <p>
        {t("due")}: <strong>{money(output.dueMinor)}</strong> · {t("held")}: <strong>{money(output.heldMinor)}</strong>{" "}
        · {t("release")}: <strong>{money(output.releaseMinor)}</strong>
      </p>
      {output.heldMinor > 0 && <p>{t("hold-stays")}</p>}
      {screen.extras.map(
        ({ id, extra, name }) =>
          extra.kind === "below-water" && <p key={id}>{t("but-for", { name, sum: money(extra.amountMinor) })}</p>,
      )}
    </>
  );
}
