"use client";
import { Box, Button } from "@chakra-ui/react";
import { useFormatter } from "next-intl";
import type { ReactNode } from "react";
import styles from "../shared/Desk.module.css";

interface Row {
  key: string;
  cells: readonly ReactNode[];
  /** what the button that opens it is called to those who do not see it */
  opens: string;
}

interface Props {
  title: string;
  about: string;
  columns: readonly string[];
  rows: readonly Row[];
  words: { add?: string; change: string; notYours: string };
  /** what stands in place of the table where it has no row */
  empty: ReactNode;
  mayKeep: boolean;
  onOpen: (key: string | null) => void;
}

/** A list of the base as a table: what is in it, each row opened for a change, and a new one. */
export function KeptList({ title, about, columns, rows, words, empty, mayKeep, onOpen }: Props) {
  return (
    <Box as="section" display="grid" gap="3" aria-label={title}>
      <h2>{title}</h2>
      <p>{about}</p>
      {rows.length === 0 ? (
        empty
      ) : (
        <Box overflowX="auto">
          <table className={styles.table} aria-label={title}>
            <thead>
              <tr>
                {columns.map((column) => (
                  <th key={column} scope="col">
                    {column}
                  </th>
                ))}
                {mayKeep && <td />}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ key, cells, opens }) => (
                <tr key={key} onClick={mayKeep ? () => onOpen(key) : undefined}>
                  {cells.map((cell, at) =>
                    at === 0 ? (
                      <th key={at} scope="row">
                        {cell}
                      </th>
                    ) : (
                      <td key={at}>{cell}</td>
                    ),
                  )}
                  {mayKeep && (
                    <td>
                      <Button aria-label={opens} onClick={() => onOpen(key)}>
                        {words.change}
                      </Button>
                    </td>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </Box>
      )}
      {mayKeep && words.add !== undefined && (
        <Button justifySelf="start" onClick={() => onOpen(null)}>
          {words.add}
        </Button>
      )}
      {!mayKeep && <p>{words.notYours}</p>}
    </Box>
  );
}

/** When a list was changed last, in the base's zone. */
export function useStamp(timeZone: string): (at: string) => string {
  const format = useFormatter();
  return (at) => format.dateTime(new Date(at), { dateStyle: "medium", timeStyle: "short", timeZone });
}
