"use client";
import { v7 as uuid } from "uuid";
import { editDraft } from "@/api/drafts";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { ruledStops } from "@/core/briefing/stops/rules";
import { walkInput } from "@/core/briefing/stops/walk-input";
import { walkOrders, type WalkOrder } from "@/core/briefing/walk/schema";
import type { YachtFile } from "@/core/yacht/schema";
import { Choice } from "@/ui/Choice";
import { useRequest } from "../api/useRequest";
import { usePlan } from "../walk/usePlan";
import { Fault } from "./shared/Fault";
import { StopTable } from "./StopTable";

type Stops = YachtFile["stops"];

/** The planned walk of a yacht at the desk: minutes and pins are changed here, checked against what depends on what, and put into her draft. */
export function WalkTuning({ slug, file, mayEdit }: { slug: string; file: YachtFile; mayEdit: boolean }) {
  const t = useTranslations("tune");
  const all = useTranslations();
  const router = useRouter();
  const [stops, setStops] = useState<Stops>(file.stops);
  const [order, setOrder] = useState<WalkOrder>("deck-first");
  const { request, fault, busy } = useRequest();
  const tuned = useMemo(() => ({ ...file, stops }), [file, stops]);
  const planned = usePlan(useMemo(() => walkInput(tuned, order), [tuned, order]));
  const waits = useMemo(
    () =>
      new Map(
        ruledStops({
          ...tuned,
          stops: Object.fromEntries(Object.entries(stops).map(([id, { pin: _pin, ...stop }]) => [id, stop])),
        }).map((each) => [each.id, [...each.after]]),
      ),
    [tuned, stops],
  );
  const sequence = planned.state === "planned" ? planned.plan.sequence : Object.keys(stops);
  const change = (id: string, field: Partial<Stops[string]>) => {
    const stop = stops[id];
    if (!stop) return;
    const next = { ...stop, ...field };
    if (next.pin === undefined) delete next.pin;
    setStops({ ...stops, [id]: next });
  };
  const changed = Object.keys(stops).filter(
    (id) => stops[id]?.minutes !== file.stops[id]?.minutes || stops[id]?.pin !== file.stops[id]?.pin,
  ).length;
  const keep = async () => {
    const edits = (["minutes", "pin"] as const).flatMap((field) =>
      Object.keys(stops).flatMap((id) => {
        const [from, to] = [file.stops[id]?.[field] ?? null, stops[id]?.[field] ?? null];
        return from === to ? [] : [{ id: uuid(), path: `/stops/${id}/${field}`, from, to, undoes: null, source: null }];
      }),
    );
    const kept = await request(editDraft, { params: { of: "yachts", slug }, body: { edits, after: 0, draft: null } });
    if (kept) router.push(`/fleet/${slug}/edit?view=publish`);
  };
  return (
    <chakra.main padding={{ base: "4", md: "5" }} display="grid" gap="4" alignContent="start">
      <Box>
        <h1>{t("title", { yacht: file.particulars.name })}</h1>
        <p>
          <Link href={`/fleet/${slug}`}>{file.particulars.name}</Link> · {t("words")}
        </p>
      </Box>
      <Choice
        label={all("walk.order")}
        value={order}
        options={walkOrders.map((each) => ({ value: each, word: all(`order.${each}`) }))}
        onChoose={setOrder}
      />
      <p role="status">
        {planned.state === "planning" && all("walk.planning")}
        {planned.state === "fault" && planned.fault}
        {planned.state === "planned" &&
          t("sum", {
            talk: Math.round(planned.plan.talkMinutes),
            seconds: Math.round(planned.plan.walkSeconds),
            bound: Math.round(planned.plan.boundSeconds),
            best: String(planned.plan.optimal),
          })}
      </p>
      <StopTable {...{ file, stops, sequence, waits }} onChange={change} />
      {mayEdit ? (
        <Box display="grid" gap="3" maxWidth="40rem" justifyItems="start">
          <Fault words={fault} />
          <Button variant="solid" disabled={changed === 0 || busy} onClick={() => void keep()}>
            {t("into-draft", { changed })}
          </Button>
        </Box>
      ) : (
        <p>{all("publish.not-yours")}</p>
      )}
    </chakra.main>
  );
}
