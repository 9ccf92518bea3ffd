"use client";
import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useTranslations } from "next-intl";
import { sendFault, watchDrills } from "@/api/drills";
import type { OpenDrill } from "@/api/schemas/drills";
import { localize } from "@/core/basics/words";
import { deviceOf } from "@/core/drills/run";
import { drillsOf, type HerDrill } from "@/core/drills/hers";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { call } from "../../api/call";
import { useRequest } from "../../api/useRequest";
import { WithDrillWords } from "../../drills/DrillWords";
import { toldWords, useDrillWords } from "../../drills/words";
import styles from "../shared/Desk.module.css";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";

/** How often it is asked, ms: while a drill is open, and while none is. */
const openMs = 1500;
const idleMs = 5000;
/** So much of what has been is shown: the newest. */
const mostShown = 6;

interface Props {
  stayId: string;
  file: YachtFile;
}

/** The drills that are open just now on this crew's devices: who briefs looks on, and gives one a fault. */
export function OpenDrills({ stayId, file }: Props) {
  const t = useTranslations("briefing-sheet");
  const { data } = useQuery({
    queryKey: ["open-drills", stayId],
    queryFn: () => call(watchDrills, { params: { id: stayId } }),
    refetchInterval: ({ state }) => ((state.data?.drills.length ?? 0) > 0 ? openMs : idleMs),
    retry: false,
  });
  const hers = drillsOf(file);
  const open = (data?.drills ?? []).flatMap((each) => {
    const drill = hers.find(({ key }) => key === each.worked.drill);
    return drill ? [{ each, drill }] : [];
  });
  return (
    <DeskPart title={t("open-drills")}>
      {open.length === 0 && <p>{t("no-open-drill")}</p>}
      <WithDrillWords>
        {open.map(({ each, drill }) => (
          <Watched key={each.panel} {...{ stayId, each, drill }} />
        ))}
      </WithDrillWords>
    </DeskPart>
  );
}

function Watched({ stayId, each, drill }: { stayId: string; each: OpenDrill; drill: HerDrill }) {
  const { worked, sent, panel } = each;
  const board = useTranslations("briefing-sheet");
  const { t } = useDrillWords(drill);
  const { request, fault, busy } = useRequest();
  const title = t(`drill-device.${drill.device as "engine"}`);
  const { faults } = deviceOf(drill.device);
  const send = (what: string | null) =>
    void request(sendFault, { params: { id: stayId }, body: { panel, fault: what } });
  return (
    <article aria-label={title}>
      <h3>{drill.part ? t("drill.of-part", { title, part: localize(drill.part) }) : title}</h3>
      <p role="status">
        {[
          t(`drill-task.${worked.task as "lower"}`),
          board("drill-stands", {
            stands: worked.isShown ? "shown" : worked.isOver ? "over" : worked.isDone ? "done" : "under",
            seconds: worked.seconds,
          }),
        ].join(" ")}
      </p>
      <ul className={styles.points}>
        {worked.told.slice(0, mostShown).map((what) => (
          <li key={`${what.at} ${what.code} ${what.side ?? ""}`}>
            {what.isMistake
              ? board("drill-mistake", { seconds: Math.floor(what.at), what: toldWords(t, drill.device, what) })
              : board("drill-event", { seconds: Math.floor(what.at), what: toldWords(t, drill.device, what) })}
          </li>
        ))}
      </ul>
      {faults.length > 0 && (
        <Box role="group" aria-label={board("give-fault")} display="flex" flexWrap="wrap" gap="2">
          {faults.map((name) => (
            <Button
              key={name}
              look={sent?.fault === name ? "chosen" : "plain"}
              aria-pressed={sent?.fault === name}
              disabled={busy}
              onClick={() => send(name)}
            >
              {t(`drill-fault.${drill.device}_${name}` as "drill-fault.gas_leak")}
            </Button>
          ))}
          {sent && sent.fault !== null && (
            <Button look="quiet" disabled={busy} onClick={() => send(null)}>
              {board("take-fault-away")}
            </Button>
          )}
        </Box>
      )}
      {sent && sent.number !== worked.took && <p role="status">{board("fault-under-way")}</p>}
      <Fault words={fault} />
    </article>
  );
}
