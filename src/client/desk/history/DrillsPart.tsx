"use client";
import { Box, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { useMemo } from "react";
import type { DeviceRow, DrillHistory, DrillProposal, MistakeRow } from "@/core/history/drills";
import { DeskPart } from "../shared/DeskPart";
import { DataTable } from "../table/DataTable";
import type { Column } from "../table/features";

interface Props {
  history: DrillHistory;
  /** what each mistake is, in a sentence, by `device_code` */
  sentences: Readonly<Record<string, string>>;
}

/** What crews drilled before they came, what went wrong most, and what that asks of briefing and files. */
export function DrillsPart({ history, sentences }: Props) {
  const t = useTranslations("drill-history");
  const device = useDeviceName();
  const { runs, crews, mistakes, byDevice, byClass, proposals } = history;
  if (runs === 0) return null;
  const percent = (share: number) => Math.round(share * 100);
  const proposed = (each: DrillProposal) =>
    each.what === "longer"
      ? t("propose-longer", { device: device(each.device), crews: each.crews, share: percent(each.cleanShare) })
      : t("propose-odd", {
          ...{ device: device(each.device), yacht: each.yacht, withIt: each.withIt, runs: each.runs },
          ...{ sentence: sentences[`${each.device}_${each.code}`] ?? "", share: percent(each.elsewhereShare) },
        });
  return (
    <DeskPart title={t("title")}>
      <p>{t("sum", { runs, crews })}</p>
      {proposals.length > 0 && (
        <Box as="section" aria-label={t("proposals")}>
          <h3>{t("proposals")}</h3>
          <chakra.ul paddingLeft="5" listStyleType="disc">
            {proposals.map((each) => (
              <li key={proposed(each)}>{proposed(each)}</li>
            ))}
          </chakra.ul>
        </Box>
      )}
      <Box display="grid" gridTemplateColumns={{ base: "minmax(0,1fr)", xl: "1fr 1fr" }} gap="5" alignItems="start">
        <Mistakes rows={mistakes} sentences={sentences} />
        <Devices name="drills-device" title={t("by-device")} rows={byDevice} sentences={sentences} />
      </Box>
      <Devices name="drills-class" title={t("by-class")} rows={byClass} sentences={sentences} />
    </DeskPart>
  );
}

function useDeviceName(): (device: string) => string {
  const t = useTranslations("drill-device");
  return (device) => t(device as "engine");
}

function Mistakes({ rows, sentences }: { rows: MistakeRow[]; sentences: Props["sentences"] }) {
  const t = useTranslations("drill-history");
  const columns = useMemo<Column<MistakeRow>[]>(
    () => [
      {
        id: "mistake",
        accessorFn: ({ device, code }) => sentences[`${device}_${code}`] ?? code,
        header: () => t("mistake"),
      },
      { id: "times", accessorFn: (row) => row.times, header: () => t("times"), isNumber: true },
      { id: "crews", accessorFn: (row) => row.crews, header: () => t("crews"), isNumber: true },
    ],
    [t, sentences],
  );
  if (rows.length === 0) return null;
  return (
    <DataTable
      label={t("mistakes")}
      name="drill-mistakes"
      columns={columns}
      rows={rows}
      idOf={({ device, code }) => `${device} ${code}`}
      isShort
    />
  );
}

interface DevicesProps extends Pick<Props, "sentences"> {
  name: string;
  title: string;
  rows: DeviceRow[];
}

function Devices({ name, title, rows, sentences }: DevicesProps) {
  const t = useTranslations("drill-history");
  const device = useDeviceName();
  const columns = useMemo<Column<DeviceRow>[]>(
    () => [
      {
        id: "device",
        accessorFn: (row) => [device(row.device), row.yachtClass].filter((each) => each !== null).join(", "),
        header: () => title,
        cell: ({ getValue }) => <strong>{String(getValue())}</strong>,
      },
      { id: "runs", accessorFn: (row) => row.runs, header: () => t("runs"), isNumber: true },
      { id: "crews", accessorFn: (row) => row.crews, header: () => t("crews"), isNumber: true },
      {
        id: "clean",
        accessorFn: (row) => Math.round(row.cleanShare * 100),
        header: () => t("clean"),
        isNumber: true,
      },
      {
        id: "most",
        accessorFn: ({ most }) => (most ? (sentences[`${most.device}_${most.code}`] ?? most.code) : ""),
        header: () => t("most"),
      },
    ],
    [t, title, device, sentences],
  );
  return (
    <DataTable
      label={title}
      name={name}
      columns={columns}
      rows={rows}
      idOf={(row) => `${row.device} ${row.yachtClass ?? ""}`}
      isShort
    />
  );
}
