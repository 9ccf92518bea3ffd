"use client";
import { useTable, type SortingState } from "@tanstack/react-table";
import { useSearchParams } from "next/navigation";
import { useState } from "react";
import { keepInAddress } from "./address";
import { features, type Column } from "./features";

/** Rows on one page of a table: as many as one still reads through. */
export const rowsOnPage = 50;

/**
 * A table as it is sorted, narrowed, paged, and with the columns that are shown; the address keeps it all.
 *
 * @param name stands before the names in the address where a page has several tables
 */
export function useTableState<Row extends object>(
  columns: Column<Row>[],
  rows: Row[],
  idOf: (row: Row) => string,
  name: string,
) {
  const address = useSearchParams();
  const key = (part: string) => (name === "" ? part : `${name}-${part}`);
  const [sorting, setSorting] = useState<SortingState>(() => sortingFrom(address.get(key("sort"))));
  const [find, setFind] = useState(address.get(key("find")) ?? "");
  const [hidden, setHidden] = useState<ReadonlySet<string>>(() => new Set(listFrom(address.get(key("hide")))));
  const [page, setPage] = useState(() => Math.max(1, Math.trunc(Number(address.get(key("page")))) || 1));
  const goTo = (next: number) => {
    setPage(next);
    keepInAddress(key("page"), next === 1 ? "" : String(next));
  };
  const table = useTable({
    features,
    columns,
    data: rows,
    getRowId: idOf,
    state: {
      sorting,
      globalFilter: find,
      columnVisibility: Object.fromEntries([...hidden].map((id) => [id, false])),
      pagination: { pageIndex: page - 1, pageSize: rowsOnPage },
    },
    onSortingChange: (next) => {
      const sorted = typeof next === "function" ? next(sorting) : next;
      setSorting(sorted);
      keepInAddress(key("sort"), sorted.map(({ id, desc }) => (desc ? `-${id}` : id)).join(","));
    },
    onGlobalFilterChange: setFind,
    globalFilterFn: "includesString",
  });
  return {
    table,
    find,
    onFind: (words: string) => {
      setFind(words);
      keepInAddress(key("find"), words);
      goTo(1);
    },
    hidden,
    onHide: (id: string, isHidden: boolean) => {
      const next = new Set(hidden);
      if (isHidden) next.add(id);
      else next.delete(id);
      setHidden(next);
      keepInAddress(key("hide"), [...next].join(","));
    },
    page,
    goTo,
  };
}

const listFrom = (text: string | null): string[] => (text ?? "").split(",").filter((each) => each !== "");

const sortingFrom = (text: string | null): SortingState =>
  listFrom(text).map((each) => ({ id: each.replace(/^-/, ""), desc: each.startsWith("-") }));
