"use client";
import { Box } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import styles from "../shared/Desk.module.css";
import type { PriceRow, WrongPrice } from "./draft";
import { PriceLine } from "./PriceLine";

/** The lines of the price list, each typed where it stands. */
export function PriceTable({
  rows,
  labour,
  currency,
  disabled,
  wrong,
  onRows,
}: {
  rows: readonly PriceRow[];
  /** what an hour costs, as it is typed */
  labour: string;
  currency: string;
  disabled: boolean;
  wrong: WrongPrice | null;
  onRows: (rows: PriceRow[]) => void;
}) {
  const t = useTranslations("prices");
  return (
    <Box overflowX="auto">
      <table className={`${styles.table} ${styles.typed}`} aria-label={t("title")}>
        <thead>
          <tr>
            {(["what", "category", "remedy", "material", "minutes", "life", "comes-to"] as const).map((column) => (
              <th key={column} scope="col">
                {t(column, { currency })}
              </th>
            ))}
            {!disabled && <th scope="col">{t("off")}</th>}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, index) => (
            <PriceLine
              key={row.id}
              row={row}
              labour={labour}
              currency={currency}
              disabled={disabled}
              wrong={wrong?.row === row.id ? wrong.field : null}
              onChange={(part) => onRows(rows.map((each, at) => (at === index ? { ...each, ...part } : each)))}
              onTakeOff={() => onRows(rows.filter((_, at) => at !== index))}
            />
          ))}
        </tbody>
      </table>
    </Box>
  );
}
