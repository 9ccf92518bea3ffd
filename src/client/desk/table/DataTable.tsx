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
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import desk from "../shared/Desk.module.css";
import styles from "./DataTable.module.css";
import { keepInAddress } from "./address";
import { saveCsv } from "./save-csv";

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
  /** what a row is called where it is chosen */
  nameOf?: (row: Row) => string;
  /** what can be chosen beside the field that finds */
  filters?: ReactNode;
  /** the row that is open, and what is shown below it */
  openId?: string | null;
  detail?: (row: Row) => ReactNode;
  onOpen?: (id: string | null) => void;
  /** what the file is called in which one saves what is shown */
  csvName?: string;
  /** rows that are chosen, to do one thing with all of them */
  chosen?: ReadonlySet<string>;
  onChosen?: (ids: ReadonlySet<string>) => void;
}

/** A table that is sorted by its heads and narrowed by a field; how it stands is kept in the address. Arrows go from row to row, Enter opens one. */
export function DataTable<Row extends object>(props: Props<Row>) {
  const {
    label,
    columns,
    rows,
    idOf,
    nameOf = idOf,
    filters,
    openId = null,
    detail,
    onOpen,
    chosen,
    onChosen,
    csvName,
  } = props;
  const t = useTranslations("table");
  const { table, find, onFind } = useSortAndFind(columns, rows, idOf);
  const shown = table.getRowModel().rows;
  const saveShown = (name: string) => {
    const all = table.getAllLeafColumns();
    const heads = all.map(({ columnDef: { header } }) => headText(header));
    saveCsv(
      name,
      heads,
      shown.map((row) => all.map(({ id }) => String(row.getValue(id) ?? ""))),
    );
  };
  return (
    <div className={styles.whole}>
      <div className={styles.bar}>
        <FindField find={find} onFind={onFind} />
        {filters}
        <p role="status">{t("shown", { shown: shown.length, of: rows.length })}</p>
        {csvName !== undefined && <Button onClick={() => saveShown(csvName)}>{t("csv")}</Button>}
      </div>
      <table className={desk.table} aria-label={label} onKeyDown={goByArrows}>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {chosen && (
                <ChooseAll shown={shown.map(({ id }) => id)} chosen={chosen} onChosen={(ids) => onChosen?.(ids)} />
              )}
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
          <TableRow
            key={row.id}
            id={row.id}
            isOpen={row.id === openId}
            onOpen={() => onOpen?.(row.id === openId ? null : row.id)}
            choice={chosen && { name: nameOf(row.original), chosen, onChosen }}
            detail={detail && row.id === openId ? detail(row.original) : null}
            columns={columns.length}
          >
            {row.getAllCells().map((cell) => (
              <td key={cell.id}>
                <table.FlexRender cell={cell} />
              </td>
            ))}
          </TableRow>
        ))}
      </table>
      {shown.length === 0 && <p>{t("none")}</p>}
    </div>
  );
}

/** The words of a column's head, which are given by a function where they are of the catalogue. */
const headText = (header: unknown): string =>
  String(typeof header === "function" ? (header as () => string)() : header);

/** A table as it is sorted and narrowed; the address keeps both. */
function useSortAndFind<Row extends object>(columns: Column<Row>[], rows: Row[], idOf: (row: Row) => string) {
  const address = useSearchParams();
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
  const onFind = (words: string) => {
    setFind(words);
    keepInAddress("find", words);
  };
  return { table, find, onFind };
}

/** One row: a tap or Enter opens what is below it; its box chooses it. */
function TableRow({
  id,
  isOpen,
  onOpen,
  choice,
  detail,
  columns,
  children,
}: {
  id: string;
  isOpen: boolean;
  onOpen: () => void;
  choice: { name: string; chosen: ReadonlySet<string>; onChosen?: (ids: ReadonlySet<string>) => void } | undefined;
  detail: ReactNode;
  columns: number;
  children: ReactNode;
}) {
  const t = useTranslations("table");
  return (
    <tbody>
      <tr
        tabIndex={0}
        data-row
        className={isOpen ? desk.chosen : undefined}
        aria-current={isOpen || undefined}
        onClick={onOpen}
        onKeyDown={(event) => {
          if (event.key === "Enter" && event.target === event.currentTarget) onOpen();
        }}
      >
        {choice && (
          <td className={styles.choose} onClick={(event) => event.stopPropagation()}>
            <input
              type="checkbox"
              aria-label={t("choose", { row: choice.name })}
              checked={choice.chosen.has(id)}
              onChange={() => choice.onChosen?.(toggled(choice.chosen, id))}
            />
          </td>
        )}
        {children}
      </tr>
      {detail !== null && (
        <tr className={styles.detail}>
          <td colSpan={columns + (choice ? 1 : 0)}>{detail}</td>
        </tr>
      )}
    </tbody>
  );
}

const toggled = (chosen: ReadonlySet<string>, id: string): Set<string> =>
  new Set(chosen.has(id) ? [...chosen].filter((each) => each !== id) : [...chosen, id]);

/** Chooses every row that is shown, or none of them. */
function ChooseAll({
  shown,
  chosen,
  onChosen,
}: {
  shown: readonly string[];
  chosen: ReadonlySet<string>;
  onChosen: (ids: ReadonlySet<string>) => void;
}) {
  const t = useTranslations("table");
  const isAll = shown.length > 0 && shown.every((id) => chosen.has(id));
  return (
    <th scope="col" className={styles.choose}>
      <input
        type="checkbox"
        aria-label={t("choose-all")}
        checked={isAll}
        onChange={() => onChosen(new Set(isAll ? [] : shown))}
      />
    </th>
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
