"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { ScrollText } from "lucide-react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { saveLog, type LogFilter } from "@/api/log";
import { byRequest, type Deed } from "@/core/log/deed";
import { EmptyState } from "@/ui/kit/EmptyState";
import { href } from "../api/call";
import styles from "../desk/shared/Desk.module.css";
import { DeedLines } from "./DeedLines";
import { browserOf } from "./device-words";
import { LogAsked } from "./LogAsked";
import { useWords } from "./useWords";

interface Props {
  filter: LogFilter;
  deeds: readonly Deed[];
  /** the deed after which the older ones come */
  older: number | null;
  people: readonly { id: string; name: string }[];
  yachts: readonly { slug: string; name: string }[];
  timeZone: string;
}

/** What was done at the base, by whom and from where; narrowed to a charter, a yacht, a person or days. */
export function LogPage({ filter, deeds, older, people, yachts, timeZone }: Props) {
  const t = useTranslations("log");
  const page = (before?: number) =>
    `/log?${new URLSearchParams({ ...filter, ...(before === undefined ? {} : { before: String(before) }) })}`;
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <Box display="flex" flexWrap="wrap" justifyContent="space-between" gap="4" alignItems="flex-start">
        <Box>
          <h1>{t("title")}</h1>
          <p>{t("words")}</p>
        </Box>
        <Button asChild>
          <a href={href(saveLog, { query: filter })}>{t("csv")}</a>
        </Button>
      </Box>
      <LogAsked key={JSON.stringify(filter)} {...{ filter, people, yachts }} />
      {deeds.length === 0 ? (
        <EmptyState sign={ScrollText} title={t("none")} words={t("none-words")} />
      ) : (
        <DeedTable deeds={deeds} timeZone={timeZone} />
      )}
      <Box as="nav" aria-label={t("title")} display="flex" gap="3">
        {older !== null && (
          <Button asChild>
            <Link href={page(older)}>{t("older")}</Link>
          </Button>
        )}
        <Button asChild>
          <Link href={page()}>{t("newest")}</Link>
        </Button>
      </Box>
    </chakra.main>
  );
}

function DeedTable({ deeds, timeZone }: Pick<Props, "deeds" | "timeZone">) {
  const t = useTranslations("log");
  const words = useWords();
  const format = useFormatter();
  return (
    <Box overflowX="auto">
      <table className={styles.table} aria-label={t("title")}>
        <thead>
          <tr>
            {(["when", "who", "what", "on"] as const).map((column) => (
              <th key={column} scope="col">
                {t(column)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {byRequest(deeds).map(({ first, deeds: done }) => (
            <tr key={first.id}>
              <chakra.td whiteSpace="nowrap">
                {format.dateTime(new Date(first.at), { dateStyle: "medium", timeStyle: "medium", timeZone })}
              </chakra.td>
              <chakra.td whiteSpace="nowrap">
                <Who deed={first} />
              </chakra.td>
              <td>
                <strong>{words("deed", first.action)}</strong>
                <DeedLines deeds={done} timeZone={timeZone} />
              </td>
              <chakra.td whiteSpace="nowrap">
                <On deeds={done} />
              </chakra.td>
            </tr>
          ))}
        </tbody>
      </table>
    </Box>
  );
}

function Who({ deed: { by, kind, device } }: { deed: Deed }) {
  const t = useTranslations("log");
  const browser = device === null || kind === "program" ? null : browserOf(device);
  return (
    <>
      {by && <strong>{by}</strong>}
      {(by === null || kind !== "anyone") && <div>{t(`kind-${kind}`, { program: device ?? "" })}</div>}
      {browser && <div>{t("device", browser)}</div>}
    </>
  );
}

/** The charter and the yacht that something was done on, each a way to its own log. */
function On({ deeds }: { deeds: readonly Deed[] }) {
  const charter = deeds.find((deed) => deed.charter !== null)?.charter;
  const yacht = deeds.find((deed) => deed.yacht !== null)?.yacht;
  return (
    <>
      {charter && (
        <div>
          <Link href={`/log?charter=${encodeURIComponent(charter)}`}>{charter}</Link>
        </div>
      )}
      {yacht && <div>{yacht}</div>}
    </>
  );
}
