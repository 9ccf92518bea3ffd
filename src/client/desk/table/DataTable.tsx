"use client";
import { SearchX } from "lucide-react";
import { useTranslations } from "next-intl";
import type { ReactNode } from "react";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { EmptyState } from "@/ui/kit/EmptyState";
import { Menu } from "@/ui/kit/Menu";
import { Pages } from "@/ui/kit/Pages";
import desk from "../shared/Desk.module.css";
import styles from "./DataTable.module.css";
import { ChooseAll, ChooseRow, type Choosing } from "./choosing";
import type { Column } from "./features";
import { saveCsv } from "./save-csv";
import { SortHead } from "./SortHead";
import { rowsOnPage, useTableState } from "./useTableState";

interface Props<Row extends object> {
  label: string;
  /** tells the tables of one page apart in the address */
  name?: string;
  columns: Column<Row>[];
  rows: Row[];
  idOf: (row: Row) => string;
  /** what a row is called where it is chosen */
  nameOf?: (row: Row) => string;
  /** what can be chosen beside the field that finds */
  filters?: ReactNode;
  /** stands in place of the field that finds, where the base finds */
  search?: ReactNode;
  openId?: string | null;
  onOpen?: (id: string) => void;
  /** what the file is called in which one saves what is shown */
  csvName?: string;
  choosing?: Choosing;
  /** a few rows that are all in view: nothing to find, no columns to choose */
  isShort?: boolean;
}

/** A table that is sorted by its heads, narrowed by a field and shown with the columns one wants; how it stands is kept in the address. Arrows go from row to row, Enter opens one. */
export function DataTable<Row extends object>(props: Props<Row>) {
  const { label, name = "", columns, rows, idOf, nameOf = idOf, choosing, csvName, onOpen } = props;
  const t = useTranslations("table");
  const { table, find, onFind, hidden, onHide, page, goTo } = useTableState(columns, rows, idOf, name);
  const shown = table.getRowModel().rows;
  const found = table.getFilteredRowModel().rows.length;
  const numbers = new Set(columns.filter(({ isNumber }) => isNumber).map(({ id }) => id));
  return (
    <div className={styles.whole}>
      {!props.isShort && (
        <div className={styles.bar}>
          {props.search ?? <FindField find={find} onFind={onFind} />}
          {props.filters}
          <p role="status">{t("shown", { shown: found, of: rows.length })}</p>
          <Menu
            label={t("columns")}
            entries={columns.map(({ id, header }) => ({
              word: headText(header),
              on: !hidden.has(id),
              onTurn: (on) => onHide(id, !on),
            }))}
          />
          {csvName !== undefined && (
            <Button onClick={() => saveCsv(csvName, ...shownAsText(columns, hidden, table.getSortedRowModel().rows))}>
              {t("csv")}
            </Button>
          )}
        </div>
      )}
      <table className={desk.table} aria-label={label} onKeyDown={goByArrows}>
        <thead>
          {table.getHeaderGroups().map((group) => (
            <tr key={group.id}>
              {choosing && <ChooseAll {...choosing} shown={shown.map(({ id }) => id)} />}
              {group.headers.map((header) => (
                <SortHead
                  key={header.id}
                  isNumber={numbers.has(header.column.id)}
                  sorted={header.column.getIsSorted()}
                  onSort={header.column.getToggleSortingHandler()}
                >
                  <table.FlexRender header={header} />
                </SortHead>
              ))}
            </tr>
          ))}
        </thead>
        <tbody>
          {shown.map((row) => (
            <TableRow key={row.id} id={row.id} isOpen={row.id === props.openId} onOpen={onOpen}>
              {choosing && <ChooseRow {...choosing} id={row.id} name={nameOf(row.original)} />}
              {row.getVisibleCells().map((cell) => (
                <td key={cell.id} className={numbers.has(cell.column.id) ? desk.number : undefined}>
                  <table.FlexRender cell={cell} />
                </td>
              ))}
            </TableRow>
          ))}
        </tbody>
      </table>
      {shown.length === 0 && <EmptyState sign={SearchX} title={t("none")} words={t("none-words")} />}
      <Pages
        label={label}
        words={{ before: t("before"), next: t("next") }}
        count={found}
        pageSize={rowsOnPage}
        page={page}
        onGo={goTo}
      />
    </div>
  );
}

/** The words of a column's head, which are given by a function where they are of the catalogue. */
const headText = (header: unknown): string =>
  String(typeof header === "function" ? (header as () => string)() : header);

/** The heads of the columns that are shown, and what stands under them, row by row. */
function shownAsText<Row extends object>(
  columns: readonly Column<Row>[],
  hidden: ReadonlySet<string>,
  rows: readonly { original: Row; getValue: (id: string) => unknown }[],
): [string[], string[][]] {
  const shown = columns.filter(({ id }) => !hidden.has(id));
  return [
    shown.map(({ header }) => headText(header)),
    rows.map((row) => shown.map(({ id, csv }) => csv?.(row.original) ?? String(row.getValue(id) ?? ""))),
  ];
}

/** One row; where it opens, a tap or Enter does. */
function TableRow({
  id,
  isOpen,
  onOpen,
  children,
}: {
  id: string;
  isOpen: boolean;
  onOpen: ((id: string) => void) | undefined;
  children: ReactNode;
}) {
  return (
    <tr
      tabIndex={0}
      data-row
      data-opens={onOpen ? true : undefined}
      className={isOpen ? desk.chosen : undefined}
      aria-current={isOpen || undefined}
      onClick={() => onOpen?.(id)}
      onKeyDown={(event) => {
        if (event.key === "Enter" && event.target === event.currentTarget) onOpen?.(id);
      }}
    >
      {children}
    </tr>
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
