import {
  columnFilteringFeature,
  columnVisibilityFeature,
  createFilteredRowModel,
  createPaginatedRowModel,
  createSortedRowModel,
  filterFns,
  globalFilteringFeature,
  rowPaginationFeature,
  rowSortingFeature,
  sortFns,
  tableFeatures,
  type ColumnDef,
} from "@tanstack/react-table";

/** What every table of the desk can do. */
export const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  columnVisibilityFeature,
  globalFilteringFeature,
  rowPaginationFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  paginatedRowModel: createPaginatedRowModel(),
  sortFns,
  filterFns,
});

/** A column; one of numbers stands at the right. What a file of the table holds is its value, where `csv` says nothing else. */
export type Column<Row extends object> = { id: string; isNumber?: boolean; csv?: (row: Row) => string } & ColumnDef<
  typeof features,
  Row,
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- columns of one table have values of many types
  any
>;
