"use client";
import { useMutation } from "@tanstack/react-query";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { AppError } from "@/api/app-error";
import { lookThroughList } from "@/api/imports";
import type { GivenList, RowView } from "@/api/schemas/imports";
import { orderOf, type DateOrder } from "@/core/imports/cells";
import { charterColumns, guessMapping, type CharterColumn, type Mapping } from "@/core/imports/columns";
import { mappingIn, type KeptMappings } from "@/core/imports/mappings";
import type { TextTable } from "@/formats/table-csv";
import { call } from "../../api/call";

/** A list as it was read, before anything of it is known to the base. */
export interface ReadList {
  fileName: string;
  table: TextTable;
}

/** What the base said would become of a list's rows. */
export interface Looked {
  rows: RowView[];
  seen: string;
}

/** Days of a list in the order that it tells itself, where it does. */
export const orderIn = ({ rows }: TextTable, { fromDay, toDay }: Mapping) =>
  orderOf(
    rows.flatMap(({ cells }) => [fromDay, toDay].map((place) => (place === undefined ? "" : (cells[place] ?? "")))),
  );

/** How a list is read: which of its columns are ours, and in which order it writes days. */
export function useReading({ table }: ReadList, kept: KeptMappings) {
  const [mapping, setMapping] = useState<Mapping>(() => firstMapping(table, kept));
  const [order, setOrder] = useState<DateOrder>(() => keptFor(table, kept)?.order ?? "day-first");
  const told = orderIn(table, mapping);
  return {
    mapping,
    setColumn: (column: CharterColumn, place: number | null) =>
      setMapping(({ [column]: _was, ...rest }) => (place === null ? rest : { ...rest, [column]: place })),
    takeKept: (name: string) => {
      const one = kept[name];
      const found = one && mappingIn(one, table.heads);
      setMapping(found ?? guessMapping(table.heads));
      if (found) setOrder(one.order);
    },
    told,
    order: told === "day-first" || told === "month-first" ? told : order,
    setOrder,
  };
}
export type Reading = ReturnType<typeof useReading>;

const keptFor = ({ heads }: TextTable, kept: KeptMappings) =>
  Object.values(kept).find((each) => mappingIn(each, heads) !== null);

function firstMapping(table: TextTable, kept: KeptMappings): Mapping {
  const one = keptFor(table, kept);
  return (one && mappingIn(one, table.heads)) ?? guessMapping(table.heads);
}

/** What is sent to the base of a list: our columns alone, without the lines that were left out. */
export function givenOf({ table }: ReadList, { mapping, order }: Reading, leftOut: ReadonlySet<number>): GivenList {
  const columns = charterColumns.filter((column) => mapping[column] !== undefined);
  return {
    columns,
    order,
    rows: table.rows
      .filter(({ line }) => !leftOut.has(line))
      .map(({ line, cells }) => ({
        line,
        cells: columns.map((column) => (cells[mapping[column] ?? -1] ?? "").slice(0, 500)),
      })),
  };
}

/** Asks the base what would become of a list; null where it says no or is not there, and then why. */
export function useLook() {
  const t = useTranslations("desk");
  const { mutateAsync, isPending, error } = useMutation({
    mutationFn: (given: GivenList) => call(lookThroughList, { body: given }),
    retry: false,
  });
  return {
    look: (given: GivenList): Promise<Looked | null> => mutateAsync(given).catch(() => null),
    isLooking: isPending,
    error: error === null ? null : error instanceof AppError ? error.message : t("no-signal"),
  };
}
