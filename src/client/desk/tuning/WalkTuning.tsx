"use client";
import { editDraft } from "@/api/drafts";
import { Box, Button, chakra } from "@chakra-ui/react";
import Link from "next/link";
import { useTranslations } from "next-intl";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { walkInput } from "@/core/briefing/stops/walk-input";
import { walkOrders, type WalkOrder } from "@/core/briefing/walk/schema";
import type { YachtFile } from "@/core/yacht/schema";
import { Segments } from "@/ui/kit/Segments";
import { useRequest } from "../../api/useRequest";
import { usePlan } from "../../walk/usePlan";
import { Fault } from "../shared/Fault";
import { changeStop, editsOf, moveStop, placesOnWalk, waitsByRule } from "./draft";
import { StopRows } from "./StopRows";
import { TunedPlan } from "./TunedPlan";

/** The planned walk of a yacht at the desk, drawn on her plan: minutes, pins and places are changed here, checked against what depends on what, and put into her draft. */
export function WalkTuning({ slug, file, mayEdit }: { slug: string; file: YachtFile; mayEdit: boolean }) {
  const t = useTranslations("tune");
  const all = useTranslations();
  const router = useRouter();
  const [stops, setStops] = useState(file.stops);
  const [order, setOrder] = useState<WalkOrder>("deck-first");
  const [place, setPlace] = useState<string | null>(null);
  const { request, fault, busy } = useRequest();
  const tuned = useMemo(() => ({ ...file, stops }), [file, stops]);
  const planned = usePlan(useMemo(() => walkInput(tuned, order), [tuned, order]));
  const waits = useMemo(() => waitsByRule(tuned), [tuned]);
  const sequence = planned.state === "planned" ? planned.plan.sequence : Object.keys(stops);
  const edits = editsOf(file.stops, stops);
  const keep = async () => {
    const kept = await request(editDraft, { params: { of: "yachts", slug }, body: { edits, after: 0, draft: null } });
    if (kept) router.push(`/fleet/${slug}/edit?view=publish`);
  };
  return (
    <chakra.main display="grid" gridTemplateColumns={{ base: "1fr", lg: "360px minmax(0, 1fr)" }} alignItems="start">
      <TunedPlan file={file} walk={placesOnWalk(stops, sequence)} lit={place} />
      <Box padding={{ base: "4", md: "5" }} display="grid" gap="3">
        <Box>
          <h1>{t("title", { yacht: file.particulars.name })}</h1>
          <p>
            <Link href={`/fleet/${slug}`}>{file.particulars.name}</Link> · {t("words")}
          </p>
        </Box>
        <Box display="flex" flexWrap="wrap" gap="3" alignItems="center">
          <Segments
            label={all("walk.order")}
            value={order}
            options={walkOrders.map((each) => ({ value: each, word: all(`order.${each}`) }))}
            onChoose={setOrder}
          />
          {mayEdit && (
            <>
              <Button variant="solid" disabled={edits.length === 0 || busy} onClick={() => void keep()}>
                {t("into-draft", { changed: edits.length })}
              </Button>
              {edits.length > 0 && <Button onClick={() => setStops(file.stops)}>{t("as-before")}</Button>}
            </>
          )}
        </Box>
        <Fault words={fault} />
        {!mayEdit && <p>{all("publish.not-yours")}</p>}
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
        <StopRows
          {...{ file, stops, sequence, waits }}
          disabled={!mayEdit}
          onChange={(id, change) => setStops(changeStop(stops, id, change))}
          onMove={(from, to) => setStops(moveStop(stops, sequence, from, to))}
          onLook={setPlace}
        />
      </Box>
    </chakra.main>
  );
}
