"use client";
import { useQuery } from "@tanstack/react-query";
import { Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { AppError } from "@/api/app-error";
import { lookThroughCrews, takeCrews } from "@/api/imports";
import type { CrewView, GivenCrews } from "@/api/schemas/imports";
import { crewColumns, crewMapping } from "@/core/imports/crew";
import { call } from "../../api/call";
import { useRequest } from "../../api/useRequest";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";
import { FateTable } from "./FateTable";
import type { ReadList } from "./useList";

/** Columns without which nobody is told from anybody. */
const needed = ["reference", "name", "weight"] as const;

/** Crew lists that were read: what becomes of each charter's, and taking them. */
export function CrewsPart({ list, onDone }: { list: ReadList; onDone: () => void }) {
  const t = useTranslations("imports");
  const mapping = crewMapping(list.table.heads);
  const missing = needed.filter((column) => mapping[column] === undefined);
  return (
    <DeskPart title={t("crew-rows")}>
      {missing.length > 0 ? (
        <p>{t("crew-missing", { columns: missing.map((column) => t(`crew-column-${column}`)).join(", ") })}</p>
      ) : (
        <LookedCrews given={givenOf(list, mapping)} onDone={onDone} />
      )}
    </DeskPart>
  );
}

function LookedCrews({ given, onDone }: { given: GivenCrews; onDone: () => void }) {
  const t = useTranslations("imports");
  const whatOf = useCrewWords();
  const { data, error, isFetching } = useQuery({
    queryKey: ["crews", given],
    queryFn: () => call(lookThroughCrews, { body: given }),
    retry: false,
    // what was looked through is what is taken: a look of before is none
    gcTime: 0,
    staleTime: Infinity,
  });
  const { request, busy, fault } = useRequest();
  if (error) return <Fault words={error instanceof AppError ? error.message : t("crew-away")} />;
  if (!data || isFetching) return <p>{t("looking")}</p>;
  const taken = data.crews.filter(({ fate }) => fate === "new" || fate === "changed").length;
  const take = async () => {
    if (await request(takeCrews, { body: { ...given, seen: data.seen } })) onDone();
  };
  return (
    <>
      <FateTable rows={data.crews} whatOf={whatOf} />
      <p>{t("crew-taking")}</p>
      <Fault words={fault} />
      <Button justifySelf="start" variant="solid" disabled={busy || taken === 0} onClick={() => void take()}>
        {t("crew-take", { count: taken })}
      </Button>
    </>
  );
}

function givenOf({ table }: ReadList, mapping: ReturnType<typeof crewMapping>): GivenCrews {
  const columns = crewColumns.filter((column) => mapping[column] !== undefined);
  return {
    columns,
    rows: table.rows.map(({ line, cells }) => ({
      line,
      cells: columns.map((column) => (cells[mapping[column] ?? -1] ?? "").slice(0, 500)),
    })),
  };
}

/** What becomes of a charter's crew in words: who comes and goes, or what keeps it from being taken. */
function useCrewWords(): (crew: CrewView) => string[] {
  const t = useTranslations("imports");
  return ({ fate, yacht, people, aboard, added, gone, changed, faults }) => {
    if (fate === "refused")
      return faults.map(({ line, column, what, text }) =>
        t(`crew-fault-${what}`, { line, column: t(`crew-column-${column}`), text }),
      );
    if (fate === "same") return [];
    return [
      t("crew-people", { yacht, people, aboard }),
      ...(added.length > 0 ? [t("crew-added", { names: added.join(", ") })] : []),
      ...(gone.length > 0 ? [t("crew-gone", { names: gone.join(", ") })] : []),
      ...(changed.length > 0 ? [t("crew-changed", { names: changed.join(", ") })] : []),
    ];
  };
}
