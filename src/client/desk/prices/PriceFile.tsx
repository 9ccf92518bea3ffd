"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { priceFates, priceHeads, withPrices, type PriceFate } from "@/core/imports/prices";
import type { PriceItem } from "@/core/settlement/prices";
import { decodeText, readTable } from "@/formats/table-csv";
import { Field } from "@/ui/Field";
import { Fault } from "../shared/Fault";
import { saveCsv } from "../table/save-csv";
import { typedItems } from "./draft";

interface Props {
  /** the list as it is typed now; null while something in it is wrong */
  items: readonly PriceItem[] | null;
  currency: string;
  onItems: (items: PriceItem[]) => void;
}

const mostBytes = 1_000_000;

/** The price list out of a file and into one: what each row brings is told, then put into the list, which is settled as ever. */
export function PriceFile({ items, currency, onItems }: Props) {
  const t = useTranslations("prices");
  const [read, setRead] = useState<{ name: string; fates: PriceFate[] } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  if (items === null) return null;
  const readFile = async (file: File | undefined) => {
    if (!file) return;
    const table = file.size > mostBytes ? null : readTable(decodeText(new Uint8Array(await file.arrayBuffer())));
    const fates = table && priceFates(table, items, currency);
    setFault(fates ? null : t("file-none"));
    setRead(fates && { name: file.name, fates });
  };
  const save = () =>
    saveCsv(
      "prices.csv",
      priceHeads,
      typedItems(items, currency).map(({ words, category, remedy, material, minutes, life }) => [
        words,
        category,
        remedy,
        material,
        minutes,
        life,
      ]),
    );
  const brought = read?.fates.filter(({ becomes }) => becomes !== null) ?? [];
  return (
    <Box display="grid" gap="2">
      <Box display="flex" flexWrap="wrap" gap="3" alignItems="flex-end">
        <Field label={t("file")} hint={t("file-words")}>
          {(ids) => (
            <input
              {...ids}
              type="file"
              accept=".csv,.txt,text/csv"
              onChange={(event) => void readFile(event.target.files?.[0])}
            />
          )}
        </Field>
        <Button onClick={save}>{t("file-save")}</Button>
      </Box>
      <Fault words={fault} />
      {read && (
        <Box role="status" borderLeftWidth="4px" borderLeftStyle="solid" borderColor="brass" paddingLeft="3">
          <FileSays fates={read.fates} name={read.name} />
          {brought.length > 0 && (
            <Button
              marginTop="2"
              onClick={() => {
                onItems(withPrices(items, read.fates, () => crypto.randomUUID()));
                setRead(null);
              }}
            >
              {t("file-take", { count: brought.length })}
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

/** How many rows are what, and why those that are refused are. */
function FileSays({ fates, name }: { fates: readonly PriceFate[]; name: string }) {
  const t = useTranslations("prices");
  const count = (fate: PriceFate["fate"]) => fates.filter((each) => each.fate === fate).length;
  const counts = { new: count("new"), changed: count("changed"), same: count("same"), refused: count("refused") };
  return (
    <>
      <p>{t("file-says", { name, ...counts })}</p>
      <chakra.ul listStyleType="disc" paddingLeft="5">
        {fates
          .filter(({ faults }) => faults.length > 0)
          .map(({ line, words, faults }) => (
            <li key={line}>
              {t("file-refused", {
                line,
                words: words || "none",
                why: faults
                  .map(({ column, what, text }) => t(`file-${what}`, { column: t(`column-${column}`), text }))
                  .join("; "),
              })}
            </li>
          ))}
      </chakra.ul>
    </>
  );
}
