"use client";
import {
  columnFilteringFeature,
  createFilteredRowModel,
  createSortedRowModel,
  filterFns,
  globalFilteringFeature,
  rowSortingFeature,
  sortFns,
  tableFeatures,
  useTable,
  type ColumnDef,
  type SortingState,
} from "@tanstack/react-table";
import { useTranslations } from "next-intl";
import { useSearchParams } from "next/navigation";
import { useState, type ReactNode } from "react";
import { Field } from "@/ui/Field";
import desk from "../shared/Desk.module.css";
import styles from "./DataTable.module.css";
import { keepInAddress } from "./address";

export const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns,
  filterFns,
});
// the library's own type of a column of any value
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- columns of one table have values of many types
export type Column<Row extends object> = ColumnDef<typeof features, Row, any>;

interface Props<Row extends object> {
  label: string;
  columns: Column<Row>[];
  rows: Row[];
  idOf: (row: Row) => string;
  /** what can be chosen beside the field that finds */
  filters?: ReactNode;
  /** the row that is open, and what is shown below it */
  openId?: string | null;
  detail?: (row: Row) => ReactNode;
  onOpen?: (id: string | null) => void;
}

/** A table that is sorted by its heads and narrowed by a field; how it stands is kept in the address. Arrows go from row to row, Enter opens one. */
export function DataTable<Row extends object>(props: Props<Row>) {
  const { label, columns, rows, idOf, filters, openId = null, detail, onOpen } = props;
  const [t, address] = [useTranslations("table"), useSearchParams()];
  const [sorting, setSorting] = useState<SortingState>(() => sortingFrom(address.get("sort")));
  const [find, setFind] = useState(address.get("find") ?? "");
  const table = useTable({
    features,
    columns,
    data: rows,
    getRowId: idOf,
    state: { sorting, globalFilter: find },
    onSortingChange: (next) => {
      const sorted = typeof next === "function" ? next(sorting) : next;
      setSorting(sorted);
      keepInAddress("sort", sorted.map(({ id, desc }) => (desc ? `-${id}` : id)).join(","));
    },
    onGlobalFilterChange: setFind,
    globalFilterFn: "includesString",
  });
  const shown = table.getRowModel().rows;
  return (
    <div className={styles.whole}>
      <div className={styles.bar}>
        <FindField
          find={find}
          onFind={(words) => {
            setFind(words);
            keepInAddress("find", words);
          }}
        />
        {filters}
        <p role="status">{t("shown", { shown: shown.length, of: rows.length })}</p>
      </div>
      <table className={desk.table} aria-label={label} onKeyDown={goByArrows}>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {group.headers.map((header) => (
                <SortHead
                  key={header.id}
                  sorted={header.column.getIsSorted()}
                  onSort={header.column.getToggleSortingHandler()}
                >
                  <table.FlexRender header={header} />
                </SortHead>
              ))}
            </tr>
          ))}
        </thead>
        {shown.map((row) => (
          <tbody key={row.id}>
            <tr
              tabIndex={0}
              data-row
              className={row.id === openId ? desk.chosen : undefined}
              aria-current={row.id === openId || undefined}
              onClick={() => onOpen?.(row.id === openId ? null : row.id)}
              onKeyDown={(event) => {
                if (event.key === "Enter" && event.target === event.currentTarget)
                  onOpen?.(row.id === openId ? null : row.id);
              }}
            >
              {row.getAllCells().map((cell) => (
                <td key={cell.id}>
                  <table.FlexRender cell={cell} />
                </td>
              ))}
            </tr>
            {detail && row.id === openId && (
              <tr className={styles.detail}>
                <td colSpan={columns.length}>{detail(row.original)}</td>
              </tr>
            )}
          </tbody>
        ))}
      </table>
      {shown.length === 0 && <p>{t("none")}</p>}
    </div>
  );
}

function FindField({ find, onFind }: { find: string; onFind: (words: string) => void }) {
  const t = useTranslations("table");
  return (
    <Field label={t("find")}>
      {(ids) => <input {...ids} type="search" value={find} onChange={(event) => onFind(event.target.value)} />}
    </Field>
  );
}

/** The head of a column: a tap sorts by it, and another the other way round. */
function SortHead({
  sorted,
  onSort,
  children,
}: {
  sorted: false | "asc" | "desc";
  onSort: ((event: unknown) => void) | undefined;
  children: ReactNode;
}) {
  const direction = { asc: "ascending", desc: "descending" } as const;
  return (
    <th scope="col" aria-sort={sorted ? direction[sorted] : undefined}>
      <button type="button" className={styles.head} onClick={onSort}>
        {children}
        {sorted && <span aria-hidden="true">{sorted === "asc" ? " ↑" : " ↓"}</span>}
      </button>
    </th>
  );
}

const sortingFrom = (text: string | null): SortingState =>
  (text ?? "")
    .split(",")
    .filter((each) => each !== "")
    .map((each) => ({ id: each.replace(/^-/, ""), desc: each.startsWith("-") }));

/** Up and down from row to row, Home and End to the first and the last. */
function goByArrows(event: React.KeyboardEvent<HTMLTableElement>): void {
  if (!(event.target instanceof HTMLTableRowElement)) return;
  const rows = [...event.currentTarget.querySelectorAll<HTMLTableRowElement>("[data-row]")];
  const at = rows.indexOf(event.target);
  const to = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: rows.length - 1 }[event.key];
  if (to === undefined) return;
  event.preventDefault();
  rows[Math.min(Math.max(to, 0), rows.length - 1)]?.focus();
}
