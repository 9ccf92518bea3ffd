"use client";
import { useTranslations } from "next-intl";
import { priceFates, priceHeads, withPrices, type PriceFate } from "@/core/imports/prices";
import type { PriceItem } from "@/core/settlement/prices";
import { ListFile } from "../list-file/ListFile";
import { typedItems } from "./draft";

interface Props {
  /** the list as it is typed now; null while something in it is wrong */
  items: readonly PriceItem[] | null;
  currency: string;
  onItems: (items: PriceItem[]) => void;
}

/** The price list out of a file and into one: what each row brings is put into the list, which is settled as ever. */
export function PriceFile({ items, currency, onItems }: Props) {
  const t = useTranslations("prices");
  if (items === null) return null;
  const rows = () =>
    typedItems(items, currency).map(({ words, category, remedy, material, minutes, life }) => [
      words,
      category,
      remedy,
      material,
      minutes,
      life,
    ]);
  return (
    <ListFile<PriceFate>
      csv={{ name: "prices.csv", heads: priceHeads, rows }}
      fatesOf={(table) => priceFates(table, items, currency)}
      columnWord={(column) => t(`column-${column as PriceFate["faults"][number]["column"]}`)}
      hint={t("file-words")}
      onTake={(fates) => onItems(withPrices(items, fates, () => crypto.randomUUID()))}
    />
  );
}
