"use client";
import { Box, chakra } from "@chakra-ui/react";
import { readPhoto } from "@/api/photos";
import { Camera } from "lucide-react";
import Link from "next/link";
import { useFormatter, useTranslations } from "next-intl";
import { useSearchParams } from "next/navigation";
import { useMemo, useState } from "react";
import { Chip } from "@/ui/Chip";
import { Field } from "@/ui/Field";
import { Drawer } from "@/ui/kit/Drawer";
import { HoverPicture } from "@/ui/kit/HoverPicture";
import { href } from "../api/call";
import { AssignWork } from "./AssignWork";
import type { Work, Worker } from "./work";
import { DefectRow } from "./DefectList";
import { DataTable } from "./table/DataTable";
import type { Column } from "./table/features";
import { keepInAddress } from "./table/address";

/** What is to repair in the fleet as a table: safety first, then what leaves next; a row opens with photos and what can be done. */
export function WorkTable({
  work,
  timeZone,
  mayWork,
  workers,
  me,
}: {
  work: Work[];
  timeZone: string;
  mayWork: boolean;
  workers: readonly Worker[];
  me: string;
}) {
  const t = useTranslations("work");
  const all = useTranslations("desk");
  const address = useSearchParams();
  const [by, setBy] = useState<By>({ yacht: address.get("yacht") ?? "", who: address.get("who") ?? "" });
  const narrow = (part: keyof By, value: string) => {
    setBy({ ...by, [part]: value });
    keepInAddress(part, value);
  };
  const [openId, setOpenId] = useState<string | null>(null);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const columns = useColumns(timeZone);
  const rows = useMemo(
    () =>
      work.filter(
        (each) =>
          (by.yacht === "" || each.yachtSlug === by.yacht) &&
          (by.who === "" || (by.who === "nobody" ? each.assignee === null : each.assignee === by.who)),
      ),
    [work, by],
  );
  const yachts = [...new Map(work.map((each) => [each.yachtSlug, each.yachtName]))];
  const open = work.find(({ id }) => id === openId);
  return (
    <>
      <DataTable
        label={t("title")}
        columns={columns}
        rows={rows}
        idOf={(row) => row.id}
        openId={openId}
        onOpen={setOpenId}
        nameOf={(row) => `${row.yachtName}, ${row.title}`}
        {...(mayWork ? { choosing: { chosen, onChosen: setChosen } } : {})}
        csvName="work.csv"
        filters={
          <>
            <Narrow by={by} onNarrow={narrow} yachts={yachts} workers={workers} me={me} />
            {mayWork && (
              <AssignWork
                work={work.filter(({ id }) => chosen.has(id))}
                workers={workers}
                onAssigned={() => setChosen(new Set())}
              />
            )}
          </>
        }
      />
      {open && (
        <Drawer title={open.yachtName} closeWord={all("close")} onClose={() => setOpenId(null)}>
          <chakra.ul listStyleType="none" display="grid" gap="3">
            <DefectRow defect={open} timeZone={timeZone} mayWork={mayWork} />
          </chakra.ul>
          <Link href={`/fleet/${open.yachtSlug}`}>{t("yacht-page", { yacht: open.yachtName })}</Link>
        </Drawer>
      )}
    </>
  );
}

interface By {
  yacht: string;
  who: string;
}

/** Narrows the table to one yacht, and to what one person or nobody has. */
function Narrow({
  by,
  onNarrow,
  yachts,
  workers,
  me,
}: {
  by: By;
  onNarrow: (part: keyof By, value: string) => void;
  yachts: readonly (readonly [string, string])[];
  workers: readonly Worker[];
  me: string;
}) {
  const t = useTranslations("work");
  return (
    <>
      <Pick
        label={t("yacht")}
        value={by.yacht}
        options={[["", t("all-yachts")], ...yachts]}
        onPick={(slug) => onNarrow("yacht", slug)}
      />
      <Pick
        label={t("who")}
        value={by.who}
        options={[
          ["", t("everybody")],
          ["nobody", t("nobody")],
          ...workers.map(({ id, name }): [string, string] => [id, id === me ? t("me", { name }) : name]),
        ]}
        onPick={(id) => onNarrow("who", id)}
      />
    </>
  );
}

/** One of some, narrowing the table. */
function Pick({
  label,
  value,
  options,
  onPick,
}: {
  label: string;
  value: string;
  options: readonly (readonly [string, string])[];
  onPick: (value: string) => void;
}) {
  return (
    <Box flex="0 1 13rem">
      <Field label={label}>
        {(ids) => (
          <select {...ids} value={value} onChange={(event) => onPick(event.target.value)}>
            {options.map(([key, word]) => (
              <option key={key} value={key}>
                {word}
              </option>
            ))}
          </select>
        )}
      </Field>
    </Box>
  );
}

function useColumns(timeZone: string): Column<Work>[] {
  const t = useTranslations("work");
  const format = useFormatter();
  return useMemo(() => {
    const day = (instant: string) => format.dateTime(new Date(instant), { day: "numeric", month: "short", timeZone });
    return [
      { id: "yacht", accessorFn: (row) => row.yachtName, header: () => t("yacht") },
      {
        id: "what",
        accessorFn: (row) => `${row.title} ${row.words}`,
        header: () => t("what"),
        cell: ({ row: { original } }) => <What work={original} />,
      },
      {
        id: "safety",
        accessorFn: (row) => (row.safety ? 0 : 1),
        header: () => t("kind"),
        cell: ({ row: { original } }) => (
          <Chip verdict={original.safety ? "stop" : "watch"}>{original.safety ? t("safety") : t("state-ordered")}</Chip>
        ),
      },
      {
        id: "since",
        accessorFn: (row) => row.since,
        header: () => t("since"),
        cell: ({ row: { original } }) =>
          original.foundBy ? `${day(original.since)}, ${original.foundBy}` : day(original.since),
      },
      {
        id: "who",
        accessorFn: (row) => row.assigneeName ?? "",
        header: () => t("who"),
        cell: ({ row: { original } }) => original.assigneeName ?? t("nobody"),
      },
      {
        id: "due",
        accessorFn: (row) => row.neededAt ?? "9999",
        header: () => t("due"),
        cell: ({ row: { original } }) =>
          original.neededAt === null ? t("not-needed") : t("needed", { at: day(original.neededAt) }),
      },
    ];
  }, [t, format, timeZone]);
}

/** What is to repair; where there is a photo of it, the pointer shows it, and the open row has it large. */
function What({ work }: { work: Work }) {
  const t = useTranslations("work");
  const [hash] = work.photos;
  const words = (
    <span>
      <strong>{work.title}</strong>, {work.words}
    </span>
  );
  if (hash === undefined) return words;
  return (
    <HoverPicture src={href(readPhoto, { params: { hash }, query: { small: "yes" } })}>
      {words} <Camera size={16} aria-label={t("photos", { count: work.photos.length })} role="img" />
    </HoverPicture>
  );
}
