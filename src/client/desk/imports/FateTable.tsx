"use client";
import { useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import type { Verdict } from "@/core/basics/verdict";
import { Chip } from "@/ui/Chip";
import { Segments } from "@/ui/kit/Segments";
import type { Choosing } from "../table/choosing";
import { DataTable } from "../table/DataTable";
import type { Column } from "../table/features";

const fates = ["new", "changed", "refused", "same"] as const;
type Fate = (typeof fates)[number];
const verdictOf: Record<Fate, Verdict> = {
  new: "fine",
  changed: "watch",
  same: "fine",
  refused: "stop",
};

interface Row {
  line: number;
  reference: string;
  fate: Fate;
}

interface Props<R extends Row> {
  rows: R[];
  /** what becomes of a row, in sentences */
  whatOf: (row: R) => string[];
  /** none where all that the list brings is taken */
  choosing?: Choosing;
}

/** What becomes of each row of a list, those of one fate at a time or all of them. */
export function FateTable<R extends Row>({ rows, whatOf, choosing }: Props<R>) {
  const t = useTranslations("imports");
  const [shown, setShown] = useState<Fate | "all">("all");
  const columns = useMemo<Column<R>[]>(
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
  const count = (fate: Fate) => rows.filter((row) => row.fate === fate).length;
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
      {...(choosing ? { choosing: { ...choosing, may: (id: string) => brings.has(id) } } : {})}
      csvName="rows.csv"
    />
  );
}
