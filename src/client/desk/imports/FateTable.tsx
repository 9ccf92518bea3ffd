"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import type { RowView } from "@/api/schemas/imports";
import type { Verdict } from "@/core/basics/verdict";
import { Chip } from "@/ui/Chip";
import { Segments } from "@/ui/kit/Segments";
import type { Choosing } from "../table/choosing";
import { DataTable } from "../table/DataTable";
import type { Column } from "../table/features";
import { useRowWords } from "./useRowWords";

const fates = ["new", "changed", "refused", "same"] as const;
const verdictOf: Record<RowView["fate"], Verdict> = {
  new: "fine",
  changed: "watch",
  same: "fine",
  refused: "stop",
};

interface Props {
  rows: RowView[];
  timeZone: string;
  choosing: Choosing;
}

/** What becomes of each row of a list, those of one fate at a time or all of them. */
export function FateTable({ rows, timeZone, choosing }: Props) {
  const t = useTranslations("imports");
  const whatOf = useRowWords(timeZone);
  const [shown, setShown] = useState<RowView["fate"] | "all">("all");
  const columns = useMemo<Column<RowView>[]>(
    () => [
      { id: "line", accessorFn: (row) => row.line, header: () => t("line"), isNumber: true },
      { id: "reference", accessorFn: (row) => row.reference, header: () => t("reference") },
      {
        id: "fate",
        accessorFn: (row) => t("row-fate", { fate: row.fate }),
        header: () => t("fate"),
        cell: ({ row: { original }, getValue }) => <Chip verdict={verdictOf[original.fate]}>{String(getValue())}</Chip>,
      },
      { id: "what", accessorFn: (row) => whatOf(row).join("; "), header: () => t("what") },
    ],
    [t, whatOf],
  );
  const count = (fate: RowView["fate"]) => rows.filter((row) => row.fate === fate).length;
  const found = fates.filter((fate) => count(fate) > 0);
  const options = [
    { value: "all" as const, word: t("all", { count: rows.length }) },
    ...found.map((value) => ({ value, word: t(`fate-${value}`, { count: count(value) }) })),
  ];
  const brings = new Set(
    rows.filter(({ fate }) => fate === "new" || fate === "changed").map(({ line }) => String(line)),
  );
  return (
    <DataTable
      label={t("step-rows")}
      name="rows"
      columns={columns}
      rows={shown === "all" ? rows : rows.filter(({ fate }) => fate === shown)}
      idOf={(row) => String(row.line)}
      nameOf={(row) => row.reference || String(row.line)}
      filters={<Segments label={t("fate")} options={options} value={shown} onChoose={setShown} />}
      choosing={{ ...choosing, may: (id) => brings.has(id) }}
      csvName="rows.csv"
    />
  );
}
