"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { tellHookAgain } from "@/api/programs";
import type { HookCallView, ProgramsView } from "@/api/schemas/programs";
import { useRequest } from "../../api/useRequest";
import { useReadAt } from "../feeds/useReadAt";
import { DeskPart } from "../shared/DeskPart";
import { Fault } from "../shared/Fault";

/** What was told last, to whom, and how it stands; what was given up can be told again. */
export function HookCalls({ calls, timeZone }: Pick<ProgramsView, "calls" | "timeZone">) {
  const t = useTranslations("programs");
  const at = useReadAt(timeZone);
  const { request, busy, fault } = useRequest();
  const state = ({ state: stands, calls: count, detail }: HookCallView) =>
    stands === null ? t("state-waiting") : t(`state-${stands}`, { detail, calls: count, why: t("why", { detail }) });
  return (
    <DeskPart title={t("calls")}>
      <Fault words={fault} />
      {calls.length === 0 ? (
        <p>{t("no-calls")}</p>
      ) : (
        <Box overflowX="auto">
          <chakra.table width="100%" borderCollapse="collapse" aria-label={t("calls")}>
            <thead>
              <tr>
                {(["at", "what", "to", "state"] as const).map((column) => (
                  <chakra.th key={column} textAlign="left" padding="2">
                    {t(`column-${column}`)}
                  </chakra.th>
                ))}
                <th />
              </tr>
            </thead>
            <tbody>
              {calls.map((call) => (
                <chakra.tr key={call.id} borderTopWidth="1px" borderTopStyle="solid" borderColor="line">
                  <chakra.td padding="2">{at(call.at)}</chakra.td>
                  <chakra.td padding="2">
                    {t("what", { charter: call.charter ?? "none", kind: t(`kind-${call.kind}`) })}
                  </chakra.td>
                  <chakra.td padding="2">{call.hook}</chakra.td>
                  <chakra.td
                    padding="2"
                    color={call.state === "given-up" ? "alarmInk" : undefined}
                    fontWeight={call.state === "given-up" ? "600" : undefined}
                  >
                    {state(call)}
                  </chakra.td>
                  <chakra.td padding="2" textAlign="right">
                    {(call.state === "failed" || call.state === "given-up") && !call.isEnded && (
                      <Button disabled={busy} onClick={() => void request(tellHookAgain, { params: { id: call.id } })}>
                        {t("again")}
                      </Button>
                    )}
                  </chakra.td>
                </chakra.tr>
              ))}
            </tbody>
          </chakra.table>
        </Box>
      )}
    </DeskPart>
  );
}
