"use client";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { formatMoney, parseMoney } from "@/core/basics/money";
import { priceOf } from "@/core/settlement/prices";
import { groups } from "@/core/yacht/parts/basics";
import styles from "../shared/Desk.module.css";
import { whole, type PriceRow } from "./draft";

const categories = [...groups, "service"] as const;
const typed = { material: 7, minutes: 4, life: 4 } as const;

/** One line of the price list, and what it comes to as it is typed. */
export function PriceLine({
  row,
  labour,
  currency,
  disabled,
  wrong,
  onChange,
  onTakeOff,
}: {
  row: PriceRow;
  labour: string;
  currency: string;
  disabled: boolean;
  /** the field of this line that something is said against */
  wrong: string | null;
  onChange: (part: Partial<PriceRow>) => void;
  onTakeOff: () => void;
}) {
  const t = useTranslations("prices");
  const label = (column: "what" | "category" | "remedy" | keyof typeof typed) =>
    `${t(column, { currency })}: ${row.words}`;
  return (
    <tr>
      <td>
        <input
          aria-label={label("what")}
          aria-invalid={wrong === "words"}
          disabled={disabled}
          maxLength={120}
          size={34}
          value={row.words}
          onChange={(event) => onChange({ words: event.target.value })}
        />
      </td>
      <td>
        <select
          aria-label={label("category")}
          disabled={disabled}
          value={row.category}
          onChange={({ target }) => onChange({ category: categories.find((each) => each === target.value) })}
        >
          {categories.map((category) => (
            <option key={category} value={category}>
              {t(`group-${category}`)}
            </option>
          ))}
        </select>
      </td>
      <td>
        <select
          aria-label={label("remedy")}
          disabled={disabled}
          value={row.remedy}
          onChange={({ target }) => onChange({ remedy: target.value === "replace" ? "replace" : "repair" })}
        >
          <option value="repair">{t("repair")}</option>
          <option value="replace">{t("replace")}</option>
        </select>
      </td>
      <Figures row={row} disabled={disabled} wrong={wrong} label={label} onChange={onChange} />
      <td className={styles.number}>{comesTo(row, labour, currency)}</td>
      {!disabled && (
        <td>
          <Button aria-label={t("take-off", { words: row.words })} onClick={onTakeOff}>
            ×
          </Button>
        </td>
      )}
    </tr>
  );
}

/** What a line costs in material, minutes and months of life. */
function Figures({
  row,
  disabled,
  wrong,
  label,
  onChange,
}: {
  row: PriceRow;
  disabled: boolean;
  wrong: string | null;
  label: (column: keyof typeof typed) => string;
  onChange: (part: Partial<PriceRow>) => void;
}) {
  return (["material", "minutes", "life"] as const).map((field) => (
    <td key={field}>
      <input
        aria-label={label(field)}
        aria-invalid={wrong === field}
        disabled={disabled}
        inputMode={field === "material" ? "decimal" : "numeric"}
        size={typed[field]}
        value={row[field]}
        onChange={(event) => onChange({ [field]: event.target.value })}
      />
    </td>
  ));
}

/** What a line comes to with its labour; nothing while a figure of it cannot be read. */
function comesTo(row: PriceRow, labour: string, currency: string): string {
  const materialMinor = parseMoney(row.material, currency);
  const labourMinutes = whole(row.minutes);
  const rate = parseMoney(labour, currency);
  if (materialMinor === null || labourMinutes === null || rate === null) return "";
  return formatMoney(priceOf({ materialMinor, labourMinutes }, rate), currency);
}
